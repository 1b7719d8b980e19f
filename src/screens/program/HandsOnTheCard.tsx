"use client";
import { useEffect, type RefObject } from "react";
import { HandsAtIt } from "@/ui/besideTheBike/HandsAtIt";
import { useAwake } from "@/ui/besideTheBike/useAwake";
import type { Card } from "./useCard";

/** Any hand or foot at the card, and the screen lit while it is open. */
export function HandsOnTheCard({
  hands,
  place,
}: Pick<Card, "hands"> & { readonly place: RefObject<HTMLElement | null> }) {
  const { onThere, ...rest } = hands;
  useAwake(true);
  useEffect(() => {
    onThere(true);
    return () => onThere(false);
  }, [onThere]);
  return <HandsAtIt {...rest} place={place} />;
}
