"use client";
import { readSidewall, type SidewallProblem } from "@/core/wheel/sidewall";
import { Button } from "@/ui/primitives";
import type { StageProps } from "../job/stageProps";
import * as say from "@/words/screens/numbers/sidewall";

/** What the sidewall text lacks. */
function sidewallProblemText(problem: SidewallProblem): string {
  return problem.key === "sidewall.width-missing"
    ? say.theWidthIsMissing(problem.beadSeatsMm.join(", "), problem.beadSeatsMm[0])
    : say.noTyreSizeIn;
}

/** What the sidewall text means, and one press to take it. */
export function Sidewall({
  typed,
  job,
  change,
  workings,
}: Pick<StageProps, "job" | "change" | "workings"> & { readonly typed: string }) {
  const reading = readSidewall(typed);
  if (!reading.ok) return <p className="mt-2 text-[0.9rem] text-breach">{sidewallProblemText(reading.problem)}</p>;
  const inUse = job.intake.tyre ?? "";
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2 text-[0.95rem]">
      <span>{reading.candidates.length > 1 ? say.itCanMeanAny : say.thatIs}</span>
      {reading.candidates.map(({ tyre }) => {
        const name = `${tyre.widthMm}-${tyre.beadSeatMm}`;
        return name === inUse ? (
          <strong key={name}>{say.inUse(name)}</strong>
        ) : (
          <Button key={name} onClick={() => change((now) => ({ ...now, intake: { ...now.intake, tyre: name } }))}>
            {reading.candidates.length > 1 ? name : say.sidewallTake(name)}
          </Button>
        );
      })}
      {workings.bike.rollout?.from === "measured" ? (
        <span className="text-quiet">{say.theMeasuredRolloutStays}</span>
      ) : null}
    </div>
  );
}
