"use client";
import { useState } from "react";
import { tyreRow, tyreTable } from "@/core/benches/tables";
import { nominalCircumferenceMm, readTyre } from "@/core/wheel";
import { KeptField, NumberTable, type NumberRow } from "@/ui/primitives";
import { fixed, offBy, plain } from "@/words";
import { Source } from "./Source";

const WHEEL_HEADINGS = ["Tyre", "Unloaded", "Rider on", "Outer diameter", "Inch code to try", "It then reads"];

function wheelCells(row: ReturnType<typeof tyreRow>): NumberRow {
  const { widthMm, beadSeatMm } = row.tyre;
  return {
    key: `${widthMm}-${beadSeatMm}`,
    head: `${widthMm}-${beadSeatMm}`,
    cells: [
      `${plain(row.unloadedMm, 0)} mm`,
      `${plain(row.loadedMm, 0)} mm`,
      `${plain(row.outerMm, 0)} mm, ${fixed(row.outerInch)} in`,
      row.codeInch === null ? "none" : plain(row.codeInch),
      row.codeOff === null ? "—" : offBy(row.codeOff),
    ],
    working: [
      `unloaded: π × (${beadSeatMm} + 2h × ${widthMm}) = ${plain(row.unloadedMm, 0)} mm`,
      `rider on: less (2π ÷ 3) × 0.15 h × ${widthMm} = ${plain(row.loadedMm, 0)} mm, ±1.5 %`,
      ...(row.codeInch === null
        ? []
        : [
            `code ${plain(row.codeInch)}: ${plain(row.codeInch)} × 25.4 × π = ${plain(nominalCircumferenceMm(row.codeInch), 0)} mm, ±3 % until proven`,
          ]),
    ],
  };
}

/** Tyres by their marking: what they roll, and the inch code to try. */
export function WheelTable() {
  const [typed, setTyped] = useState("");
  const reading = typed.trim() === "" ? null : readTyre(typed);
  const rows = tyreTable().filter(
    ({ tyre }) => reading === null || !reading.ok || tyre.beadSeatMm === reading.tyre.beadSeatMm,
  );
  return (
    <>
      <div className="mb-4 max-w-xs">
        <KeptField
          of="tyre"
          label="A tyre of your own"
          value={typed}
          onKeep={setTyped}
          hint="Width and rim, as on the sidewall: 50-559"
          problem={reading && !reading.ok ? "Give width and rim as on the sidewall, such as 50-559." : null}
        />
      </div>
      {reading?.ok ? (
        <NumberTable caption="That tyre" headings={WHEEL_HEADINGS} rows={[wheelCells(tyreRow(reading.tyre))]} />
      ) : null}
      <NumberTable
        caption={reading?.ok ? "Others on that rim" : "Tyres by rim"}
        headings={WHEEL_HEADINGS}
        rows={rows.map(wheelCells)}
      />
      <Source>
        Rim diameters: ISO 5775-1. Height and squash: from memory. A measured rollout beats the table. An inch code
        stands for its own millimetres on each display; the wheel bench knows them.
      </Source>
    </>
  );
}
