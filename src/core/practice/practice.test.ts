import { describe, expect, it } from "vitest";
import { classById } from "@/catalog/classes/classes";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { OSTLER } from "@/catalog/displays/ostler";
import { TARN } from "@/catalog/displays/tarn";
import { WINDROW } from "@/catalog/displays/windrow";
import { FAULTS } from "@/catalog/faults";
import { CODE_WORDS } from "@/catalog/faults/codeWords";
import { BENCH_CLASSES, BENCH_KITS } from "@/catalog/rig/kits";
import { atHome, isShown, linesOf, rawValues, standInRaws, type DisplayProfile } from "../display";
import { causeById } from "../faults";
import { faulty, signsShown } from "../faults/benchBike";
import { signOfCode } from "../faults/case";
import { exerciseOf } from "../faults/practice";
import { planKeys, pressCount } from "../keys";
import { play } from "../keys/pressing";
import { smallProfile } from "../keys/testing";
import { orderOfRuns, verdictOf, type TrialRun } from "../proof/trials";
import { atRest, HANDS_OFF, kitFor, liveAfter, liveBike, type Hands, type LiveBike } from "../rig";
import { obeyedBy, type Obeyed } from "../rig/obeyed";
import { seeded } from "../units/seeded";
import { tellsApart, type Tell } from "./tells";
import {
  benchSet,
  bestWay,
  codesOf,
  drawnFault,
  faultyLive,
  INJECTED,
  INJECTED_LINES,
  injectable,
  isNamedRight,
  isSetRight,
  keyExercise,
  KINDS,
  pressesAfter,
  withCause,
  withFault,
  type ExerciseKind,
} from ".";

const CLASSES = BENCH_CLASSES.flatMap((id) => classById(id) ?? []);
const made = (kind: ExerciseKind, seed: number, profile: DisplayProfile) => {
  const exercise = keyExercise(kind, seed, profile, BENCH_KITS, CLASSES);
  if (!exercise) throw new Error(`no ${kind} on ${profile.name}`);
  return exercise;
};
const EACH = SHIPPED_DISPLAYS.flatMap((profile) => KINDS.map((kind) => [kind, profile.name, profile] as const));
const SEEDS = [1, 2, 3, 4];

