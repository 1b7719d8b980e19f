"use client";
import type { Job } from "@/core/record";
import type { LadderBench } from "@/core/benches/ladderBench";
import { keepTyped } from "@/store";
import { plain } from "@/words";
import { listProblemText } from "@/words/benches";
import * as say from "@/words/screens/numbers/sharesByHand";

/** Shares by hand: each level dragged or typed. */
export function SharesByHand({ bench, job }: { readonly job: Job; readonly bench: LadderBench }) {
  const shares = bench.designed.rows.slice(1).map((row) => row.share);
  const set = (at: number, percent: number) => {
    const next = shares.map((share, i) => plain(i === at ? percent : 100 * share, 1)).join(" ");
    keepTyped(job.id, { in: "intake", name: "byHand" }, next);
  };
  return (
    <div className="mt-4 flex flex-col gap-2">
      {shares.map((share, i) => (
        <label key={i} className="flex items-center gap-3">
          <span className="w-16 font-semibold">{say.sharesByHandLevel(i)}</span>
          <input
            type="range"
            min={100 * bench.grid.least}
            max={100 * bench.grid.most}
            step={100 * bench.grid.step}
            value={100 * share}
            onChange={(event) => set(i, Number(event.target.value))}
            className="h-11 min-w-0 flex-1 accent-action"
          />
          <span className="w-14 text-right">{plain(100 * share, 1)} %</span>
        </label>
      ))}
      {bench.byHandProblem ? <p className="text-[0.9rem] text-breach">{listProblemText(bench.byHandProblem)}</p> : null}
      <p className="text-[0.85rem] text-quiet">{say.keptWithTheJob(job.intake.byHand)}</p>
    </div>
  );
}
