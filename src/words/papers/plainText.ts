/** The papers as plain text, to send: the same rows, one below the other. */
import type { DisplayProfile } from "@/core/display";
import type { Paper } from "@/core/record";
import { keyNames } from "../keys";
import { ownersKeys } from "./keysSaid";
import type { CardRow, LevelRow } from "./ownersContent";
import type { PaperWords } from "./paperWords";
import type { SaidStep } from "./wayBackSaid";
import { ticketNumber } from "@/core/units/ticketNumber";

const heading = (text: string): readonly string[] => ["", text.toUpperCase()];

/** Whose papers they are, and how far their values can be trusted. */
export function headText({ job, workings, standing }: Paper, words: PaperWords): readonly string[] {
  const { bike } = workings;
  const stamp = words.stamps[standing];
  return [
    `${bike.nickname || words.newBike} · ${ticketNumber(job.number)}` + (job.profile ? ` · ${job.profile.name}` : ""),
    ...(job.handedOverAt ? [words.day(job.handedOverAt)] : []),
    ...(stamp ? [`*** ${stamp.toUpperCase()} ***`] : []),
    ...(workings.choice?.rule.publicRoad === false ? [`*** ${words.notForRoads.toUpperCase()} ***`] : []),
    ...(words.unchecked ? [words.unchecked] : []),
  ];
}

export interface OwnersText {
  readonly rows: readonly CardRow[];
  /** What the table of levels is headed with: how far it can be trusted stands in it. */
  readonly levelsHead: string;
  readonly levels: readonly LevelRow[];
  readonly codes: readonly (readonly [string, string, string])[];
  readonly notes: readonly string[];
  readonly handOverNote: string;
}

/** The owner's card as text. */
export const ownersText = (profile: DisplayProfile, text: OwnersText, words: PaperWords): readonly string[] => [
  words.title.toUpperCase(),
  ...text.rows.map(({ term, says }) => `${term}: ${says}`),
  ...(text.levels.length > 0 ? heading(text.levelsHead) : []),
  ...text.levels.map(({ level, steady, range }) => `${level}: ${steady}, ${range}`),
  ...heading(words.keys),
  ...ownersKeys(profile, words).map(({ rule, words: said }) => `${keyNames(profile, rule.keys)} ${said}`),
  ...(text.codes.length > 0 ? heading(words.codes) : []),
  ...text.codes.map(([code, means, first]) => `${code}: ${means}; ${first}`),
  ...(text.handOverNote.trim() === "" ? [] : ["", text.handOverNote.trim()]),
  "",
  ...text.notes,
];

/** Care and limits as text. */
export const careText = ({ care }: PaperWords): readonly string[] => [
  care.title.toUpperCase(),
  care.stale,
  ...care.rules.map((rule) => `- ${rule}`),
];

/** A way through the menu as text: what it leads to, its keys, what is to be proven after it. */
export const wayText = (
  steps: readonly SaidStep[],
  intro: { readonly title: string; readonly keys: string; readonly then: string },
  { wayBack }: PaperWords,
): readonly string[] => [
  intro.title.toUpperCase(),
  ...(steps.length === 0
    ? [wayBack.nothing]
    : [intro.keys, ...steps.map(({ step, keys }, i) => `${i + 1}. ${step}: ${keys}`), intro.then]),
];
