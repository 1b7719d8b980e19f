/**
 * Rides of known length for tests and the bench: laid out by geodesics, then seen by a receiver with noise of its own.
 */
import geographic from "geographiclib-geodesic";
import { seeded } from "../units/seeded";
import type { Fix } from "./track";

export interface MadeRide {
  readonly fixes: readonly Fix[];
  /** Length laid out, m. */
  readonly trueM: number;
}

export interface RideWish {
  readonly seconds: number;
  readonly seed: number;
  /** White scatter and slow drift of the receiver, m. */
  readonly whiteM: number;
  readonly driftM: number;
  /** Stands still for a minute this often, s; 0 never. */
  readonly stopEveryS: number;
  /** Chance of a wild fix, each second. */
  readonly wild: number;
  /** Loses the sky for 30 s this often, s, on a straight stretch; 0 never. */
  readonly gapEveryS: number;
}

export const CLEAN: RideWish = { seconds: 3600, seed: 1, whiteM: 0, driftM: 0, stopEveryS: 0, wild: 0, gapEveryS: 0 };

const WGS84 = geographic.Geodesic.WGS84;

export function makeRide({ seconds, seed, whiteM, driftM, stopEveryS, wild, gapEveryS }: RideWish): MadeRide {
  const random = seeded(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const fixes: Fix[] = [];
  let [lat, lon, heading, trueM, driftX, driftY, turn] = [47.2, 11.3, 40, 0, 0, 0, 0];
  const keep = Math.exp(-1 / 60);
  for (let t = 0; t < seconds; t++) {
    const stands = stopEveryS > 0 && t % stopEveryS >= stopEveryS - 60;
    const lost = gapEveryS > 0 && t % gapEveryS >= gapEveryS - 30;
    if (t > 0 && !stands) {
      const speed = 6.2 + 1.4 * Math.sin(t / 47) + 0.6 * Math.sin(t / 13);
      if (!lost) {
        if (t % 40 === 0) turn = normal() * 2.5;
        heading += turn * Math.max(0, 1 - (t % 40) / 12);
      }
      const next = WGS84.Direct(lat, lon, heading, speed);
      lat = next.lat2 ?? lat;
      lon = next.lon2 ?? lon;
      trueM += speed;
    }
    driftX = driftX * keep + driftM * Math.sqrt(1 - keep * keep) * normal();
    driftY = driftY * keep + driftM * Math.sqrt(1 - keep * keep) * normal();
    if (lost) continue;
    const jump = random() < wild ? 400 : 0;
    const seen = WGS84.Direct(lat, lon, random() * 360, jump);
    const metre = 1 / 111_195;
    fixes.push({
      latDeg: (seen.lat2 ?? lat) + (driftY + whiteM * normal()) * metre,
      lonDeg: (seen.lon2 ?? lon) + ((driftX + whiteM * normal()) * metre) / Math.cos((lat * Math.PI) / 180),
      timeS: 1_790_000_000 + t,
    });
  }
  return { fixes, trueM };
}

/** The same ride as the text of a GPX file. */
export const gpxText = (fixes: readonly Fix[]): string =>
  `<?xml version="1.0" encoding="UTF-8"?>\n<gpx version="1.1" creator="test" xmlns="http://www.topografix.com/GPX/1/1"><metadata><time>2026-01-01T00:00:00Z</time></metadata><trk><trkseg>\n${fixes
    .map(
      ({ latDeg, lonDeg, timeS }) =>
        `<trkpt lat="${latDeg.toFixed(7)}" ` +
        `lon="${lonDeg.toFixed(7)}"><ele>571.2</ele>${timeS === null ? "" : `<time>${new Date(timeS * 1000).toISOString()}</time>`}</trkpt>`,
    )
    .join("\n")}\n</trkseg></trk></gpx>\n`;

export interface TownWish {
  readonly seed: number;
  readonly seconds: number;
  /** Seconds between two fixes. */
  readonly fixEveryS: number;
  readonly whiteM: number;
  readonly driftM: number;
  /** Way between two corners, m, and how tightly they are ridden: 0 is on the spot. */
  readonly cornerEveryM: number;
  readonly radiusM: number;
}

/** Finer than any fix: the way is ridden in steps of this, s. */
const TOWN_STEP_S = 0.1;
const METRE_DEG = 1 / 111_195;

/** A ride through streets that turn every so often, by a right angle or less, slower round the corners. */
export function makeTownRide(wish: TownWish): MadeRide {
  const { seed, seconds, fixEveryS, whiteM, driftM, cornerEveryM, radiusM } = wish;
  const random = seeded(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const [lat, lon] = [47.2, 11.3];
  const keep = Math.exp(-fixEveryS / 60);
  const fixes: Fix[] = [];
  let [x, y, heading, trueM, driftX, driftY] = [0, 0, random() * 6.28, 0, driftM * normal(), driftM * normal()];
  let [street, toTurn] = [cornerEveryM * (0.6 + 0.8 * random()), 0];
  let speed = 5.5;
  const steps = Math.round(seconds / TOWN_STEP_S);
  const everySteps = Math.round(fixEveryS / TOWN_STEP_S);
  for (let i = 0; i <= steps; i++) {
    if (i % everySteps === 0) {
      driftX = driftX * keep + driftM * Math.sqrt(1 - keep * keep) * normal();
      driftY = driftY * keep + driftM * Math.sqrt(1 - keep * keep) * normal();
      fixes.push({
        latDeg: lat + (y + driftY + whiteM * normal()) * METRE_DEG,
        lonDeg: lon + ((x + driftX + whiteM * normal()) * METRE_DEG) / Math.cos((lat * Math.PI) / 180),
        timeS: 1_790_000_000 + i * TOWN_STEP_S,
      });
    }
    if (i === steps) break;
    if (toTurn === 0 && street <= 0) {
      toTurn = (random() < 0.5 ? -1 : 1) * (0.9 + 0.7 * random());
      street = cornerEveryM * (0.6 + 0.8 * random());
    }
    const wanted = toTurn !== 0 || street < 12 ? 3.6 + 1.4 * Math.min(1, radiusM / 8) : 6.2 + 0.8 * Math.sin(i / 300);
    speed += Math.max(-0.15, Math.min(0.1, wanted - speed));
    const step = speed * TOWN_STEP_S;
    if (toTurn !== 0) {
      const most = radiusM > 0 ? step / radiusM : Math.abs(toTurn);
      const by = Math.sign(toTurn) * Math.min(Math.abs(toTurn), most);
      heading += by;
      toTurn = Math.abs(toTurn - by) < 1e-9 ? 0 : toTurn - by;
    }
    x += step * Math.sin(heading);
    y += step * Math.cos(heading);
    street -= step;
    trueM += step;
  }
  return { fixes, trueM };
}