describe("exercises with keys", () => {
  it.each(EACH)("%s on %s: made by its seed, and done by the best way to it", (kind, _, profile) => {
    for (const seed of SEEDS) {
      const exercise = made(kind, seed, profile);
      expect(made(kind, seed, profile).start).toEqual(exercise.start);
      const { from, goal } = bestWay(exercise);
      const plan = planKeys(profile, from, goal);
      if (!plan.ok) throw new Error(`${seed}: ${plan.problem.key}`);
      expect(plan.strokes.length).toBeGreaterThan(0);
      if (kind === "which-line-lies") continue;
      expect(isSetRight(exercise, exercise.start)).toBe(false);
      const end = plan.strokes.reduce((state, { stroke }) => play(profile, state, stroke), from);
      expect(isSetRight(exercise, end)).toBe(true);
      // Saved alone, in force alone, or with the menu still open is not done.
      expect(isSetRight(exercise, { ...end, saved: exercise.start.saved.with(0, -1) })).toBe(false);
      expect(isSetRight(exercise, { ...end, inForce: exercise.start.saved.with(0, -1) })).toBe(false);
      expect(isSetRight(exercise, { ...end, screen: { kind: "monitor" } })).toBe(false);
    }
  });
  it("are other ones with other seeds, on many lines", () => {
    for (const kind of KINDS) {
      const lines = Array.from({ length: 20 }, (_, i) => made(kind, i + 1, TARN).lines.join());
      expect(new Set(lines).size, kind).toBeGreaterThan(5);
    }
  });
  it("leave one line odd that tells, and all others as they are to be", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const { start, right, lines, tells, bike } = made("odd-line", 7, profile);
      expect(start.saved.flatMap((raw, i) => (raw === right[i] ? [] : [i]))).toEqual(lines);
      expect(lines).toHaveLength(1);
      expect(tells.length).toBeGreaterThan(0);
      expect(obeyedBy(bike, start.saved)).not.toEqual(obeyedBy(bike, right));
    }
  });
  it("know the line that lies and how: on the bench it is the only one of the few that does", () => {
    for (const profile of SHIPPED_DISPLAYS)
      for (const seed of SEEDS) {
        const exercise = made("which-line-lies", seed, profile);
        const honest: LiveBike = { ...exercise.bike, firmware: { noEffect: [], backwards: [] } };
        const lying = exercise.among.filter((line) =>
          rawValues(linesOf(profile)[line]?.encoding ?? { kind: "reserved", setting: null, rawMin: 0, rawMax: 0 }).some(
            (raw) => {
              const raws = exercise.right.with(line, raw);
              return JSON.stringify(obeyedBy(honest, raws)) !== JSON.stringify(obeyedBy(exercise.bike, raws));
            },
          ),
        );
        // A line that is obeyed otherwise where others are moved lies at the start already.
        expect(lying).toContain(exercise.lines[0]);
        const [line = -1] = exercise.lines;
        const code = linesOf(profile)[line]?.code;
        expect(exercise.bike.firmware).toEqual(
          exercise.lie === "does-nothing" ? { noEffect: [code], backwards: [] } : { noEffect: [], backwards: [code] },
        );
        expect(isNamedRight(exercise, { line, lie: exercise.lie })).toBe(true);
        const other = exercise.lie === "does-nothing" ? "runs-backwards" : "does-nothing";
        expect(isNamedRight(exercise, { line, lie: other })).toBe(false);
        expect(
          isNamedRight(exercise, { line: exercise.among.find((each) => each !== line) ?? -1, lie: exercise.lie }),
        ).toBe(false);
      }
  });
  it("lock a display in some rescues, by a PIN that opens it", () => {
    const locked = Array.from({ length: 20 }, (_, i) => made("rescue", i + 1, WINDROW)).filter(
      ({ pin }) => pin !== null,
    );
    expect(locked.length).toBeGreaterThan(3);
    expect(locked.length).toBeLessThan(20);
    for (const { start, pin } of locked) {
      expect(start.screen).toMatchObject({ kind: "code", for: { kind: "start" } });
      expect(start.pin).toBe(pin);
      expect(pin).toMatch(/^\d+$/);
    }
  });
  it("count presses as the planner does, but for those of a PIN", () => {
    const { start, bike, right } = made("fewest-presses", 3, TARN);
    const plan = planKeys(TARN, start, { targets: right });
    if (!plan.ok) throw new Error(plan.problem.key);
    // One press for each stroke of one: down, then up.
    const [stroke] = plan.strokes;
    const keys = stroke && "keys" in stroke.stroke ? stroke.stroke.keys : [];
    const down = { ...start, held: null };
    expect(pressesAfter(4, down, keys)).toBe(5);
    expect(pressesAfter(4, down, [])).toBe(4);
    expect(pressesAfter(4, play(bike.profile, start, { kind: "wait", ms: 1, for: "menu-closes" }), keys)).toBe(5);
    const held = { keys, ms: 0, steps: 0, released: [], spent: false, downAtMs: 0 };
    expect(pressesAfter(4, { ...start, held }, [...keys, "another"])).toBe(4);
    const code = { kind: "code", for: { kind: "start" }, digits: [0], at: 0 } as const;
    expect(pressesAfter(4, { ...start, screen: code }, keys)).toBe(4);
    expect(pressCount(plan.strokes.map((each) => each.stroke))).toBeGreaterThan(1);
  });
  it("can be done on menus nobody chose, or are none", () => {
    const made = Array.from({ length: 30 }, (_, i) => smallProfile(seeded(i + 1))).flatMap((profile) =>
      KINDS.flatMap((kind) => keyExercise(kind, 1, profile, BENCH_KITS, CLASSES) ?? []),
    );
    expect(made.length).toBeGreaterThan(30);
    for (const exercise of made) {
      const { from, goal } = bestWay(exercise);
      const plan = planKeys(exercise.bike.profile, from, goal);
      if (!plan.ok) throw new Error(`${exercise.kind}: ${plan.problem.key}`);
      if (exercise.kind !== "which-line-lies") expect(isSetRight(exercise, plan.end)).toBe(true);
    }
  });
  it("say so where a display has too little to be wrong", () =>
    expect(
      keyExercise("odd-line", 1, { ...TARN, lines: [], menu: { ...TARN.menu, pages: [] } }, BENCH_KITS, []),
    ).toBeNull());
});

