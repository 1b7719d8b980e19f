"use client";
import { useMemo } from "react";
import { TWIN, twinsBySpeed } from "@/core/assist";
import { readSpeeds } from "@/core/setup/figures";
import { ladderBench, startBench, type Ladder, type LadderBench as Ladders } from "@/core/setup/ladderBench";
import { rideOf, type Ride } from "@/core/setup/rideOf";
import { keepTyped } from "@/store";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { Figure, FindingLine, NumberTable } from "@/ui/primitives";
import { count, distance, fixed, INTAKE_WORDS, plain, speed, unitName } from "@/ui/wording";
import { listProblemText } from "@/ui/wording/benches";
import { rideWorking } from "@/ui/wording/workings";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import type { StageProps } from "../job/stageProps";
import { LADDER_WORDS } from "@/ui/wording/figures/ladder";
import { voiceOf } from "../job/voice";
import { Bench, Lacks, Part } from "./Bench";
import { FigureFields } from "./FigureFields";
import type { BenchProps } from "./benchProps";

/** The assist ladder: as it is, as it could be, and which levels are really the same. */
export function LadderBench(props: BenchProps) {
  const { job, workings, figures, raws } = props;
  const { bike, sheet } = workings;
  const { profile } = job;
  const reading = useMemo(
    () => rideOf({ bike, figures, on: profile ? { profile, raws } : null, cap: sheet?.presentCap ?? null }),
    [bike, figures, profile, raws, sheet],
  );
  const bench = useMemo(
    () => (reading.ok ? ladderBench(reading.ride, figures, profile, raws) : null),
    [reading, figures, profile, raws],
  );
  const kind = reading.ok ? reading.ride.kind.kind : "current";
  const shape = figures.option("shape");
  return (
    <Bench
      known={
        <>
          <Part title="The kit’s levels">
            <FigureFields
              {...props}
              words={LADDER_WORDS}
              keys={[
                "levelKind",
                ...(kind === "speed" ? (["topLevelKmh"] as const) : []),
                ...(kind === "torque" ? (["topTimesRider"] as const) : []),
                "measuredSpeeds",
                "freeKmh",
              ]}
              guesses={{ levelKind: "current" }}
            />
            {bench?.measuredProblem ? (
              <p className="mt-1 text-[0.9rem] text-breach">{listProblemText(bench.measuredProblem)}</p>
            ) : null}
          </Part>
          <Part title="A better ladder">
            <FigureFields
              {...props}
              words={LADDER_WORDS}
              keys={[
                "shape",
                ...(shape === "equal-speed" || shape === "equal-power" ? (["feelOn"] as const) : []),
                "levels",
                "firstPercent",
                "topPercent",
                "floorPercent",
                "ceilingPercent",
                "stepPercent",
              ]}
              guesses={bench ? { levels: String(bench.designed.rows.length - 1) } : {}}
            />
            {shape === "by-hand" && bench ? <ByHand bench={bench} {...props} /> : null}
          </Part>
          <Part title="Start">
            <FigureFields {...props} words={LADDER_WORDS} keys={["startAngleDeg", "cadenceRpm"]} />
          </Part>
        </>
      }
    >
      {reading.ok && bench ? (
        <Both bench={bench} ride={reading.ride} unit={voiceOf(workings).unit} />
      ) : (
        <Lacks>
          Still to say:{" "}
          {reading.ok ? "" : reading.missing.map((key) => INTAKE_WORDS[key].label.toLowerCase()).join(", ")}. Then every
          level’s speed and power is worked out.
        </Lacks>
      )}
      {reading.ok ? null : <MeasuredAlone figures={figures} unit={props.workings.unit} />}
      <Start {...props} />
    </Bench>
  );
}

/** Twins among measured speeds, where nothing else of the kit is known. */
function MeasuredAlone({ figures, unit }: Pick<BenchProps, "figures"> & { readonly unit: SpeedUnit }) {
  const { values } = readSpeeds(figures.text("measuredSpeeds"));
  if (values.length < 2) return null;
  const found = twinsBySpeed(values);
  return (
    <Part title="By the measured speeds alone">
      {found.length === 0 ? (
        <p>
          All {values.length} levels differ by {speed(TWIN.speedKmh, unit)} or more.
        </p>
      ) : null}
      {found.map(({ level, sameAs }) => (
        <FindingLine key={level} severity="caution">
          Level {level + 1} is really level {sameAs + 1} again.
        </FindingLine>
      ))}
    </Part>
  );
}

