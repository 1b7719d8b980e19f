"use client";
import { useMemo, useState } from "react";
import { forceCurve } from "@/core/setup/rideCurves";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import {
  FASTEST_KMH,
  GRADES,
  hotFromGrade,
  runsHot,
  topSpeedKmh,
  wheelOffGroundKmh,
  FULL_DRIVE,
  type SweepAsk,
  START_TO_KMH,
} from "@/core/ride";
import { MODEL_FIGURES, rideOf, RIDE_FIGURES, type Ride } from "@/core/setup/rideOf";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { levelLine } from "@/ui/charts/palette";
import { Button, Choice, Figure, FindingLine, NumberTable } from "@/ui/primitives";
import { distance, fixed, INTAKE_WORDS, plain, speed, whPer, unitName } from "@/ui/wording";
import { loadWorking, MEMORY, rideWorking } from "@/ui/wording/workings";
import { cancelSweep } from "@/workers/rideClient";
import { RIDE_WORDS } from "@/ui/wording/figures/ride";
import { voiceOf } from "../job/voice";
import { Bench, Lacks, Part } from "./Bench";
import { ChartTable } from "./ChartTable";
import { FigureFields } from "./FigureFields";
import type { BenchProps } from "./benchProps";
import { useSweep } from "./useSweep";

/** The ride: every level on every grade, as it is and as planned. */
export function RideBench(props: BenchProps) {
  const { job, workings, figures, raws } = props;
  const { bike, sheet } = workings;
  const { profile } = job;
  const [which, setWhich] = useState<"present" | "target">("present");
  const present = useMemo(
    () => rideOf({ bike, figures, on: profile ? { profile, raws } : null, cap: sheet?.presentCap ?? null }),
    [bike, figures, profile, raws, sheet],
  );
  const target = useMemo(
    () =>
      profile && sheet
        ? rideOf({ bike, figures, on: { profile, raws: sheet.targetRaws }, cap: sheet.targetCap })
        : null,
    [bike, figures, profile, sheet],
  );
  const ask = useMemo((): SweepAsk | null => {
    if (!present.ok) return null;
    const rides = [present.ride, ...(target?.ok ? [target.ride] : [])];
    return {
      setups: rides.map(({ setup, levels }) => ({ setup, drives: levels.map(({ drive }) => drive) })),
      grades: GRADES,
      road: present.ride.road,
    };
  }, [present, target]);
  const { result, share } = useSweep(ask);
  const showing =
    which === "target" && target?.ok ? { ride: target.ride, at: 1 } : present.ok ? { ride: present.ride, at: 0 } : null;
  const hub = bike.motorKind !== "mid-drive";
  return (
    <Bench
      known={
        <>
          <Part title="Rider, bike and road">
            <FigureFields
              {...props}
              words={RIDE_WORDS}
              keys={RIDE_FIGURES}
              guesses={
                present.ok
                  ? { cdaM2: plain(present.ride.setup.body.cdaM2, 2), crr: plain(present.ride.road.crr, 3) }
                  : {}
              }
            />
          </Part>
          <Part
            title="The motor"
            hint={
              hub
                ? "As an equivalent machine at the wheel. A measured wheel-off-ground speed corrects it best."
                : "Torque at the crank, through the gears."
            }
          >
            <FigureFields
              {...props}
              words={RIDE_WORDS}
              keys={
                hub ? ["offGroundKmh", "kvRpmPerV", "motorMilliohm", "noLoadA", "phaseA"] : ["ringTeeth", "cogTeeth"]
              }
              guesses={
                present.ok && present.ride.setup.kit.motor.kind === "hub"
                  ? {
                      kvRpmPerV: plain(present.ride.setup.kit.motor.kvRpmPerV, 2),
                      motorMilliohm: plain(present.ride.setup.kit.motor.resistanceOhm * 1000, 0),
                      noLoadA: plain(present.ride.setup.kit.motor.noLoadA, 2),
                      phaseA: plain(present.ride.setup.kit.motor.phaseA, 0),
                    }
                  : {}
              }
            />
          </Part>
          <details>
            <summary className="flex min-h-11 items-center font-semibold underline decoration-rule decoration-2 underline-offset-4">
              The model’s other figures
            </summary>
            <div className="mt-2">
              <FigureFields
                {...props}
                words={RIDE_WORDS}
                keys={MODEL_FIGURES[hub ? "hub" : "mid"]}
                guesses={present.ok ? modelGuesses(present.ride) : {}}
              />
            </div>
          </details>
          <p className="text-[0.88rem] text-quiet">
            Guesses are from memory and give way to what you type. Road load: Martin et al. 1998. Air: ISO 2533.
          </p>
        </>
      }
    >
      {showing ? (
        <>
          <div className="flex flex-wrap items-end justify-between gap-3">
            {target?.ok ? (
              <Choice
                label="Show"
                hideLabel
                value={which}
                options={[
                  { value: "present", label: "As it is" },
                  { value: "target", label: "As planned" },
                ]}
                onChoose={(value) => setWhich(value === "target" ? "target" : "present")}
              />
            ) : null}
            {share !== null ? (
              <span className="flex items-center gap-3 text-quiet">
                <progress aria-label="Working the ride out" value={share} className="h-2 w-32 accent-action" />
                <Button weight="quiet" onClick={() => cancelSweep()}>
                  Stop
                </Button>
              </span>
            ) : null}
          </div>
          <RideNumbers ride={showing.ride} points={result?.[showing.at] ?? null} unit={voiceOf(workings).unit} />
        </>
      ) : (
        <Lacks>
          Still to say:{" "}
          {present.ok ? "" : present.missing.map((key) => INTAKE_WORDS[key].label.toLowerCase()).join(", ")}. Nothing is
          guessed in their place.
        </Lacks>
      )}
    </Bench>
  );
}

