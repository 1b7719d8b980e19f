"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import type { DisplayProfile } from "@/core/display";
import { ownDisplays } from "@/store";

export interface KnownDisplays {
  readonly shipped: readonly DisplayProfile[];
  readonly own: readonly DisplayProfile[];
  readonly all: readonly DisplayProfile[];
}

/** Every display this copy knows: those that ship and those described here. */
export function useDisplays(): KnownDisplays | null {
  const own = useLiveQuery(() => ownDisplays());
  return own ? { shipped: SHIPPED_DISPLAYS, own, all: [...SHIPPED_DISPLAYS, ...own] } : null;
}
