import type { Paper } from "@/core/record";
import { measuredFigures } from "./measuredFigures";

/** What was measured and still stands, for the next visit to be held against. */
export function MeasuredFigures({ paper }: { readonly paper: Paper }) {
  const figures = measuredFigures(paper);
  return figures === null ? null : <p className="mt-1 text-[0.85rem] text-quiet">{figures}</p>;
}
