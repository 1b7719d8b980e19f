"use client";
import { currentSense } from "@/core/benches/ladderBench";
import { currentBench } from "@/core/benches/packBench";
import { rideOf } from "@/core/benches/rideOf";
import { Caution, FindingLine } from "@/ui/primitives";
import { count, partInSentence, plain } from "@/words";
import { useMemo } from "react";
import { Bench, Part } from "./Bench";
import type { BenchProps } from "./benchProps";
import { CurrentFigures } from "./CurrentFigures";
import { FigureFields } from "./FigureFields";
import { PartRatings } from "./PartRatings";

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
  const sense = profile ? currentSense(profile, raws, bike) : null;
  const { allowed, over, setA, watts, flowingA, peak, classW } = bench;
  return (
    <Bench
      known={
        <>
          <Part title="The parts">
            <FigureFields
              {...props}
              keys={["controllerA", "bmsA", "connectorA", "motorRatedW", "wireMm2", "overload", "wireGauge"]}
            />
          </Part>
          <Caution>
            Raising current heats controller, wires and connectors. The line only limits; it never lifts what the
            hardware gives.
          </Caution>
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
        <FindingLine severity="caution">
          The display lets {plain(setA)} A through; the {partInSentence(over.part)}{" "}
          {over.part === "controller" ? "gives" : "bears"} {plain(over.amps)} A
          {over.part === "motor" ? " for the time of a hill" : ""}. The plan lowers it.
        </FindingLine>
      ) : null}
      {watts && bike.motorRatedW !== null && watts.fullW > bike.motorRatedW ? (
        <FindingLine severity="note">
          {plain(watts.fullW, 0)} W from the battery and a rating of {plain(bike.motorRatedW, 0)} W do not contradict
          each other: a motor may draw more for minutes than it bears for long.{" "}
          {choice?.rule.motor?.basis === "continuous-rated"
            ? `${choice.rule.name} counts the continuous rating.`
            : choice
              ? `${choice.rule.name} does not say which watts it counts.`
              : ""}
        </FindingLine>
      ) : null}
      <PartRatings allowed={allowed} bench={bench} bike={bike} />
      {bench.unknown.length > 0 ? (
        <p className="text-[0.92rem] text-quiet">
          Not known, and so not counted: {bench.unknown.map(partInSentence).join(", ")}.
        </p>
      ) : null}
      {sense ? <Sense sense={sense} /> : null}
    </Bench>
  );
}

/** What the numbers of the current line really do. */
function Sense({ sense }: { readonly sense: ReturnType<typeof currentSense> }) {
  switch (sense.kind) {
    case "no-line":
      return <p className="text-quiet">This display has no current line: the controller alone limits.</p>;
    case "amps":
      return <p>Line {sense.line.code} holds battery amps. Above what the controller gives it does nothing.</p>;
    case "share":
      return (
        <p>
          Line {sense.line.code} holds a share of what the controller gives
          {sense.amps === null ? "; its amps are not known" : `: ${plain(sense.amps)} A as it stands`}.
        </p>
      );
    case "ramp-modes":
      return (
        <FindingLine severity="caution">
          Line {sense.line.code}: {count(sense.full.length, "number")} ({sense.full.join(", ")}) all give full power.
          They change how softly it comes in; a lower number is not a smaller limit.
        </FindingLine>
      );
  }
}
