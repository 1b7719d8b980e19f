"use client";
import { useMemo } from "react";
import { shownLines } from "@/core/benches/lineValues";
import { startBench } from "@/core/benches/ladderBench";
import { NumberTable } from "@/ui/primitives";
import { fixed, plain } from "@/words";
import { Part } from "./Bench";
import { IntoPlan } from "./IntoPlan";
import type { BenchProps } from "./benchProps";
import * as say from "@/words/screens/numbers/startPart";

/** When assist starts: angle, delay, and the display's own number for it. */
export function StartPart(props: BenchProps) {
  const { job, workings, facts, raws } = props;
  const bench = useMemo(
    () => startBench(workings.bike, facts, job.profile, raws),
    [workings.bike, facts, job.profile, raws],
  );
  const { profile } = job;
  const lines = useMemo(() => (profile && bench.line ? shownLines(profile, [bench.line]) : []), [profile, bench]);
  const rows = [
    [say.gentler, bench.gentler],
    [say.keener, bench.keener],
  ] as const;
  return (
    <Part title={say.startAfterOfCrank(bench.wantedDeg)} hint={say.pulsesACrankTurn(bench.crankPulses)}>
      <NumberTable
        caption={say.pulsesToCount}
        hideCaption
        headings={[say.rounded, say.pulses, say.startsBetween, say.fromRestAtMost, say.ridingAtMost]}
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
            say.n3601To360(count.pulses, bench.crankPulses),
            say.n6030RpmS(count.pulses, bench.crankPulses, count.fromRestS),
          ],
        }))}
      />
      {bench.line ? (
        <p className="mt-2">
          {say.line}
          {bench.line.code}
          {say.at}
          <strong>{bench.line.shows}</strong>
          {say.onThisDisplayA} {bench.line.larger}.{bench.line.angle ? "" : say.itsNumbersAreNo}
        </p>
      ) : (
        <p className="mt-2 text-quiet">{say.noLineOfThis}</p>
      )}
      <div className="mt-3">
        <IntoPlan {...props} values={lines} bench={say.bench} />
      </div>
    </Part>
  );
}
