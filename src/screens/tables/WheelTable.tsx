"use client";
import { useState } from "react";
import { tyreRow, tyreTable } from "@/core/benches/tables";
import { nominalCircumferenceMm, readTyre } from "@/core/wheel";
import { KeptField, NumberTable, type NumberRow } from "@/ui/primitives";
import { offBy, plain } from "@/words";
import { Source } from "./Source";
import * as say from "@/words/screens/tables/wheelTable";

const WHEEL_HEADINGS = [say.tyre, say.unloaded, say.riderOn, say.outerDiameter, say.inchCodeToTry, say.itThenReads];

function wheelCells(row: ReturnType<typeof tyreRow>): NumberRow {
  const { widthMm, beadSeatMm } = row.tyre;
  return {
    key: `${widthMm}-${beadSeatMm}`,
    head: `${widthMm}-${beadSeatMm}`,
    cells: [
      say.wheelTableMm(row.unloadedMm),
      say.wheelTableMm2(row.loadedMm),
      say.mmIn(row.outerMm, row.outerInch),
      row.codeInch === null ? say.none : plain(row.codeInch),
      row.codeOff === null ? "—" : offBy(row.codeOff),
    ],
    working: [
      say.unloaded2HMm(beadSeatMm, widthMm, row.unloadedMm),
      say.riderOnLess2(widthMm, row.loadedMm),
      ...(row.codeInch === null ? [] : [say.code254Mm(row.codeInch, nominalCircumferenceMm(row.codeInch))]),
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
          label={say.aTyreOfYour}
          value={typed}
          onKeep={setTyped}
          hint={say.widthAndRimAs}
          problem={reading && !reading.ok ? say.giveWidthAndRim : null}
        />
      </div>
      {reading?.ok ? (
        <NumberTable caption={say.thatTyre} headings={WHEEL_HEADINGS} rows={[wheelCells(tyreRow(reading.tyre))]} />
      ) : null}
      <NumberTable
        caption={reading?.ok ? say.othersOnThatRim : say.tyresByRim}
        headings={WHEEL_HEADINGS}
        rows={rows.map(wheelCells)}
      />
      <Source>{say.rimDiametersIso5775}</Source>
    </>
  );
}
