// Every class against displays set at, just under and just over its limit, in both units, and against those of which
// that cannot be said. Limits are written down here once more, from memory, so that a slip in the catalogue shows.
import { describe, expect, it } from "vitest";
import { CLASSES, classById } from "@/catalog/classes/classes";
import type { Line } from "../display";
import { readIntake, type IntakeText } from "../facts";
import type { Severity } from "../law";
import { cap, counted, displayOf, oneOf, preset, wheelMm } from "./cases/lines";
import { findingsOn } from "./findings";

const MILE_KM = 1.609344;

/** Where assist ends, km/h, and whether the limit itself is allowed; null where the class sets none. */
const LIMITS: Readonly<Record<string, { readonly value: number; readonly per: number } | null>> = {
  "us-class-1": { value: 20, per: MILE_KM },
  "us-class-2": { value: 20, per: MILE_KM },
  "us-class-3": { value: 28, per: MILE_KM },
  "us-class-3-throttle": { value: 28, per: MILE_KM },
  "us-ca-1-2025": { value: 20, per: MILE_KM },
  "us-ca-3-2025": { value: 28, per: MILE_KM },
  "us-federal-product": null,
  "eu-epac": { value: 25, per: 1 },
  "uk-eapc": { value: 15.5, per: MILE_KM },
  "eu-l1e-a": { value: 25, per: 1 },
  "eu-l1e-b": { value: 45, per: 1 },
  "ca-ontario": { value: 32, per: 1 },
  "au-pedalec": { value: 25, per: 1 },
  "au-throttle": null,
  "private-land": null,
};

/** Fastest throttle drive, km/h, and whether just that is allowed; and the fastest walking aid, km/h. */
const THROTTLE_LIMITS: Readonly<Record<string, { readonly kmh: number; readonly itselfAllowed: boolean }>> = {
  "us-class-2": { kmh: 20 * MILE_KM, itselfAllowed: true },
  "us-class-3-throttle": { kmh: 20 * MILE_KM, itselfAllowed: true },
  "us-federal-product": { kmh: 20 * MILE_KM, itselfAllowed: false },
  "eu-l1e-a": { kmh: 25, itselfAllowed: true },
  "eu-l1e-b": { kmh: 45, itselfAllowed: true },
  "ca-ontario": { kmh: 32, itselfAllowed: true },
};
const WALK_LIMITS: Readonly<Record<string, number>> = {
  "us-ca-1-2025": 5,
  "us-ca-3-2025": 5,
  "eu-epac": 6,
  "uk-eapc": 6,
  "au-pedalec": 6,
};

const ROLLOUT_MM = 2190;
const BIKE: IntakeText = { rolloutMm: String(ROLLOUT_MM), tapeErrorMm: "0", throttleFitted: "no" };

type Said = readonly [key: string, severity: Severity];

/** What is said of a subject on a display of these lines that hold these raw values. */
function said(
  classId: string,
  subject: "assist-cap" | "throttle" | "walk-assist",
  lines: readonly Line[],
  raws: readonly (number | null)[],
  bike: IntakeText = BIKE,
): readonly Said[] {
  const rule = classById(classId);
  if (!rule) throw new Error(`no class ${classId}`);
  return findingsOn(
    { profile: displayOf(lines), bike: readIntake(bike).bike, choice: { rule, acceptedKmh: null } },
    raws,
  )
    .filter((finding) => finding.subject === subject && finding.message.key !== "class.private-land")
    .map(({ message, severity }): Said => [message.key, severity]);
}

const WHEEL = wheelMm("w");
/** A line in plain numbers that holds a cap against the speed shown. */
const asShown = (line: Line): Line => ({ ...line, encoding: { ...line.encoding, basis: "shown" } as Line["encoding"] });
const OVER: readonly Said[] = [["cap.over", "breach"]];
const NOTHING: readonly Said[] = [];
const HELD = { kmh: 1, mph: MILE_KM } as const;
const limited = Object.entries(LIMITS).flatMap(([id, limit]) =>
  limit === null ? [] : (["kmh", "mph"] as const).map((heldIn) => ({ id, heldIn, limitKmh: limit.value * limit.per })),
);

