"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { CLASSES } from "@/catalog/classes/classes";
import type { ClassRule } from "@/core/law";
import { type OwnClass } from "@/store";
import { ownClasses, wholeClasses } from "@/store/classes";

const NONE: readonly OwnClass[] = [];

export interface KnownClasses {
  /** Every class a bike can leave in: those that ship, then the shop's own. */
  readonly all: readonly ClassRule[];
  /** The shop's own, as typed, whole or not. */
  readonly own: readonly OwnClass[];
}

/** The classes this copy knows; the shop's own come in as soon as they are read. */
export function useClasses(): KnownClasses {
  const own = useLiveQuery(() => ownClasses()) ?? NONE;
  return useMemo(() => ({ all: [...CLASSES, ...wholeClasses(own)], own }), [own]);
}
