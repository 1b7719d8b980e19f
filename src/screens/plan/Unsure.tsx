"use client";
import { isUnsure } from "@/core/display";
import { confirmLine } from "@/core/record";
import type { SheetRow } from "@/core/sheet";
import { Button, useTell } from "@/ui/primitives";
import { SETTING_NAMES } from "@/words";
import * as say from "@/words/screens/plan/unsure";
import type { StageProps } from "../job/stageProps";

/** Who says what a guessed line means, and the one tap that confirms it: only then is it planned. */
export function Unsure({ job, change, row }: Pick<StageProps, "job" | "change"> & { readonly row: SheetRow }) {
  const tell = useTell();
  const { line } = row;
  const { setting } = line.encoding;
  if (!isUnsure(line) || setting === null || job.program) return null;
  const confirm = async () => {
    const deed = await change((now) => confirmLine(now, row.code));
    if (deed) tell(say.confirmed(row.code), () => void deed.undo(say.lineConfirmed(row.code)));
  };
  return (
    <div className="mt-3 flex flex-col gap-2 border-t border-rule pt-3">
      <ul className="text-[0.93rem]">
        {line.claims.map((claim, i) => (
          <li key={i} className="break-words">
            {say.claimed(claim.says, claim.setting && SETTING_NAMES[claim.setting], Math.round(100 * claim.confidence))}
          </li>
        ))}
      </ul>
      <p className="text-[0.9rem] text-quiet">{say.howToFindOut}</p>
      <Button onClick={() => void confirm()}>{say.itIs(SETTING_NAMES[setting])}</Button>
    </div>
  );
}
