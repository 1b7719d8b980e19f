"use client";
import { useDeferredValue, useMemo, useState } from "react";
import { contextOf, decodeAll, shows } from "@/core/display";
import { readFigures } from "@/core/setup/figures";
import { HILL_GRADE, movableRows, outcomeOf, withMoved, type Movable, type Outcome } from "@/core/setup/outcome";
import { TWIN } from "@/core/assist";
import type { Sheet } from "@/core/setup";
import { Button, FindingLine, NumberTable, SignShape, useTell } from "@/ui/primitives";
import {
  distance,
  findingText,
  READ_OUT_NEEDS,
  fixed,
  INTAKE_WORDS,
  lineName,
  offBy,
  plain,
  speed,
  speedList,
  valueMeaning,
  whPer,
  type Voice,
} from "@/ui/wording";
import { loadWorking, MEMORY, rideWorking, wattsWorking } from "@/ui/wording/workings";
import { voiceOf } from "../job/voice";
import type { StageProps } from "../job/stageProps";

interface WhatIfProps extends StageProps {
  readonly sheet: Sheet;
}

/** Move any value and see at once what it comes to, beside the bike as found and as planned. Nothing is kept until it is taken. */
export function WhatIf({ job, workings, change, setLine, sheet }: WhatIfProps) {
  const tell = useTell();
  const { bike, choice, foundRaws } = workings;
  const { profile } = job;
  const [moved, setMoved] = useState<ReadonlyMap<number, number>>(new Map());
  const figures = useMemo(() => readFigures(job.intake), [job.intake]);
  const now = useDeferredValue(moved);
  const rows = useMemo(() => movableRows(sheet.rows), [sheet]);
  const found = useMemo(
    () => (profile ? outcomeOf({ profile, bike, figures, choice }, foundRaws) : null),
    [profile, bike, figures, choice, foundRaws],
  );
  const target = useMemo(
    () => (profile ? outcomeOf({ profile, bike, figures, choice }, sheet.targetRaws) : null),
    [profile, bike, figures, choice, sheet],
  );
  const whatIf = useMemo(
    () => (profile ? outcomeOf({ profile, bike, figures, choice }, withMoved(sheet.targetRaws, now)) : null),
    [profile, bike, figures, choice, sheet, now],
  );
  if (!profile || !found || !target || !whatIf) return null;
  const voice = voiceOf(workings);
  const raws = withMoved(sheet.targetRaws, moved);
  const context = contextOf(profile, raws);
  const take = async () => {
    const chosen = Object.fromEntries(
      [...moved].flatMap(([index, raw]) => (sheet.rows[index] ? [[sheet.rows[index].code, raw]] : [])),
    );
    setMoved(new Map());
    const deed = await change((current) =>
      current.program ? current : { ...current, overrides: { ...current.overrides, ...chosen } },
    );
    if (deed) tell("Set by hand. Each line can go back to its proposal.", () => void deed.undo("set by hand"));
  };
  return (
    <div className="grid gap-x-8 gap-y-5 pt-2 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.45fr)]">
      <div className="flex min-w-0 flex-col gap-4 lg:sticky lg:top-4 lg:col-start-2 lg:row-start-1 lg:self-start">
        <Outcomes found={found} target={target} whatIf={whatIf} moved={moved.size > 0} voice={voice} />
        {whatIf.missing.length > 0 ? (
          <p className="text-[0.92rem] text-quiet">
            Levels and range need: {whatIf.missing.map((key) => INTAKE_WORDS[key].label.toLowerCase()).join(", ")}.
          </p>
        ) : null}
        {moved.size > 0 ? (
          <div className="flex flex-col gap-2" role="status">
            {whatIf.findings
              .filter(({ severity }) => severity !== "note")
              .slice(0, 4)
              .map((finding) => (
                <FindingLine key={finding.message.key + finding.lines.join()} severity={finding.severity}>
                  {findingText(finding.message, voice)}
                </FindingLine>
              ))}
            {whatIf.findings.every(({ severity }) => severity === "note") ? <p>No finding with these values.</p> : null}
            <div className="flex flex-wrap gap-3">
              <Button onClick={() => void take()} disabled={job.program !== null}>
                Set these by hand
              </Button>
              {job.program ? (
                <p className="self-center text-[0.9rem] text-quiet">
                  Targets are fixed: the plan was sealed when the keys began. Program again to plan anew.
                </p>
              ) : null}
              <Button weight="quiet" onClick={() => setMoved(new Map())}>
                Back to the target
              </Button>
            </div>
          </div>
        ) : (
          <p className="text-quiet">Nothing is kept until you say so.</p>
        )}
      </div>
      <ul className="border-t border-rule lg:col-start-1 lg:row-start-1">
        {rows.map((each) => (
          <MovableLine
            key={each.row.code}
            movable={each}
            raw={raws[each.row.index] ?? null}
            target={sheet.targetRaws[each.row.index] ?? null}
            meaning={(raw) => valueMeaning(decodeAll(each.row.line, raw, context))}
            onFocus={() => setLine(each.row.code)}
            onMove={(raw) => {
              const next = new Map(moved);
              if (raw === sheet.targetRaws[each.row.index]) next.delete(each.row.index);
              else next.set(each.row.index, raw);
              setMoved(next);
            }}
          />
        ))}
      </ul>
    </div>
  );
}