describe("what a wrong line tells", () => {
  const set = benchSet(TARN, BENCH_KITS[1] ?? {}, CLASSES[0] ?? null);
  if (!set) throw new Error("no bike");
  const right = obeyedBy(set.bike, set.right);
  const TOLD: readonly (readonly [string, Partial<Obeyed>, readonly Tell[]])[] = [
    ["nothing of what is the same", {}, []],
    ["a tenth in the speed shown", { r: right.r * 1.1 }, ["speed-shown"]],
    ["nothing of a hundredth", { r: right.r * 1.01 }, []],
    ["two km/h at the end of assist", { assistEndKmh: (right.assistEndKmh ?? 0) + 2 }, ["assist-end"]],
    ["nothing of one", { assistEndKmh: (right.assistEndKmh ?? 0) + 1 }, []],
    ["no end at all", { assistEndKmh: null }, ["assist-end"]],
    ["a level less", { drives: right.drives.slice(0, -1) }, ["levels"]],
    ["half the current", { batteryA: right.batteryA / 2 }, ["power"]],
    ["a later start", { start: { ...right.start, pulses: right.start.pulses + 4 } }, ["start"]],
    ["the other direction", { start: { ...right.start, direction: "backward" } }, ["start"]],
    ["a slower walk", { walkKmh: right.walkKmh - 2 }, ["walk-assist"]],
    ["a gauge in volts or per cent", { gaugeIn: right.gaugeIn === "volts" ? "percent" : "volts" }, ["gauge"]],
    ["two volts at the cut-off", { cutOffV: right.cutOffV + 2 }, ["cut-off"]],
    ["the other unit", { unit: right.unit === "mph" ? "kmh" : "mph" }, ["unit"]],
    ["a motor brake", { regenShare: right.regenShare + 0.5 }, ["braking"]],
  ];
  it.each(TOLD)("%s", (_, moved, tells) => expect(tellsApart(right, { ...right, ...moved })).toEqual(tells));
});

describe("a bike of the bench", () => {
  it("is set as the product itself plans it: every line one the menu can hold", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const kit = kitFor(profile, BENCH_KITS, 0);
      const set = kit && benchSet(profile, kit, CLASSES[1] ?? null);
      if (!set) throw new Error(profile.name);
      linesOf(profile).forEach(({ encoding }, i) => {
        const raws = rawValues(encoding);
        if (raws.length > 0 && isShown(profile, i, set.right)) expect(raws).toContain(set.right[i]);
      });
      // The class it is set for ends assist at 25 km/h, as far as a display of this kind can.
      const { assistEndKmh } = obeyedBy(set.bike, set.right);
      if (assistEndKmh !== null) expect(assistEndKmh).toBeLessThan(41);
    }
  });
});

const pushed = (bike: LiveBike, hands: Partial<Hands>): boolean => {
  let live = atRest(bike, {
    ...atHome(bike.profile, benchSet(bike.profile, BENCH_KITS[0] ?? {}, null)?.right ?? []),
    level: 3,
  });
  let most = 0;
  for (let i = 0; i < 30; i++) {
    live = liveAfter(bike, live, { ...HANDS_OFF, ...hands }, 200);
    most = Math.max(most, live.motorN);
  }
  return most > 0;
};

