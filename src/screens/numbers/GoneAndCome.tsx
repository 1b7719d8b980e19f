import type { IntoPlan } from "@/core/record";
import { FindingLine } from "@/ui/primitives";
import { findingText, type Voice } from "@/words";
import * as say from "@/words/screens/numbers/goneAndCome";

/** Findings on the plan that go away and come up when lines are set otherwise. */
export function GoneAndCome({ gone, come, voice }: Pick<IntoPlan, "gone" | "come"> & { readonly voice: Voice }) {
  return [[say.gone, gone] as const, [say.come, come] as const].map(([title, findings]) =>
    findings.length === 0 ? null : (
      <div key={title} className="mb-2">
        <p className="text-[0.92rem] font-semibold">{title}</p>
        {findings.map((finding) => (
          <FindingLine key={finding.message.key + finding.lines.join()} severity={finding.severity}>
            {findingText(finding.message, voice)}
          </FindingLine>
        ))}
      </div>
    ),
  );
}
