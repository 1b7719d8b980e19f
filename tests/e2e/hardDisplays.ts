/**
 * Three hard displays of our own design, to be described by hand: banks behind a window of time, a menu behind a code
 * with shares and bar volts, a menu of long words with presets and a PIN.
 */
import { FORMAT, FORMAT_VERSION } from "../../src/core/display/profileFormat";
import { newLine } from "../../src/core/display/lines";
import { held, plainRule, TAP } from "../../src/core/display/rules";
import type { DisplayProfile, Encoding, Entry, KeyRule, Line, Page } from "../../src/core/display";

const rule = (
  on: KeyRule["on"],
  keys: readonly string[],
  gesture: KeyRule["gesture"],
  does: KeyRule["does"],
  holds: Partial<KeyRule> = {},
): KeyRule => ({ ...plainRule(on, keys, gesture, does), ...holds });
const tap = TAP;
const twice: KeyRule["gesture"] = { kind: "double-tap" };

const line = (code: string, encoding: Encoding, factoryRaw: number | null, more: Partial<Line> = {}): Line => ({
  ...newLine(code, encoding, factoryRaw),
  makerOnly: false,
  effect: "works",
  ...more,
});

type Setting = Extract<Encoding, { kind: "choice" }>["setting"];
type Means = string | number | boolean;
const choice = (
  setting: Setting,
  ...options: readonly (readonly [raw: number, shows: string, means: Means])[]
): Encoding => ({
  kind: "choice",
  setting,
  options: options.map(([raw, shows, means]) => ({ raw, shows, means })),
});
const number = (
  setting: Setting,
  rawMin: number,
  rawMax: number,
  perRaw = 1,
  shownPer = perRaw,
  decimals = 0,
  offset = 0,
): Encoding => ({
  kind: "number",
  setting,
  rawMin,
  rawMax,
  rawStep: 1,
  perRaw,
  offset,
  shownPer,
  shownOffset: 0,
  decimals,
  special: [],
});
const cap = (
  rawMin: number,
  rawMax: number,
  more: Partial<Extract<Encoding, { kind: "speed-cap" }>> = {},
): Encoding => ({
  kind: "speed-cap",
  setting: "assistCapKmh",
  heldIn: "kmh",
  rawMin,
  rawMax,
  uncappedRaw: null,
  uncappedShows: null,
  basis: "shown",
  endsThrottle: true,
  lowersPower: false,
  ...more,
});
const wheels = (
  ...codes: readonly (readonly [raw: number, shows: string, inch: number, mm: number | null])[]
): Encoding => ({
  kind: "wheel-code",
  setting: "circumferenceMm",
  codes: codes.map(([raw, shows, inch, circumferenceMm]) => ({ raw, shows, inch, circumferenceMm })),
  circumferenceUncertainty: 0.02,
});

const page = (id: string, name: string, entries: readonly Entry[], more: Partial<Page> = {}): Page => ({
  id,
  name,
  entries: [...entries],
  atEnds: "wrap",
  opensAt: "first",
  changing: null,
  ...more,
});
const all = (lines: readonly Line[], from = 0, to = lines.length): readonly Entry[] =>
  lines.slice(from, to).map(({ code }) => ({ kind: "line", line: code }));
const key = (id: string, cap: string, name: string, keyboard: string, part: "key" | "brake-lever" = "key") => ({
  id,
  cap,
  name,
  keyboard,
  part,
});

const BASE: Pick<
  DisplayProfile,
  | "format"
  | "version"
  | "revision"
  | "glass"
  | "doubleTapMs"
  | "infoLines"
  | "levels"
  | "modes"
  | "pinDigits"
  | "inForce"
  | "acceptsNominalV"
  | "faultCodes"
> = {
  format: FORMAT,
  version: FORMAT_VERSION,
  revision: 1,
  glass: "segment",
  doubleTapMs: 400,
  infoLines: [],
  levels: { lowest: 0, names: [] },
  modes: [],
  pinDigits: 4,
  inForce: "after-power-cycle",
  acceptsNominalV: [36, 48],
  faultCodes: [],
};

