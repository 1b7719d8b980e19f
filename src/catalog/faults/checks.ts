/**
 * What one can do to find a cause, with the time it takes somebody who knows how, what it needs, and how well it tells.
 * Common practice, no source.
 */
import type { FaultCheck, Reading, Spare, Tool } from "@/core/faults/faults";
import { CAUSES } from "./causes";

type Rest = Partial<{ tools: readonly Tool[]; spare: Spare; reading: Reading; falseAlarm: number }>;
const check =
  (kind: FaultCheck["kind"]) =>
  (id: string, minutes: number, tells: Readonly<Record<string, number>>, rest: Rest = {}): FaultCheck => ({
    id,
    kind,
    minutes,
    tells,
    tools: rest.tools ?? [],
    spare: rest.spare ?? null,
    reading: rest.reading ?? null,
    falseAlarm: rest.falseAlarm ?? 0.02,
  });
const look = check("look");
const attempt = check("try");
const meter = check("meter");
const swap = check("swap");

/** A line is read on the display, or from what was read, and held against what the plan gives. */
const readLine = (id: string): FaultCheck =>
  check("line")(`read-${id}`, id === "motor-preset-line" ? 3 : 1.5, { [id]: 0.97 });

export const CHECKS: readonly FaultCheck[] = [
  look("look-at-levers", 0.5, { "lever-resting": 0.95 }),
  attempt("unplug-brakes-at-controller", 3, {
    "lever-resting": 0.97,
    "brake-sensor-stuck": 0.97,
    "brake-wiring": 0.97,
  }),
  look("look-at-brake-plugs", 1, { "brake-unplugged": 0.93 }),
  attempt("pull-lever-right-through", 0.5, { "brake-switch-late": 0.9 }, { tools: ["stand"] }),
  look("follow-brake-leads", 5, { "brake-wiring": 0.9 }),
  swap("swap-brake-lever", 10, { "brake-sensor-stuck": 0.98 }, { spare: "brake-lever" }),
  meter(
    "pack-at-rest",
    2,
    { "pack-empty": 0.97, "pack-protecting": 0.97 },
    { tools: ["meter"], reading: "pack-at-rest" },
  ),
  meter("pack-reads-nothing", 2, { "pack-protecting": 0.95 }, { tools: ["meter"], reading: "pack-at-rest" }),
  meter(
    "pack-under-load",
    5,
    { "pack-weak": 0.93, "pack-empty": 0.9, "pack-lead-loose": 0.9, "pack-protecting": 0.97 },
    { tools: ["meter", "second-hand"], reading: "pack-under-load" },
  ),
  look("pull-at-pack-lead", 1, { "pack-lead-loose": 0.93 }),
  attempt("press-pack-button", 0.5, { "pack-protecting": 0.75, "pack-empty": 0.6 }),
  swap("swap-pack", 4, { "pack-empty": 0.97, "pack-weak": 0.97, "pack-protecting": 0.97 }, { spare: "pack" }),
  look("look-at-phase-plugs", 3, { "phase-loose": 0.93 }, { tools: ["screwdriver"] }),
  look("look-at-hall-plug", 2, { "hall-lead-loose": 0.9 }),
  meter("hall-signal", 8, { "hall-lead-loose": 0.95, "motor-bad": 0.75 }, { tools: ["meter"], reading: "hall-signal" }),
  attempt("turn-wheel-with-phases-joined", 6, { "motor-bad": 0.85 }, { tools: ["screwdriver"] }),
  swap(
    "swap-motor",
    30,
    { "motor-bad": 0.98, "hall-lead-loose": 0.7 },
    { spare: "wheel-with-motor", tools: ["stand"] },
  ),
  swap("swap-controller", 20, { "controller-bad": 0.98 }, { spare: "controller", tools: ["screwdriver"] }),
  look("feel-the-heat", 0.5, { "controller-hot": 0.85, "motor-hot": 0.85 }),
  look("feel-controller-alone", 0.5, { "controller-hot": 0.9 }),
  look("look-at-throttle-plug", 2, { "throttle-lead-loose": 0.93 }),
  meter(
    "throttle-signal",
    5,
    { "throttle-bad": 0.95, "throttle-lead-loose": 0.9 },
    { tools: ["meter"], reading: "throttle-signal" },
  ),
  attempt("let-throttle-snap-back", 0.5, { "throttle-bad": 0.5 }),
  swap("swap-throttle", 8, { "throttle-bad": 0.98, "throttle-lead-loose": 0.3 }, { spare: "throttle" }),
  look("reseat-display-lead", 1, { "display-lead-loose": 0.93 }),
  swap("swap-display", 5, { "display-bad": 0.97, "display-lead-loose": 0.2 }, { spare: "display" }),
  look("look-at-magnet", 1, { "magnet-moved": 0.95 }),
  meter(
    "pick-up-signal",
    4,
    { "speed-lead-loose": 0.95, "magnet-moved": 0.9 },
    { tools: ["meter"], reading: "pick-up-signal" },
  ),
  look("follow-speed-lead", 3, { "speed-lead-loose": 0.9 }),
  look("look-at-crank-plug", 3, { "crank-lead-loose": 0.93 }),
  attempt("pedal-backwards", 0.5, { "crank-ring-turned": 0.93 }, { tools: ["stand"] }),
  attempt("click-every-key", 0.5, { "key-stuck": 0.93 }),
  attempt("level-up", 0.3, { "level-zero": 0.98 }),
  attempt("enter-the-pin", 1, { "pin-set": 0.98 }),
  attempt("other-ways-in", 3, { "other-way-in": 0.9 }),
  attempt("save-and-read-again", 2, { "not-saved": 0.95 }),
  attempt("power-cycle", 0.5, { "not-power-cycled": 0.97 }),
  attempt("wheel-up-full-level", 2, { "kit-limit": 0.9 }, { tools: ["stand"] }),
  ...CAUSES.filter(({ settings }) => settings.length > 0).map(({ id }) => readLine(id)),
];
