"use client";
import { useMemo } from "react";
import { linesOf } from "@/core/display";
import { bestWay, isNamedRight, type Ended, type KeyExercise } from "@/core/practice";
import * as say from "@/words/screens/practice/keyPractice";
import { workAsk } from "@/workers/keysClient";
import { KeyList } from "../job/KeyList";
import { usePlan } from "../job/usePlan";

interface KeyDebriefProps {
  readonly exercise: KeyExercise;
  readonly ended: Ended;
  readonly presses: number;
}

/** How it went, and the shortest way there is. */
export function KeyDebrief({ exercise, ended, presses }: KeyDebriefProps) {
  const { bike, lines, lie, kind } = exercise;
  const ask = useMemo(() => {
    const { from, goal } = bestWay(exercise);
    return workAsk(exercise.bike.profile, from, goal);
  }, [exercise]);
  const { plan } = usePlan(ask);
  const codes = lines.map((line) => linesOf(bike.profile)[line]?.code ?? "");
  return (
    <div className="mt-3" aria-live="polite">
      <p className="text-[1.3rem] font-semibold">{howItEnded(exercise, ended, codes)}</p>
      {lie === null ? null : <p>{say.lieWas(lie)}</p>}
      {plan ? (
        <>
          <p className="mt-2 mb-2">
            {kind === "which-line-lies" || ended.kind !== "set-right"
              ? say.bestTrial(plan.presses)
              : say.compared(presses, plan.presses)}
          </p>
          <KeyList profile={bike.profile} work={plan} />
        </>
      ) : (
        <p className="text-quiet">{say.workingOut}</p>
      )}
    </div>
  );
}

function howItEnded(exercise: KeyExercise, ended: Ended, codes: readonly string[]): string {
  if (ended.kind === "set-right") return say.done;
  if (ended.kind === "given-up") return say.itWas(codes);
  const [code = ""] = codes;
  return isNamedRight(exercise, ended.named) ? say.right(code) : say.wrong(code);
}
