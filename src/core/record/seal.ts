/**
 * Sealed sheets: the SHA-256 of a sheet over canonical JSON, chained to the sheet before it, so that an old sheet cannot be
 * changed without it showing. Source: FIPS 180-4 for the hash; canonical JSON as RFC 8785 for the values used here
 * (keys sorted, no white space).
 */
import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";
import type { SealedSheet } from "./job";

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };

/** JSON with sorted keys and no white space; equal values give equal text. */
export function canonicalJson(value: Json): string {
  if (value === null || typeof value !== "object") return JSON.stringify(value);
  if (isList(value)) return `[${value.map(canonicalJson).join(",")}]`;
  const fields = Object.keys(value)
    .sort()
    .map((key) => `${JSON.stringify(key)}:${canonicalJson(value[key] ?? null)}`);
  return `{${fields.join(",")}}`;
}

const isList = (value: Json): value is readonly Json[] => Array.isArray(value);

/** SHA-256 of a text in UTF-8, as 64 hexadecimal digits. */
export const sha256Hex = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));

type Unsealed = Omit<SealedSheet, "hash" | "previous">;

/** Seals a sheet onto the end of a chain. */
export function seal(chain: readonly SealedSheet[], sheet: Unsealed): readonly SealedSheet[] {
  const body = { ...sheet, previous: chain[chain.length - 1]?.hash ?? null };
  return [...chain, { ...body, hash: sha256Hex(canonicalJson(body)) }];
}

/** Index of the first sheet that does not match its own hash or its predecessor's, or null where the chain holds. */
export function brokenAt(chain: readonly SealedSheet[]): number | null {
  const index = chain.findIndex(
    ({ hash, ...body }, i) => body.previous !== (chain[i - 1]?.hash ?? null) || sha256Hex(canonicalJson(body)) !== hash,
  );
  return index < 0 ? null : index;
}
