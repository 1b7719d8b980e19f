"use client";
import { currentSense } from "@/core/benches/ladderBench";
import { currentLines } from "@/core/benches/lineValues";
import { currentBench } from "@/core/benches/packBench";
import { rideOf } from "@/core/benches/rideOf";
import { Caution, FindingLine } from "@/ui/primitives";
import { partInSentence } from "@/words";
import { useMemo } from "react";
import { Bench, Part } from "./Bench";
import type { BenchProps } from "./benchProps";
import { CurrentFigures } from "./CurrentFigures";
import { IntoPlan } from "./IntoPlan";
import { FigureFields } from "./FigureFields";
import { PartRatings } from "./PartRatings";
import * as say from "@/words/screens/numbers/currentBench";

/** Current: which part bounds it, what the display's line really does, and which watts are which. */
export function CurrentBench(props: BenchProps) {
  const { job, workings, facts, raws } = props;
  const { bike, choice, sheet } = workings;
  const { profile } = job;
  const reading = useMemo(
    () => rideOf({ bike, facts, on: profile ? { profile, raws } : null, cap: sheet?.inForce.cap ?? null }),
    [bike, facts, profile, raws, sheet],
  );
  const bench = useMemo(
    () => currentBench(bike, facts, profile, raws, choice, reading.ok ? reading.ride : null),
    [bike, facts, profile, raws, choice, reading],
  );
  const lines = useMemo(() => (profile ? currentLines(profile, raws, bike, bench) : []), [profile, raws, bike, bench]);
  const sense = profile ? currentSense(profile, raws, bike) : null;
  const { allowed, over, setA, watts, flowingA, peak, classW } = bench;
  return (
    <Bench
      known={
        <>
          <Part title={say.theParts}>
            <FigureFields
              {...props}
              keys={["controllerA", "bmsA", "connectorA", "motorRatedW", "wireMm2", "overload", "wireGauge"]}
            />
          </Part>
          <Caution>{say.raisingCurrentHeatsController}</Caution>
        </>
      }
    >
      <CurrentFigures
        allowed={allowed}
        setA={setA}
        profile={profile}
        over={over}
        sense={sense}
        watts={watts}
        bike={bike}
        flowingA={flowingA}
        peak={peak}
        workings={workings}
        choice={choice}
        classW={classW}
      />
      {over && setA !== null ? (
        <FindingLine severity="caution">{say.theDisplayLetsA(setA, over.part, over.amps)}</FindingLine>
      ) : null}
      {watts && bike.motorRatedW !== null && watts.fullW > bike.motorRatedW ? (
        <FindingLine severity="note">
          {say.wFromTheBattery(
            watts.fullW,
            bike.motorRatedW,
            choice?.rule.name ?? null,
            choice?.rule.motor?.basis === "continuous-rated",
          )}
        </FindingLine>
      ) : null}
      <IntoPlan {...props} values={lines} bench={say.bench} />
      <PartRatings allowed={allowed} bench={bench} bike={bike} />
      {bench.unknown.length > 0 ? (
        <p className="text-[0.92rem] text-quiet">{say.notKnownAndSo(bench.unknown.map(partInSentence).join(", "))}</p>
      ) : null}
      {sense ? <Sense sense={sense} /> : null}
    </Bench>
  );
}

/** What the numbers of the current line really do. */
function Sense({ sense }: { readonly sense: ReturnType<typeof currentSense> }) {
  switch (sense.kind) {
    case "no-line":
      return <p className="text-quiet">{say.thisDisplayHasNo}</p>;
    case "amps":
      return <p>{say.lineHoldsBatteryAmps(sense.line.code)}</p>;
    case "share":
      return <p>{say.lineHoldsAShare(sense.line.code, sense.amps)}</p>;
    case "ramp-modes":
      return (
        <FindingLine severity="caution">
          {say.lineNumberAllGive(sense.line.code, sense.full.length, sense.full.join(", "))}
        </FindingLine>
      );
  }
}
