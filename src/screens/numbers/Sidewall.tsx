"use client";
import { readSidewall, type SidewallProblem } from "@/core/wheel/sidewall";
import { Button } from "@/ui/primitives";
import type { StageProps } from "../job/stageProps";

/** What the sidewall text lacks. */
function sidewallProblemText(problem: SidewallProblem): string {
  return problem.key === "sidewall.width-missing"
    ? `The width is missing. The rim could be ${problem.beadSeatsMm.join(", ")} mm. Look for a marking such as 50-${problem.beadSeatsMm[0] ?? 622}.`
    : "No tyre size in this. Type what stands on the sidewall, such as 40-622 or 28 x 1.60.";
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
      <span>{reading.candidates.length > 1 ? "It can mean any of these:" : "That is"}</span>
      {reading.candidates.map(({ tyre }) => {
        const name = `${tyre.widthMm}-${tyre.beadSeatMm}`;
        return name === inUse ? (
          <strong key={name}>{name}, in use</strong>
        ) : (
          <Button key={name} onClick={() => change((now) => ({ ...now, intake: { ...now.intake, tyre: name } }))}>
            {reading.candidates.length > 1 ? name : `Take ${name}`}
          </Button>
        );
      })}
      {workings.bike.rollout?.from === "measured" ? (
        <span className="text-quiet">The measured rollout stays in use.</span>
      ) : null}
    </div>
  );
}
