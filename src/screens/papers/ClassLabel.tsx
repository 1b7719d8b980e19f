import type { Paper } from "@/core/record";
import { voiceOf } from "../job/voice";
import { speed } from "@/words";
import { isLabelled } from "./isLabelled";
import { PaperFrame } from "./PaperFrame";
import * as say from "@/words/screens/papers/classLabel";

/** The text of the class label at the size it is stuck on; none while anything keeps the class from being named. */
export function ClassLabel({ paper }: { readonly paper: Paper }) {
  const { workings, left } = paper;
  const { choice, bike } = workings;
  const isProven = isLabelled(paper);
  return (
    <PaperFrame title={say.classLabel} paper={paper} namesClass={isProven}>
      {choice && isProven ? (
        <>
          <div className="class-label border-2 border-ink p-[3mm]">
            <p className="font-head text-[13pt] leading-tight font-bold">{choice.rule.name}</p>
            {choice.rule.publicRoad ? null : <p className="text-[11pt] font-bold uppercase">{say.notForPublicRoads}</p>}
            <p className="text-[11pt]">
              {say.figures(
                bike.motorRatedW,
                left.cap.kind === "true" ? speed(left.cap.kmh.nominal, voiceOf(workings).unit) : null,
              )}
            </p>
            <p className="text-[9pt]">{say.checkedNotCertified(choice.rule.knownOn)}</p>
          </div>
          <p className="mt-1 text-quiet">{say.someClassesAskFor}</p>
        </>
      ) : (
        <p className="font-semibold">{choice ? say.noLabelYet : say.noClassChosen}</p>
      )}
    </PaperFrame>
  );
}
