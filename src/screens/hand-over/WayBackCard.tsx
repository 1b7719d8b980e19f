import type { KeyWork, Paper } from "@/core/record";
import { count, duration, planProblemText, stepRunWords } from "@/words";
import { stepName } from "../program/stepWords";
import { Card } from "./Cards";

/** Way-back card: the keys that bring the display back to how it was found. */
export function WayBackCard({ paper, work }: { readonly paper: Paper; readonly work: KeyWork }) {
  const { profile } = paper.job;
  if (!profile) return null;
  return (
    <Card title="Way-back card" paper={paper}>
      {!work.plan.ok ? (
        <p>{planProblemText(work.plan.problem)}</p>
      ) : work.steps.length === 0 ? (
        <p>Nothing was changed: the display is as it was found.</p>
      ) : (
        <>
          <p className="mb-3">
            From the home screen back to how it was found: {count(work.presses, "key press", "key presses")},{" "}
            {duration(work.totalMs)}. Wheel clear of the floor, or brake held.
          </p>
          <ol className="grid gap-x-8 sm:grid-cols-2">
            {work.steps.map((step, i) => (
              <li key={i} className="flex gap-3 border-b border-rule py-1.5">
                <span className="w-6 text-right text-quiet">{i + 1}</span>
                <span>
                  <strong>{stepName(profile, step)}</strong>
                  <span className="block text-[0.92rem]">
                    {step.runs.map((run) => stepRunWords(profile, run)).join(", then ")}
                  </span>
                </span>
              </li>
            ))}
          </ol>
          <p className="mt-3 text-[0.9rem] text-quiet">
            As found it was not judged safe or fit for a class. Prove it again after going back.
          </p>
        </>
      )}
    </Card>
  );
}
