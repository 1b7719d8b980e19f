"use client";
import Link from "next/link";
import type { SettingKey } from "@/core/display";
import { compareDisplays, type AbilityRow } from "@/core/sheet";
import { RuledTable, SignShape, useKeptState } from "@/ui/primitives";
import { SETTING_NAMES } from "@/words";
import { abilityWords } from "@/words/abilities";
import { useDisplays } from "../displays/useDisplays";
import * as say from "@/words/screens/compare/compare";

/** Two displays side by side: what each can set, in what range, and what one has that the other lacks. */
export function Compare() {
  const displays = useDisplays();
  const [left, setLeft] = useKeptState("compare.left", "tarn-18");
  const [right, setRight] = useKeptState("compare.right", "skerry-words");
  if (!displays) return null;
  const a = displays.all.find(({ id }) => id === left) ?? displays.all[0];
  const b = displays.all.find(({ id }) => id === right) ?? displays.all[1];
  if (!a || !b) return null;
  const rows = compareDisplays(a, b);
  const only = (side: "a" | "b") =>
    rows.filter((row) => row[side] !== null && row[side === "a" ? "b" : "a"] === null).length;
  const pick = (label: string, value: string, onPick: (id: string) => void) => (
    <label className="flex flex-col gap-1">
      <span className="text-[0.92rem] font-semibold">{label}</span>
      <select
        value={value}
        onChange={(event) => onPick(event.target.value)}
        className="min-h-11 rounded-md border-2 border-rule bg-sheet px-3 font-head text-lg font-bold"
      >
        {displays.all.map((each) => (
          <option key={each.id} value={each.id}>
            {each.name}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <div>
      <Link href="/displays" className="text-quiet underline underline-offset-4">
        {say.displays}
      </Link>
      <h1 className="mt-1 mb-4 text-[2.1rem]">{say.twoDisplaysSideBy}</h1>
      <div className="mb-4 grid gap-4 sm:grid-cols-2">
        {pick(say.one, a.id, setLeft)}
        {pick(say.theOther, b.id, setRight)}
      </div>
      <p className="mb-3 text-quiet">
        {say.settingBetweenThemAlone(rows.length, a.name, only("a"), b.name, only("b"))}
      </p>
      <RuledTable
        label={say.compareAnd(a.name, b.name)}
        headings={[say.setting, a.name, b.name]}
        widthClass="min-w-[520px]"
      >
        {rows.map((row) => (
          <tr key={row.setting} className="border-b border-rule">
            <th scope="row" className="py-1 pr-3 text-left font-semibold">
              {SETTING_NAMES[row.setting]}
            </th>
            <Ability setting={row.setting} ability={row.a} />
            <Ability setting={row.setting} ability={row.b} />
          </tr>
        ))}
      </RuledTable>
    </div>
  );
}

function Ability({ setting, ability }: { readonly setting: SettingKey; readonly ability: AbilityRow["a"] }) {
  return (
    <td className="py-1 pr-3">
      {ability ? (
        <>
          {abilityWords(setting, ability)} <span className="text-quiet">{say.compareLine(ability.code)}</span>
        </>
      ) : (
        <span className="inline-flex items-baseline gap-1.5 text-quiet">
          <SignShape sign="unknown" size={10} />
          {say.noLine}
        </span>
      )}
    </td>
  );
}
