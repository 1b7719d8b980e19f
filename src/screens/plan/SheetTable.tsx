"use client";
import type { Job } from "@/core/record";
import type { SheetRow } from "@/core/sheet";
import { SheetLine } from "./SheetLine";

/** The lines of the sheet; arrow keys walk them. */
export function SheetTable({
  moving,
  move,
  job,
  rows,
  selected,
  setLine,
}: {
  readonly moving: boolean;
  readonly move: (by: 1 | -1) => void;
  readonly job: Job;
  readonly rows: SheetRow[];
  readonly selected: SheetRow | undefined;
  readonly setLine: (code: string) => void;
}) {
  return (
    <table
      hidden={moving}
      className="w-full border-collapse text-[0.95rem]"
      onKeyDown={(event) => {
        if (event.key !== "ArrowDown" && event.key !== "ArrowUp") return;
        event.preventDefault();
        move(event.key === "ArrowDown" ? 1 : -1);
      }}
    >
      <thead>
        <tr className="border-b border-rule text-left text-[0.82rem] text-quiet">
          <th className="py-1.5 pl-2 font-semibold">Line</th>
          <th className="py-1.5 font-semibold">Sets</th>
          <th className="py-1.5 font-semibold">{job.program || job.held ? "As last known" : "As found"}</th>
          <th className="py-1.5 font-semibold">{job.program ? "Sealed target" : "Target"}</th>
          <th className="py-1.5 font-semibold max-sm:sr-only">Mark</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <SheetLine
            key={row.code}
            row={row}
            selected={row.code === selected?.code}
            onSelect={() => setLine(row.code)}
          />
        ))}
      </tbody>
    </table>
  );
}
