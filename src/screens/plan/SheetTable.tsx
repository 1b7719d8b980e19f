"use client";
import type { Job } from "@/core/record";
import type { SheetRow } from "@/core/sheet";
import { RuledTable } from "@/ui/primitives";
import { SheetLine } from "./SheetLine";
import * as say from "@/words/screens/plan/sheetTable";

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
    <RuledTable
      inset
      label={say.sheet}
      headings={[
        say.line,
        say.sets,
        job.program || job.held ? say.asLastKnown : say.asFound,
        job.program ? say.sealedTarget : say.target,
        { hidden: say.sheetTableMark },
      ]}
      hidden={moving}
      onKeyDown={(event) => {
        if (event.key !== "ArrowDown" && event.key !== "ArrowUp") return;
        event.preventDefault();
        move(event.key === "ArrowDown" ? 1 : -1);
      }}
    >
      {rows.map((row) => (
        <SheetLine key={row.code} row={row} selected={row.code === selected?.code} onSelect={() => setLine(row.code)} />
      ))}
    </RuledTable>
  );
}