const FROM = {
  display: "from the display’s lines",
  usual: "as such displays usually come",
  measured: "measured",
} as const;

function Both({ bench, ride, unit }: { readonly bench: Ladders; readonly ride: Ride; readonly unit: SpeedUnit }) {
  const { present, designed } = bench;
  const from = present.rows.some((row) => row.from === "measured") ? "measured" : (present.rows[1]?.from ?? "usual");
  const lines = useMemo((): readonly Series[] => {
    const speeds = (
      ladder: Ladder,
      name: string,
      rest: Pick<Series, "colour" | "dashed" | "dash">,
      on: "flat" | "hill",
    ): Series => ({
      name,
      ...rest,
      points: ladder.rows
        .filter((row) => on === "flat" || row.explained)
        .map((row) => ({
          x: row.level,
          y: speedFromKmh(on === "flat" ? (row.measuredKmh ?? row.flat.speedKmh) : row.hill.speedKmh, unit),
        })),
    });
    return [
      speeds(present, "as it is, flat", { colour: "--spoke", dashed: true }, "flat"),
      speeds(designed, "better ladder, flat", { colour: "--action" }, "flat"),
      speeds(present, "as it is, 5 %", { colour: "--spoke", dash: [2, 4] }, "hill"),
      speeds(designed, "better ladder, 5 %", { colour: "--action", dash: [10, 3, 2, 3] }, "hill"),
    ];
  }, [present, designed, unit]);
  return (
    <>
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <Figure
          label="Real levels now"
          size="large"
          value={`${present.real - 1} of ${present.rows.length - 1}`}
          note={FROM[from]}
          working={[
            `two levels are twins where speed differs under ${speed(TWIN.speedKmh, unit)} and battery power under ${plain(100 * TWIN.powerShare, 0)} % of the largest,`,
            "on the flat and on 5 % alike, after the cap",
            "The limits are from memory.",
          ]}
        />
        <Figure
          label="Real levels of the better ladder"
          size="large"
          value={`${designed.real - 1} of ${designed.rows.length - 1}`}
          note={`held in steps of ${plain(100 * bench.grid.step, 1)} %`}
          working={designed.rows.slice(1).map((row) => `level ${row.level}: ${plain(100 * row.share, 1)} %`)}
        />
      </div>
      {present.rows
        .filter((row) => row.twinOf !== null)
        .map((row) => (
          <FindingLine key={row.level} severity="caution">
            Level {row.level} is really level {row.twinOf} again.
          </FindingLine>
        ))}
      {present.rows.some((row) => !row.explained) ? (
        <p className="text-quiet">
          Some measured speeds are not what the model makes of this rider and road: usually the rider’s power on the
          Ride bench is not theirs. The measured speeds stand; power and range of those levels are left out.
        </p>
      ) : null}
      {present.rows.some((row) => row.level > 0 && row.measuredKmh !== null) &&
      present.rows[0]?.measuredKmh === null ? (
        <p className="text-quiet">Level 0 was not measured, so whether level 1 adds anything is not judged.</p>
      ) : null}
      <LadderTable title="As it is" ladder={present} ride={ride} unit={unit} />
      <LadderTable title="Better ladder" ladder={designed} ride={ride} unit={unit} />
      {bench.toSet.length > 0 ? (
        <p>To set: {bench.toSet.map(({ code, shows }) => `${code} ${shows}`).join(", ")}.</p>
      ) : (
        <p className="text-quiet">
          This display has no line for each level’s share. The better ladder is a yardstick: change how many levels
          there are, or the kit.
        </p>
      )}
      <Part title="Speed of each level">
        <LineChart
          series={lines}
          wholeX
          xTitle="level"
          yTitle={unitName(unit)}
          label={`Steady speed of each level on the flat and on 5 %, as it is and with the better ladder, ${count(designed.rows.length - 1, "level")}`}
        />
      </Part>
      {ride.capUnknown ? (
        <p className="text-[0.92rem] text-quiet">
          Where assist ends is not known on this display, so speeds are shown without a cap.
        </p>
      ) : null}
    </>
  );
}