/** Guesses that depend on the kit. */
function modelGuesses({ motorKg, setup: { kit } }: Ride): Readonly<Record<string, string>> {
  const { motor } = kit;
  return {
    kitKg: plain(motorKg),
    ...(motor.kind === "hub"
      ? { torquePercent: plain(100 * motor.torqueShare, 0) }
      : { midPercent: plain(100 * motor.efficiency, 0), crankTorqueNm: plain(motor.crankTorqueNm, 0) }),
  };
}

const percent = (grade: number): string => `${grade < 0 ? "−" : ""}${plain(100 * Math.abs(grade), 0)} %`;

function RideNumbers({
  ride,
  points,
  unit,
}: {
  readonly ride: Ride;
  readonly unit: SpeedUnit;
  readonly points: NonNullable<ReturnType<typeof useSweep>["result"]>[number] | null;
}) {
  const { setup, road, levels } = ride;
  const [level, setLevel] = useState(String(levels.length - 1));
  const at = Math.min(Number(level), levels.length - 1);
  const flat = GRADES.indexOf(0);
  const top = useMemo(() => topSpeedKmh(setup, { ...road, grade: 0 }), [setup, road]);
  const off = wheelOffGroundKmh(setup.kit, FULL_DRIVE, null);
  const forces = useMemo(() => forceCurve(ride), [ride]);
  const forceLines = useMemo(
    (): readonly Series[] => [
      ...forces.levels.map((line): Series => ({
        name: `level ${line.level}`,
        ...levelLine(line.level === at),
        points: line.points.map(({ kmh, forceN }) => ({ x: speedFromKmh(kmh, unit), y: forceN })),
      })),
      {
        name: "drag, flat",
        colour: "--ink",
        points: forces.flat.map(({ kmh, forceN }) => ({ x: speedFromKmh(kmh, unit), y: forceN })),
      },
      {
        name: "drag, 5 %",
        colour: "--breach",
        dash: [6, 4],
        points: forces.hill.map(({ kmh, forceN }) => ({ x: speedFromKmh(kmh, unit), y: forceN })),
      },
    ],
    [forces, at, unit],
  );
  const rangeLines = useMemo(
    (): readonly Series[] =>
      points
        ? [
            ["flat", 0],
            ["5 %", 0.05],
          ].map(([name, grade], i): Series => ({
            name: String(name),
            ...(i === 0 ? { colour: "--action" as const } : { colour: "--spoke" as const, dash: [6, 4] }),
            points: points
              .slice(1)
              .flatMap((row, j) =>
                row[GRADES.indexOf(Number(grade))]?.rangeKm != null
                  ? [{ x: j + 1, y: speedFromKmh(row[GRADES.indexOf(Number(grade))]?.rangeKm ?? 0, unit) }]
                  : [],
              ),
          }))
        : [],
    [points, unit],
  );
  const chosen = points?.[at];
  const capAbove = setup.capKmh !== null && top < setup.capKmh;
  const hotFrom = chosen ? hotFromGrade(setup, chosen) : null;
  return (
    <>
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <Figure
          label="Top speed the kit reaches"
          size="large"
          value={speed(top, unit)}
          note={
            setup.capKmh === null
              ? "nothing ends assist before"
              : capAbove
                ? "below the cap: the cap does nothing"
                : `the cap ends it at ${speed(setup.capKmh, unit)}`
          }
          working={[
            loadWorking(ride, 0, unit),
            "full level and the rider’s power balance it there, no cap in the way",
            MEMORY,
          ]}
        />
        <Figure
          label="Wheel off the ground"
          size="large"
          value={off === null ? null : speed(off, unit)}
          note={off === null ? "a mid-drive spins to its cadence limit" : "full level, no cap"}
          working={
            setup.kit.motor.kind === "hub"
              ? [
                  `(${fixed(setup.kit.pack.openCircuitV)} V − ${plain(setup.kit.motor.noLoadA, 2)} A × ${plain(1000 * (setup.kit.motor.resistanceOhm + setup.kit.pack.resistanceOhm), 0)} mΩ) × ${plain(setup.kit.motor.kvRpmPerV, 2)} rpm/V × rollout`,
                  MEMORY,
                ]
              : []
          }
        />
        <Figure
          label="All in all"
          value={`${plain(ride.massKg, 0)} kg`}
          note="rider, bike, kit, pack, load"
          working={[
            `rider, bike and load + motor ${plain(ride.motorKg)} kg + pack ${plain(ride.packKg)} kg`,
            "Turning wheels add 2 kg to what a start must speed up: from memory.",
          ]}
        />
        <Figure
          label="Charge that can be used"
          value={setup.usableWh === null ? null : `${plain(setup.usableWh, 0)} Wh`}
          note={
            setup.usableWh === null
              ? "needs the pack’s amp-hours"
              : `of ${plain(ride.nominalWh ?? 0, 0)} Wh on the label`
          }
          working={
            setup.usableWh === null || ride.nominalWh === null
              ? []
              : [
                  `${plain(ride.nominalWh, 0)} Wh × ${plain(setup.usableWh / ride.nominalWh, 3)} at this temperature = ${plain(setup.usableWh, 0)} Wh`,
                  MEMORY,
                ]
          }
        />
      </div>
      {ride.capUnknown ? (
        <FindingLine severity="unknown">
          Where assist ends is not known on this display. Speeds are shown as if nothing ended it.
        </FindingLine>
      ) : null}
      {hotFrom !== null ? (
        <FindingLine severity="caution">
          Level {at} held for long from {percent(hotFrom)} up heats the motor past what its rating is good for. Let it
          cool, or use more pedal and a lower level.
        </FindingLine>
      ) : null}
      {points ? (
        <>
          <NumberTable
            caption="Every level on the flat"
            headings={[
              "Level",
              "Speed",
              "Motor",
              "Rider",
              "Battery",
              "Energy",
              "Range",
              `To ${speed(START_TO_KMH, unit, 0)}`,
            ]}
            rows={points.map((row, i) => {
              const point = row[flat];
              return {
                key: String(i),
                head: String(i),
                cells: point
                  ? [
                      speed(point.speedKmh, unit),
                      `${plain(point.motorW, 0)} W`,
                      `${plain(point.riderW, 0)} W`,
                      `${plain(point.batteryW, 0)} W`,
                      i === 0 || point.whPerKm === null ? "—" : whPer(point.whPerKm, unit),
                      i === 0 || point.rangeKm === null ? "—" : distance(point.rangeKm, unit),
                      point.startUp ? `${fixed(point.startUp.seconds)} s` : "never",
                    ]
                  : [],
                working: point ? rideWorking(ride, point, 0, unit) : [],
              };
            })}
          />
          <Choice
            label="Level on every grade"
            value={String(at)}
            options={levels.map((each) => ({ value: String(each.level), label: String(each.level) }))}
            onChoose={setLevel}
          />
          {chosen ? (
            <NumberTable
              caption={`Level ${at} on every grade`}
              headings={[
                "Grade",
                "Speed",
                "Motor",
                "Battery",
                "Energy",
                "Range",
                "Heat",
                `To ${speed(START_TO_KMH, unit, 0)}`,
              ]}
              rows={GRADES.map((grade, i) => {
                const point = chosen[i];
                return {
                  key: String(grade),
                  head: percent(grade),
                  cells: point
                    ? [
                        point.speedKmh >= FASTEST_KMH
                          ? `over ${speed(FASTEST_KMH, unit, 0)}`
                          : point.speedKmh === 0
                            ? "stalls"
                            : speed(point.speedKmh, unit),
                        `${plain(point.motorW, 0)} W`,
                        `${plain(point.batteryW, 0)} W`,
                        point.whPerKm === null || point.motorW < 1 ? "—" : whPer(point.whPerKm, unit),
                        point.rangeKm === null ? "—" : distance(point.rangeKm, unit),
                        `${plain(point.heatW, 0)} W${runsHot(setup, point) ? " ◆" : ""}`,
                        point.startUp ? `${fixed(point.startUp.seconds)} s` : "never",
                      ]
                    : [],
                  working: point ? rideWorking(ride, point, grade, unit) : [],
                };
              })}
            />
          ) : null}
        </>
      ) : (
        <p className="text-quiet">Working it out…</p>
      )}
      <Part title="Thrust against drag">
        <LineChart
          tall
          series={forceLines}
          xTitle={unitName(unit)}
          yTitle="N"
          label={`Thrust of every level with the rider, and drag on the flat and on 5 %. Full level and drag meet at ${speed(top, unit)} without a cap.`}
        />
        <ChartTable>
          <NumberTable
            caption="Thrust and drag"
            hideCaption
            headings={[
              unitName(unit),
              "Drag, flat",
              "Drag, 5 %",
              ...forces.levels.map((line) => `Level ${line.level}`),
            ]}
            rows={forces.flat
              .filter((_, i) => i % 5 === 0)
              .map(({ kmh, forceN }, i) => ({
                key: String(kmh),
                head: plain(speedFromKmh(kmh, unit), 0),
                working: [
                  loadWorking(ride, 0, unit),
                  `at ${speed(kmh, unit, 0)}: ${plain(forceN, 1)} N on the flat`,
                  "level: the rider’s push + the motor’s thrust, after the cap; level 0 is the rider alone",
                  MEMORY,
                ],
                cells: [
                  plain(forceN, 0),
                  plain(forces.hill[i * 5]?.forceN ?? 0, 0),
                  ...forces.levels.map((line) => plain(line.points[i * 5]?.forceN ?? 0, 0)),
                ],
              }))}
          />
        </ChartTable>
      </Part>
      {rangeLines.some(({ points: p }) => p.length > 0) ? (
        <Part title="Range by level">
          <LineChart
            series={rangeLines}
            wholeX
            xTitle="level"
            yTitle={unit === "mph" ? "mi" : "km"}
            label="Range of each level on the flat and on 5 %, the tables above have the figures"
          />
        </Part>
      ) : null}
    </>
  );
}
