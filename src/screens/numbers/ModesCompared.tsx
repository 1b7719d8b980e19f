import { levelModes, richestMode } from "@/core/assist";
import { readLadders } from "@/core/facts/lists";
import type { SpeedUnit } from "@/core/units";
import { RuledTable } from "@/ui/primitives";
import * as say from "@/words/screens/numbers/modesCompared";
import { Part } from "./Bench";
import type { BenchProps } from "./benchProps";

/** Ladders measured with different numbers of levels, side by side, twins marked; nothing until one is kept. */
export function ModesCompared({ facts, unit }: Pick<BenchProps, "facts"> & { readonly unit: SpeedUnit }) {
  const modes = levelModes(readLadders(facts.text("measuredLadders")));
  const best = richestMode(modes);
  if (!best) return null;
  const most = Math.max(...modes.map(({ speedsKmh }) => speedsKmh.length));
  return (
    <Part title={say.modesSideBySide}>
      <RuledTable
        label={say.modesSideBySide}
        headings={[say.level, ...modes.map(({ speedsKmh }) => say.levels(speedsKmh.length))]}
      >
        {Array.from({ length: most }, (_, i) => (
          <tr key={i} className="border-b border-rule">
            <th scope="row" className="py-1 pr-3 text-left">
              {i + 1}
            </th>
            {modes.map(({ speedsKmh, twins }) => {
              const kmh = speedsKmh[i];
              const twin = twins.find(({ level }) => level === i);
              return (
                <td key={speedsKmh.length} className={`py-1 pr-3 tabular-nums ${twin ? "text-quiet" : ""}`}>
                  {kmh === undefined ? null : say.cell(kmh, unit, twin ? twin.sameAs + 1 : null)}
                </td>
              );
            })}
          </tr>
        ))}
      </RuledTable>
      <p className="mt-2">{say.real(modes.map(({ real, speedsKmh }) => [real, speedsKmh.length] as const))}</p>
      {modes.length > 1 ? <p className="font-semibold">{say.richest(best.speedsKmh.length, best.real)}</p> : null}
    </Part>
  );
}
