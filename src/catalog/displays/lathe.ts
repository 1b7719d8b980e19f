/**
 * Lathe, an invented display with sixty lines in one two-way ring, for the workshop that wants everything: it is what
 * the planner is measured on. Values are kept together on leaving and act after a power cycle.
 */
import { choice, display, held, key, level, line, number, opens, page, reserved, steps, tap } from "./describe";

const code = (n: number): string => `r${String(n).padStart(2, "0")}`;

const DESCRIBED = [
  choice("speedUnit", [0, "kmh"], [1, "mph"]),
  number("backlight", 1, 8),
  number("lightSensor", 0, 7),
  number("autoOffMin", 0, 60),
  choice("powerReadout", [0, "watts"], [1, "amps"]),
  choice("batteryReadout", [0, "percent"], [1, "volts"]),
  choice("nominalV", [24, 24], [36, 36], [48, 48], [52, 52], [60, 60], [72, 72]),
  number("cutOffV", 180, 640, { step: 5, per: 0.1, decimals: 1 }),
  number("currentLimitA", 5, 60),
  {
    kind: "wheel-size",
    setting: "circumferenceMm",
    heldIn: "tenth-inch",
    rawMin: 100,
    rawMax: 300,
    circumferenceUncertainty: 0.03,
  } as const,
  number("pulsesPerTurn", 0, 255),
  {
    kind: "speed-cap",
    setting: "assistCapKmh",
    heldIn: "kmh",
    rawMin: 5,
    rawMax: 72,
    uncappedRaw: 72,
    uncappedShows: null,
    basis: "shown",
    endsThrottle: false,
    lowersPower: false,
  } as const,
  {
    kind: "speed-cap",
    setting: "throttleCapKmh",
    heldIn: "kmh",
    rawMin: 5,
    rawMax: 72,
    uncappedRaw: 72,
    uncappedShows: null,
    basis: "shown",
    endsThrottle: true,
    lowersPower: false,
  } as const,
  number("walkAssistKmh", 2, 8),
  number("assistLevels", 1, 9),
  choice("levelAtPowerOn", [0, 0], [1, 1], [2, 2], [3, 3], [9, "last-used"]),
  ...([1, 2, 3, 4, 5, 6, 7, 8, 9] as const).map((n) =>
    number(`share${n}`, 5, 100, { step: 5, per: 0.01, shownPer: 1 }),
  ),
  number("startPulses", 1, 24),
  number("startDelayS", 0, 30, { per: 0.1, decimals: 1 }),
  number("startStrengthShare", 1, 10, { per: 0.1, shownPer: 1 }),
  number("rampSoftness", 0, 9, { per: 0.1, shownPer: 1 }),
  number("crankPulses", 4, 64),
  choice("crankDirection", [0, "forward"], [1, "backward"]),
  number("crankScalingPercent", 20, 200, { step: 5 }),
  choice("throttleMode", [0, "off"], [1, "follows-level"], [2, "full"]),
  choice("throttleFromStandstill", [0, false], [1, true]),
  choice("throttleAfterPedalling", [0, false], [1, true]),
  number("throttleShare", 10, 100, { step: 10, per: 0.01, shownPer: 1 }),
  number("throttleCurve", 0, 5),
  choice("driveMode", [0, "assist-only"], [1, "throttle-only"], [2, "both"]),
  choice("walkAssistOn", [0, false], [1, true]),
  choice("cruiseOn", [0, false], [1, true]),
  number("regenShare", 0, 5, { per: 0.2, shownPer: 1 }),
  choice("gentleAtPowerOn", [0, false], [1, true]),
  choice("lampMode", [0, "manual"], [1, "automatic"], [2, "flashing"]),
  number("gaugeAveragingS", 0, 120, { step: 10 }),
  number("bar1V", 200, 700, { step: 5, per: 0.1, decimals: 1 }),
  number("bar2V", 200, 700, { step: 5, per: 0.1, decimals: 1 }),
  number("bar3V", 200, 700, { step: 5, per: 0.1, decimals: 1 }),
  number("bar4V", 200, 700, { step: 5, per: 0.1, decimals: 1 }),
  number("bar5V", 200, 700, { step: 5, per: 0.1, decimals: 1 }),
  number("protocol", 0, 7),
  number("phaseCoding", 0, 7),
  choice("waveForm", [0, "block"], [1, "sine"]),
] as const;

const MAKERS: ReadonlySet<string> = new Set([
  "pulsesPerTurn",
  "crankPulses",
  "crankDirection",
  "protocol",
  "phaseCoding",
  "waveForm",
]);
const FACTORY: Readonly<Record<string, number>> = {
  nominalV: 48,
  cutOffV: 400,
  currentLimitA: 20,
  circumferenceMm: 260,
  pulsesPerTurn: 1,
  assistCapKmh: 72,
  throttleCapKmh: 72,
  walkAssistKmh: 6,
  assistLevels: 5,
  crankPulses: 12,
  crankScalingPercent: 100,
  startPulses: 3,
  throttleShare: 100,
  bar1V: 400,
  bar2V: 445,
  bar3V: 465,
  bar4V: 475,
  bar5V: 490,
  speedUnit: 0,
  backlight: 4,
  autoOffMin: 10,
  share1: 20,
  share2: 30,
  share3: 40,
  share4: 50,
  share5: 60,
  share6: 70,
  share7: 80,
  share8: 90,
  share9: 100,
};

const LINES = Array.from({ length: 60 }, (_, i) => {
  const encoding = DESCRIBED[i] ?? reserved(0, 9);
  const setting = encoding.setting ?? "";
  const usual =
    encoding.kind === "number" ||
    encoding.kind === "wheel-size" ||
    encoding.kind === "speed-cap" ||
    encoding.kind === "reserved"
      ? encoding.rawMin
      : encoding.kind === "choice"
        ? (encoding.options[0]?.raw ?? 0)
        : 0;
  return line(code(i + 1), encoding, FACTORY[setting] ?? usual, {
    ends: i % 3 === 0 ? "wrap" : "stop",
    makerOnly: encoding.kind === "reserved" || MAKERS.has(setting),
  });
});

export const LATHE = display({
  id: "lathe-60",
  name: "Lathe",
  variant: "60 lines, one ring",
  keys: [
    key("one", "❘", "One", "a"),
    key("two", "❙", "Two", "s"),
    key("rise", "▲", "Rise", "d"),
    key("fall", "▼", "Fall", "f"),
  ],
  rules: [
    held("off", "one", 1000, "power-on"),
    held("home", "one", 2000, "power-off"),
    tap("home", "rise", level(1)),
    tap("home", "fall", level(-1)),
    held("home", "fall", 1500, "start-walk-assist"),
    held("home", "one+two", 1500, opens("ring")),
    tap("menu", "two", "next-entry"),
    tap("menu", "one", "previous-entry"),
    tap("menu", "rise", steps(1, { afterMs: 600, everyMs: 100 })),
    tap("menu", "fall", steps(-1, { afterMs: 600, everyMs: 100 })),
    held("menu", "one+two", 1500, "save-and-leave"),
  ],
  menu: {
    pages: [
      page(
        "ring",
        "Ring",
        "wrap",
        LINES.map((each) => each.code),
      ),
    ],
    idle: { closesAfterMs: 10000, pending: "discard" },
    changing: "at-once",
    saves: "leaving-menu",
  },
  lines: LINES,
  inForce: "after-power-cycle",
  comesOff: "turns-off",
  acceptsNominalV: [24, 36, 48, 52, 60, 72],
});
