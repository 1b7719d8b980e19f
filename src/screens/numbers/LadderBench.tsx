"use client";
import { useMemo } from "react";
import { TWIN, twinsBySpeed } from "@/core/assist";
import { readSpeeds } from "@/core/facts/lists";
import { ladderBench } from "@/core/benches/ladderBench";
import { rideOf } from "@/core/benches/rideOf";
import type { SpeedUnit } from "@/core/units";
import { FindingLine } from "@/ui/primitives";
import { INTAKE_WORDS } from "@/words";
import { listProblemText } from "@/words/benches";
import { LADDER_WORDS } from "@/words/figures/ladder";
import { Bench, Lacks, Part } from "./Bench";
import type { BenchProps } from "./benchProps";
import { CopyLadder } from "./CopyLadder";
import { FigureFields } from "./FigureFields";
import { Ladders } from "./Ladders";
import { ModesCompared } from "./ModesCompared";
import { SharesByHand } from "./SharesByHand";
import { StartPart } from "./StartPart";
import * as say from "@/words/screens/numbers/ladderBench";

/** The assist ladder: as it is, as it could be, and which levels are really the same. */
export function LadderBench(props: BenchProps) {
  const { job, workings, facts, raws } = props;
  const { bike, sheet } = workings;
  const { profile } = job;
  const reading = useMemo(
    () => rideOf({ bike, facts, on: profile ? { profile, raws } : null, cap: sheet?.inForce.cap ?? null }),
    [bike, facts, profile, raws, sheet],
  );
  const bench = useMemo(
    () => (reading.ok ? ladderBench(reading.ride, facts, profile, raws) : null),
    [reading, facts, profile, raws],
  );
  const kind = reading.ok ? reading.ride.kind.kind : "current";
  const shape = facts.option("shape");
  return (
    <Bench
      known={
        <>
          <Part title={say.theKitsLevels}>
            <FigureFields
              {...props}
              words={LADDER_WORDS}
              keys={[
                "levelKind",
                ...(kind === "speed" ? (["topLevelKmh"] as const) : []),
                ...(kind === "torque" ? (["topTimesRider"] as const) : []),
                "measuredSpeeds",
                "measuredLadders",
                "freeKmh",
              ]}
              guesses={{ levelKind: "current" }}
            />
            {bench?.measuredProblem ? (
              <p className="mt-1 text-[0.9rem] text-breach">{listProblemText(bench.measuredProblem)}</p>
            ) : null}
          </Part>
          <Part title={say.aBetterLadder}>
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
            <CopyLadder {...props} />
            {shape === "by-hand" && bench ? <SharesByHand bench={bench} job={job} /> : null}
          </Part>
          <Part title={say.start}>
            <FigureFields {...props} words={LADDER_WORDS} keys={["startAngleDeg", "cadenceRpm"]} />
          </Part>
        </>
      }
    >
      {reading.ok && bench ? (
        <Ladders {...props} bench={bench} ride={reading.ride} />
      ) : (
        <Lacks>
          {say.stillToSayThen(
            (reading.ok ? [] : reading.missing).map((key) => INTAKE_WORDS[key].label.toLowerCase()).join(", "),
          )}
        </Lacks>
      )}
      <ModesCompared facts={facts} unit={workings.unit} />
      {reading.ok ? null : <MeasuredAlone facts={facts} unit={props.workings.unit} />}
      <StartPart {...props} />
    </Bench>
  );
}

/** Twins among measured speeds, where nothing else of the kit is known. */
function MeasuredAlone({ facts, unit }: Pick<BenchProps, "facts"> & { readonly unit: SpeedUnit }) {
  const { values } = readSpeeds(facts.text("measuredSpeeds"));
  if (values.length < 2) return null;
  const found = twinsBySpeed(values);
  return (
    <Part title={say.byTheMeasuredSpeeds}>
      {found.length === 0 ? <p>{say.allLevelsDifferBy(values.length, TWIN.speedKmh, unit)}</p> : null}
      {found.map(({ level, sameAs }) => (
        <FindingLine key={level} severity="caution">
          {say.levelIsReallyLevel(level, sameAs)}
        </FindingLine>
      ))}
    </Part>
  );
}
