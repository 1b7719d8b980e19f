/** For tests: draws a part of a screen without a browser and reads it as it would be read out. */
import type { ReactElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { programOutlook, workOut, type Job, type Keys } from "@/core/record";
import type { DisplayProfile } from "@/core/display";
import type { KeysStageProps, StageProps } from "../job/stageProps";

const ENTITIES: Readonly<Record<string, string>> = { amp: "&", lt: "<", gt: ">", quot: '"', "#x27": "'" };
const BLOCKS =
  /<\/?(?:p|div|h\d|li|ol|ul|dl|dt|dd|section|article|header|aside|tr|table|label|button|summary)\b[^>]*>/g;

/** The words of a piece of markup, a line for every block. */
const wordsOf = (markup: string): string =>
  markup
    .replace(/<\/(?:td|th)>/g, " | ")
    .replace(BLOCKS, "\n")
    .replace(/<[^>]*>/g, "")
    .replace(/&(#x27|\w+);/g, (whole, name: string) => ENTITIES[name] ?? whole)
    .replace(/[^\S\n]+/g, " ")
    .replace(/ ?\n[\s]*/g, "\n")
    .trim();

/** What a part of a screen says, block by block. */
export const says = (part: ReactElement): string => wordsOf(renderToStaticMarkup(part));

/** The cells of a table's rows, by the first cell of each. */
export function rowsOf(part: ReactElement): ReadonlyMap<string, readonly string[]> {
  const rows = renderToStaticMarkup(part).match(/<tr\b.*?<\/tr>/gs) ?? [];
  const cells = rows.map((row) =>
    (row.match(/<t[dh]\b.*?<\/t[dh]>/gs) ?? []).map((cell) => wordsOf(cell).replace(/ \|$/, "")),
  );
  return new Map(cells.map(([first = "", ...rest]) => [first, rest] as const));
}

/** What a stage is given of a job that nobody changes. */
export function stageProps(job: Job): StageProps {
  const workings = workOut(job);
  return {
    job,
    workings,
    outlook: programOutlook(job, workings),
    change: () => Promise.resolve(null),
    line: "",
    setLine: () => undefined,
  };
}

/** The same for a stage whose keys are under way or done. */
export function keysStageProps(job: Job): KeysStageProps {
  const { profile, program } = job as Job & { readonly profile: DisplayProfile | null; readonly program: Keys | null };
  if (!profile || !program) throw new Error("no keys under way");
  return { ...stageProps(job), profile, program };
}
