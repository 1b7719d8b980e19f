"use client";
import { useEffect, useState } from "react";
import { LONGEST_TYPED } from "@/core/units/limits";
import { met, NO_DRAFT, textIn, typedInto, type DraftState } from "./draft";

export interface Draft {
  /** What stands in the field. */
  readonly text: string;
  /** Takes what stands in the field now. A text longer than the field takes is refused whole; `false` then. */
  readonly type: (text: string) => boolean;
  /** How long a refused text was; null while none was. */
  readonly refused: number | null;
}

interface State extends DraftState {
  /** What is edited. */
  readonly of: string;
  readonly refused: number | null;
}

/** How long after the last key an echo of an earlier one may still come, ms. */
const ECHO_MS = 2000;

/**
 * What stands in a field between a key and its being kept. The draft belongs to what is edited (`of`): another line is
 * another draft. It stands until what is kept has said the same for a while, and gives way only to what somebody else
 * kept meanwhile.
 */
export function useDraft(of: string, kept: string, onKeep: (typed: string) => void, longest = LONGEST_TYPED): Draft {
  const [state, setState] = useState<State>({ of, ...NO_DRAFT, refused: null });
  const current: State = state.of === of ? state : { of, ...NO_DRAFT, refused: null };
  const now = met(current, kept);
  if (now !== current) setState({ ...current, ...now });
  // No more echoes are to come, or an undoing put back what was typed before: the draft has done its work.
  useEffect(() => {
    if (!now.heard) return undefined;
    const timer = setTimeout(() => setState((last) => ({ ...last, ...NO_DRAFT })), ECHO_MS);
    return () => clearTimeout(timer);
  }, [now.heard, now.draft, kept]);
  return {
    text: textIn(now, kept),
    refused: current.refused,
    type: (text) => {
      if (text.length > longest) {
        setState({ ...current, refused: text.length });
        return false;
      }
      setState({ of, ...typedInto(now, text, kept), refused: null });
      onKeep(text);
      return true;
    },
  };
}
