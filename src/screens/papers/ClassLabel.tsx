import type { Paper } from "@/core/record";
import { labelSaid } from "@/words/papers/sheetSaid";
import { voiceOf } from "../job/voice";
import { PaperFrame } from "./PaperFrame";
import * as say from "@/words/screens/papers/classLabel";

/** The text of the class label at the size it is stuck on; none while anything keeps the class from being named. */
export function ClassLabel({ paper }: { readonly paper: Paper }) {
  const { workings } = paper;
  const said = labelSaid(paper, voiceOf(workings));
  return (
    <PaperFrame title={say.classLabel} paper={paper} namesClass={said !== null}>
      {said ? (
        <>
          <div className="class-label border-2 border-ink p-[3mm]">
            <p className="font-head text-[13pt] leading-tight font-bold">{said.name}</p>
            {said.offRoad === null ? null : <p className="text-[11pt] font-bold uppercase">{said.offRoad}</p>}
            <p className="text-[11pt]">{said.figures}</p>
            <p className="text-[9pt]">{said.checked}</p>
          </div>
          <p className="mt-1 text-quiet">{say.someClassesAskFor}</p>
        </>
      ) : (
        <p className="font-semibold">{workings.choice ? say.noLabelYet : say.noClassChosen}</p>
      )}
    </PaperFrame>
  );
}
