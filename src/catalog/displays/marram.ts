/**
 * Marram, an invented colour display whose maker says little: a mode key and levels with names that go round without a
 * level 0, a pulse line that hands over to the motor's, pages that blink beside one that does not, and a throttle state
 * that no menu shows and only a procedure with the lever held past the power key sets.
 */
import {
  action,
  choice,
  display,
  does,
  exit,
  group,
  held,
  key,
  level,
  line,
  number,
  opens,
  page,
  readOnly,
  steps,
  tap,
  when,
  whenAll,
} from "./describe";

const REPEAT = { afterMs: 700, everyMs: 120 } as const;

const LINES = [
  line("Units", choice("speedUnit", [0, "kmh", "metric"], [1, "mph", "statute"]), 0),
  line("Clock", { kind: "clock", setting: null }, null),
  line("Glow", number("backlight", 1, 5), 3, { ends: "stop" }),
  line(
    "Roll",
    {
      kind: "wheel-size",
      setting: "circumferenceMm",
      heldIn: "mm",
      rawMin: 1200,
      rawMax: 2400,
      circumferenceUncertainty: 0.01,
    },
    2180,
    { ends: "stop" },
  ),
  line("Spokes", { kind: "pulses-or-other", setting: "pulsesPerTurn", rawMin: 0, rawMax: 12, handsOverRaw: 0 }, 1, {
    ends: "stop",
    note: "Magnets on the spokes; 0 counts the motor instead.",
  }),
  line("Hub", number("motorPulses", 1, 200), null, {
    mattersWhen: when("Spokes", 0),
    note: "Pulses of the motor per wheel turn. Matters only while Spokes is 0.",
  }),
  line(
    "Limit",
    {
      kind: "speed-cap",
      setting: "assistCapKmh",
      heldIn: "kmh",
      rawMin: 12,
      rawMax: 45,
      uncappedRaw: 45,
      uncappedShows: "open",
      basis: "shown",
      endsThrottle: true,
      lowersPower: true,
    },
    25,
    { note: "A lower limit takes power as well." },
  ),
  line("Draw", number("currentLimitA", 8, 22), null, { ends: "stop" }),
  line("Pack", choice("nominalV", [0, 36, "36"], [1, 48, "48"]), 0),
  line(
    "Low cell",
    {
      kind: "around-default",
      setting: "cutOffV",
      rawMin: 26,
      rawMax: 40,
      defaultRaw: 31,
      perRaw: 0.5,
      defaults: [
        { nominalV: 36, valueV: 31 },
        { nominalV: 48, valueV: 41 },
      ],
    },
    31,
    { note: "31 is the default of the pack, whatever its volts; each number is half a volt." },
  ),
  line("Push", choice("throttleMode", [0, "off", "none"], [1, "follows-level", "level"], [2, "full", "full"]), 0),
  line("Kick", choice("throttleFromStandstill", [0, false, "rolling"], [1, true, "standing"]), 0, {
    shownWhen: whenAll(when("Push", 1, 2), when("Limit", ...Array.from({ length: 14 }, (_, i) => 12 + i))),
    note: "There only with a throttle, and a limit of 25 or less.",
  }),
  line("Feel", number("rampSoftness", -45, 45, { step: 5, per: -1 / 90, offset: 0.5, shownPer: 1 }), 0, {
    note: "Slope of the ramp: -45 the softest, 45 the fiercest.",
  }),
  line("Steps", choice("assistLevels", [3, 3], [5, 5]), 5),
  line("Last faults", readOnly(null), null, { makerOnly: true }),
  line("Build", readOnly("M7"), null, { makerOnly: true }),
  line("Throttle state", choice("throttleLevel", [0, "any", "any level"], [1, 1, "walk only"]), 0, {
    note: "No menu shows it. Lever kept pulled past the power key: throttle in the lowest level only.",
  }),
];

export const MARRAM = display({
  id: "marram-m",
  name: "Marram",
  variant: "build M7, five pages",
  glass: "colour",
  keys: [
    key("power", "O", "Power", "o"),
    key("mode", "M", "Mode", "m"),
    key("up", "+", "Up", "ArrowUp"),
    key("down", "−", "Down", "ArrowDown"),
    key("lever", "⊃", "Brake lever", "q", "brake-lever"),
  ],
  rules: [
    held("off", "power", 1200, "power-on"),
    // The lever goes down with the power key, and stays down six seconds after it has come up.
    held("off", "power+lever", 1200, "power-on"),
    {
      ...held("home", "lever", 6000, { kind: "set-value", line: "Throttle state", raw: 1 }),
      gesture: { kind: "keep-holding", released: ["power"], holdMs: 6000 },
    },
    held("home", "up+down+lever", 4000, { kind: "set-value", line: "Throttle state", raw: 0 }),
    held("home", "power", 1800, "power-off"),
    tap("home", "up", level(1, true)),
    tap("home", "down", level(-1, true)),
    tap("home", "mode", "next-mode"),
    held("home", "down", 2500, "start-walk-assist"),
    held("home", "mode+up", 1500, opens("top"), { wheelStill: true }),
    held("home", "mode+down", 3500, does("restore", "yes-no")),
    tap("menu", "mode", "select", { editing: false }),
    tap("menu", "mode", { kind: "confirm-value", then: "next-entry" }, { editing: true }),
    tap("menu", "up", "previous-entry", { editing: false, pages: ["top", "wheel", "battery", "ride"] }),
    tap("menu", "down", "next-entry", { editing: false, pages: ["top", "wheel", "battery", "ride"] }),
    tap("menu", "up", steps(1, REPEAT), { editing: true }),
    tap("menu", "down", steps(-1, REPEAT), { editing: true }),
    // The screen page changes at once: its power key goes on.
    tap("menu", "up", steps(1, REPEAT), { editing: false, pages: ["screen"] }),
    tap("menu", "down", steps(-1, REPEAT), { editing: false, pages: ["screen"] }),
    tap("menu", "power", "next-entry", { editing: false, pages: ["screen"] }),
    held("menu", "mode", 1000, "back", { editing: false }),
    held("menu", "mode+up", 1500, "save-and-leave"),
    tap("confirm", "up", steps(1)),
    tap("confirm", "mode", "select"),
    tap("code", "up", steps(1)),
    tap("code", "down", steps(-1)),
    tap("code", "mode", "next-digit"),
  ],
  levels: { lowest: 1, names: ["walk", "town", "tour", "hill", "full"] },
  modes: ["calm", "brisk"],
  pinDigits: 6,
  menu: {
    pages: [
      page("top", "Menu", "stop", [
        group("Screen", "screen"),
        group("Wheel", "wheel"),
        group("Battery", "battery"),
        group("Ride", "ride"),
        action("Lock", "set-pin", "nothing"),
        exit("Leave", true),
      ]),
      page("screen", "Screen", "wrap", ["Units", "Clock", "Glow"], "first", "at-once"),
      page("wheel", "Wheel", "stop", ["Roll", "Spokes", "Hub", "Limit"]),
      page("battery", "Battery", "stop", ["Draw", "Pack", "Low cell"]),
      page("ride", "Ride", "stop", ["Push", "Kick", "Feel", "Steps", "Last faults", "Build"]),
    ],
    idle: { closesAfterMs: 20000, pending: "discard" },
    changing: "select",
    saves: "leaving-menu",
  },
  lines: LINES,
  inForce: "at-once",
  comesOff: "slides-off",
  acceptsNominalV: [36, 48],
});
