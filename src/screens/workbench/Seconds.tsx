"use client";
import { useState } from "react";
import { typedNumber } from "@/core/units/typedNumber";
import { KeptField } from "@/ui/primitives";
import { plain } from "@/words";
import * as say from "@/words/screens/workbench/seconds";

interface SecondsProps {
  readonly label: string;
  readonly ms: number;
  /** Least and most it takes, s. */
  readonly least?: number;
  readonly most?: number;
  readonly onKeep: (ms: number) => void;
}

/** A time in seconds, kept in ms; one that does not fit stays as typed and says so. */
export function Seconds({ label, ms, least = 0.4, most = 30, onKeep }: SecondsProps) {
  const [kept, setKept] = useState<string | null>(null);
  const fits = (typed: string) => typed.trim() !== "" && typedNumber(typed) >= least && typedNumber(typed) <= most;
  return (
    <KeptField
      of={label}
      label={label}
      numeric
      unit="s"
      value={kept ?? plain(ms / 1000, 2)}
      onKeep={(typed) => {
        setKept(fits(typed) ? null : typed);
        if (fits(typed)) onKeep(Math.round(typedNumber(typed) * 1000));
      }}
      problem={kept !== null ? say.giveToS(least, most) : null}
    />
  );
}
