/**
 * The leaflet reader: text pasted in whatever shape, numbered lines, tables or prose, in six languages, comes out as
 * proposed lines, each with how sure the reader is and why not more. It says when it does not know; a wrong line
 * believed is worse than one left open. Stages, each data in and data out: carrier, normalise, segment, tokens and
 * makersValue, evidence, meanings, choosing, line and shape.
 */
import { drained } from "../../units/drained";
import { asWritten } from "./carrier";
import { chosenOf } from "./choosing";
import { lineOf, type Understood } from "./line";
import { mostAreStated, withStated } from "./makersValue";
import { candidatesOf } from "./meanings";
import type { KnownMenu } from "./prior";
import { normalised } from "./normalise";
import type { ReadLine } from "./readLine";
import { segmented } from "./segment";
import { tokensOf } from "./tokens";

export { GUESS_FROM } from "./line";
export type { KnownMenu } from "./prior";
export { readAs, type Doubt, type ReadLine, type Sureness } from "./readLine";

export interface LeafletReading {
  readonly lines: readonly ReadLine[];
  /** Rows nothing was made of. */
  readonly leftOver: readonly string[];
}

/** Share of the whole work that is done when the lines are found, and when what each can show is read. */
const DONE = { found: 0.4, shown: 0.7 } as const;

/**
 * Reads pasted text. Never fails: what cannot be made out is said to be unknown. `menus`: settings of the displays the
 * workshop has described.
 */
export const readLeaflet = (text: string, menus: readonly KnownMenu[] = []): LeafletReading =>
  drained(readingLeaflet(text, menus));

/** The same in steps, each telling what share of the work is done, so that a long text can be read in slices. */
export function* readingLeaflet(text: string, menus: readonly KnownMenu[] = []): Generator<number, LeafletReading> {
  const found = segmented(normalised(asWritten(text)));
  const { segments, leftOver, scanned } = found;
  yield DONE.found;
  const told = [];
  for (const { code, text: said, name } of segments) {
    told.push({ code, tokens: tokensOf(said, scanned, name) });
    yield DONE.found + ((DONE.shown - DONE.found) * told.length) / segments.length;
  }
  const tokens = withStated(told, found);
  const understood: Understood[] = [];
  for (const [i, segment] of segments.entries()) {
    const own = tokens[i];
    if (own) understood.push({ segment, tokens: own, candidates: candidatesOf(own, segment.under) });
    yield DONE.shown + ((1 - DONE.shown) * understood.length) / segments.length;
  }
  const chosen = chosenOf(understood, menus);
  const mostStated = mostAreStated(tokens);
  return { lines: understood.map((each, i) => lineOf(each, chosen[i] ?? null, mostStated)), leftOver };
}
