"use client";
import { useState } from "react";
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
  readonly refused: number | null;
}

/**
 * What stands in a field between a key and its being kept. The draft belongs to what is edited (`of`): another line is
 * another draft. It stands until what is kept says the same, and gives way only to what somebody else kept meanwhile.
 */
export function useDraft(of: string, kept: string, onKeep: (typed: string) => void, longest = LONGEST_TYPED): Draft {
  const [state, setState] = useState<State>({ of, draft: null, mine: [], refused: null });
  const current: State = state.of === of ? state : { of, draft: null, mine: [], refused: null };
  const { draft, mine } = current;
  // Kept at last, or kept otherwise by another window: the draft has done its work.
  const isOver = draft !== null && (kept === draft || !mine.includes(kept));
  if (isOver) setState({ ...current, draft: null, mine: [] });
  return {
    text: isOver ? kept : (draft ?? kept),
    refused: current.refused,
    type: (text) => {
      if (text.length > longest) {
        setState({ ...current, refused: text.length });
        return false;
      }
      setState({ of, draft: text, mine: [...(draft === null ? [kept] : mine), text], refused: null });
      onKeep(text);
      return true;
    },
  };
}
