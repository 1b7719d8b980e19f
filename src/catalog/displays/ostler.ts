/**
 * Ostler, an invented segment display: three keys, a class preset that sets cap, throttle and drive at once, a current
 * line whose low numbers are full power with a slow ramp, and a chord that opens the settings only soon after power-on:
 * later the same chord puts the maker's values back. Its cap is held in the unit the rider sees.
 */
import {
  bundle,
  choice,
  digit,
  display,
  held,
  key,
  level,
  line,
  number,
  opens,
  page,
  reserved,
  steps,
  tap,
} from "./describe";

const LINES = [
  line("101", choice("speedUnit", [0, "kmh"], [1, "mph"]), 0),
  line(
    "105",
    bundle(
      [0, { assistCapKmh: "uncapped", throttleMode: "full", driveMode: "both" }],
      [1, { assistCapKmh: 25, throttleMode: "off", driveMode: "assist-only" }],
      [2, { assistCapKmh: 32, throttleMode: "full", driveMode: "both" }],
      [3, { assistCapKmh: 45, throttleMode: "off", driveMode: "assist-only" }],
    ),
    0,
    { note: "A class preset: one number sets cap, throttle and drive mode together." },
  ),
  line(
    "110",
    {
      kind: "speed-cap",
      setting: "throttleCapKmh",
      heldIn: "shown",
      rawMin: 4,
      rawMax: 60,
      uncappedRaw: 60,
      uncappedShows: "FrE",
      basis: "shown",
      endsThrottle: true,
      lowersPower: false,
    },
    60,
    { ends: "stop", note: "In the unit the rider sees. 60 shows FrE: no cap." },
  ),
  line(
    "115",
    {
      kind: "wheel-size",
      setting: "circumferenceMm",
      heldIn: "tenth-inch",
      rawMin: 120,
      rawMax: 299,
      circumferenceUncertainty: 0.01,
    },
    260,
    { ends: "stop", note: "Inches to a tenth." },
  ),
  line("120", number("speedCalibrationPercent", 90, 110), 100, { ends: "stop", note: "Per cent of the speed shown." }),
  line(
    "205",
    bundle(
      [1, { currentShare: 1, rampSoftness: 0.9 }],
      [2, { currentShare: 1, rampSoftness: 0.6 }],
      [3, { currentShare: 1, rampSoftness: 0.3 }],
      [4, { currentShare: 0.8, rampSoftness: 0.3 }],
      [5, { currentShare: 0.6, rampSoftness: 0.3 }],
      [6, { currentShare: 0.4, rampSoftness: 0.3 }],
    ),
    3,
    {
      note: "1, 2 and 3 are full power with a slower ramp, not smaller limits. Only 4, 5 and 6 limit the current.",
    },
  ),
  line(
    "210",
    {
      kind: "around-default",
      setting: "cutOffV",
      rawMin: -6,
      rawMax: 6,
      defaultRaw: 0,
      perRaw: 0.5,
      defaults: [
        { nominalV: 36, valueV: 31 },
        { nominalV: 48, valueV: 41 },
        { nominalV: 52, valueV: 44 },
      ],
    },
    0,
    { ends: "stop", note: "Half volts around a default that follows line 215." },
  ),
  line("215", choice("nominalV", [36, 36], [48, 48], [52, 52]), 48),
  line("220", number("levelAtPowerOn", 0, 5), 1, { ends: "stop" }),
  line("225", number("crankScalingPercent", -45, 45), 0, {
    ends: "stop",
    note: "A slope: below 0 helps less for the same push.",
  }),
  line("230", choice("cruiseOn", [0, false], [1, true]), 0),
  line("235", choice("startPinOn", [0, false], [1, true]), 0, {
    note: "Digits are set on another page of the rider’s own.",
  }),
  line("240", number("waveForm", 0, 0, {}), 0, { makerOnly: true }),
  line("245", reserved(0, 9), 0, { makerOnly: true }),
].map((each) => (each.code === "240" ? { ...each, encoding: choice("waveForm", [0, "block"], [1, "sine"]) } : each));

export const OSTLER = display({
  id: "ostler-14",
  name: "Ostler",
  variant: "14 lines in hundreds",
  keys: [key("left", "◁", "Left", "x"), key("mid", "◇", "Middle", "c"), key("right", "▷", "Right", "v")],
  infoLines: ["trip", "odometer"],
  rules: [
    held("off", "mid", 1500, "power-on"),
    held("home", "mid", 2000, "power-off"),
    held("home", "left+right", 2000, opens("lines"), { sincePowerOn: { kind: "within", ms: 6000 } }),
    held(
      "home",
      "left+right",
      2000,
      { kind: "run-action", action: "restore", asks: "nothing" },
      { sincePowerOn: { kind: "after", ms: 6000 } },
    ),
    tap("home", "mid", "next-info"),
    tap("home", "right", level(1)),
    tap("home", "left", level(-1)),
    held("home", "right", 1800, "start-cruise"),
    held("home", "left", 1200, "end-cruise"),
    held("home", "mid+left", 1500, { kind: "run-action", action: "clear-trip", asks: "nothing" }),
    tap("menu", "right", "next-entry", { editing: false }),
    tap("menu", "left", "previous-entry", { editing: false }),
    tap("menu", "mid", "select", { editing: false }),
    tap("menu", "right", digit(0), { editing: true }),
    tap("menu", "left", digit(1), { editing: true }),
    held("menu", "right", 700, steps(1), { editing: true }),
    held("menu", "left", 700, steps(-1), { editing: true }),
    tap("menu", "mid", "confirm-value", { editing: true }),
    held("menu", "mid", 1500, "save-and-leave"),
  ],
  menu: {
    pages: [
      page(
        "lines",
        "Lines",
        "wrap",
        LINES.map(({ code }) => code),
      ),
    ],
    idle: { closesAfterMs: 10000, pending: "discard" },
    changing: "select",
    saves: "leaving-menu",
  },
  lines: LINES,
  inForce: "at-once",
  comesOff: "slides-off",
  acceptsNominalV: [36, 48, 52],
  faultCodes: [
    { code: "71", says: "a hall lead of the motor" },
    { code: "72", says: "the throttle lies above its rest" },
  ],
});
