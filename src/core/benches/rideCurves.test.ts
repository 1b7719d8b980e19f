// Thrust and drag over speed: they cross where the bike settles, and no level pushes less than the rider alone.
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { workOut } from "../record";
import { topSpeedKmh } from "../ride";
import { readFacts } from "../facts/everyFact";
import { forceCurve } from "./rideCurves";
import { rideOf } from "./rideOf";

/** Every demo bike of which enough is known to ride it. */
const RIDES = demoJobs().flatMap((job) => {
  const { bike, sheet } = workOut(job);
  const on = job.profile ? { profile: job.profile, raws: sheet?.found.raws ?? [] } : null;
  const reading = rideOf({ bike, facts: readFacts(job.intake), on, cap: sheet?.inForce.cap ?? null });
  return reading.ok ? [[job.intake.nickname ?? job.id, reading.ride] as const] : [];
});

describe.each(RIDES)("thrust and drag of %s", (_, ride) => {
  const { levels, flat, hill } = forceCurve(ride);
  const rider = levels[0];
  const top = levels.at(-1);

  it("are drawn over the same speeds, for every level", () => {
    expect(levels).toHaveLength(ride.levels.length);
    for (const { points } of levels) expect(points.map(({ kmh }) => kmh)).toEqual(flat.map(({ kmh }) => kmh));
  });

  it("rise with speed and with the hill", () => {
    flat.forEach(({ forceN }, i) => {
      expect(hill[i]?.forceN).toBeGreaterThan(forceN);
      if (i > 0) expect(forceN).toBeGreaterThan(flat[i - 1]?.forceN ?? Infinity);
    });
  });

  it("have no level that pushes less than the rider alone", () => {
    for (const { level, points } of levels)
      points.forEach(({ forceN }, i) =>
        expect(forceN, `level ${level}`).toBeGreaterThanOrEqual((rider?.points[i]?.forceN ?? Infinity) - 1e-9),
      );
  });

  it("cross, without a cap, within a step of the top speed", () => {
    const uncapped = { ...ride, setup: { ...ride.setup, capKmh: null } };
    const { levels: free, flat: drag } = forceCurve(uncapped);
    const over = (free.at(-1)?.points ?? []).filter(({ forceN }, i) => forceN >= (drag[i]?.forceN ?? Infinity));
    const settled = topSpeedKmh(uncapped.setup, { ...ride.road, grade: 0 });
    const last = over.at(-1)?.kmh ?? 0;
    if (settled < 46) expect(Math.abs(settled - last)).toBeLessThanOrEqual(1);
    expect(top?.points).toHaveLength(flat.length);
  });
});

it("there are bikes to ride", () => expect(RIDES.length).toBeGreaterThan(4));
