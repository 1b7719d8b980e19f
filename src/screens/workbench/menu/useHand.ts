"use client";
import { useMemo, useState } from "react";

/** What the hand is at in the drawing of a menu: one entry open, told by its name. */
export interface Hand {
  readonly open: string | null;
  readonly onOpen: (name: string | null) => void;
  /** The open entry is called otherwise from now on; it stays the same one on screen. */
  readonly onRenamed: (was: string, is: string) => void;
  /** What an entry is known by on screen, whatever it is called since. */
  readonly keyOf: (name: string) => string;
}

export function useHand(): Hand {
  const [open, setOpen] = useState<string | null>(null);
  const [firstNames, setFirstNames] = useState<ReadonlyMap<string, string>>(new Map());
  return useMemo(
    () => ({
      open,
      onOpen: setOpen,
      onRenamed: (was, is) => {
        setFirstNames((known) => new Map([...known, [is, known.get(was) ?? was]]));
        setOpen(is);
      },
      keyOf: (name) => firstNames.get(name) ?? name,
    }),
    [open, firstNames],
  );
}
