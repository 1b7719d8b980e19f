"use client";
import { useState } from "react";
import { gathered, partsIn, withParts } from "@/core/book/travel";
import { isTravelSheet, readTravelSheet, type TravelReading } from "@/core/record/travelSheet";

/**
 * Codes read one after another, by a camera, by a scanner that types, or pasted: what they come to so far.
 * @param onWhole called with the text of a job once all its parts are there
 */
export function useCodes(onWhole: (text: string) => void) {
  const [read, setRead] = useState<readonly string[]>([]);
  const [typed, setTyped] = useState("");
  const [sheet, setSheet] = useState<TravelReading | null>(null);
  const { parts, begun } = partsIn(isTravelSheet(typed) ? "" : typed);
  const startAgain = () => {
    setRead([]);
    setTyped("");
    setSheet(null);
  };
  const take = (texts: readonly string[]) => {
    const all = withParts(read, texts);
    const now = gathered(all);
    if (now.kind !== "whole") return setRead(all);
    startAgain();
    onWhole(now.text);
  };
  return {
    typed,
    sheet,
    begun,
    state: gathered([...new Set([...read, ...parts])]),
    isAnyRead: typed !== "" || read.length > 0,
    startAgain,
    type: (text: string): void => {
      setTyped(text);
      // The small code of a workshop sheet says all it holds at once.
      setSheet(isTravelSheet(text) ? readTravelSheet(text) : null);
      take(partsIn(text).parts);
    },
    /** A code of something else, or one read badly, is looked past: the camera sees the next one at once. */
    scan: (text: string): void => {
      if (isTravelSheet(text)) setSheet(readTravelSheet(text));
      else take([text]);
    },
  };
}
