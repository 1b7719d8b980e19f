/**
 * Fixes out of a GPX file, read piece by piece as it streams in. Only the track points' place and time are taken.
 * Source: GPX 1.1 schema (trkpt with lat and lon in degrees WGS 84, time in ISO 8601).
 */
import { SaxesParser } from "saxes";
import type { Fix } from "./track";

export type GpxProblem =
  | { readonly key: "gpx.not-xml"; readonly detail: string }
  | { readonly key: "gpx.no-track" }
  | { readonly key: "gpx.too-large"; readonly most: number };

export type GpxReading =
  | { readonly ok: true; readonly fixes: readonly Fix[]; readonly unreadable: number }
  | { readonly ok: false; readonly problem: GpxProblem };

/** Larger than any day's ride, characters. */
export const LARGEST_GPX = 60_000_000;
const PIECE = 256 * 1024;

/** Reads a file's text; yields the share done after each piece. */
export function* readGpx(text: string): Generator<number, GpxReading> {
  if (text.length > LARGEST_GPX) return { ok: false, problem: { key: "gpx.too-large", most: LARGEST_GPX } };
  const fixes: Fix[] = [];
  let unreadable = 0;
  let at: { lat: number; lon: number; time: string } | null = null;
  let inTime = false;
  let failed: string | null = null;
  let isGpx = false;
  const parser = new SaxesParser();
  parser.on("error", (error) => {
    failed ??= error.message;
  });
  parser.on("opentag", ({ name, attributes }) => {
    const local = name.split(":").at(-1);
    if (local === "gpx") isGpx = true;
    else if (local === "trkpt")
      at = { lat: Number(attributes.lat ?? "x"), lon: Number(attributes.lon ?? "x"), time: "" };
    else if (local === "time" && at) inTime = true;
  });
  parser.on("text", (part) => {
    if (inTime && at) at.time += part;
  });
  parser.on("closetag", ({ name }) => {
    const local = name.split(":").at(-1);
    if (local === "time") inTime = false;
    if (local !== "trkpt" || !at) return;
    const { lat, lon, time } = at;
    const ms = time.trim() === "" ? Number.NaN : Date.parse(time.trim());
    if (Number.isFinite(lat) && Number.isFinite(lon) && Math.abs(lat) <= 90 && Math.abs(lon) <= 180)
      fixes.push({ latDeg: lat, lonDeg: lon, timeS: Number.isNaN(ms) ? null : ms / 1000 });
    else unreadable += 1;
    at = null;
  });
  for (let i = 0; i < text.length && failed === null; i += PIECE) {
    parser.write(text.slice(i, i + PIECE));
    yield Math.min(1, (i + PIECE) / text.length);
  }
  if (failed === null) parser.close();
  if (failed !== null) return { ok: false, problem: { key: "gpx.not-xml", detail: failed } };
  if (!isGpx || fixes.length === 0) return { ok: false, problem: { key: "gpx.no-track" } };
  return { ok: true, fixes, unreadable };
}