const BANKED: readonly Line[] = [
  line("a1", choice("speedUnit", [0, "0", "kmh"], [1, "1", "mph"]), 0),
  line(
    "a2",
    wheels([0, "20", 20, null], [1, "26", 26, 2075], [2, "275", 27.5, 2180], [3, "700", 28, 2200], [4, "29", 29, 2310]),
    1,
  ),
  line("a3", cap(10, 41, { uncappedRaw: 41, uncappedShows: "--" }), 25),
  line("a4", number("assistLevels", 1, 9), 5),
  line("b1", number("currentLimitA", 6, 22), 15),
  line("b2", number("cutOffV", 280, 420, 0.1, 0.1, 1), 310, { atEnds: "wrap" }),
  line("b3", choice("throttleMode", [0, "0", "off"], [1, "1", "full"]), 1),
  line("b4", choice("throttleFromStandstill", [0, "0", false], [1, "1", true]), 0, {
    mattersWhen: [{ line: "b3", raws: [1] }],
  }),
  line("b5", { kind: "reserved", setting: null, rawMin: 0, rawMax: 9 }, null, { makerOnly: true, effect: "not-tried" }),
];

/** Two banks; the first only within eight seconds of power-on, the second only from the first. */
export const FARROW: DisplayProfile = {
  ...BASE,
  id: "farrow",
  name: "Farrow",
  variant: "two banks",
  keys: [
    key("onoff", "I", "Onoff", "o"),
    key("more", "+", "More", "m"),
    key("less", "−", "Less", "l"),
    key("lamp", "L", "Lamp", "p"),
  ],
  rules: [
    rule("off", ["onoff"], held(1000), { kind: "power-on" }),
    rule("home", ["onoff"], held(2500), { kind: "power-off" }),
    rule(
      "home",
      ["more", "lamp"],
      held(2000),
      { kind: "open-page", page: "first", code: null },
      {
        sincePowerOn: { kind: "within", ms: 8000 },
        wheelStill: true,
      },
    ),
    rule("menu", ["lamp"], tap, { kind: "next-entry" }),
    rule("menu", ["more"], tap, { kind: "step-value", by: 1, repeat: { afterMs: 800, everyMs: 200 } }),
    rule("menu", ["less"], tap, { kind: "step-value", by: -1, repeat: { afterMs: 800, everyMs: 200 } }),
    rule("menu", ["onoff"], held(1200), { kind: "save-and-leave" }),
    rule("menu", ["less", "lamp"], held(2000), { kind: "open-page", page: "second", code: null }, { pages: ["first"] }),
    rule(
      "home",
      ["more", "lamp"],
      held(3000),
      { kind: "run-action", action: "restore", asks: "yes-no" },
      {
        sincePowerOn: { kind: "after", ms: 8000 },
      },
    ),
    rule("home", ["less"], held(1500), { kind: "start-walk-assist" }),
    rule("home", ["lamp"], tap, { kind: "toggle-lamp" }),
    rule("confirm", ["more"], tap, { kind: "step-value", by: 1, repeat: null }),
    rule("confirm", ["lamp"], tap, { kind: "select" }),
  ],
  menu: {
    pages: [
      page("first", "First bank", all(BANKED, 0, 4)),
      page("second", "Second bank", all(BANKED, 4), { atEnds: "stop" }),
    ],
    idle: { closesAfterMs: 9000, pending: "discard" },
    changing: "at-once",
    saves: "leaving-menu",
  },
  lines: [...BANKED],
  faultCodes: [
    { code: "41", says: "Brake lever held" },
    { code: "42", says: "Throttle not at rest" },
  ],
  source: "Designed for this test.",
};

