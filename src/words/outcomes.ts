/** What a set of values comes to, row by row: the figure in words, and how it is worked out. */
import { TWIN } from "@/core/assist";
import { HILL_GRADE, type Outcome } from "@/core/benches/outcome";
import { LONG_HEAT_SHARE, runsHot } from "@/core/ride/steady";
import { DRY_TEST } from "@/core/ride/stopping";
import { findingText, type Voice } from "./findings";
import { READ_OUT_NEEDS } from "./readOutNeeds";
import { distance, fixed, offBy, plain, shortWay, speed, speedList, whPer } from "./speak";
import { MEMORY, rideWorking, topSpeedWorking, wattsWorking } from "./workings";

function capWords(cap: Outcome["cap"], voice: Voice): string {
  switch (cap.kind) {
    case "true":
      return speed(cap.kmh.nominal, voice.unit, 2);
    case "uncapped":
      return "no cap";
    case "no-read-out":
      return `not known: ${cap.needs.map((need) => READ_OUT_NEEDS[need]).join("; ")}`;
    case "not-read":
      return "not read";
    case "unmeasured":
    case "no-line":
      return "measure it";
  }
}

/** Where help ends as planned, and before where that differs. */
export function capText(before: Outcome["cap"], after: Outcome["cap"], voice: Voice): string {
  const [was, is] = [capWords(before, voice), capWords(after, voice)];
  return was === is ? `Help ends at: ${is}.` : `Help ends at: ${is}, before ${was}.`;
}

export interface OutcomeRow {
  readonly what: string;
  readonly of: (outcome: Outcome, voice: Voice) => string | null;
  readonly working: (outcome: Outcome, voice: Voice) => readonly string[];
}

const rangeOf = (km: number | null | undefined, unit: Voice["unit"]): string | null =>
  km === null || km === undefined ? null : distance(km, unit);
const levelsWorking = ({ levels }: Outcome, { unit }: Voice): readonly string[] => [
  ...levels
    .slice(1)
    .map(
      ({ level, share, from, flat, hill, measuredKmh }) =>
        `level ${level}${from === "measured" ? ", measured" : `, ${plain(100 * share, 0)} %`}: ` +
        `${speed(measuredKmh ?? flat.speedKmh, unit)} on the flat, ${speed(hill.speedKmh, unit)} on 5 %`,
    ),
  MEMORY,
];
const topWorking = (outcome: Outcome, on: "flat" | "hill", { unit }: Voice): readonly string[] => {
  const top = outcome.levels.at(-1);
  return outcome.ride && top ? rideWorking(outcome.ride, top[on], on === "flat" ? 0 : HILL_GRADE, unit) : [];
};

