"use client";
import { wheelLines } from "@/core/benches/lineValues";
import { pickUpBench, shownUnitOf, wheelBench } from "@/core/benches/wheelBench";
import { FindingLine } from "@/ui/primitives";
import { plain, unitName } from "@/words";
import { useMemo } from "react";
import { voiceOf } from "../job/voice";
import { Bench } from "./Bench";
import type { BenchProps } from "./benchProps";
import { IntoPlan } from "./IntoPlan";
import { LinesThatFit } from "./LinesThatFit";
import { SizeSources } from "./SizeSources";
import { WheelFacts } from "./WheelFacts";
import { WheelFigures } from "./WheelFigures";
import { WhichPickUp } from "./WhichPickUp";
import * as say from "@/words/screens/numbers/wheelBench";

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
  const lines = useMemo(() => (profile && bench.better ? wheelLines(profile, bench.better) : []), [profile, bench]);
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
          {say.everyPairTheDisplay(
            bench.better.changes.map(({ code, from, to }) => say.lineFromTo(code, from, to)).join(", "),
            bench.better.r,
          )}
        </p>
      ) : null}
      <IntoPlan {...props} values={lines} bench={say.bench} />
      <SizeSources bench={bench} best={best} bike={bike} takeRollout={takeRollout} />
      {bench.sources.some(({ agrees }) => !agrees) ? (
        <FindingLine severity="caution">{say.twoSourcesCannotBoth}</FindingLine>
      ) : null}
      <WhichPickUp pickUp={pickUp} />
    </Bench>
  );
}
