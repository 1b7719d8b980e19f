"use client";
import type { DisplayProfile } from "@/core/display";
import { swapOutlook, type Job } from "@/core/record";
import type { Fate } from "@/core/sheet";
import { Button, Caution, RuledTable, SignShape } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import { SETTING_NAMES, settingValueWords } from "@/words";
import { FATE_WORDS, fateReasonText } from "@/words/profiles";
import * as say from "@/words/screens/intake/swapDisplay";

interface SwapDisplayProps {
  readonly job: Job;
  readonly to: DisplayProfile;
  readonly onSwap: () => void;
  readonly onClose: () => void;
}

const SIGNS: Readonly<Record<Fate, "breach" | "odd" | "done" | "unknown">> = {
  lost: "breach",
  rounded: "odd",
  kept: "done",
  gained: "unknown",
};
const ORDER: readonly Fate[] = ["lost", "rounded", "gained", "kept"];

/** What becomes of every value when the display is swapped, before it is. */
export function SwapDisplay({ job, to, onSwap, onClose }: SwapDisplayProps) {
  const outlook = swapOutlook(job, to);
  if (!outlook || !job.profile) return null;
  const rows = [...outlook.settings].sort((a, b) => ORDER.indexOf(a.fate) - ORDER.indexOf(b.fate));
  const tally = ORDER.map((fate) => [fate, rows.filter((row) => row.fate === fate).length] as const).filter(
    ([, n]) => n > 0,
  );
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={say.comesOffGoesOn(job.profile.name, to.name)}
      description={say.everyValueOfThe}
    >
      <Caution>{say.thePlugMayFit}</Caution>
      <p className="my-3 flex flex-wrap gap-x-5">
        {tally.map(([fate, n]) => (
          <span key={fate} className="inline-flex items-baseline gap-1.5">
            <SignShape sign={SIGNS[fate]} /> {n} {FATE_WORDS[fate]}
          </span>
        ))}
      </p>
      <RuledTable
        label={say.valuesCarriedOver}
        headings={[say.setting, say.was, say.willBe, say.why]}
        heightClass="max-h-[42vh] overflow-y-auto"
      >
        {rows.map((row) => (
          <tr key={row.setting} className="border-b border-rule align-top">
            <th scope="row" className="py-1 pr-2 text-left font-semibold">
              {SETTING_NAMES[row.setting]}
            </th>
            <td className="py-1 pr-2">{row.from === null ? "—" : settingValueWords(row.setting, row.from)}</td>
            <td className="py-1 pr-2">
              {row.to === null || row.fate === "lost" ? "—" : settingValueWords(row.setting, row.to)}
            </td>
            <td className="py-1">
              <span className="inline-flex items-baseline gap-1.5">
                <SignShape sign={SIGNS[row.fate]} size={10} /> {FATE_WORDS[row.fate]}
              </span>
              <span className="block text-quiet">{fateReasonText(row.reason)}</span>
            </td>
          </tr>
        ))}
      </RuledTable>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button weight="main" onClick={onSwap}>
          {say.swapAndCarryOver(rows.filter((row) => row.fate === "kept" || row.fate === "rounded").length)}
        </Button>
        <Button onClick={onClose}>{say.leaveOn(job.profile.name)}</Button>
      </div>
    </Panel>
  );
}
