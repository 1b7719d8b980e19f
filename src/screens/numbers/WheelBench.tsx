"use client";
import { pickUpBench, shownUnitOf, wheelBench } from "@/core/benches/wheelBench";
import { FindingLine } from "@/ui/primitives";
import { offBy, plain, unitName } from "@/words";
import { useMemo } from "react";
import { voiceOf } from "../job/voice";
import { Bench } from "./Bench";
import type { BenchProps } from "./benchProps";
import { LinesThatFit } from "./LinesThatFit";
import { SizeSources } from "./SizeSources";
import { WheelFacts } from "./WheelFacts";
import { WheelFigures } from "./WheelFigures";
import { WhichPickUp } from "./WhichPickUp";

/** Wheel and pick-up: how big it really is, which lines fit, and which pick-up it must be. */
export function WheelBench(props: BenchProps) {
  const { job, workings, change, facts, raws } = props;
  const { bike, choice } = workings;
  const { profile } = job;
  const voice = voiceOf(workings);
  const bench = useMemo(() => wheelBench({ bike, facts, profile, raws, choice }), [bike, facts, profile, raws, choice]);
  const pickUp = useMemo(
    () => pickUpBench({ bike, facts, profile, raws, choice }),
    [bike, facts, profile, raws, choice],
  );
  const shown = unitName(shownUnitOf(profile, raws).unit);
  const best = bench.sources[0];
  const now = bench.choices.find((each) => each.what === "as-found");
  const takeRollout = (mm: number, off: number) =>
    change((job) => ({
      ...job,
      intake: { ...job.intake, rolloutMm: plain(mm, 0), rolloutTurns: "1", tapeErrorMm: plain(off, 0) },
    }));
  return (
    <Bench known={<WheelFacts {...props} shown={shown} />}>
      <WheelFigures bike={bike} job={job} now={now} voice={voice} />
      <LinesThatFit bench={bench} voice={voice} />
      {bench.better ? (
        <p>
          Every pair the display can hold was tried.{" "}
          {bench.better.changes
            .map(({ code, from, to }) => `Line ${code} from ${from ?? "unread"} to ${to}`)
            .join(", ")}{" "}
          leaves {offBy(bench.better.r)}. The plan proposes the wheel line; a maker-only line stays unless you unlock it
          there.
        </p>
      ) : null}
      <SizeSources bench={bench} best={best} bike={bike} takeRollout={takeRollout} />
      {bench.sources.some(({ agrees }) => !agrees) ? (
        <FindingLine severity="caution">
          Two sources cannot both be right. Roll it out once more: a missed turn and a wrong sidewall look just like
          this.
        </FindingLine>
      ) : null}
      <WhichPickUp pickUp={pickUp} />
    </Bench>
  );
}
