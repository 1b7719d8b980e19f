"use client";
import { useMemo } from "react";
import { startBench } from "@/core/benches/ladderBench";
import { NumberTable } from "@/ui/primitives";
import { fixed, plain } from "@/words";
import { Part } from "./Bench";
import type { BenchProps } from "./benchProps";

/** When assist starts: angle, delay, and the display's own number for it. */
export function StartPart({ job, workings, facts, raws }: BenchProps) {
  const bench = useMemo(
    () => startBench(workings.bike, facts, job.profile, raws),
    [workings.bike, facts, job.profile, raws],
  );
  const rows = [
    ["Gentler", bench.gentler],
    ["Keener", bench.keener],
  ] as const;
  return (
    <Part
      title={`Start after ${plain(bench.wantedDeg, 0)}° of crank`}
      hint={`${bench.crankPulses} pulses a crank turn; a double sensor counts twice its magnets.`}
    >
      <NumberTable
        caption="Pulses to count"
        hideCaption
        headings={["Rounded", "Pulses", "Starts between", "From rest at most", "Riding at most"]}
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
            `360 × (${count.pulses} − 1) ÷ ${bench.crankPulses} to 360 × ${count.pulses} ÷ ${bench.crankPulses}`,
            `60 × ${count.pulses} ÷ (${bench.crankPulses} × 30 rpm) = ${fixed(count.fromRestS, 2)} s from rest`,
          ],
        }))}
      />
      {bench.line ? (
        <p className="mt-2">
          Line {bench.line.code} at <strong>{bench.line.shows}</strong>: on this display a larger number starts{" "}
          {bench.line.larger}.{bench.line.angle ? "" : " Its numbers are no pulses; prove it on the stand."}
        </p>
      ) : (
        <p className="mt-2 text-quiet">No line of this display sets when assist starts.</p>
      )}
    </Part>
  );
}
