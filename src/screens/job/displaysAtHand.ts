"use client";
import { loadShipped, SHIPPED_NAMES, type DisplayName } from "@/catalog/displays/names";
import type { DisplayProfile } from "@/core/display";
import { ownDisplay, ownDisplays } from "@/store";
import { useLiveQuery } from "dexie-react-hooks";

/** Descriptions a bike can be given: the shop's own among them. */
export interface DisplaysAtHand {
  readonly known: readonly DisplayName[];
  readonly own: readonly DisplayProfile[];
}

export function useDisplaysAtHand(): DisplaysAtHand {
  const own = useLiveQuery(() => ownDisplays()) ?? [];
  return { known: [...SHIPPED_NAMES, ...own], own };
}

/** A description by its id, the shop's own first; null where there is none. */
export const displayOf = async (id: string): Promise<DisplayProfile | null> =>
  (await ownDisplay(id)) ?? (await loadShipped(id));
