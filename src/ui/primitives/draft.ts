/**
 * What stands in a field between a key and its being kept: a draft, and which of the texts that come back as kept are
 * only echoes of it. A text typed anew may pass through what it was before, and through what it was a moment ago; so a
 * draft is not over when what is kept says the same, but when it has said so and nothing more has come.
 */
export interface DraftState {
  readonly draft: string | null;
  /** Texts handed over since the draft began, and the one kept before: their echo is no other hand's. */
  readonly mine: readonly string[];
  /** Whether what is kept has been the draft since the last key. */
  readonly heard: boolean;
}

export const NO_DRAFT: DraftState = { draft: null, mine: [], heard: false };

/** The draft after a key, with what was kept when it went down. */
export const typedInto = ({ draft, mine }: DraftState, text: string, kept: string): DraftState => ({
  draft: text,
  mine: [...(draft === null ? [kept] : mine), text],
  heard: false,
});

/** The draft as it meets what is kept: heard, or given up for what another hand kept. The same one where neither is. */
export function met(state: DraftState, kept: string): DraftState {
  const { draft, mine, heard } = state;
  if (draft === null) return state;
  // What stood there before the first key, come back once the last one was kept, was taken back.
  if (!mine.includes(kept) || (heard && kept !== draft && mine.lastIndexOf(kept) === 0)) return NO_DRAFT;
  return !heard && kept === draft ? { ...state, heard: true } : state;
}

/** What stands in the field. */
export const textIn = ({ draft }: DraftState, kept: string): string => draft ?? kept;
