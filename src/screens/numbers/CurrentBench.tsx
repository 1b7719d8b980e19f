"use client";
import { useMemo } from "react";
import { AMPS_PER_MM2 } from "@/core/battery/current";
import { currentSense } from "@/core/benches/ladderBench";
import { currentBench } from "@/core/benches/packBench";
import { rideOf } from "@/core/benches/rideOf";
import { Caution, Figure, FindingLine, NumberTable } from "@/ui/primitives";
import { count, motorAmpsWorking, PART_WORDS, partInSentence, plain, speed } from "@/ui/wording";
import { wattsWorking } from "@/ui/wording/workings";
import { Bench, Lacks, Part } from "./Bench";
import { FigureFields } from "./FigureFields";
import type { BenchProps } from "./benchProps";

/** Current: which part bounds it, what the display's line really does, and which watts are which. */
export function CurrentBench(props: BenchProps) {
  const { job, workings, figures, raws } = props;
  const { bike, choice, sheet } = workings;
  const { profile } = job;
  const reading = useMemo(
    () => rideOf({ bike, figures, on: profile ? { profile, raws } : null, cap: sheet?.presentCap ?? null }),
    [bike, figures, profile, raws, sheet],
  );
  const bench = useMemo(
    () => currentBench(bike, figures, profile, raws, choice, reading.ok ? reading.ride : null),
    [bike, figures, profile, raws, choice, reading],
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
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <Figure
          label="Battery amps allowed"
          size="large"
          value={allowed ? `${plain(allowed.allowedA)} A` : null}
          note={allowed ? `the ${partInSentence(allowed.by)} sets it` : "needs one part’s rating"}
          working={
            allowed
              ? [
                  `min(${allowed.bounds.map(({ part, amps }) => `${PART_WORDS[part]} ${plain(amps)}`).join(", ")}) = ${plain(allowed.allowedA)} A`,
                ]
              : []
          }
        />
        <Figure
          label="The display lets through"
          size="large"
          value={setA === null ? null : `${plain(setA)} A`}
          note={
            setA === null
              ? profile
                ? "no current line, or not read"
                : "no display yet"
              : over
                ? "more than the parts bear"
                : "within the parts"
          }
          working={sense && "line" in sense ? [`line ${sense.line.code}`] : []}
        />
        <Figure
          label="Label watts"
          value={watts ? `${plain(watts.labelW, 0)} W` : null}
          note="nominal volts × amps"
          working={watts && bike.packV !== null && flowingA !== null ? wattsWorking(watts, bike.packV, flowingA) : []}
        />
        <Figure
          label="From a full pack"
          value={watts ? `${plain(watts.fullW, 0)} W` : null}
          note={watts ? `${plain(watts.saggedW, 0)} W nearly empty` : "needs pack and amps"}
          working={watts && bike.packV !== null && flowingA !== null ? wattsWorking(watts, bike.packV, flowingA) : []}
        />
        <Figure
          label="At the wheel, at most"
          value={peak ? `${plain(peak.mechanicalW, 0)} W` : null}
          note={peak ? `at ${speed(peak.kmh, workings.unit)}` : "needs motor, pack and controller"}
          working={["largest of force × speed over all speeds, full level, no cap", "Machine figures from memory."]}
        />
        <Figure
          label="Rating against the class"
          value={bike.motorRatedW === null ? null : `${plain(bike.motorRatedW, 0)} W`}
          note={
            choice
              ? classW === null
                ? `${choice.rule.name} sets none`
                : `${choice.rule.name} says ${plain(classW, 0)} W`
              : "no class chosen"
          }
          working={[
            "The rating is what the motor bears for long, from its plate.",
            "Battery watts and peak watts are something else and may be several times as much.",
          ]}
        />
      </div>
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
      {allowed ? (
        <NumberTable
          caption="What each part bears"
          headings={["Part", "Amps", "Verdict"]}
          rows={allowed.bounds.map(({ part, amps }) => ({
            key: part,
            head: PART_WORDS[part],
            cells: [`${plain(amps)} A`, part === allowed.by ? <strong key="b">sets the limit</strong> : ""],
            working:
              part === "motor" && bench.motor
                ? [motorAmpsWorking(bench.motor), "Electrical input a rating permits; not rated watts over volts."]
                : part === "wire"
                  ? [
                      `${plain(bike.wireMm2 ?? 0, 2)} mm² × ${AMPS_PER_MM2} A/mm² = ${plain(amps)} A`,
                      "In free air, from memory. Local wiring codes go first.",
                    ]
                  : [`${plain(amps)} A, as said`],
          }))}
        />
      ) : (
        <Lacks>Give the controller’s amps to begin with.</Lacks>
      )}
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
