import type { KeyWork, Paper } from "@/core/record";
import { later } from "@/ui/primitives/later";
import type { PaperWords } from "@/words/papers/paperWords";
import { wayIntro, waySaid } from "@/words/papers/wayBackSaid";
import { PaperFrame } from "./PaperFrame";

/** Loaded where no keys lead there. */
const PlanProblem = later(() => import("../program/PlanProblem").then((module) => module.PlanProblem));

interface WayBackCardProps {
  readonly paper: Paper;
  readonly work: KeyWork;
  readonly words: PaperWords;
  /** Road class it leads to; none where it leads to how the display was found. */
  readonly toRoad?: string;
}

/** Way-back card: the keys that bring the display back to how it was found, or to its road class. */
export function WayBackCard({ paper, work, words, toRoad }: WayBackCardProps) {
  const { profile } = paper.job;
  const { wayBack } = words;
  const intro = wayIntro(work, words, toRoad);
  if (!profile) return null;
  return (
    <PaperFrame title={intro.title} paper={paper} words={words}>
      {!work.plan.ok ? (
        <PlanProblem problem={work.plan.problem} />
      ) : work.steps.length === 0 ? (
        <p>{wayBack.nothing}</p>
      ) : (
        <>
          <p className="mb-2">{intro.keys}</p>
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
          <p className="mt-2 text-quiet">{intro.then}</p>
        </>
      )}
    </PaperFrame>
  );
}
