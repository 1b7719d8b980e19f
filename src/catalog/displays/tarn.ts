/**
 * Tarn, an invented display: four keys, a flat one-way ring of 18 lines, a menu that closes after eight seconds and
 * throws away what was not saved, and a way in whose near miss starts walk assist. Its cap is held in km/h whatever the
 * rider sees.
 */
import {
  choice,
  display,
  held,
  key,
  level,
  line,
  number,
  opens,
  page,
  readOnly,
  reserved,
  steps,
  tap,
} from "./describe";

const REPEAT = { afterMs: 700, everyMs: 180 };

const LINES = [
  line("31", choice("throttleMode", [0, "full"], [1, "follows-level"], [2, "off"]), 0),
  line("32", choice("throttleFromStandstill", [0, true], [1, false]), 0, {
    note: "Runs backwards: 0 lets the throttle pull from standstill, 1 asks for a rolling start.",
  }),
  line("33", number("startPulses", 1, 10), 2, { ends: "stop" }),
  line("34", choice("startStrengthShare", [1, 0.4], [2, 0.55], [3, 0.7], [4, 0.85], [5, 1]), 4, { ends: "stop" }),
  line("35", choice("walkAssistOn", [0, false], [1, true]), 1),
  line("41", number("currentLimitA", 12, 60, { per: 0.5, decimals: 1 }), 44, { ends: "stop" }),
  line("42", number("cutOffV", 0, 50, { per: 0.5, offset: 26, decimals: 1 }), 26, { ends: "stop" }),
  line("43", choice("nominalV", [1, 36], [2, 48], [3, 52]), 2, {
    note: "A code number, not volts: 1 is 36 V, 2 is 48 V, 3 is 52 V.",
  }),
  line(
    "51",
    {
      kind: "wheel-code",
      setting: "circumferenceMm",
      codes: [14, 16, 18, 20, 22, 24, 26, 27.5, 28, 29].map((inch, raw) => ({
        raw,
        shows: String(inch),
        inch,
        circumferenceMm: null,
      })),
      circumferenceUncertainty: 0,
    },
    6,
    { note: "Each code is nominal inch × 25.4 × π, proven on the bench." },
  ),
  line("52", number("pulsesPerTurn", 1, 24), 1, { ends: "stop", makerOnly: true }),
  line(
    "53",
    {
      kind: "speed-cap",
      setting: "assistCapKmh",
      heldIn: "kmh",
      rawMin: 10,
      rawMax: 50,
      uncappedRaw: 50,
      uncappedShows: null,
      basis: "shown",
      endsThrottle: true,
      lowersPower: false,
    },
    50,
    {
      ends: "stop",
      note: "Always km/h, whatever unit the rider sees. 50 stands for no cap.",
    },
  ),
  line("54", reserved(0, 3), 0, { makerOnly: true, note: "Does nothing that anybody has found." }),
  line("61", choice("assistLevels", [1, 3], [2, 4], [3, 6]), 3, {
    note: "A code number: 1 gives three levels, 2 four, 3 six. Level 0 is always there.",
  }),
  line("62", choice("levelAtPowerOn", [0, 0], [1, 1], [2, 2], [9, "last-used"]), 9, {
    note: "9 stands for the level last used.",
  }),
  line("63", choice("speedUnit", [0, "mph"], [1, "kmh"]), 1, {
    note: "Changes what the rider sees only. The cap stays in km/h.",
  }),
  line("64", choice("batteryReadout", [0, "volts"], [1, "percent"]), 1),
  line("65", number("autoOffMin", 0, 20), 5, { note: "Minutes; 0 never switches off." }),
  line("66", readOnly("3b"), 0, { ends: "stop", makerOnly: true, note: "Firmware mark." }),
];

export const TARN = display({
  id: "tarn-18",
  name: "Tarn",
  variant: "18 lines, firmware mark 3b",
  keys: [
    key("ring", "◎", "Ring", "r"),
    key("lamp", "☼", "Lamp", "l"),
    key("more", "+", "Plus", "u"),
    key("less", "−", "Minus", "d"),
  ],
  rules: [
    held("off", "ring", 1000, "power-on"),
    held("home", "ring", 2200, "power-off"),
    tap("home", "lamp", "toggle-lamp"),
    tap("home", "more", level(1)),
    tap("home", "less", level(-1)),
    held("home", "more", 1500, "start-walk-assist"),
    held("home", "lamp+more", 1800, opens("ring")),
    tap("menu", "ring", "next-entry"),
    tap("menu", "more", steps(1, REPEAT)),
    tap("menu", "less", steps(-1, REPEAT)),
    held("menu", "lamp+ring", 1200, "save-and-leave"),
  ],
  menu: {
    pages: [
      page(
        "ring",
        "Settings",
        "wrap",
        LINES.map(({ code }) => code),
      ),
    ],
    idle: { closesAfterMs: 8000, pending: "discard" },
    changing: "at-once",
    saves: "leaving-menu",
  },
  lines: LINES,
  inForce: "after-power-cycle",
  comesOff: "slides-off",
  acceptsNominalV: [36, 48, 52],
});