describe("faults on the bench and those the finder is tried on", () => {
  const sound = liveBike(TARN, BENCH_KITS[0] ?? {});
  if (!sound) throw new Error("no bike");
  it("drives while all is sound", () => {
    expect(pushed(sound, { pedals: "forward" })).toBe(true);
    expect(pushed(sound, { throttle: 1 })).toBe(true);
  });
  it.each(INJECTED)("%s: what the finder's bikes show is what this bike does", (cause) => {
    const bike = withFault(sound, cause);
    expect(bike.wiring).not.toEqual(sound.wiring);
    const fault = causeById(FAULTS, cause);
    const wired = fault && faulty(TARN, [fault]);
    if (!wired) throw new Error(cause);
    const shown = signsShown(wired);
    const assisted = pushed(bike, { pedals: "forward" });
    if (shown.includes("no-assist") || shown.includes("dead")) expect(assisted).toBe(false);
    if (shown.includes("throttle-dead")) expect(pushed(bike, { throttle: 1 })).toBe(false);
    if (!shown.some((sign) => ["no-assist", "dead", "code-motor", "code-battery-low", "surges"].includes(sign)))
      if (cause !== "pack-lead-loose" && cause !== "pack-protecting") expect(assisted).toBe(true);
  });
  it("stands on the bench in its exercise, with the line that is wrong at its other end", () => {
    const lines = Array.from({ length: 60 }, (_, i) => exerciseOf(FAULTS, SHIPPED_DISPLAYS, i + 1)).flatMap(
      (exercise) => {
        const kit = exercise && kitFor(exercise.bike.profile, BENCH_KITS, 0);
        const right = exercise ? standInRaws(exercise.bike.profile) : [];
        const live = kit && faultyLive(FAULTS, exercise, kit, right);
        if (!exercise || !live) throw new Error("no exercise");
        expect(live.bike.wiring).toEqual(exercise.bike.wiring);
        const moved = live.raws.filter((raw, i) => raw !== standInRaws(exercise.bike.profile)[i]).length;
        const isLine = (causeById(FAULTS, exercise.cause)?.settings.length ?? 0) > 0;
        expect(moved).toBeLessThanOrEqual(isLine ? 1 : 0);
        return isLine ? [moved] : [];
      },
    );
    expect(lines.filter((moved) => moved === 1).length).toBeGreaterThan(lines.length * 0.8);
  });
  it("draws any of them", () => {
    const drawn = Array.from({ length: 40 }, (_, i) => drawnFault(INJECTED, () => i / 40));
    expect(new Set(drawn).size).toBe(INJECTED.length);
    expect(drawnFault(INJECTED, () => 0.999999)).toBe(INJECTED.at(-1));
    expect(drawnFault([], () => 0)).toBe("");
    expect(withFault(sound, "none")).toBe(sound);
  });
  it("puts a line at the wrong end where the display has it, and offers no line it lacks", () => {
    const right = benchSet(TARN, BENCH_KITS[0] ?? {}, null)?.right ?? [];
    for (const cause of INJECTED_LINES) {
      const put = withCause(FAULTS, { bike: sound, raws: right }, cause);
      const moved = put.raws.flatMap((raw, i) => (raw === right[i] ? [] : [i]));
      const hasIt = injectable(FAULTS, TARN).includes(cause);
      expect(moved.length, cause).toBe(hasIt ? 1 : 0);
      // A current line only limits: past what the controller gives it does nothing.
      if (hasIt && cause !== "current-line")
        expect(obeyedBy(sound, put.raws), cause).not.toEqual(obeyedBy(sound, right));
    }
    expect(injectable(FAULTS, TARN)).toContain("volts-line");
    expect(injectable(FAULTS, OSTLER)).not.toContain("walk-line");
  });
  it("shows codes a display has by its own list", () => {
    const codes = codesOf(
      [
        { code: "b", says: "a brake lever is taken for pulled" },
        { code: "?", says: "something" },
      ],
      (says) => signOfCode(CODE_WORDS, says),
    );
    expect(codes).toEqual({ "code-brake": "b" });
  });
});

describe("trials of a line on the bench", () => {
  /** The greatest speed with the wheel up and the throttle open, for each run of a trial. */
  const run = (bike: LiveBike, raws: readonly number[]): number => {
    let live = atRest(bike, { ...atHome(bike.profile, raws), level: 3 });
    for (let i = 0; i < 60; i++) live = liveAfter(bike, live, { ...HANDS_OFF, pedals: "forward", wheelUp: false }, 250);
    return live.speedKmh;
  };
  it("find that a cap ends assist where the firmware obeys it, and nothing where it does not", () => {
    const set = benchSet(TARN, BENCH_KITS[1] ?? {}, CLASSES[0] ?? null);
    if (!set) throw new Error("no bike");
    const cap = linesOf(TARN).findIndex(({ code }) => code === "53");
    const told = (bike: LiveBike) => {
      const runs = orderOfRuns(5).map((arm, i): TrialRun => ({
        arm,
        // Read off a phone to 0.1, a little otherwise each time.
        value: run(bike, set.right.with(cap, arm === "A" ? 20 : 28)) + 0.1 * ((i * 7) % 3),
      }));
      return verdictOf(runs, "more").kind;
    };
    expect(told(set.bike)).toBe("does-something");
    expect(told({ ...set.bike, firmware: { noEffect: ["53"], backwards: [] } })).toBe("nothing-seen");
    expect(told({ ...set.bike, firmware: { noEffect: [], backwards: ["53"] } })).not.toBe("does-something");
  });
});
