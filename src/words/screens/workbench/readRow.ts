// The words of screens/workbench/ReadRow.
import type { Tokens } from "@/core/display/leaflet/tokens";

export const youSaidSo = "you said so";
export const whatLineSets = (code: string) => `What line ${code} sets`;
export const notKnown = "not known";
export const restsOn = (words: readonly string[]) => `rests on ${words.map((word) => `“${word}”`).join(", ")}`;
/** How many of such lines were right so far. */
export const ofSuch = (likely: number) => `${Math.round(likely * 100)} of 100 such lines were right`;
export const makersValue = (shown: string) => `maker’s value ${shown}`;
export const anAction = "an action, no value";
export const noSettingHere = (what: string) => `${what}: no setting here`;

const marked = (shows: string, text: string) => (shows === text ? shows : `${shows} ${text}`);

/** What a text says a line can show, before anything is taken. */
export function valuesText({ span, options, listed, noneAt, direction, condition }: Tokens): string {
  const range = span ? `${span.min.toFixed(span.decimals)} to ${span.max.toFixed(span.decimals)}` : "";
  const parts = [
    range,
    span?.step ? `in steps of ${span.step}` : "",
    listed.join(" · "),
    options.map((each) => marked(each.shows, each.text)).join(" · "),
    noneAt === null ? "" : `${noneAt} stands for none`,
  ].filter((part) => part !== "");
  return [
    parts.length > 0 ? parts.join("; ") : "no values read",
    direction ? `a larger number is ${direction.larger} (“${direction.says}”)` : "",
    condition ? `“${condition}”` : "",
  ]
    .filter((part) => part !== "")
    .join("; ");
}
