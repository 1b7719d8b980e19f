import { FindingLine } from "@/ui/primitives";
import { findingText } from "@/words";
import type { StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";
import { later } from "@/ui/primitives/later";
import * as say from "@/words/screens/plan/findings";

/** Looked for once the plan is drawn: each is tried on the whole plan. */
const Mend = later(() => import("./Mend").then((module) => module.Mend));

/** Every finding in words, what the plan mends told apart from what it leaves. */
export function Findings(props: Pick<StageProps, "job" | "change" | "workings">) {
  const { workings } = props;
  const { sheet } = workings;
  if (!sheet) return null;
  const voice = voiceOf(workings);
  const left = sheet.target.findings;
  return (
    <section aria-labelledby="findings" className="border-t border-rule pt-3 text-[0.95rem]">
      <h2 id="findings" className="mb-2 text-[1.1rem]">
        {say.findings}
      </h2>
      <div className="flex flex-col gap-2">
        {sheet.mended.map((finding) => (
          <div key={finding.message.key + finding.lines.join()}>
            <FindingLine severity={finding.severity}>{findingText(finding.message, voice)}</FindingLine>
            <p className="pl-5 text-[0.85rem] text-quiet">{say.asItIsNow}</p>
          </div>
        ))}
        {left.map((finding) => (
          <div key={finding.message.key + finding.lines.join()}>
            <FindingLine severity={finding.severity}>{findingText(finding.message, voice)}</FindingLine>
            {finding.severity === "note" ? null : <Mend {...props} finding={finding} />}
          </div>
        ))}
        {left.every((finding) => finding.severity === "note") && workings.choice ? (
          <p className="text-quiet">
            {say.checkedAgainstAsKnown(workings.choice.rule.source, workings.choice.rule.knownOn)}
          </p>
        ) : null}
      </div>
    </section>
  );
}