function LadderTable({
  title,
  ladder,
  ride,
  unit,
}: {
  readonly title: string;
  readonly ladder: Ladder;
  readonly ride: Ride;
  readonly unit: SpeedUnit;
}) {
  return (
    <NumberTable
      caption={title}
      headings={["Level", "Share", "Flat", "Battery", "On 5 %", "Battery, 5 %", "Range", "Same"]}
      rows={ladder.rows.map((row) => ({
        key: String(row.level),
        head: String(row.level),
        quiet: row.twinOf !== null,
        cells: [
          row.level === 0 ? "—" : row.from === "measured" ? "measured" : `${plain(100 * row.share, 0)} %`,
          speed(row.measuredKmh ?? row.flat.speedKmh, unit),
          row.explained ? `${plain(row.flat.batteryW, 0)} W` : "—",
          row.explained ? speed(row.hill.speedKmh, unit) : "—",
          row.explained ? `${plain(row.hill.batteryW, 0)} W` : "—",
          row.level === 0 || !row.explained || row.flat.rangeKm === null ? "—" : distance(row.flat.rangeKm, unit),
          row.twinOf === null ? "" : `as ${row.twinOf}`,
        ],
        working: !row.explained
          ? [
              `measured: ${speed(row.measuredKmh ?? 0, unit)}`,
              `the model comes to ${speed(row.flat.speedKmh, unit)} with this rider and road, so nothing else is said of this level`,
            ]
          : [
              "On the flat:",
              ...rideWorking(ride, row.flat, 0, unit),
              "On 5 %:",
              ...rideWorking(ride, row.hill, 0.05, unit),
            ],
      }))}
    />
  );
}

/** Shares by hand: each level dragged or typed. */
function ByHand({ bench, job }: Pick<StageProps, "job"> & { readonly bench: Ladders }) {
  const shares = bench.designed.rows.slice(1).map((row) => row.share);
  const set = (at: number, percent: number) => {
    const next = shares.map((share, i) => plain(i === at ? percent : 100 * share, 1)).join(" ");
    keepTyped(job.id, { in: "intake", name: "byHand" }, next);
  };
  return (
    <div className="mt-4 flex flex-col gap-2">
      {shares.map((share, i) => (
        <label key={i} className="flex items-center gap-3">
          <span className="w-16 font-semibold">Level {i + 1}</span>
          <input
            type="range"
            min={100 * bench.grid.least}
            max={100 * bench.grid.most}
            step={100 * bench.grid.step}
            value={100 * share}
            onChange={(event) => set(i, Number(event.target.value))}
            className="h-11 min-w-0 flex-1 accent-action"
          />
          <span className="w-14 text-right">{plain(100 * share, 1)} %</span>
        </label>
      ))}
      {bench.byHandProblem ? <p className="text-[0.9rem] text-breach">{listProblemText(bench.byHandProblem)}</p> : null}
      <p className="text-[0.85rem] text-quiet">Kept with the job: {job.intake.byHand ?? "not moved yet"}</p>
    </div>
  );
}

/** When assist starts: angle, delay, and the display's own number for it. */
function Start({ job, workings, figures, raws }: BenchProps) {
  const bench = useMemo(
    () => startBench(workings.bike, figures, job.profile, raws),
    [workings.bike, figures, job.profile, raws],
  );
  const rows = [
    ["Gentler", bench.gentler],
    ["Keener", bench.keener],
  ] as const;
  return (
    <Part
      title={`Start after ${plain(bench.wantedDeg, 0)}° of crank`}
      hint={`${bench.crankPulses} pulses a crank turn; a double sensor counts twice its magnets.`}
    >
      <NumberTable
        caption="Pulses to count"
        hideCaption
        headings={["Rounded", "Pulses", "Starts between", "From rest at most", "Riding at most"]}
        rows={rows.map(([name, count]) => ({
          key: name,
          head: name,
          cells: [
            String(count.pulses),
            `${plain(count.angle.leastDeg, 0)}–${plain(count.angle.mostDeg, 0)}°`,
            `${fixed(count.fromRestS, 2)} s`,
            `${fixed(count.ridingS, 2)} s`,
          ],
          working: [
            `360 × (${count.pulses} − 1) ÷ ${bench.crankPulses} to 360 × ${count.pulses} ÷ ${bench.crankPulses}`,
            `60 × ${count.pulses} ÷ (${bench.crankPulses} × 30 rpm) = ${fixed(count.fromRestS, 2)} s from rest`,
          ],
        }))}
      />
      {bench.line ? (
        <p className="mt-2">
          Line {bench.line.code} at <strong>{bench.line.shows}</strong>: on this display a larger number starts{" "}
          {bench.line.larger}.{bench.line.angle ? "" : " Its numbers are no pulses; prove it on the stand."}
        </p>
      ) : (
        <p className="mt-2 text-quiet">No line of this display sets when assist starts.</p>
      )}
    </Part>
  );
}
