/**
 * Skerry, an invented colour display: three keys, a cursor list in words with groups inside groups, values that blink until
 * they are confirmed and are kept at once. Its cap runs backwards on a scale nobody has stated: 0 is no cap, larger is slower.
 */
import { action, bundle, choice, display, doubleTap, exit, group, held, key, level, line, number, opens, page, steps, tap } from "./describe";

const LINES = [
  line("Kilometres", choice("speedUnit", [0, "kmh", "km"], [1, "mph", "miles"]), 0, { note: "One line for speed and distance." }),
  line("Brightness", number("backlight", 1, 5), 3, { ends: "stop" }),
  line("Sleep after", number("autoOffMin", 0, 30, { step: 5, special: [{ raw: 0, shows: "never", means: 0 }] }), 10, { ends: "stop" }),
  line("Charge as", choice("batteryReadout", [0, "percent", "per cent"], [1, "volts", "volts"]), 0),
  line("Power as", choice("powerReadout", [0, "watts", "watts"], [1, "amps", "amps"]), 0),
  line("Rim roll", { kind: "wheel-size", setting: "circumferenceMm", heldIn: "mm", rawMin: 1000, rawMax: 2400, circumferenceUncertainty: 0 }, 2100, { ends: "stop", note: "Millimetres a turn." }),
  line("Ease off", { kind: "unknown-scale", setting: "assistCapKmh", rawMin: 0, rawMax: 31, larger: "less", noneRaw: 0, measured: [] }, 0, {
    ends: "stop",
    note: "Runs backwards: 0 is no cap, a larger number is slower. Nobody has said on what scale: measure it.",
  }),
  line("Steps", choice("assistLevels", [0, 3, "three"], [1, 5, "five"], [2, 9, "nine"]), 1),
  line("Still step", choice("levelZero", [0, false, "none"], [1, true, "yes"]), 1, { note: "Whether there is a level 0." }),
  line("Wakes in", choice("levelAtPowerOn", [0, 0, "still"], [1, 1, "step 1"], [2, "last-used", "as left"]), 2),
  line("Character", bundle([0, { strengthCurve: 1, rampSoftness: 0.9 }, "mellow"], [1, { strengthCurve: 2, rampSoftness: 0.6 }, "even"], [2, { strengthCurve: 3, rampSoftness: 0.2 }, "keen"]), 2, { note: "One line sets curve and ramp together." }),
  line("Push-along", choice("walkAssistOn", [0, false, "no"], [1, true, "yes"]), 1),
  line("Hand throttle", choice("throttleMode", [0, "off", "ignored"], [1, "full", "free"], [2, "follows-level", "by step"]), 1),
  line("Amps", number("currentLimitA", 5, 30), 18, { ends: "stop" }),
  line("Stop at", number("cutOffV", 280, 480, { step: 5, per: 0.1, decimals: 1 }), 300, { ends: "stop" }),
  line("Battery", choice("nominalV", [36, 36, "36 V"], [48, 48, "48 V"]), 36),
  line("Lights", choice("lampMode", [0, "manual", "by key"], [1, "automatic", "by dusk"], [2, "flashing", "flash"]), 0),
  line("Dusk level", number("lightSensor", 1, 9), 4, { ends: "stop", mattersWhen: { line: "Lights", raws: [1] }, note: "Matters only while the lights go by dusk." }),
];

export const SKERRY = display({
  id: "skerry-words",
  name: "Skerry",
  variant: "word menu in five groups, no line numbers",
  glass: "colour",
  keys: [key("up", "△", "Up", "k"), key("down", "▽", "Down", "m"), key("dot", "●", "Dot", "o")],
  infoLines: ["trip", "brightness"],
  rules: [
    held("off", "dot", 900, "power-on"),
    held("home", "dot", 2400, "power-off"),
    doubleTap("home", "dot", opens("menu"), { wheelStill: true }),
    tap("home", "dot", "next-info"),
    tap("home", "up", level(1), { infoLine: "trip" }),
    tap("home", "down", level(-1), { infoLine: "trip" }),
    tap("home", "up", { kind: "step-backlight", by: 1 }, { infoLine: "brightness" }),
    tap("home", "down", { kind: "step-backlight", by: -1 }, { infoLine: "brightness" }),
    held("home", "up", 900, "toggle-lamp"),
    held("home", "down", 1600, "start-walk-assist"),
    tap("menu", "down", "next-entry", { editing: false }),
    tap("menu", "up", "previous-entry", { editing: false }),
    tap("menu", "dot", "select", { editing: false }),
    held("menu", "dot", 900, "back", { editing: false }),
    tap("menu", "up", steps(1, { afterMs: 600, everyMs: 120 }), { editing: true }),
    tap("menu", "down", steps(-1, { afterMs: 600, everyMs: 120 }), { editing: true }),
    tap("menu", "dot", "confirm-value", { editing: true }),
    held("menu", "dot", 900, "cancel-value", { editing: true }),
    tap("confirm", "up", steps(1)),
    tap("confirm", "down", steps(-1)),
    tap("confirm", "dot", "select"),
  ],
  menu: {
    pages: [
      page("menu", "Menu", "stop", [group("Screen", "screen"), group("Bike", "bike"), group("Help", "help"), exit("Leave", true)]),
      page("screen", "Screen", "stop", ["Kilometres", "Brightness", "Sleep after", "Charge as", "Power as"]),
      page("bike", "Bike", "stop", ["Rim roll", "Ease off", group("Supply", "supply"), group("Lamp", "lamp"), action("Start over", "restore")]),
      page("help", "Help", "stop", ["Steps", "Still step", "Wakes in", "Character", "Push-along", "Hand throttle"], "last-visited"),
      page("supply", "Supply", "stop", ["Battery", "Amps", "Stop at"]),
      page("lamp", "Lamp", "stop", ["Lights", "Dusk level"]),
    ],
    idle: { closesAfterMs: 15000, pending: "discard" },
    changing: "select",
    saves: "each-change",
  },
  lines: LINES,
  inForce: "at-once",
  acceptsNominalV: [36, 48],
  faultCodes: [
    { code: "brake held", says: "a brake lever is taken for pulled" },
    { code: "no motor word", says: "the display hears nothing from the controller" },
  ],
});
