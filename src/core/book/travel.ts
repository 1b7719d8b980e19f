/**
 * A job that travels by light: its whole record as a short run of texts, each small enough for one square code. Packed
 * (RFC 1951), written in the 45 letters such a code holds best (RFC 9285), counted, and with a digest of the whole
 * (SHA-256, FIPS 180-4), so that parts of two jobs are never mixed and a damaged one is known for what it is.
 */
import { deflateSync, inflateSync, strFromU8, strToU8 } from "fflate";
import type { Job } from "../record";
import { readJobFile, type JobFileProblem } from "../record/jobFile";
import { sha256Hex } from "../record/seal";

const MARK = "ODDSPOKE2";
const DIGEST_LENGTH = 16;
/** Letters of one part: a code of them is still read off a paper 34 mm wide with a tenth of it gone. */
export const PART_LENGTH = 560;
/** More parts than any honest job has. */
const MOST_PARTS = 400;
/** Larger than any job that is packed, bytes; nothing is unpacked beyond it. */
const LARGEST_JOB_BYTES = 8_000_000;

const LETTERS = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:";

/** Bytes in letters, two of them in three: RFC 9285. */
export function base45(bytes: Uint8Array): string {
  const letter = (value: number): string => LETTERS[value] ?? "";
  let text = "";
  for (let i = 0; i < bytes.length; i += 2) {
    const [high = 0, low] = [bytes[i], bytes[i + 1]];
    const value = low === undefined ? high : high * 256 + low;
    text += letter(value % 45) + letter(Math.floor(value / 45) % 45);
    if (low !== undefined) text += letter(Math.floor(value / 2025));
  }
  return text;
}

/** Letters back to bytes; null where they are none. */
export function fromBase45(text: string): Uint8Array | null {
  const bytes: number[] = [];
  for (let i = 0; i < text.length; i += 3) {
    const values = [...text.slice(i, i + 3)].map((letter) => LETTERS.indexOf(letter));
    const [a = 0, b, c] = values;
    if (b === undefined || values.includes(-1)) return null;
    const value = a + 45 * b + 2025 * (c ?? 0);
    if (value > (c === undefined ? 255 : 65_535)) return null;
    if (c !== undefined) bytes.push(value >> 8);
    bytes.push(value & 255);
  }
  return Uint8Array.from(bytes);
}

/** A job as texts, each for one code. */
export function jobParts(job: Job): readonly string[] {
  const text = JSON.stringify(job);
  const packed = base45(deflateSync(strToU8(text), { level: 9 }));
  const digest = sha256Hex(text).slice(0, DIGEST_LENGTH).toUpperCase();
  const count = Math.ceil(packed.length / PART_LENGTH);
  // All of a length: a short last one would be a code of another size, worse to read when it is spoilt.
  const length = Math.ceil(packed.length / count);
  return Array.from({ length: count }, (_, i) =>
    // The digest stands last: a space may be a letter, and one at the end of a text is easily lost.
    [MARK, `${i + 1}/${count}`, packed.slice(i * length, (i + 1) * length), digest].join(":"),
  );
}

interface Part {
  readonly at: number;
  readonly of: number;
  readonly digest: string;
  readonly letters: string;
}

const PART = new RegExp(`^${MARK}:(\\d{1,3})/(\\d{1,3}):([0-9A-Z $%*+./:-]+):([0-9A-F]{${DIGEST_LENGTH}})$`);

function partOf(text: string): Part | null {
  const [, at, of, letters = "", digest = ""] = PART.exec(text) ?? [];
  const part = { at: Number(at), of: Number(of), digest, letters };
  return part.at >= 1 && part.at <= part.of && part.of <= MOST_PARTS ? part : null;
}

export type CodesProblem =
  | { readonly key: "travel.not-one" }
  /** Parts of another job than the first. */
  | { readonly key: "travel.mixed" }
  /** Letters are missing or others. */
  | { readonly key: "travel.damaged" }
  | { readonly key: "travel.job"; readonly problem: JobFileProblem };

/** What has been read of a run of codes: some parts, all of them, or nothing that can be used. */
export type Gathered =
  | { readonly kind: "none" }
  | { readonly kind: "some"; readonly have: readonly number[]; readonly of: number }
  | { readonly kind: "whole"; readonly text: string; readonly job: Job }
  | { readonly kind: "refused"; readonly problem: CodesProblem };

/** A part that has begun and is not whole: a scanner types letter by letter, and a text may be cut. */
const isBegun = (piece: string): boolean =>
  MARK.startsWith(piece) || (piece.startsWith(MARK) && partOf(piece) === null);

/** Parts as they stand in a text that was pasted or typed, however it is broken into lines; and how many have begun. */
export function partsIn(text: string): { readonly parts: readonly string[]; readonly begun: number } {
  const pieces = text
    .split(new RegExp(`(?=${MARK}:)`))
    .map((piece) => piece.replace(/[\r\n\t]+/g, "").replace(/\s+$/, ""))
    .filter((piece) => piece !== "");
  const parts = pieces.filter((piece) => !isBegun(piece));
  return { parts, begun: pieces.length - parts.length };
}

/** What has been read so far with more beside it: whole parts of the same job are kept, anything else is not. */
export function withParts(read: readonly string[], more: readonly string[]): readonly string[] {
  const all = [...new Set([...read, ...more.filter((text) => partOf(text) !== null)])];
  return gathered(all).kind === "refused" ? read : all;
}

/** Puts together what has been read so far, in whatever order and however often. Never throws. */
export function gathered(texts: readonly string[]): Gathered {
  const parts = texts.map(partOf);
  const [first] = parts;
  if (texts.length === 0) return { kind: "none" };
  if (!first || parts.some((part) => part === null)) return refused({ key: "travel.not-one" });
  const byPlace = new Map<number, string>();
  for (const part of parts) {
    if (part?.digest !== first.digest || part.of !== first.of) return refused({ key: "travel.mixed" });
    if ((byPlace.get(part.at) ?? part.letters) !== part.letters) return refused({ key: "travel.damaged" });
    byPlace.set(part.at, part.letters);
  }
  if (byPlace.size < first.of) return { kind: "some", have: [...byPlace.keys()].sort((a, b) => a - b), of: first.of };
  const letters = Array.from({ length: first.of }, (_, i) => byPlace.get(i + 1) ?? "").join("");
  return unpacked(letters, first.digest);
}

const refused = (problem: CodesProblem): Gathered => ({ kind: "refused", problem });

function unpacked(letters: string, digest: string): Gathered {
  const text = textOf(letters);
  if (text === null || sha256Hex(text).slice(0, DIGEST_LENGTH).toUpperCase() !== digest)
    return refused({ key: "travel.damaged" });
  const reading = readJobFile(text);
  return reading.ok
    ? { kind: "whole", text, job: reading.job }
    : refused({ key: "travel.job", problem: reading.problem });
}

function textOf(letters: string): string | null {
  const bytes = fromBase45(letters);
  if (!bytes) return null;
  try {
    return strFromU8(inflateSync(bytes, { out: new Uint8Array(LARGEST_JOB_BYTES) }));
  } catch {
    return null;
  }
}
