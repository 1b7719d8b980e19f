"use client";
import { useEffect, useState } from "react";
import { LONGEST_TYPED } from "@/core/units/limits";

export interface Draft {
  /** What stands in the field. */
  readonly text: string;
  /** Takes what stands in the field now. A text longer than the field takes is refused whole; `false` then. */
  readonly type: (text: string) => boolean;
  /** How long a refused text was; null while none was. */
  readonly refused: number | null;
}

interface State {
  /** What is edited. */
  readonly of: string;
  readonly draft: string | null;
  /** Texts handed over since the draft began, and the one before: their echo is no other hand's. */
  readonly mine: readonly string[];
  /** Whether what is kept has been the draft since the last key. */
  readonly heard: boolean;
  readonly refused: number | null;
}

const NO_DRAFT = { draft: null, mine: [], heard: false, refused: null } as const;

/** How long after the last key an echo of an earlier one may still come, ms. */
const ECHO_MS = 2000;

/**
 * What stands in a field between a key and its being kept. The draft belongs to what is edited (`of`): another line is
 * another draft. It stands until what is kept has said the same for a while, and gives way only to what somebody else
 * kept meanwhile. For a while: a text typed anew passes through what it was, and what was typed on the way there is
 * still to be echoed.
 */
export function useDraft(of: string, kept: string, onKeep: (typed: string) => void, longest = LONGEST_TYPED): Draft {
  const [state, setState] = useState<State>({ of, ...NO_DRAFT });
  const current: State = state.of === of ? state : { of, ...NO_DRAFT };
  const { draft, mine, heard } = current;
  // What is kept has said the same, since the last key.
  if (!heard && draft !== null && kept === draft) setState({ ...current, heard: true });
  // Nothing more is to come, or an undoing put back what was typed before: the draft has done its work.
  useEffect(() => {
    if (!heard) return undefined;
    const timer = setTimeout(() => setState((now) => ({ ...now, draft: null, mine: [], heard: false })), ECHO_MS);
    return () => clearTimeout(timer);
  }, [heard, draft, kept]);
  // Kept otherwise by another window.
  const isOver = draft !== null && !mine.includes(kept);
  if (isOver) setState({ ...current, draft: null, mine: [], heard: false });
  return {
    text: isOver ? kept : (draft ?? kept),
    refused: current.refused,
    type: (text) => {
      if (text.length > longest) {
        setState({ ...current, refused: text.length });
        return false;
      }
      setState({ of, draft: text, mine: [...(draft === null ? [kept] : mine), text], heard: false, refused: null });
      onKeep(text);
      return true;
    },
  };
}