interface MovableLineProps {
  readonly movable: Movable;
  readonly raw: number | null;
  readonly target: number | null;
  readonly meaning: (raw: number) => string | null;
  readonly onMove: (raw: number) => void;
  readonly onFocus: () => void;
}

function MovableLine({ movable: { row, raws }, raw, target, meaning, onMove, onFocus }: MovableLineProps) {
  const at = raw === null ? 0 : Math.max(0, raws.indexOf(raw));
  const shown = raw === null ? "unread" : shows(row.line.encoding, raw);
  const means = raw === null ? null : meaning(raw);
  const label = `${row.code} ${lineName(row.line)}`;
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_minmax(0,0.9fr)_4.6rem] items-center gap-3 border-b border-rule text-[0.95rem]">
      <span className="leading-tight">
        <span className="font-bold">{row.code}</span> {lineName(row.line)}
      </span>
      <input
        type="range"
        aria-label={label}
        aria-valuetext={means && means !== shown ? `${shown}, ${means}` : shown}
        min={0}
        max={raws.length - 1}
        step={1}
        value={at}
        onFocus={onFocus}
        onChange={(event) => {
          const next = raws[Number(event.target.value)];
          if (next !== undefined) onMove(next);
        }}
        className="h-11 w-full min-w-0 accent-action"
      />
      <span className="text-right leading-tight">
        <strong>{shown}</strong>
        {means && means !== shown && raw === target ? (
          <span className="block text-[0.82rem] break-words text-quiet">{means}</span>
        ) : null}
        {raw !== target ? (
          <span className="block text-[0.82rem] text-quiet">
            <SignShape sign="odd" size={10} /> was {target === null ? "unread" : shows(row.line.encoding, target)}
          </span>
        ) : null}
      </span>
    </li>
  );
}

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

interface OutcomeRow {
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
        `level ${level}${from === "measured" ? ", measured" : `, ${plain(100 * share, 0)} %`}: ${speed(measuredKmh ?? flat.speedKmh, unit)} on the flat, ${speed(hill.speedKmh, unit)} on 5 %`,
    ),
  MEMORY,
];
const topWorking = (outcome: Outcome, on: "flat" | "hill", { unit }: Voice): readonly string[] => {
  const top = outcome.levels.at(-1);
  return outcome.ride && top ? rideWorking(outcome.ride, top[on], on === "flat" ? 0 : HILL_GRADE, unit) : [];
};

const OUTCOMES: readonly OutcomeRow[] = [
  {
    what: "Assist really ends at",
    of: ({ cap }, voice) => capWords(cap, voice),
    working: ({ cap, r }, voice) =>
      cap.kind === "true" && r
        ? [
            `cap set ${speed(cap.shownKmh, voice.unit, 2)} ÷ r ${fixed(r.nominal, 4)} = ${speed(cap.kmh.nominal, voice.unit, 2)}`,
            `between ${speed(cap.kmh.low, voice.unit, 2)} and ${speed(cap.kmh.high, voice.unit, 2)} within what is measured`,
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
      `alike: under ${speed(TWIN.speedKmh, unit)} and under ${plain(100 * TWIN.powerShare, 0)} % of the largest battery power apart, on the flat and on 5 %`,
    ],
  },
  {
    what: "Energy, top level on the flat",
    of: ({ levels }, { unit }) => (levels.length > 1 ? whPer(levels.at(-1)?.flat.whPerKm ?? 0, unit) : null),
    working: (outcome, voice) => topWorking(outcome, "flat", voice),
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
    working: ({ ride }, { unit }) =>
      ride
        ? [loadWorking(ride, 0, unit), "full level and the rider’s power balance it there, no cap in the way", MEMORY]
        : [],
  },
  {
    what: "Findings",
    of: ({ findings }) => String(findings.filter(({ severity }) => severity !== "note").length),
    working: ({ findings }, voice) =>
      findings.filter(({ severity }) => severity !== "note").map(({ message }) => findingText(message, voice)),
  },
];

function Outcomes({
  found,
  target,
  whatIf,
  moved,
  voice,
}: {
  readonly found: Outcome;
  readonly target: Outcome;
  readonly whatIf: Outcome;
  readonly moved: boolean;
  readonly voice: Voice;
}) {
  return (
    <NumberTable
      caption="What the values come to, as found, as planned and with the lines moved"
      hideCaption
      headings={["It comes to", "As found", "Target", "What if"]}
      rows={OUTCOMES.map(({ what, of, working }) => {
        const [a, b, c] = [found, target, whatIf].map((outcome) => of(outcome, voice) ?? "—");
        return {
          key: what,
          head: what,
          cells: [
            <span key="a" className="inline-block max-w-28 whitespace-normal text-quiet">
              {a}
            </span>,
            <span key="b" className="inline-block max-w-28 whitespace-normal">
              {b}
            </span>,
            moved ? (
              <span
                key="c"
                className={`inline-block max-w-28 whitespace-normal ${c === b ? "text-quiet" : "font-bold"}`}
              >
                {c}
              </span>
            ) : (
              <span key="c" className="text-quiet">
                —
              </span>
            ),
          ],
          working: working(moved ? whatIf : target, voice),
        };
      })}
    />
  );
}
