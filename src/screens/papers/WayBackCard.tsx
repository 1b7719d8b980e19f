import type { KeyWork, Paper } from "@/core/record";
import { planProblemText } from "@/words";
import type { PaperWords } from "@/words/papers/paperWords";
import { waySaid } from "@/words/papers/wayBackSaid";
import { PaperFrame } from "./PaperFrame";

interface WayBackCardProps {
  readonly paper: Paper;
  readonly work: KeyWork;
  readonly words: PaperWords;
}

/** Way-back card: the keys that bring the display back to how it was found. */
export function WayBackCard({ paper, work, words }: WayBackCardProps) {
  const { profile } = paper.job;
  const { wayBack } = words;
  if (!profile) return null;
  return (
    <PaperFrame title={wayBack.title} paper={paper} words={words}>
      {!work.plan.ok ? (
        <p>{planProblemText(work.plan.problem)}</p>
      ) : work.steps.length === 0 ? (
        <p>{wayBack.nothing}</p>
      ) : (
        <>
          <p className="mb-2">{wayBack.from(work.presses, Math.round(work.totalMs / 1000))}</p>
          <ol className="paper-columns">
            {waySaid(profile, work, words).map(({ step, keys }, i) => (
              <li key={i} className="flex break-inside-avoid gap-3 border-b border-rule py-1">
                <span className="w-6 shrink-0 text-right text-quiet">{i + 1}</span>
                <span className="min-w-0">
                  <strong>{step}</strong>
                  <span className="block">{keys}</span>
                </span>
              </li>
            ))}
          </ol>
          <p className="mt-2 text-quiet">{wayBack.proveAgain}</p>
        </>
      )}
    </PaperFrame>
  );
}
