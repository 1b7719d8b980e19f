import type { DisplayProfile } from "@/core/display";
import type { KeyWork } from "@/core/record";
import { planProblemText, stepRunWords } from "@/words";
import { stepName } from "../program/stepWords";
import * as say from "@/words/screens/job/keyList";

/** Keys of a plan, step by step, as they are read on paper. */
export function KeyList({ profile, work }: { readonly profile: DisplayProfile; readonly work: KeyWork }) {
  if (!work.plan.ok) return <p>{planProblemText(work.plan.problem)}</p>;
  return (
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
  );
}
