import type { SheetRow } from "@/core/sheet";
import { MarkSign } from "@/ui/primitives";
import { lineName, valueMeaning } from "@/words";
import * as say from "@/words/screens/plan/sheetLine";

interface SheetLineProps {
  readonly row: SheetRow;
  readonly selected: boolean;
  readonly onSelect: () => void;
}

/** One line of the sheet: what it is, what it should be, and its mark. */
export function SheetLine({ row, selected, onSelect }: SheetLineProps) {
  const { line, inForce: present, target, changes } = row;
  return (
    <tr
      className={`border-b border-rule ${selected ? "bg-sheet outline-2 -outline-offset-2 outline-action" : "hover:bg-sheet"}`}
      onClick={onSelect}
    >
      <td className="py-0 pr-3 pl-2 font-bold">
        <button
          type="button"
          data-line={row.code}
          aria-pressed={selected}
          aria-label={say.sheetLineLine(row.code, lineName(line))}
          onClick={onSelect}
          className="min-h-[1.85rem] min-w-8 text-left"
        >
          {row.code}
        </button>
      </td>
      <td className="py-1 pr-2 leading-tight">{lineName(line)}</td>
      <td className={`py-1 pr-2 ${changes ? "text-quiet" : ""}`}>
        {present ? <Value row={row} value={present} /> : <span className="text-quiet">{say.unread}</span>}
      </td>
      <td className="py-1 pr-2">
        {changes === false ? (
          <span className="text-quiet">{say.same}</span>
        ) : target ? (
          <strong>
            <Value row={row} value={target} />
          </strong>
        ) : (
          <span className="text-quiet">{say.asItIs}</span>
        )}
      </td>
      <td className="py-1 text-[0.9rem]">
        <MarkSign mark={row.mark} />
      </td>
    </tr>
  );
}

function Value({ row, value }: { readonly row: SheetRow; readonly value: NonNullable<SheetRow["target"]> }) {
  // A wheel code is what the technician sees and sets; the millimetres behind it stand in its reason.
  const meaning = row.settings[0] === "circumferenceMm" ? null : valueMeaning(value.means);
  const bare =
    meaning &&
    (meaning === value.shows ||
      meaning.startsWith(`${value.shows} `) ||
      Number(value.shows) === Number.parseFloat(meaning));
  return (
    <>
      {bare ? meaning : value.shows}
      {meaning && !bare ? <span className="font-normal text-quiet"> · {meaning}</span> : null}
    </>
  );
}
