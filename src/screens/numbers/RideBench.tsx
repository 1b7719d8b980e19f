"use client";
import { rideOf, type Ride } from "@/core/benches/rideOf";
import { GRADES, hotFromGrade, type SweepAsk } from "@/core/ride";
import type { SpeedUnit } from "@/core/units";
import { Button, Choice } from "@/ui/primitives";
import { INTAKE_WORDS } from "@/words";
import { cancelSweep } from "@/workers/rideClient";
import { useMemo, useState } from "react";
import { Bench, Lacks } from "./Bench";
import type { BenchProps } from "./benchProps";
import { gradeWords } from "./gradeWords";
import { RideCharts } from "./RideCharts";
import { RideFacts } from "./RideFacts";
import { RideFigures } from "./RideFigures";
import { RideTables } from "./RideTables";
import { useSweep, type SweptSetup } from "./useSweep";
import * as say from "@/words/screens/numbers/rideBench";

/** The ride: every level on every grade, as it is and as planned. */
export function RideBench(props: BenchProps) {
  const { job, workings, facts, raws } = props;
  const { bike, sheet } = workings;
  const { profile } = job;
  const [which, setWhich] = useState<"present" | "target">("present");
  const present = useMemo(
    () => rideOf({ bike, facts, on: profile ? { profile, raws } : null, cap: sheet?.inForce.cap ?? null }),
    [bike, facts, profile, raws, sheet],
  );
  const target = useMemo(
    () =>
      profile && sheet
        ? rideOf({ bike, facts, on: { profile, raws: sheet.target.raws }, cap: sheet.target.cap })
        : null,
    [bike, facts, profile, sheet],
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
    <Bench known={<RideFacts {...props} present={present} hub={hub} />}>
      {showing ? (
        <>
          <div className="flex flex-wrap items-end justify-between gap-3">
            {target?.ok ? (
              <Choice
                label={say.show}
                hideLabel
                value={which}
                options={[
                  { value: "present", label: say.asItIs },
                  { value: "target", label: say.asPlanned },
                ]}
                onChoose={setWhich}
              />
            ) : null}
            {share !== null ? (
              <span className="flex items-center gap-3 text-quiet">
                <progress aria-label={say.workingTheRideOut} value={share} className="h-2 w-32 accent-action" />
                <Button weight="quiet" onClick={() => cancelSweep()}>
                  {say.stop}
                </Button>
              </span>
            ) : null}
          </div>
          <RideNumbers ride={showing.ride} points={result?.[showing.at] ?? null} unit={workings.unit} />
        </>
      ) : (
        <Lacks>
          {say.stillToSayNothing(
            (present.ok ? [] : present.missing).map((key) => INTAKE_WORDS[key].label.toLowerCase()).join(", "),
          )}
        </Lacks>
      )}
    </Bench>
  );
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
