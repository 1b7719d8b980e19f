"use client";
import { useState } from "react";
import { CHEMISTRY_IDS, type Chemistry } from "@/core/battery/chemistry";
import { PACK_CHARGES, packTable } from "@/core/benches/tables";
import { Choice, NumberTable } from "@/ui/primitives";
import { CHEMISTRY_NAMES, fixed, plain } from "@/words";
import { Source } from "./Source";

/** Packs by their label: cells, charger, volts at rest, cut-off. */
export function VoltTable() {
  const [chemistry, setChemistry] = useState<Chemistry>(CHEMISTRY_IDS[0] ?? "nmc");
  const options = CHEMISTRY_IDS.map((id) => ({ value: id, label: CHEMISTRY_NAMES[id] }));
  return (
    <>
      <div className="mb-4">
        <Choice label="Cells" value={chemistry} options={options} onChoose={setChemistry} />
      </div>
      <NumberTable
        caption="Packs, volts at rest"
        headings={[
          "Label",
          "In series",
          "Charger",
          ...PACK_CHARGES.map((charge) => `${plain(100 * charge, 0)} %`),
          "Cut-off",
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
          working: [
            `${row.series} cells × volts per cell at each charge`,
            `cut-off: the greater of the cells’ floor and the BMS’s opening + 0.1 V a cell, rounded up to 0.5 V`,
          ],
        }))}
      />
      <Source>
        Volts per cell: from memory. Series counts: common practice, no source.{" "}
        {chemistry === "lfp"
          ? "From 90 down to 20 % these cells hold nearly the same volts: a volt gauge says next to nothing in between."
          : "Under load the pack sags; the battery bench works it out."}
      </Source>
    </>
  );
}
