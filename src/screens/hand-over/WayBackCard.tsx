import type { KeyWork, Paper } from "@/core/record";
import { planProblemText } from "@/words";
import { KeyList } from "../job/KeyList";
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
          <KeyList profile={profile} work={work} />
          <p className="mt-3 text-[0.9rem] text-quiet">{say.asFoundItWas}</p>
        </>
      )}
    </Card>
  );
}
