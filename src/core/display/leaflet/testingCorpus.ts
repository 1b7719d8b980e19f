/**
 * For tests and the bench: texts with what is true of them, and how a reading is graded. A text is a file of `corpus/`;
 * beside it stands its truth, a row a line: `code => setting ; values ; maker's value`. Settings: `-` none of ours, `?`
 * nobody could tell. Values: `10..45`, `24 36 48`, `0=kmh 1=mph`. `-` not stated, `*` not graded.
 */
import { rawValues, shows } from "../encoding";
import type { Encoding } from "../profile";
import { seeded } from "../../units/seeded";
import type { LeafletReading, ReadLine } from "./index";

export interface Truth {
  readonly code: string;
  readonly setting: string;
  readonly values: string;
  readonly stated: string;
}

export interface CorpusText {
  readonly name: string;
  readonly shape: string;
  readonly language: string;
  readonly text: string;
  readonly truths: readonly Truth[];
}

export function truthsOf(file: string): Pick<CorpusText, "shape" | "language" | "truths"> {
  const rows = file.split("\n").filter((row) => row.trim() !== "");
  const [head = ""] = rows;
  const [shape = "", language = ""] = head.replace(/^#\s*/, "").split(" / ");
  const truths = rows.slice(1).map((row): Truth => {
    const [code = "", rest = ""] = row.split(" => ");
    const [setting = "", values = "", stated = ""] = rest.split(" ; ").map((part) => part.trim());
    return { code: code.trim(), setting, values, stated };
  });
  return { shape, language, truths };
}

/** All texts, by name, from the files of the corpus: what is in them by their names. */
export const corpusOf = (files: ReadonlyMap<string, string>): readonly CorpusText[] =>
  [...files.keys()]
    .filter((file) => file.endsWith(".txt"))
    .sort()
    .map((file) => {
      const name = file.replace(/\.txt$/, "");
      return { name, text: files.get(file) ?? "", ...truthsOf(files.get(`${name}.truth`) ?? "") };
    });

/** Falls to one half or the other by its name and a seed alone: more texts change nothing for those there are. */
const SPLIT_SEED = 12;
const drawOf = (name: string): number =>
  seeded([...name].reduce((sum, sign) => (sum * 31 + sign.charCodeAt(0)) % 2_147_483_647, SPLIT_SEED))();

/** The half the reader is tuned on, and the half it is only ever tried on: by text. */
export const halves = (texts: readonly CorpusText[]): Readonly<Record<"tuned" | "heldOut", readonly CorpusText[]>> => ({
  tuned: texts.filter(({ name }) => drawOf(name) < 0.5),
  heldOut: texts.filter(({ name }) => drawOf(name) >= 0.5),
});

export interface Grade {
  readonly text: string;
  readonly shape: string;
  readonly language: string;
  readonly truth: Truth;
  readonly line: ReadLine | null;
  readonly setting: boolean;
  readonly values: boolean;
  readonly stated: boolean;
  readonly all: boolean;
  /** Said to be sure, and wrong in its setting, its values or its maker's value. */
  readonly surelyWrong: boolean;
}

const shownOf = (encoding: Encoding): readonly string[] => rawValues(encoding).map((raw) => shows(encoding, raw));

/** Whether the values read are those the text states. */
function valuesRight({ encoding, tokens }: ReadLine, want: string): boolean {
  if (want === "*") return true;
  const shown = shownOf(encoding);
  if (want === "-") return true;
  const numbers = (each: string) => Number(each);
  const range = /^(-?[\d.]+)\.\.(-?[\d.]+)$/.exec(want);
  if (range) {
    const inOrder = shown.map(numbers).sort((a, b) => a - b);
    const ends =
      encoding.kind === "reserved" && tokens.span ? [tokens.span.min, tokens.span.max] : [inOrder[0], inOrder.at(-1)];
    return ends[0] === Number(range[1]) && ends[1] === Number(range[2]);
  }
  if (want.includes("=")) {
    const options = want.split(" ").map((each) => each.split("="));
    return options.every(([mark = "", means = ""]) => {
      if (encoding.kind !== "choice") return false;
      const option = encoding.options.find((each) => each.shows.toLowerCase() === mark.toLowerCase());
      return option !== undefined && String(option.means) === means;
    });
  }
  return (
    want
      .split(" ")
      .map(Number)
      .sort((a, b) => a - b)
      .join() ===
    shown
      .map(numbers)
      .sort((a, b) => a - b)
      .join()
  );
}

function statedRight({ encoding, factoryRaw, tokens }: ReadLine, want: string): boolean {
  if (want === "*") return true;
  if (want === "-") return factoryRaw === null;
  // A line whose meaning is not known has no values to find it among: what was read counts.
  const shown = factoryRaw === null ? tokens.stated : shows(encoding, factoryRaw);
  return shown !== null && (shown.toLowerCase() === want.toLowerCase() || Number(shown) === Number(want));
}

/** A reading held against the truth of its text. */
export const graded = ({ name, shape, language, truths }: CorpusText, { lines }: LeafletReading): readonly Grade[] =>
  truths.map((truth): Grade => {
    const line = lines.find(({ code }) => code === truth.code) ?? null;
    const isNone = truth.setting === "-" || truth.setting === "?";
    // Of what nobody could tell a guess may be made, as long as it is said to be one.
    const unsure = truth.setting === "?" && line !== null && line.sureness !== "sure";
    const setting = line !== null && (unsure || (isNone ? line.setting === null : line.setting === truth.setting));
    const values = line !== null && valuesRight(line, truth.values);
    const stated = line !== null && statedRight(line, truth.stated);
    return {
      text: name,
      shape,
      language,
      truth,
      line,
      setting,
      values,
      stated,
      all: setting && values && stated,
      surelyWrong: line?.sureness === "sure" && !(setting && values && stated),
    };
  });
