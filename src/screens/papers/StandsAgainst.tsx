import type { Paper } from "@/core/record";
import { FindingLine } from "@/ui/primitives";
import { findingText } from "@/words";
import { decidedSaid } from "@/words/papers/sheetSaid";
import { voiceOf } from "../job/voice";
import * as say from "@/words/screens/papers/standsAgainst";

/** What stands against the bike, and why it leaves all the same where somebody has decided so. */
export function StandsAgainst({ paper }: { readonly paper: Paper }) {
  const { workings } = paper;
  return (
    <div className="mt-3">
      <p className="font-semibold">{say.standsAgainstIt}</p>
      <ul>
        {workings.against.map((finding) => (
          <li key={finding.message.key + finding.lines.join()}>
            <FindingLine severity={finding.severity}>{findingText(finding.message, voiceOf(workings))}</FindingLine>
          </li>
        ))}
      </ul>
      <p>{decidedSaid(paper)}</p>
    </div>
  );
}
