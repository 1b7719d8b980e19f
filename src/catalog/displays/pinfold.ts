/**
 * Pinfold, an invented segment display for packs of any kind: a two-way ring with a sub-list of own bar voltages that
 * is there only under the own-battery preset, digits changed by a key each, and a cap held as a share of power. It is
 * cleared line by line with a long hold.
 */
import {
  action,
  choice,
  digit,
  display,
  group,
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
  when,
} from "./describe";

const BARS = [31, 33, 35, 37, 39] as const;

const LINES = [
  line("q1", choice("packChemistry", [0, "nmc"], [1, "lfp"], [2, "lead-acid"], [3, "own"]), 0, {
    note: "3 opens the list of own bar volts.",
  }),
  line("q2", choice("nominalV", [24, 24], [36, 36], [48, 48], [60, 60]), 36),
  ...BARS.map((volts, i) =>
    line(`v${i + 1}`, number(`bar${(i + 1) as 1 | 2 | 3 | 4 | 5}V`, 180, 720, { per: 0.1, decimals: 1 }), volts * 10, {
      shownWhen: when("q1", 3),
      note: i === 0 ? "Volts above which the bar stands." : null,
    }),
  ),
  line("q3", number("cutOffV", 180, 600, { step: 5, per: 0.1, decimals: 1 }), 300),
  line("q4", number("gaugeAveragingS", 0, 60, { step: 5 }), 20),
  line(
    "q5",
    {
      kind: "unknown-scale",
      setting: "gaugeAveragingS",
      rawMin: 0,
      rawMax: 4,
      larger: "unknown",
      noneRaw: null,
      measured: [],
    },
    2,
    { note: "A gauge code known only as one or two up when the gauge jumps." },
  ),
  line(
    "q6",
    number("capPowerShare", 30, 100, {
      per: 0.01,
      shownPer: 1,
      special: [{ raw: 100, shows: "100", means: "uncapped" }],
    }),
    100,
    { note: "Per cent of full power, not a speed. 100 is no cap." },
  ),
  line("q7", number("currentShare", 1, 10, { per: 0.1, shownPer: 1 }), 10, {
    note: "Tenths of what the controller gives.",
  }),
  line("q8", choice("speedSensor", [0, "wheel"], [1, "motor"]), 0, { makerOnly: true }),
  line("q9", number("motorPulses", 1, 255), 80, {
    makerOnly: true,
    mattersWhen: when("q8", 1),
    note: "Poles × gear ratio in one number. Matters only with the sensor in the motor.",
  }),
  line(
    "qb",
    {
      kind: "wheel-code",
      setting: "circumferenceMm",
      codes: [12, 16, 20, 24, 26, 28].map((inch, raw) => ({
        raw,
        shows: `${raw + 1}`,
        inch,
        circumferenceMm: [950, 1270, 1590, 1910, 2070, 2200][raw] ?? null,
      })),
      circumferenceUncertainty: 0.01,
    },
    4,
    { note: "A step number; each stands for a roll the maker states." },
  ),
  line("qc", choice("regenShare", [0, 0], [1, 0.3], [2, 0.6]), 0),
  line("qd", choice("batteryReadout", [0, "percent"], [1, "volts"]), 1, { note: "0 shows per cent, 1 live volts." }),
  line("qe", reserved(0, 1), 0, { effect: "none", note: "Takes a value; this firmware does nothing with it." }),
  line("qf", readOnly("11"), 0, { makerOnly: true }),
];

export const PINFOLD = display({
  id: "pinfold-q",
  name: "Pinfold",
  variant: "mark 11, own-battery list",
  keys: [
    key("a", "A", "A", "a"),
    key("b", "B", "B", "s"),
    key("c", "C", "C", "d"),
    key("d", "D", "D", "f"),
    key("lever", "⊃", "Brake lever", "q", "brake-lever"),
  ],
  rules: [
    held("off", "d", 1000, "power-on"),
    held("home", "d", 1600, "power-off"),
    // A procedure: lever pulled while the key is held on for a counted five seconds.
    held("off", "d+lever", 5000, opens("ring")),
    held("home", "c+d", 2500, opens("ring")),
    tap("home", "a", level(1)),
    tap("home", "b", level(-1)),
    held("home", "c", 1500, "start-walk-assist"),
    tap("menu", "c", "next-entry"),
    tap("menu", "d", "previous-entry"),
    tap("menu", "a", digit(0)),
    tap("menu", "b", digit(1)),
    held("menu", "a", 600, digit(2)),
    tap("menu", "a+b", steps(1)),
    held("menu", "b", 900, { kind: "run-action", action: "clear-trip", asks: "nothing" }),
    tap("menu", "c+d", "select"),
    held("menu", "d", 1200, "back"),
    held("menu", "c", 1200, "leave-without-saving"),
  ],
  menu: {
    pages: [
      page("ring", "Ring", "wrap", [
        "q1",
        "q2",
        group("v-", "bars"),
        "q3",
        "q4",
        "q5",
        "q6",
        "q7",
        "q8",
        "q9",
        "qb",
        "qc",
        "qd",
        "qe",
        action("q0", "clear-trip", "nothing"),
        "qf",
      ]),
      page("bars", "Own bars", "wrap", ["v1", "v2", "v3", "v4", "v5"]),
    ],
    idle: { closesAfterMs: 9000, pending: "save" },
    changing: "at-once",
    saves: "leaving-menu",
  },
  lines: LINES,
  inForce: "after-power-cycle",
  acceptsNominalV: [24, 36, 48, 60],
});
