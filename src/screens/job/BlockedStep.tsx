import type { SheetFinding } from "@/core/sheet";
import { FindingLine } from "@/ui/primitives";
import { findingText } from "@/words";
import { clearedBy } from "@/words/blocked";
import type { Voice } from "@/words/voice";
import * as say from "@/words/screens/job/blockedStep";

interface BlockedStepProps {
  readonly finding: SheetFinding;
  readonly voice: Voice;
}

/** A step a battery hazard blocks: which hazard, and what clears it. Everything else goes on. */
export const BlockedStep = ({ finding, voice }: BlockedStepProps) => (
  <div role="note" className="my-2 rounded-md bg-breach-tint px-4 py-3">
    <p className="font-bold">{say.notThisStep}</p>
    <FindingLine severity={finding.severity}>{findingText(finding.message, voice)}</FindingLine>
    <p>{clearedBy(finding.message.key)}</p>
  </div>
);