const SHARES = ["share1", "share2", "share3"] as const;
const BARS = ["bar1V", "bar2V", "bar3V", "bar4V", "bar5V"] as const;
const CODED: readonly Line[] = [
  line("1", choice("nominalV", [0, "36", 36], [1, "48", 48]), 0),
  line("2", choice("assistLevels", [0, "0", 3], [1, "1", 5]), 0),
  ...SHARES.map((setting, i) => line(`2${i + 1}`, { ...number(setting, 20, 100, 0.01, 1) }, 40 + 30 * i)),
  ...BARS.map((setting, i) =>
    line(`3${i + 1}`, number(setting, 300, 550, 0.1, 0.1, 1), 330 + 15 * i, { shownWhen: [{ line: "1", raws: [0] }] }),
  ),
  line("4", cap(12, 32), 25),
  line("5", wheels([16, "16", 16, null], [20, "20", 20, null], [26, "26", 26, null], [28, "28", 28, null]), 28),
  line("6", { ...number("autoOffMin", 0, 20), special: [{ raw: 0, shows: "no", means: 0 }] } as Encoding, 10),
];

/** Behind a code; shares of each level and volts of each bar in groups of their own. */
export const CAIRN: DisplayProfile = {
  ...BASE,
  id: "cairn",
  name: "Cairn",
  variant: "behind a code",
  keys: [key("set", "S", "Set", "s"), key("plus", "+", "Plus", "ArrowUp"), key("minus", "−", "Minus", "ArrowDown")],
  rules: [
    rule("off", ["set"], held(1500), { kind: "power-on" }),
    rule("home", ["set"], held(3000), { kind: "power-off" }),
    rule("home", ["set"], twice, { kind: "open-page", page: "main", code: "407" }),
    rule("menu", ["plus"], tap, { kind: "next-entry" }, { editing: false }),
    rule("menu", ["plus"], tap, { kind: "step-value", by: 1, repeat: null }, { editing: true }),
    rule("menu", ["minus"], tap, { kind: "step-value", by: -1, repeat: null }, { editing: true }),
    rule("menu", ["set"], held(2000), { kind: "back" }),
    rule("menu", ["minus"], tap, { kind: "previous-entry" }, { editing: false }),
    rule("menu", ["set"], tap, { kind: "select" }, { editing: false }),
    rule("menu", ["set"], tap, { kind: "confirm-value", then: "next-entry" }, { editing: true }),
    rule("code", ["plus"], tap, { kind: "step-value", by: 1, repeat: null }),
    rule("code", ["set"], tap, { kind: "next-digit" }),
    rule("home", ["plus"], tap, { kind: "step-level", by: 1, around: false }),
    rule("home", ["minus"], tap, { kind: "step-level", by: -1, around: false }),
  ],
  menu: {
    pages: [
      page("main", "Main", [
        { kind: "line", line: "1" },
        { kind: "line", line: "2" },
        { kind: "page", code: "20", page: "shares" },
        { kind: "page", code: "30", page: "bars" },
        { kind: "line", line: "4" },
        { kind: "line", line: "5" },
        { kind: "line", line: "6" },
      ]),
      page("shares", "Shares", all(CODED, 2, 5), { atEnds: "stop" }),
      page("bars", "Bars", all(CODED, 5, 10)),
    ],
    idle: { closesAfterMs: 20_000, pending: "save" },
    changing: "select",
    saves: "each-change",
  },
  lines: [...CODED],
  acceptsNominalV: [36, 48],
  source: "Designed for this test.",
};

const WORDED: readonly Line[] = [
  line("Measurements", choice("speedUnit", [0, "metric", "kmh"], [1, "miles", "mph"]), 0, { atEnds: "wrap" }),
  line("Illumination", number("backlight", 1, 5), 3),
  line(
    "Wheelgirth",
    {
      kind: "wheel-size",
      setting: "circumferenceMm",
      heldIn: "mm",
      rawMin: 1000,
      rawMax: 2400,
      circumferenceUncertainty: 0.01,
    },
    2180,
  ),
  line(
    "Programme",
    {
      kind: "bundle",
      setting: null,
      basis: "shown",
      endsThrottle: true,
      options: [
        { raw: 0, shows: "street", means: { assistCapKmh: 25, currentLimitA: 15, throttleMode: "off" } },
        { raw: 1, shows: "yard", means: { assistCapKmh: 32, currentLimitA: 20, throttleMode: "full" } },
        { raw: 2, shows: "trailrunning", means: { assistCapKmh: "uncapped", currentLimitA: 22, throttleMode: "full" } },
      ],
    },
    0,
  ),
  line(
    "Undervoltage",
    {
      kind: "around-default",
      setting: "cutOffV",
      rawMin: -5,
      rawMax: 5,
      defaultRaw: 0,
      perRaw: 0.5,
      defaults: [
        { nominalV: 36, valueV: 31 },
        { nominalV: 48, valueV: 41 },
      ],
    },
    0,
  ),
  line("Batteryvolts", choice("nominalV", [36, "thirty-six", 36], [48, "forty-eight", 48]), 36),
  line(
    "Startsetting",
    {
      kind: "unknown-scale",
      setting: "rampSoftness",
      rawMin: 1,
      rawMax: 6,
      larger: "less",
      noneRaw: null,
      measured: [],
    },
    null,
  ),
  line("Servicecodes", { kind: "read-only", setting: null, shows: null }, null),
];

