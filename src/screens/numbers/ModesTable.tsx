import type { LevelMode } from "@/core/assist";
import type { SpeedUnit } from "@/core/units";
import { RuledTable } from "@/ui/primitives";
import * as say from "@/words/screens/numbers/modesTable";

interface ModesTableProps {
  readonly label: string;
  /** One mode a column, under its heading. */
  readonly headings: readonly string[];
  readonly modes: readonly LevelMode[];
  readonly unit: SpeedUnit;
}

/** Ladders of different numbers of levels side by side, a level that is really one before it told as that. */
export function ModesTable({ label, headings, modes, unit }: ModesTableProps) {
  const most = Math.max(...modes.map(({ speedsKmh }) => speedsKmh.length));
  return (
    <RuledTable label={label} headings={[say.level, ...headings]}>
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
  );
}
