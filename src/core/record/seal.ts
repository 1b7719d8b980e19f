/**
 * Sealed sheets: the SHA-256 of a sheet over canonical JSON, chained to the sheet before it, so that an old sheet
 * cannot be changed without it showing. Each sheet covers the facts it rests on and the events noted until then.
 * Source: FIPS 180-4 for the hash; canonical JSON as RFC 8785 for the values used here (keys sorted, no white space).
 */
import { hash as sha256 } from "@stablelib/sha256";
import type { Job, JobEvent, SealedSheet } from "./job";

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json | undefined };

/** JSON with sorted keys and no white space; equal values give equal text. What is undefined is left out. */
export function canonicalJson(value: Json): string {
  if (value === null || typeof value !== "object") return JSON.stringify(value);
  if (isList(value)) return `[${value.map(canonicalJson).join(",")}]`;
  const fields = Object.keys(value)
    .filter((key) => value[key] !== undefined)
    .sort()
    .map((key) => `${JSON.stringify(key)}:${canonicalJson(value[key] ?? null)}`);
  return `{${fields.join(",")}}`;
}

const isList = (value: Json): value is readonly Json[] => Array.isArray(value);

/** SHA-256 of a text in UTF-8, as 64 hexadecimal digits. */
export const sha256Hex = (text: string): string =>
  Array.from(sha256(new TextEncoder().encode(text)), (byte) => byte.toString(16).padStart(2, "0")).join("");

type Unsealed = Omit<SealedSheet, "hash" | "previous">;

/** Seals a sheet onto the end of a chain. */
export function seal(chain: readonly SealedSheet[], sheet: Unsealed): readonly SealedSheet[] {
  const body = { ...sheet, previous: chain[chain.length - 1]?.hash ?? null };
  return [...chain, { ...body, hash: sha256Hex(canonicalJson(body)) }];
}

/** The events noted so far, as a sheet covers them. */
export const eventsSeal = (events: readonly JobEvent[]): { readonly count: number; readonly hash: string } => ({
  count: events.length,
  hash: sha256Hex(canonicalJson(events)),
});

/** Index of the first sheet that does not match its own hash or its predecessor's, or null where the chain holds. */
export function brokenAt(chain: readonly SealedSheet[]): number | null {
  const index = chain.findIndex(
    ({ hash, ...body }, i) => body.previous !== (chain[i - 1]?.hash ?? null) || sha256Hex(canonicalJson(body)) !== hash,
  );
  return index < 0 ? null : index;
}

/** What is wrong with the seals of a job. Sheets are counted from 0. */
export type SealFault =
  | { readonly kind: "broken"; readonly sheet: number }
  /** The sheet holds; the events noted before it are not those it was sealed with. */
  | { readonly kind: "events-changed"; readonly sheet: number }
  /** Sheets the record speaks of are not in the chain. */
  | { readonly kind: "shortened"; readonly missing: number };

/** Events that were noted with a sheet each before seals had an event of their own. */
const SEALING: ReadonlySet<JobEvent["kind"]> = new Set([
  "baseline-kept",
  "baseline-waived",
  "plan-sealed",
  "handed-over",
]);

/** How many sheets the rest of the record speaks of that the chain does not have. */
function missingSheets({ sheets, events, program, handedOverAt }: Job): number {
  const hashes = new Set(sheets.map(({ hash }) => hash));
  const told = events.filter(({ kind }) => kind === "sealed");
  const gone = told.filter(({ detail }) => !hashes.has(detail)).length;
  const fewer = Math.max(0, events.filter(({ kind }) => SEALING.has(kind)).length - sheets.length);
  const noTarget = program !== null && !sheets.some(({ kind }) => kind === "target");
  const noLeft = handedOverAt !== null && !sheets.some(({ kind, at }) => kind === "as-left" && at === handedOverAt);
  return Math.max(gone, fewer, Number(noTarget) + Number(noLeft));
}

/** What is wrong with the seals of a job; null where every one holds and none is missing. */
export function sealFault(job: Job): SealFault | null {
  const broken = brokenAt(job.sheets);
  if (broken !== null) return { kind: "broken", sheet: broken };
  const changed = job.sheets.findIndex(({ facts }) => {
    if (!facts) return false;
    const seen = eventsSeal(job.events.slice(0, facts.events.count));
    return seen.count !== facts.events.count || seen.hash !== facts.events.hash;
  });
  const missing = missingSheets(job);
  if (missing > 0) return { kind: "shortened", missing };
  return changed < 0 ? null : { kind: "events-changed", sheet: changed };
}
