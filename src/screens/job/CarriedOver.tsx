import type { CarryOver, Fate } from "@/core/sheet";
import { RuledTable, SignShape } from "@/ui/primitives";
import { SETTING_NAMES, settingValueWords } from "@/words";
import { FATE_WORDS, fateReasonText } from "@/words/profiles";
import * as say from "@/words/screens/job/carriedOver";

const SIGNS: Readonly<Record<Fate, "breach" | "odd" | "done" | "unknown">> = {
  lost: "breach",
  rounded: "odd",
  kept: "done",
  gained: "unknown",
};
const ORDER: readonly Fate[] = ["lost", "rounded", "gained", "kept"];

/** What becomes of every value on another display: how many of each fate, and each with why. */
export function CarriedOver({ outlook }: { readonly outlook: CarryOver }) {
  const rows = [...outlook.settings].sort((a, b) => ORDER.indexOf(a.fate) - ORDER.indexOf(b.fate));
  const tally = ORDER.map((fate) => [fate, rows.filter((row) => row.fate === fate).length] as const).filter(
    ([, n]) => n > 0,
  );
  return (
    <>
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
    </>
  );
}
