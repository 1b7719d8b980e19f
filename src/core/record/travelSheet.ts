/**
 * What a bike's display was read back to hold, as a short text that travels on its papers: versioned, packed, and with
 * a digest, so that a damaged one is known for what it is. Deflate as RFC 1951, base64url as RFC 4648, SHA-256 as
 * FIPS 180-4.
 */
import { deflateSync, inflateSync, strFromU8, strToU8 } from "fflate";
import * as v from "valibot";
import { linesOf, shows } from "../display";
import type { Paper } from "./paper";
import { canonicalJson, sha256Hex } from "./seal";

const MARK = "ODDSPOKE";
const VERSION = "1";
const DIGEST_LENGTH = 12;

const TravelSheetSchema = v.strictObject({
  /** Number on the ticket, and what the bike is called. */
  number: v.number(),
  nickname: v.string(),
  display: v.strictObject({ id: v.string(), revision: v.number(), name: v.string() }),
  className: v.nullable(v.string()),
  handedOverAt: v.nullable(v.string()),
  /** What each line showed when it was read back, in menu order. */
  lines: v.array(v.tuple([v.string(), v.string()])),
  /** Last seal of the record it comes from. */
  seal: v.nullable(v.string()),
});
export type TravelSheet = v.InferOutput<typeof TravelSheetSchema>;

/** The sheet of a bike's papers; null while nothing has been read back. */
export function travelSheetOf({ job, left, workings }: Paper): TravelSheet | null {
  const { profile } = job;
  if (!profile) return null;
  const lines = linesOf(profile).flatMap((line, i): readonly [string, string][] => {
    const raw = left.raws[i];
    return line.encoding.kind === "read-only" || raw === null || raw === undefined
      ? []
      : [[line.code, shows(line.encoding, raw)]];
  });
  if (lines.length === 0) return null;
  return {
    number: job.number,
    nickname: workings.bike.nickname,
    display: { id: profile.id, revision: profile.revision, name: profile.name },
    className: workings.choice?.rule.name ?? null,
    handedOverAt: job.handedOverAt,
    lines: [...lines],
    seal: job.sheets.at(-1)?.hash ?? null,
  };
}

const base64url = (bytes: Uint8Array): string =>
  btoa(String.fromCharCode(...bytes))
    .replaceAll("+", "-")
    .replaceAll("/", "_")
    .replace(/=+$/, "");

const fromBase64url = (text: string): Uint8Array =>
  Uint8Array.from(atob(text.replaceAll("-", "+").replaceAll("_", "/")), (letter) => letter.charCodeAt(0));

const digestOf = (json: string): string => sha256Hex(json).slice(0, DIGEST_LENGTH);

/** The sheet as text. */
export function writeTravelSheet(sheet: TravelSheet): string {
  const json = canonicalJson(sheet);
  return [MARK, VERSION, base64url(deflateSync(strToU8(json), { level: 9 })), digestOf(json)].join(".");
}

export type TravelProblem =
  /** No text of ours. */
  | { readonly key: "travel.not-one" }
  /** Of a later version than this product reads. */
  | { readonly key: "travel.version"; readonly version: string }
  /** Letters are missing or others. */
  | { readonly key: "travel.damaged" };

export type TravelReading =
  { readonly ok: true; readonly sheet: TravelSheet } | { readonly ok: false; readonly problem: TravelProblem };

/** Whether a text is one of a sheet, whatever became of it. */
export const isTravelSheet = (text: string): boolean => text.trim().startsWith(`${MARK}.`);

/** Reads a sheet back out of its text. Never throws: what cannot be read is named. */
export function readTravelSheet(text: string): TravelReading {
  const [mark, version = "", packed = "", digest = ""] = text.trim().split(".");
  if (mark !== MARK) return { ok: false, problem: { key: "travel.not-one" } };
  if (version !== VERSION) return { ok: false, problem: { key: "travel.version", version } };
  try {
    const json = strFromU8(inflateSync(fromBase64url(packed)));
    const parsed = v.safeParse(TravelSheetSchema, JSON.parse(json));
    if (parsed.success && digestOf(json) === digest) return { ok: true, sheet: parsed.output };
  } catch {
    // Not base64, not deflate, or not JSON: damaged all the same.
  }
  return { ok: false, problem: { key: "travel.damaged" } };
}