it("every class that ships is in the table", () => {
  expect(CLASSES.map(({ id }) => id).sort()).toEqual(Object.keys(LIMITS).sort());
  for (const { id, throttle, walkAssistKmh } of CLASSES) {
    expect([id, throttle.kind === "to-limit" || throttle.kind === "to-assist-limit"]).toEqual([
      id,
      Object.hasOwn(THROTTLE_LIMITS, id),
    ]);
    expect([id, walkAssistKmh]).toEqual([id, WALK_LIMITS[id] ?? null]);
  }
});

describe.each(limited)("$id, cap held in $heldIn", ({ id, heldIn, limitKmh }) => {
  const per = HELD[heldIn];
  // The largest whole number that is allowed: at the limit where that is whole, else just under it.
  const most = Math.floor(limitKmh / per + 1e-9);
  const line = cap("v", { heldIn, rawMax: 60 });
  const on = (raw: number, bike?: IntakeText) => said(id, "assist-cap", [WHEEL, line], [ROLLOUT_MM, raw], bike);

  it("is allowed at the limit and under it, and is over it one further", () => {
    expect([on(most), on(most - 1), on(most + 1)]).toEqual([NOTHING, NOTHING, OVER]);
  });

  it("is judged by how fast the bike really is, to a hair", () => {
    // The wheel set so that the number shown comes to just the limit, a millimetre faster, a millimetre slower.
    const wheelAtLimit = (most * per * ROLLOUT_MM) / limitKmh;
    const at = (mm: number) => said(id, "assist-cap", [WHEEL, line], [mm, most]);
    expect(at(Math.ceil(wheelAtLimit - 1e-6))).toEqual(NOTHING);
    expect(at(Math.ceil(wheelAtLimit - 1e-6) - 1)).toEqual(OVER);
  });

  it("is a caution where the limit lies within what was measured", () => {
    const reaches = (raw: number) => (raw * per * (ROLLOUT_MM + 45)) / ROLLOUT_MM > limitKmh;
    for (const raw of [most, most - 1, most - 4])
      expect(on(raw, { ...BIKE, tapeErrorMm: "45" })).toEqual(
        reaches(raw) ? [["cap.may-be-over", "caution"]] : NOTHING,
      );
  });

  it("is not known while wheel line, cap line or rollout are not", () => {
    expect(said(id, "assist-cap", [WHEEL, line], [null, most])).toEqual([["cap.needs-read-out", "unknown"]]);
    expect(said(id, "assist-cap", [WHEEL, line], [ROLLOUT_MM, null])).toEqual([["cap.not-read", "unknown"]]);
    expect(on(most, { throttleFitted: "no" })).toEqual([["cap.needs-read-out", "unknown"]]);
  });

  it("is as the unit line says, and as the worse of the two while that is unread", () => {
    const shown = cap("v", { heldIn: "shown", rawMax: 60 });
    const unit = oneOf("u", "speedUnit", { metric: "kmh", imperial: "mph" });
    const set = (raw: number, unitRaw: number | null) =>
      said(id, "assist-cap", [WHEEL, unit, shown], [ROLLOUT_MM, unitRaw, raw]);
    expect([set(most, heldIn === "kmh" ? 0 : 1), set(most + 1, heldIn === "kmh" ? 0 : 1)]).toEqual([NOTHING, OVER]);
    const mostMiles = Math.floor(limitKmh / MILE_KM + 1e-9);
    expect([set(mostMiles, null), set(mostMiles + 1, null)]).toEqual([NOTHING, OVER]);
  });

  it("is the same on a line that runs backwards", () => {
    const back = asShown(counted("v", "assistCapKmh", { max: 50, perRaw: -per, offset: 60 * per }));
    const set = (shown: number) => said(id, "assist-cap", [WHEEL, back], [ROLLOUT_MM, 60 - shown]);
    expect([set(most), set(most + 1)]).toEqual([NOTHING, OVER]);
  });

  it("is the same in a preset that sets the throttle as well", () => {
    const presets = preset("p", "shown", [
      { assistCapKmh: most * per, throttleMode: "off" },
      { assistCapKmh: (most + 1) * per, throttleMode: "off" },
      { assistCapKmh: "uncapped", throttleMode: "off" },
    ]);
    const set = (raw: number) => said(id, "assist-cap", [WHEEL, presets], [ROLLOUT_MM, raw]);
    expect([set(0), set(1), set(2)]).toEqual([NOTHING, OVER, [["cap.uncapped", "breach"]]]);
  });
});

