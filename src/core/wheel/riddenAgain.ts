/**
 * How much of a way its own smoothing and its sparse fixes swallow at the corners. The way's corners and pace are taken
 * from the smoothed track, laid out anew as streets with round corners, seen by a receiver of the same scatter at the
 * same moments, and smoothed the same way: what that loses, the track has lost. The method is indirect inference
 * (Gouriéroux, Monfort & Renault 1993, J. Appl. Econom. 8:S85–S118), as remembered.
 */
import { seeded } from "../units/seeded";
import { smoothAxis } from "./smoothing";

/** One leg of a track: its fixes smoothed, and which of them stand. */
export interface RiddenLeg {
  readonly points: readonly { readonly timeS: number; readonly x: number; readonly y: number }[];
  readonly still: readonly boolean[];
}

export interface RiddenAgain {
  /** Length seen over length ridden: below 1 where corners were cut. */
  readonly ratio: number;
  /** Spread of that ratio from one ride to the next, relative. */
  readonly spread: number;
  readonly corners: number;
}

/** Rides laid out anew. */
const TIMES = 6;
/** Corners are ridden about as tightly as this, m. From memory. */
const CORNER_RADIUS_M = 4;
/** The heading is compared over this much way; a larger change is a corner. */
const LOOK_M = 30;
const CORNER_RAD = 0.4;

interface Corner {
  readonly atM: number;
  readonly turnRad: number;
}

/** Way along a leg, m, standing left out. */
function waysOf({ points, still }: RiddenLeg): readonly number[] {
  let way = 0;
  return points.map((at, i) => {
    const before = points[i - 1];
    if (before && !still[i]) way += Math.hypot(at.x - before.x, at.y - before.y);
    return way;
  });
}

const wrapped = (rad: number): number => Math.atan2(Math.sin(rad), Math.cos(rad));

/** Where the heading turns hard, and by how much in all. */
function cornersOf({ points, still }: RiddenLeg, ways: readonly number[]): readonly Corner[] {
  // Headings between fixes that moved, unrolled, each at the middle of its way.
  const headings: { readonly atM: number; readonly rad: number }[] = [];
  points.forEach((at, i) => {
    const before = points[i - 1];
    const step = (ways[i] ?? 0) - (ways[i - 1] ?? 0);
    if (!before || still[i] || step < 0.3) return;
    const rad = Math.atan2(at.x - before.x, at.y - before.y);
    const last = headings.at(-1);
    headings.push({ atM: (ways[i] ?? 0) - step / 2, rad: last ? last.rad + wrapped(rad - last.rad) : rad });
  });
  const headingAt = stepper(headings);
  const turns = headings.map(({ atM }) => ({
    atM,
    rad: headingAt(atM + LOOK_M / 2) - headingAt(atM - LOOK_M / 2),
  }));
  const peaks: { readonly atM: number; readonly rad: number }[] = [];
  for (const turn of turns) {
    if (Math.abs(turn.rad) < CORNER_RAD) continue;
    const last = peaks.at(-1);
    if (last && turn.atM - last.atM < LOOK_M && Math.sign(turn.rad) === Math.sign(last.rad)) {
      if (Math.abs(turn.rad) > Math.abs(last.rad)) peaks[peaks.length - 1] = turn;
    } else peaks.push(turn);
  }
  return peaks.map(({ atM }, i) => {
    const from = Math.max(atM - LOOK_M, ((peaks[i - 1]?.atM ?? -Infinity) + atM) / 2);
    const to = Math.min(atM + LOOK_M, ((peaks[i + 1]?.atM ?? Infinity) + atM) / 2);
    return { atM, turnRad: headingAt(to) - headingAt(from) };
  });
}

/** Heading at any way along, between the two around it; asked in any order. */
function stepper(headings: readonly { readonly atM: number; readonly rad: number }[]): (atM: number) => number {
  return (atM) => {
    let [low, high] = [0, headings.length - 1];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if ((headings[middle]?.atM ?? 0) <= atM) low = middle;
      else high = middle;
    }
    const [a, b] = [headings[low], headings[high]];
    if (!a || !b) return 0;
    if (atM <= a.atM || b.atM <= a.atM) return a.rad;
    const share = Math.min(1, (atM - a.atM) / (b.atM - a.atM));
    return a.rad + share * (b.rad - a.rad);
  };
}

/** Places along streets that turn at the corners, at the same ways as the fixes. */
function laidOut(ways: readonly number[], corners: readonly Corner[]): readonly (readonly [x: number, y: number])[] {
  const arcs = corners.map(({ atM, turnRad }) => {
    const halfM = (Math.abs(turnRad) * CORNER_RADIUS_M) / 2;
    return { fromM: atM - halfM, toM: atM + halfM, turnRad };
  });
  let [x, y, at, heading, next] = [0, 0, 0, 0, 0];
  let into = 0;
  return ways.map((wayM) => {
    while (at < wayM - 1e-9) {
      const arc = arcs[next];
      const inArc = arc !== undefined && at >= arc.fromM;
      const stop = Math.min(wayM, arc ? (inArc ? arc.toM : arc.fromM) : wayM);
      const step = Math.max(1e-6, Math.min(inArc ? 0.5 : Infinity, stop - at));
      if (inArc && arc) {
        const by = arc.turnRad * Math.min(1 - into, step / Math.max(1e-6, arc.toM - arc.fromM));
        into += by / arc.turnRad;
        heading += by;
      }
      x += step * Math.sin(heading);
      y += step * Math.cos(heading);
      at += step;
      if (arc && at >= arc.toM - 1e-6) {
        next += 1;
        into = 0;
      }
    }
    return [x, y];
  });
}

/**
 * Rides the legs again with the same scatter, m, and says what was lost; the share done is told on the way.
 * @param seed of the scatter: the same track is judged the same way every time
 */
export function* riddenAgain(legs: readonly RiddenLeg[], noiseM: number, seed: number): Generator<number, RiddenAgain> {
  const random = seeded(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const seen = Array.from({ length: TIMES }, () => 0);
  let [ridden, corners] = [0, 0];
  for (const [n, leg] of legs.entries()) {
    const ways = waysOf(leg);
    const turns = cornersOf(leg, ways);
    const places = laidOut(ways, turns);
    const times = leg.points.map(({ timeS }) => timeS);
    corners += turns.length;
    ridden += ways.at(-1) ?? 0;
    for (let k = 0; k < TIMES; k++) {
      const axis = (which: 0 | 1) =>
        smoothAxis(
          times,
          places.map((place) => place[which] + noiseM * normal()),
          noiseM,
        ).place;
      const [east, north] = [axis(0), axis(1)];
      for (let i = 1; i < times.length; i++)
        if (!leg.still[i])
          seen[k] =
            (seen[k] ?? 0) + Math.hypot((east[i] ?? 0) - (east[i - 1] ?? 0), (north[i] ?? 0) - (north[i - 1] ?? 0));
      yield (n + (k + 1) / TIMES) / legs.length;
    }
  }
  if (ridden === 0) return { ratio: 1, spread: 0, corners };
  const ratios = seen.map((metres) => metres / ridden);
  const ratio = ratios.reduce((sum, each) => sum + each, 0) / TIMES;
  const spread = Math.sqrt(ratios.reduce((sum, each) => sum + (each - ratio) ** 2, 0) / (TIMES - 1));
  return { ratio, spread, corners };
}
