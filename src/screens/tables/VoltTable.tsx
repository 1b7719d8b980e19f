"use client";
import { useState } from "react";
import { CHEMISTRY_IDS, figuresOf, type Chemistry } from "@/core/battery/chemistry";
import { PACK_CHARGES, packTable } from "@/core/benches/tables";
import { Choice, NumberTable } from "@/ui/primitives";
import { CHEMISTRY_NAMES, fixed, plain } from "@/words";
import { Source } from "./Source";
import * as say from "@/words/screens/tables/voltTable";

/** Packs by their label: cells, charger, volts at rest, cut-off. */
export function VoltTable() {
  const [chemistry, setChemistry] = useState<Chemistry>(CHEMISTRY_IDS[0] ?? "nmc");
  const options = CHEMISTRY_IDS.map((id) => ({ value: id, label: CHEMISTRY_NAMES[id] }));
  return (
    <>
      <div className="mb-4">
        <Choice label={say.cells} value={chemistry} options={options} onChoose={setChemistry} />
      </div>
      <NumberTable
        caption={say.packsVoltsAtRest}
        headings={[
          say.label,
          say.inSeries,
          say.charger,
          ...PACK_CHARGES.map((charge) => `${plain(100 * charge, 0)} %`),
          say.cutOff,
        ]}
        rows={packTable(chemistry).map((row) => ({
          key: `${row.nominalV}-${row.series}`,
          head: `${row.nominalV} V`,
          cells: [
            String(row.series),
            `${fixed(row.chargerV)} V`,
            ...row.restV.map((volts) => fixed(volts)),
            `${fixed(row.cutOffV)} V`,
          ],
          working: [say.cellsVoltsPerCell(row.series), say.cutOffTheGreater],
        }))}
      />
      <Source>{say.voltsPerCellFrom(figuresOf(chemistry).gaugeWorks)}</Source>
    </>
  );
}
