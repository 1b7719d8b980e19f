/** Last stage: what is believed of a line, how surely, and why not more. */
import type { SettingKey } from "../settings";
import { likelyRight } from "./calibration";
import { SURE_FROM } from "../unsure";
import { isSetting, type Candidate } from "./meanings";
import { GAPS, rawOfShown, type Doubt, type ReadLine } from "./readLine";
import { mayBeModified } from "./modifiers";
import type { Foreign } from "./lexicon/terms";
import type { Segment } from "./segment";
import { shaped, unknownShape, type Shaped } from "./shape";
import type { Tokens } from "./tokens";

/** A line as far as it was understood alone. */
export interface Understood {
  readonly segment: Segment;
  readonly tokens: Tokens;
  readonly candidates: readonly Candidate[];
}

/** From here on the reader offers a meaning as a guess. */
export const GUESS_FROM = 0.4;
/** Two meanings nearer to each other than this are one of two. */
const NEAR = 0.12;
/** No surer than this while something of the line may be missing or belong to nothing. */
const MOST_WITH_GAPS = 0.65;
/** Nothing is certain. */
const MOST = 0.99;
/** So many readings are told of where somebody asks. */
const MOST_CONSIDERED = 4;
/** How far a doubt about its values takes from a line. */
const TAKES: Readonly<Partial<Record<Doubt, number>>> = {
  "options-not-understood": 0.55,
  "no-range": 0.7,
  "default-not-in-range": 0.7,
};
interface Belief {
  readonly setting: SettingKey | null;
  readonly foreign: Foreign | null;
  readonly confidence: number;
  readonly doubts: readonly Doubt[];
  readonly because: readonly string[];
}

/** What it means: the chosen reading, held against the next best. */
function beliefOf(candidates: readonly Candidate[], chosen: Candidate | null): Belief {
  const [best] = candidates;
  const foreign = !chosen && best && !isSetting(best.meaning) ? best : null;
  if (foreign && !isSetting(foreign.meaning))
    return { setting: null, foreign: foreign.meaning, confidence: 0, doubts: [], because: foreign.because };
  if (!chosen || !isSetting(chosen.meaning))
    return { setting: null, foreign: null, confidence: 0, doubts: ["no-setting"], because: [] };
  const rival = candidates.find(({ meaning }) => meaning !== chosen.meaning)?.score ?? 0;
  const lead = chosen.score - rival;
  const confidence = Math.min(MOST, chosen.score) * Math.min(1, 0.6 + Math.max(0, lead)) * (lead < 0 ? 0.5 : 1);
  const isBelieved = confidence >= GUESS_FROM;
  const doubts: readonly Doubt[] = lead < NEAR ? ["two-settings"] : isBelieved ? [] : ["no-setting"];
  return {
    setting: isBelieved ? chosen.meaning : null,
    foreign: null,
    confidence,
    doubts,
    because: isBelieved ? chosen.because : [],
  };
}

/** What speaks against its being told whole. */
function gapsOf({ segment, tokens }: Understood, chosen: Candidate | null, mostStated: boolean): readonly Doubt[] {
  // Most lines state what the maker sets it to: where this one does not, something of it may be missing.
  const lacks = tokens.stated === null && mostStated && !tokens.readOnly;
  // Where few do, a number in brackets may be the code of the next.
  const isStray = tokens.isInBrackets && !mostStated;
  // Where lines go by codes, what stands for a word on the display is not told.
  const isUnmarked = segment.name === null && tokens.options.some(({ shows }) => !/\d/.test(shows));
  const isBroken =
    isUnmarked ||
    mayBeModified(tokens.name) ||
    tokens.noIdea ||
    tokens.isCutOff ||
    tokens.isMended ||
    segment.isEntangled ||
    lacks ||
    isStray ||
    chosen?.isContested === true;
  // A number nobody can place may change what all the others mean.
  return [
    ...(isBroken ? (["may-be-incomplete"] as const) : []),
    ...(tokens.unread.length > 0 ? (["numbers-left-over"] as const) : []),
  ];
}

/** A line put together from all that is known of it. */
export function lineOf(understood: Understood, chosen: Candidate | null, mostStated: boolean): ReadLine {
  const { segment, tokens, candidates } = understood;
  const { stated } = tokens;
  const belief = beliefOf(candidates, chosen);
  const shape: Shaped = belief.setting
    ? shaped(belief.setting, tokens)
    : { encoding: unknownShape(tokens), doubts: [] };
  const raw = stated === null ? null : rawOfShown(shape.encoding, stated);
  const isFixed = tokens.readOnly && !belief.setting;
  const ofMaker: readonly Doubt[] =
    stated === null ? (isFixed ? [] : ["no-default"]) : raw === null ? ["default-not-in-range"] : [];
  const doubts = [...belief.doubts, ...shape.doubts, ...ofMaker, ...gapsOf(understood, chosen, mostStated)];
  const taken = doubts.reduce((now, doubt) => now * (TAKES[doubt] ?? 1), belief.confidence);
  const confidence = doubts.some((doubt) => GAPS.has(doubt)) ? Math.min(taken, MOST_WITH_GAPS) : taken;
  const setting = shape.encoding.setting === null ? null : belief.setting;
  return {
    code: segment.code,
    text: segment.text.trim(),
    setting,
    foreign: belief.foreign,
    confidence,
    likely: likelyRight(confidence),
    sureness: setting === null ? "unknown" : confidence >= SURE_FROM ? "sure" : "guess",
    encoding: shape.encoding,
    factoryRaw: raw,
    doubts,
    because: distinct(belief.because),
    considered: candidates.slice(0, MOST_CONSIDERED).map(({ meaning, score, because }) => ({
      meaning,
      score: Math.min(MOST, score),
      because: distinct(because),
    })),
    tokens,
  };
}

/** Each phrase once, and none that is a part of another. */
const distinct = (phrases: readonly string[]): readonly string[] =>
  [...new Set(phrases)].filter((phrase, _, all) => !all.some((other) => other !== phrase && other.includes(phrase)));
