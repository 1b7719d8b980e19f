/**
 * Bracken, an invented display with two keys: the settings stand behind an access code, a share of power for each level
 * stands behind the number of levels, and a line is kept when it is left. The menu saves when it closes by itself.
 */
import { choice, display, held, key, level, line, number, opens, page, readOnly, steps, tap, when } from "./describe";

const SHARES = [1, 2, 3, 4, 5, 6, 7, 8, 9] as const;
/** Levels 3, 5 and 9 are codes 0, 1 and 2. */
const levelCodesFrom = (n: number): number[] => (n <= 3 ? [0, 1, 2] : n <= 5 ? [1, 2] : [2]);
const FACTORY_SHARES = [28, 38, 48, 58, 68, 76, 84, 92, 99] as const;

const LINES = [
  line("n0", choice("speedUnit", [0, "mph"], [1, "kmh"]), 1),
  line("n1", choice("assistLevels", [0, 3], [1, 5], [2, 9]), 1, {
    note: "A code number: 0 gives three levels, 1 five, 2 nine.",
  }),
  ...SHARES.map((n) =>
    line(`s${n}`, number(`share${n}`, 20, 99, { per: 0.01, shownPer: 1 }), FACTORY_SHARES[n - 1] ?? 99, {
      ends: "stop",
      shownWhen: when("n1", ...levelCodesFrom(n)),
      note: n === 1 ? "Per cent; 20 is the floor and 99 the ceiling." : null,
    }),
  ),
  line("n2", choice("levelAtPowerOn", [0, 0], [1, 1], [2, "last-used"]), 1),
  line("n3", number("startPulses", 2, 15), 3, { ends: "stop" }),
  line("n4", number("rampSoftness", 1, 5, { per: -0.2, offset: 1.2, shownPer: 1, shownOffset: 0 }), 4, {
    ends: "stop",
    note: "Runs backwards: 1 is the softest, 5 the hardest.",
  }),
  line("n5", number("currentLimitA", 6, 25), 15, { ends: "stop" }),
  line("n6", number("cutOffV", 28, 44), 31, { ends: "stop" }),
  line("n7", choice("nominalV", [3, 36], [4, 48]), 3),
  line(
    "n8",
    {
      kind: "wheel-code",
      setting: "circumferenceMm",
      codes: [16, 18, 20, 24, 26, 27.5, 28].map((inch, raw) => ({
        raw,
        shows: inch === 28 ? "700" : String(inch),
        inch,
        circumferenceMm: null,
      })),
      circumferenceUncertainty: 0.03,
    },
    4,
    {
      note: "700 stands for 28. Nobody has proven what each code stands for.",
    },
  ),
  line(
    "n9",
    {
      kind: "speed-cap",
      setting: "assistCapKmh",
      heldIn: "kmh",
      rawMin: 15,
      rawMax: 32,
      uncappedRaw: null,
      uncappedShows: null,
      basis: "own",
      endsThrottle: false,
      lowersPower: false,
    },
    25,
    {
      ends: "stop",
      note: "A short range, and the controller measures speed its own way: no true speed can be worked out.",
    },
  ),
  line("nA", number("regenShare", 0, 3, { per: 0.33, shownPer: 1 }), 0, { ends: "stop" }),
  line("nE", readOnly("r2"), 0, { makerOnly: true, note: "Firmware mark." }),
];

export const BRACKEN = display({
  id: "bracken-2",
  name: "Bracken",
  variant: "two keys, access code, mark r2",
  keys: [key("hook", "⌐", "Hook", "h"), key("bar", "▬", "Bar", "b")],
  rules: [
    held("off", "bar", 1200, "power-on"),
    held("home", "bar", 2600, "power-off"),
    tap("home", "hook", level(1)),
    tap("home", "bar", level(-1)),
    held("home", "hook", 2000, "toggle-lamp"),
    held("home", "hook+bar", 2200, opens("all", "742"), { wheelStill: true }),
    tap("code", "hook", steps(1)),
    tap("code", "bar", "next-digit"),
    tap("menu", "bar", "next-entry"),
    tap("menu", "hook", steps(1, { afterMs: 800, everyMs: 100 })),
    held("menu", "bar", 1800, "back"),
  ],
  menu: {
    pages: [
      page(
        "all",
        "Settings",
        "wrap",
        LINES.map(({ code }) => code),
        "last-visited",
      ),
    ],
    idle: { closesAfterMs: 12000, pending: "save" },
    changing: "at-once",
    saves: "leaving-line",
  },
  // With one key that only steps up, every line has to come round.
  lines: LINES.map((each) => ({ ...each, atEnds: "wrap" as const })),
  inForce: "at-once",
  comesOff: "stays",
  acceptsNominalV: [36, 48],
  faultCodes: [
    { code: "E 4", says: "a brake lever is taken for pulled" },
    { code: "E 9", says: "no word from the controller" },
  ],
});
