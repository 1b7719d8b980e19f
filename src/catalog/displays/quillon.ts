/**
 * Quillon, an invented segment display in three banks: the riders' bank opens by a chord, the fitters' bank by a second chord
 * inside the first, the makers' bank only with levers held through a counted power-on. A cursor goes both ways and stops at the
 * ends; the way out without saving is a double tap from anywhere.
 */
import { action, choice, display, doubleTap, exit, held, key, level, line, number, opens, page, reserved, steps, tap } from "./describe";

const LINES = [
  line("1-1", choice("speedUnit", [0, "kmh"], [1, "mph"]), 0),
  line("1-2", number("backlight", 0, 4), 2),
  line("1-3", number("autoOffMin", 0, 9, { special: [{ raw: 0, shows: "--", means: 0 }] }), 5),
  line("1-4", choice("levelAtPowerOn", [0, 0], [1, 1], [2, "last-used"]), 2),
  line("2-1", { kind: "speed-cap", setting: "assistCapKmh", heldIn: "mph", rawMin: 8, rawMax: 31, uncappedRaw: 31, uncappedShows: null, basis: "shown", endsThrottle: true }, 20, { ends: "stop", note: "Held in mph. 31 is no cap." }),
  line("2-2", { kind: "wheel-code", setting: "circumferenceMm", codes: [16, 20, 24, 26, 27.5, 28, 29].map((inch, raw) => ({ raw, shows: String(inch), inch, circumferenceMm: null })), circumferenceUncertainty: 0.03 }, 3),
  line("2-3", number("assistLevels", 1, 9), 5, { ends: "stop" }),
  line("2-4", number("strengthCurve", 1, 3), 2, { ends: "stop" }),
  line("2-5", number("startReadiness", 1, 24, { per: 1 / 24, shownPer: 1 }), 12, { ends: "stop", note: "1 to 24; larger is sooner." }),
  line("2-6", number("startStrengthShare", 0, 4, { per: -0.2, offset: 1, shownPer: 1, shownOffset: 0 }), 1, { ends: "stop", note: "Runs backwards: 0 is the hardest start." }),
  line("2-7", number("currentLimitA", 7, 30), 20, { ends: "stop" }),
  line("2-8", choice("throttleMode", [0, "off"], [1, "full"], [2, "follows-level"]), 1),
  line("2-9", choice("walkAssistOn", [0, false], [1, true]), 1),
  line("3-1", number("motorPreset", 0, 5), 1, { makerOnly: true }),
  line("3-2", number("pulsesPerTurn", 1, 120), 46, { ends: "stop", makerOnly: true, mattersWhen: { line: "3-1", raws: [0, 4, 5] }, note: "Presets 1, 2 and 3 fix the pulses themselves." }),
  line("3-3", number("protocol", 0, 3), 1, { makerOnly: true }),
  line("3-4", number("phaseCoding", 0, 5), 0, { makerOnly: true }),
  line("3-5", reserved(0, 255), 0, { ends: "stop", makerOnly: true }),
];

export const QUILLON = display({
  id: "quillon-3",
  name: "Quillon",
  variant: "three banks, stop at the ends",
  keys: [key("near", "⊢", "Near", "z"), key("far", "⊣", "Far", "p"), key("plus", "+", "Plus", "u"), key("minus", "−", "Minus", "d"), key("brake", "⊃", "Brake lever", "q", "brake-lever"), key("grip", "⊙", "Throttle", "w", "throttle"), key("crank", "⟳", "Pedals", "r", "pedals")],
  rules: [
    held("off", "near", 700, "power-on"),
    held("home", "near", 3000, "power-off"),
    tap("home", "plus", level(1)),
    tap("home", "minus", level(-1)),
    tap("home", "near", "toggle-lamp"),
    held("home", "minus", 1400, "start-walk-assist"),
    tap("home", "far", "start-cruise"),
    held("home", "far", 800, "end-cruise"),
    held("home", "near+far", 1600, opens("riders")),
    held("menu", "near+far", 2600, opens("fitters"), { pages: ["riders"] }),
    // A timed procedure: lever and throttle held through power-on.
    held("off", "near+brake+grip", 8000, opens("makers")),
    held("off", "near+brake+crank", 12000, { kind: "run-action", action: "restore" }),
    tap("menu", "far", "next-entry"),
    tap("menu", "near", "previous-entry"),
    tap("menu", "plus", steps(1, { afterMs: 900, everyMs: 150 })),
    tap("menu", "minus", steps(-1, { afterMs: 900, everyMs: 150 })),
    held("menu", "far", 1500, "select"),
    held("menu", "near", 1500, "save-and-leave"),
    doubleTap("menu", "plus+minus", "leave-without-saving"),
    tap("confirm", "plus", steps(1)),
    held("confirm", "far", 1500, "select"),
    tap("confirm", "near", "back"),
  ],
  menu: {
    pages: [
      page("riders", "Riders’ bank", "stop", ["1-1", "1-2", "1-3", "1-4", exit("1-0", true)]),
      page("fitters", "Fitters’ bank", "stop", ["2-1", "2-2", "2-3", "2-4", "2-5", "2-6", "2-7", "2-8", "2-9", exit("2-0", false)]),
      page("makers", "Makers’ bank", "stop", ["3-1", "3-2", "3-3", "3-4", "3-5", action("3-8", "copy-settings", "yes-no"), action("3-9", "restore", "pattern")]),
    ],
    idle: { closesAfterMs: 10000, pending: "discard" },
    changing: "at-once",
    saves: "leaving-menu",
  },
  lines: LINES,
  inForce: "after-power-cycle",
  acceptsNominalV: [36, 48],
});
