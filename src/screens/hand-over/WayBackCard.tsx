import type { KeyWork, Paper } from "@/core/record";
import { planProblemText, stepRunWords } from "@/words";
import { stepName } from "../program/stepWords";
import { Card } from "./Cards";
import * as say from "@/words/screens/hand-over/wayBackCard";

/** Way-back card: the keys that bring the display back to how it was found. */
export function WayBackCard({ paper, work }: { readonly paper: Paper; readonly work: KeyWork }) {
  const { profile } = paper.job;
  if (!profile) return null;
  return (
    <Card title={say.wayBackCard} paper={paper}>
      {!work.plan.ok ? (
        <p>{planProblemText(work.plan.problem)}</p>
      ) : work.steps.length === 0 ? (
        <p>{say.nothingWasChangedThe}</p>
      ) : (
        <>
          <p className="mb-3">{say.fromTheHomeScreen(work.presses, work.totalMs)}</p>
          <ol className="grid gap-x-8 sm:grid-cols-2">
            {work.steps.map((step, i) => (
              <li key={i} className="flex gap-3 border-b border-rule py-1.5">
                <span className="w-6 text-right text-quiet">{i + 1}</span>
                <span>
                  <strong>{stepName(profile, step)}</strong>
                  <span className="block text-[0.92rem]">
                    {step.runs.map((run) => stepRunWords(profile, run)).join(say.thenAfter)}
                  </span>
                </span>
              </li>
            ))}
          </ol>
          <p className="mt-3 text-[0.9rem] text-quiet">{say.asFoundItWas}</p>
        </>
      )}
    </Card>
  );
}
