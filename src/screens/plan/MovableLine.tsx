import { shows } from "@/core/display";
import type { Movable } from "@/core/benches/outcome";
import { SignShape } from "@/ui/primitives";
import { lineName } from "@/words";
import * as say from "@/words/screens/plan/movableLine";

interface MovableLineProps {
  readonly movable: Movable;
  readonly raw: number | null;
  readonly target: number | null;
  readonly meaning: (raw: number) => string | null;
  readonly onMove: (raw: number) => void;
  readonly onFocus: () => void;
}

/** One line on a slider: what it shows, what that means, and what it was. */
export function MovableLine({ movable: { row, raws }, raw, target, meaning, onMove, onFocus }: MovableLineProps) {
  const at = raw === null ? 0 : Math.max(0, raws.indexOf(raw));
  const shown = raw === null ? "unread" : shows(row.line.encoding, raw);
  const means = raw === null ? null : meaning(raw);
  const label = `${row.code} ${lineName(row.line)}`;
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_minmax(0,0.9fr)_4.6rem] items-center gap-3 border-b border-rule text-[0.95rem]">
      <span className="leading-tight">
        <span className="font-bold">{row.code}</span> {lineName(row.line)}
      </span>
      <input
        type="range"
        aria-label={label}
        aria-valuetext={means && means !== shown ? `${shown}, ${means}` : shown}
        min={0}
        max={raws.length - 1}
        step={1}
        value={at}
        onFocus={onFocus}
        onChange={(event) => {
          const next = raws[Number(event.target.value)];
          if (next !== undefined) onMove(next);
        }}
        className="h-11 w-full min-w-0 accent-action"
      />
      <span className="text-right leading-tight">
        <strong>{shown}</strong>
        {means && means !== shown && raw === target ? (
          <span className="block text-[0.82rem] break-words text-quiet">{means}</span>
        ) : null}
        {raw !== target ? (
          <span className="block text-[0.82rem] text-quiet">
            <SignShape sign="odd" size={10} />
            {say.was}
            {target === null ? say.unread : shows(row.line.encoding, target)}
          </span>
        ) : null}
      </span>
    </li>
  );
}
