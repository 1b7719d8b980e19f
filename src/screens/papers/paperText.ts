/** The papers as one plain text, to send: those that are chosen, one below the other. */
import type { KeyWork, Paper } from "@/core/record";
import { findingText } from "@/words";
import { CAUTION_WORDS } from "@/words/cautionWords";
import {
  cardNotes,
  cardStanding,
  classSaid,
  codeWords,
  levelRows,
  levelsHead,
  ownersRows,
} from "@/words/papers/ownersContent";
import type { PaperWords } from "@/words/papers/paperWords";
import { careText, headText, ownersText, wayText } from "@/words/papers/plainText";
import { decidedSaid, labelSaid, sheetLines, sheetNotes } from "@/words/papers/sheetSaid";
import { wayIntro, waySaid } from "@/words/papers/wayBackSaid";
import * as label from "@/words/screens/papers/classLabel";
import * as against from "@/words/screens/papers/standsAgainst";
import * as say from "@/words/screens/papers/workshopSheet";
import type { PaperNeeds } from "@/workers/keys.worker";
import { voiceOf } from "../job/voice";
import { codesOf } from "./codes";
import { measuredFigures } from "./measuredFigures";

/** A paper that can be sent as text. */
export type PaperKind = "sheet" | "card" | "way" | "road" | "label" | "care";

export interface PaperTexts {
  readonly paper: Paper;
  readonly needs: Pick<PaperNeeds, "owners" | "road" | "cautions">;
  /** Keys back to how it was found; null where there are none. */
  readonly back: KeyWork | null;
  readonly words: PaperWords;
}

type Saying = (texts: PaperTexts) => readonly string[];

/** Every line as found, planned and left, why, what was measured, what stands against it, and the seals. */
function sheetText({ paper, needs }: PaperTexts): readonly string[] {
  const { workings, standing } = paper;
  const voice = voiceOf(workings);
  const notes = sheetNotes(paper);
  const isSet = standing !== "planned-not-set";
  const measured = isSet ? measuredFigures(paper) : null;
  return [
    say.workshopSheet.toUpperCase(),
    ...sheetLines(paper, voice).map(
      ({ code, sets, found, planned, left, why }) =>
        `${code} ${sets}: ${say.asFound.toLowerCase()} ${found}; ` +
        `${(isSet ? say.planned : say.plannedNotSet).toLowerCase()} ${planned}; ` +
        `${isSet ? `${say.asLeft.toLowerCase()} ${left}; ` : ""}${why}`,
    ),
    notes.stands,
    ...(measured === null ? [] : [measured]),
    ...(isSet && workings.against.length > 0
      ? [
          against.standsAgainstIt,
          ...workings.against.map(({ message }) => `- ${findingText(message, voice)}`),
          decidedSaid(paper),
        ]
      : []),
    ...(notes.against === null ? [] : [notes.against]),
    needs.cautions.map((caution) => CAUTION_WORDS[caution]).join(" "),
    notes.checkedBy,
    ...notes.seals.map(({ says }) => says),
  ];
}

function cardText({ paper, needs: { owners }, words }: PaperTexts): readonly string[] {
  const { job, workings } = paper;
  const { profile } = job;
  const { unit } = voiceOf(workings);
  const said = classSaid(paper, words, unit);
  if (!profile) return [];
  const content = {
    rows: ownersRows(owners, words, unit),
    levelsHead: levelsHead(owners, words),
    levels: levelRows(owners, words, unit),
    codes: codesOf(profile).map((code) => codeWords(code, words)),
    notes: [
      ...cardNotes(words, cardStanding(paper, owners)),
      ...(said ? [`${said.before} ${said.name ?? ""}${said.behind}`] : []),
    ],
    handOverNote: job.handOverNote,
  };
  return ownersText(profile, content, words);
}

function keysText({ paper, words }: PaperTexts, work: KeyWork | null, toRoad?: string): readonly string[] {
  const { profile } = paper.job;
  return profile && work?.plan.ok ? wayText(waySaid(profile, work, words), wayIntro(work, words, toRoad), words) : [];
}

function labelText({ paper }: PaperTexts): readonly string[] {
  const said = labelSaid(paper, voiceOf(paper.workings));
  return said
    ? [
        label.classLabel.toUpperCase(),
        said.name,
        ...(said.offRoad === null ? [] : [said.offRoad]),
        said.figures,
        said.checked,
      ]
    : [];
}

const SAYINGS: Readonly<Record<PaperKind, Saying>> = {
  sheet: sheetText,
  card: cardText,
  way: (texts) => keysText(texts, texts.back),
  road: (texts) => keysText(texts, texts.needs.road, texts.paper.job.classChoice.roadClass?.name),
  label: labelText,
  care: ({ words }) => careText(words),
};

/** These papers as text, one below the other; one that has nothing to say is left out. */
export const textOf = (texts: PaperTexts, kinds: readonly PaperKind[]): string =>
  [headText(texts.paper, texts.words), ...kinds.map((kind) => SAYINGS[kind](texts)).filter((lines) => lines.length > 0)]
    .map((lines) => lines.join("\n"))
    .join("\n\n");