describe.each(Object.entries(LIMITS))("%s", (id, limit) => {
  const each = (key: string, severity: Severity): readonly Said[] => (limit === null ? NOTHING : [[key, severity]]);

  it("has a word for a display whose cap is none, is missing, or is no speed", () => {
    const none = cap("v", { none: true, rawMax: 60 });
    expect(said(id, "assist-cap", [WHEEL, none], [ROLLOUT_MM, 60])).toEqual(each("cap.uncapped", "breach"));
    expect(said(id, "assist-cap", [WHEEL], [ROLLOUT_MM])).toEqual(each("cap.no-line", "unknown"));
    const share = counted("s", "capPowerShare", { max: 10, perRaw: 0.1 });
    expect(said(id, "assist-cap", [WHEEL, share], [ROLLOUT_MM, 5])).toEqual(each("cap.measure-it", "unknown"));
    for (const basis of ["own", "unknown"] as const)
      expect(said(id, "assist-cap", [WHEEL, cap("v", { basis })], [ROLLOUT_MM, 15])).toEqual(
        each("cap.measure-it", "unknown"),
      );
  });

  it("ends throttle drive at its limit, where it lets a throttle drive so far", () => {
    const throttle = THROTTLE_LIMITS[id];
    if (!throttle) return;
    const { kmh, itselfAllowed } = throttle;
    const lines = (per: number) => [
      WHEEL,
      oneOf("t", "throttleMode", { off: "off", on: "full" }),
      asShown(counted("e", "throttleCapKmh", { max: 60, perRaw: per })),
    ];
    const set = (per: number, raw: number) =>
      said(id, "throttle", lines(per), [ROLLOUT_MM, 1, raw], { ...BIKE, throttleFitted: "yes" });
    for (const per of [1, MILE_KM]) {
      const most = Math.floor(kmh / per + 1e-9);
      const isWhole = Math.abs(most - kmh / per) < 1e-9;
      expect(set(per, most)).toEqual(isWhole && !itselfAllowed ? [["throttle.over", "breach"]] : NOTHING);
      expect(set(per, most - 1)).toEqual(NOTHING);
      expect(set(per, most + 1)).toEqual([["throttle.over", "breach"]]);
    }
  });

  it("holds walk assist to its limit", () => {
    const walk = counted("a", "walkAssistKmh", { max: 20, perRaw: 0.5 });
    const set = (kmh: number, wheel = ROLLOUT_MM) => said(id, "walk-assist", [WHEEL, walk], [wheel, 2 * kmh]);
    const most = WALK_LIMITS[id];
    if (most === undefined) return expect(set(9)).toEqual(NOTHING);
    expect([set(most), set(most - 0.5), set(most + 0.5)]).toEqual([
      [["walk.measure", "note"]],
      [["walk.measure", "note"]],
      [["walk.over", "breach"]],
    ]);
    // A display that reads low walks faster than it is set.
    expect(set(most, ROLLOUT_MM - 30)).toEqual([["walk.over", "breach"]]);
  });
});
