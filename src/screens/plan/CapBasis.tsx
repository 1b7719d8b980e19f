"use client";
import { capBasisOf } from "@/core/display";
import { stateCapBasis } from "@/core/record";
import type { SheetRow } from "@/core/sheet";
import { Choice } from "@/ui/primitives";
import { CAP_BASES } from "@/words/choices";
import type { StageProps } from "../job/stageProps";
import * as say from "@/words/screens/plan/capBasis";

/**
 * Where nobody has said what a cap is compared with: it can be said here, for this bike, and the plan follows at once.
 */
export function CapBasis({ job, change, row }: Pick<StageProps, "job" | "change"> & { readonly row: SheetRow }) {
  const { encoding } = row.line;
  const basis = capBasisOf(encoding);
  if (basis === null || job.program) return null;
  const stated = row.line.claims.some((claim) => claim.chosen && claim.from === "own-trial");
  if (basis !== "unknown" && !stated) return null;
  return (
    <div className="mt-3 border-t border-rule pt-3">
      <Choice
        label={say.whatIsThisCap}
        value={basis}
        options={CAP_BASES}
        onChoose={(next) => void change((now) => stateCapBasis(now, row.code, next))}
        hint={say.setTheWheelLine}
      />
    </div>
  );
}