/** A menu of long words, with presets and a start PIN. */
export const HOLLIN: DisplayProfile = {
  ...BASE,
  id: "hollin",
  name: "Hollin",
  variant: "words, presets, PIN",
  glass: "colour",
  keys: [key("dot", "●", "Dot", "d"), key("up", "△", "Up", "ArrowUp"), key("down", "▽", "Down", "ArrowDown")],
  rules: [
    rule("off", ["dot"], held(1500), { kind: "power-on" }),
    rule("home", ["dot"], held(3000), { kind: "power-off" }),
    rule("home", ["up", "down"], held(1500), { kind: "open-page", page: "menu", code: null }),
    rule("menu", ["down"], tap, { kind: "next-entry" }, { editing: false }),
    rule("menu", ["up"], tap, { kind: "step-value", by: 1, repeat: { afterMs: 600, everyMs: 50 } }, { editing: true }),
    rule(
      "menu",
      ["down"],
      tap,
      { kind: "step-value", by: -1, repeat: { afterMs: 600, everyMs: 50 } },
      { editing: true },
    ),
    rule("menu", ["dot"], held(2000), { kind: "back" }),
    rule("menu", ["up"], tap, { kind: "previous-entry" }, { editing: false }),
    rule("menu", ["dot"], tap, { kind: "select" }, { editing: false }),
    rule("menu", ["dot"], tap, { kind: "confirm-value", then: "stays" }, { editing: true }),
    rule("confirm", ["up"], tap, { kind: "step-value", by: 1, repeat: null }),
    rule("confirm", ["down"], tap, { kind: "step-value", by: -1, repeat: null }),
    rule("confirm", ["dot"], tap, { kind: "select" }),
    rule("code", ["up"], tap, { kind: "step-value", by: 1, repeat: null }),
    rule("code", ["dot"], tap, { kind: "next-digit" }),
    rule("home", ["dot"], tap, { kind: "next-info" }),
    rule("home", ["up"], tap, { kind: "step-backlight", by: 1 }, { infoLine: "brightness" }),
    rule("home", ["up"], tap, { kind: "step-level", by: 1, around: true }, { infoLine: "trip" }),
  ],
  infoLines: ["trip", "brightness"],
  levels: { lowest: 1, names: ["gentle", "steady", "strong"] },
  pinDigits: 6,
  menu: {
    pages: [
      page(
        "menu",
        "Menu",
        [
          { kind: "page", code: "Presentation", page: "screen" },
          { kind: "page", code: "Bicycle", page: "bike" },
          { kind: "action", code: "Startupguard", action: "set-pin", asks: "pattern" },
          { kind: "action", code: "Factoryreset", action: "restore", asks: "yes-no" },
          { kind: "exit", code: "Leavethemenu", saves: true },
        ],
        { atEnds: "stop" },
      ),
      page("screen", "Presentation", all(WORDED, 0, 2)),
      page("bike", "Bicycle", all(WORDED, 2)),
    ],
    idle: { closesAfterMs: 30_000, pending: "save" },
    changing: "select",
    saves: "leaving-line",
  },
  lines: [...WORDED],
  inForce: "at-once",
  source: "Designed for this test.",
};

export const HARD_DISPLAYS = [FARROW, CAIRN, HOLLIN] as const;