/** Every row of the comparison, in the order a technician asks. */
export const OUTCOMES: readonly OutcomeRow[] = [
  {
    what: "Assist really ends at",
    of: ({ cap }, voice) => capWords(cap, voice),
    working: ({ cap, r }, voice) =>
      cap.kind === "true" && r
        ? [
            `cap set ${speed(cap.shownKmh, voice.unit, 2)} ÷ r ${fixed(r.nominal, 4)} = ` +
              `${speed(cap.kmh.nominal, voice.unit, 2)}`,
            `between ${speed(cap.kmh.low, voice.unit, 2)} and ` +
              `${speed(cap.kmh.high, voice.unit, 2)} within what is measured`,
          ]
        : [],
  },
  {
    what: "The speed shown reads",
    of: ({ r }) => r && offBy(r.nominal),
    working: ({ r }) =>
      r
        ? [
            `r = shown ÷ true = ${fixed(r.nominal, 4)} (${fixed(r.low, 4)} to ${fixed(r.high, 4)})`,
            "pulses true ÷ pulses set × circumference set ÷ rollout",
          ]
        : [],
  },
  {
    what: "Battery amps",
    of: ({ currentA }) => (currentA === null ? null : `${plain(currentA)} A`),
    working: () => ["what the current line lets through; the controller’s own where there is none"],
  },
  {
    what: "Label watts",
    of: ({ watts }) => watts && `${plain(watts.labelW, 0)} W`,
    working: ({ watts, nominalV, currentA }) =>
      watts && nominalV !== null && currentA !== null ? wattsWorking(watts, nominalV, currentA) : [],
  },
  {
    what: "Watts from a full pack",
    of: ({ watts }) => watts && `${plain(watts.fullW, 0)} W`,
    working: ({ watts, nominalV, currentA }) =>
      watts && nominalV !== null && currentA !== null ? wattsWorking(watts, nominalV, currentA) : [],
  },
  {
    what: "Levels on the flat",
    of: ({ levels }, { unit }) =>
      levels.length > 1
        ? speedList(
            levels.slice(1).map(({ flat, measuredKmh }) => measuredKmh ?? flat.speedKmh),
            unit,
          )
        : null,
    working: levelsWorking,
  },
  {
    what: "Levels on 5 %",
    of: ({ levels }, { unit }) =>
      levels.length > 1
        ? speedList(
            levels.slice(1).map(({ hill }) => hill.speedKmh),
            unit,
          )
        : null,
    working: levelsWorking,
  },
  {
    what: "Levels that differ",
    of: ({ realLevels, levels }) => (realLevels === null ? null : `${realLevels} of ${levels.length - 1}`),
    working: (_, { unit }) => [
      `alike: under ${speed(TWIN.speedKmh, unit)} and under ${plain(100 * TWIN.powerShare, 0)} % of the largest ` +
        "battery power apart, on the flat and on 5 %",
    ],
  },
  {
    what: "Energy, top level on the flat",
    of: ({ levels }, { unit }) => (levels.length > 1 ? whPer(levels.at(-1)?.flat.whPerKm ?? 0, unit) : null),
    working: (outcome, voice) => topWorking(outcome, "flat", voice),
  },
  {
    what: "Heat, top level on 5 %",
    of: ({ levels, ride }) => {
      const hill = levels.at(-1)?.hill;
      if (!ride || !hill || levels.length < 2) return null;
      return `${plain(hill.heatW, 0)} W${runsHot(ride.setup, hill) ? ", too hot for long" : ""}`;
    },
    working: ({ ride }) =>
      ride
        ? [
            "drawn from the pack less what reaches the wheel, in motor and controller",
            `a hub sheds about ${plain(100 * LONG_HEAT_SHARE, 0)} % of its rating for long, from memory`,
          ]
        : [],
  },
  {
    what: "Range, top level on the flat",
    of: ({ levels }, { unit }) => rangeOf(levels.at(-1)?.flat.rangeKm, unit),
    working: (outcome, voice) => topWorking(outcome, "flat", voice),
  },
  {
    what: "Range, top level on 5 %",
    of: ({ levels }, { unit }) => rangeOf(levels.at(-1)?.hill.rangeKm, unit),
    working: (outcome, voice) => topWorking(outcome, "hill", voice),
  },
  {
    what: "Top speed of the kit",
    of: ({ topKmh }, { unit }) => (topKmh === null ? null : speed(topKmh, unit)),
    working: ({ ride }, { unit }) => (ride ? topSpeedWorking(ride, unit) : []),
  },
  {
    what: "Brakes, from the fastest level",
    of: ({ stop }, { unit }) => stop && `${shortWay(stop.wayM, unit)}, ${plain(stop.energyJ / 1000)} kJ`,
    working: ({ stop }, { unit }) =>
      stop
        ? [
            `way of brakes that just pass ${speed(DRY_TEST.fromKmh, unit)} within ` +
              `${shortWay(DRY_TEST.withinM, unit)} in the dry: ISO 4210-2, from memory`,
            "way and energy grow with the square of the speed; brakes are not checked by any display",
          ]
        : [],
  },
  {
    what: "Findings",
    of: ({ findings }) => String(findings.filter(({ severity }) => severity !== "note").length),
    working: ({ findings }, voice) =>
      findings.filter(({ severity }) => severity !== "note").map(({ message }) => findingText(message, voice)),
  },
];
