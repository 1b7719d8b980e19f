"use client";
import { useMemo, useState } from "react";
import { GRADES, hotFromGrade, type SweepAsk } from "@/core/ride";
import { MODEL_FIGURES, rideOf, RIDE_FIGURES, type Ride } from "@/core/benches/rideOf";
import type { SpeedUnit } from "@/core/units";
import { Button, Choice } from "@/ui/primitives";
import { INTAKE_WORDS, plain } from "@/ui/wording";
import { RIDE_WORDS } from "@/ui/wording/figures/ride";
import { cancelSweep } from "@/workers/rideClient";
import { Bench, Lacks, Part } from "./Bench";
import type { BenchProps } from "./benchProps";
import { FigureFields } from "./FigureFields";
import { gradeWords } from "./gradeWords";
import { RideCharts } from "./RideCharts";
import { RideFigures } from "./RideFigures";
import { RideTables } from "./RideTables";
import { useSweep, type SweptSetup } from "./useSweep";

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
                hub
                  ? ["offGroundKmh", "motorV", "kvRpmPerV", "motorMilliohm", "noLoadA", "phaseA"]
                  : ["ringTeeth", "cogTeeth"]
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
                onChoose={setWhich}
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
          <RideNumbers ride={showing.ride} points={result?.[showing.at] ?? null} unit={workings.unit} />
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

function RideNumbers({
  ride,
  points,
  unit,
}: {
  readonly ride: Ride;
  readonly unit: SpeedUnit;
  readonly points: SweptSetup | null;
}) {
  const { setup, levels } = ride;
  const [level, setLevel] = useState(String(levels.length - 1));
  const at = Math.min(Number(level), levels.length - 1);
  const chosen = points?.[at];
  const hotFrom = chosen ? hotFromGrade(setup, chosen) : null;
  return (
    <>
      <RideFigures ride={ride} unit={unit} level={at} hotFrom={hotFrom === null ? null : gradeWords(hotFrom)} />
      <RideTables ride={ride} unit={unit} points={points} at={at} onLevel={setLevel} />
      <RideCharts ride={ride} unit={unit} points={points} at={at} />
    </>
  );
}
