"use client";
import { useEffect, useRef, useState } from "react";
import { LONGEST_PASTE } from "@/core/units/limits";
import { Button } from "@/ui/primitives";
import { cancelReading } from "@/workers/textClient";
import * as say from "@/words/screens/job/useReading";

export interface Reading<Result> {
  /** What was made of the text as it stands; null while it is read, empty, or too long. */
  readonly result: Result | null;
  /** Share read so far, 0 to 1; null while nothing is read. */
  readonly share: number | null;
  readonly tooLong: number | null;
  readonly cancelled: boolean;
  readonly cancel: () => void;
}

/** How long the hand rests before a text is read anew, ms. */
const REST_MS = 120;

/** Reads a pasted text in a worker, in slices, whenever it has changed and the hand rests. */
export function useReading<Result>(
  text: string,
  read: (text: string, tell: (share: number) => void) => Promise<Result | null>,
): Reading<Result> {
  const [state, setState] = useState<{
    readonly of: string;
    readonly result: Result | null;
    readonly cancelled: boolean;
  }>({
    of: "",
    result: null,
    cancelled: false,
  });
  const [share, setShare] = useState<number | null>(null);
  const latest = useRef(read);
  useEffect(() => {
    latest.current = read;
  });
  const tooLong = text.length > LONGEST_PASTE ? text.length : null;
  useEffect(() => {
    if (text.trim() === "" || tooLong !== null) return;
    let gone = false;
    const rest = setTimeout(() => {
      const tell = (part: number) => {
        if (!gone) setShare(part);
      };
      void latest.current(text, tell).then((result) => {
        if (gone) return;
        setShare(null);
        if (result !== null) setState({ of: text, result, cancelled: false });
      });
    }, REST_MS);
    return () => {
      gone = true;
      clearTimeout(rest);
      setShare(null);
    };
  }, [text, tooLong]);
  const isOf = state.of === text;
  return {
    result: isOf ? state.result : null,
    share,
    tooLong,
    cancelled: isOf && state.cancelled,
    cancel: () => {
      cancelReading();
      setShare(null);
      setState({ of: text, result: null, cancelled: true });
    },
  };
}

/** How far a long text is read, with a way to stop; and what is wrong with one that is too long. */
export function ReadingProgress({ reading }: { readonly reading: Reading<unknown> }) {
  if (reading.tooLong !== null)
    return (
      <p role="alert" className="mt-1 text-[0.9rem] text-breach">
        <span aria-hidden="true">▲ </span>
        {say.thatIs}
        {reading.tooLong}
        {say.charactersUpTo}
        {LONGEST_PASTE}
        {say.areReadAtOnce}
      </p>
    );
  if (reading.cancelled) return <p className="mt-1 text-[0.9rem] text-quiet">{say.readingStoppedChangeThe}</p>;
  if (reading.share === null) return null;
  return (
    <div className="mt-1 flex items-center gap-3 text-[0.9rem] text-quiet">
      <progress value={reading.share} aria-label={say.readSoFar} />
      <span>{say.useReadingRead(Math.round(100 * reading.share))}</span>
      <Button weight="quiet" onClick={reading.cancel}>
        {say.stop}
      </Button>
    </div>
  );
}
