"use client";
import { useState } from "react";
import { startTable } from "@/core/benches/tables";
import { Choice, NumberTable } from "@/ui/primitives";
import { fixed, plain } from "@/words";
import { Source } from "./Source";

/** How far a crank turns before so many pulses are counted. */
export function StartTable() {
  const [pulses, setPulses] = useState("12");
  const [cadence, setCadence] = useState("60");
  const crank = Number(pulses);
  const rpm = Number(cadence);
  return (
    <>
      <div className="mb-4 flex flex-wrap gap-6">
        <Choice
          label="Pulses per crank turn"
          value={pulses}
          options={["5", "6", "8", "10", "12", "16", "24"].map((each) => ({ value: each, label: each }))}
          onChoose={setPulses}
        />
        <Choice
          label="Cadence, rpm"
          value={cadence}
          options={["50", "60", "70", "80", "90"].map((each) => ({ value: each, label: each }))}
          onChoose={setCadence}
        />
      </div>
      <NumberTable
        caption={`Pulses counted out of ${crank}`}
        headings={["Counted", "Crank turns between", "From rest at most", `At ${cadence} rpm at most`]}
        rows={startTable(crank, rpm).map((row) => ({
          key: String(row.pulses),
          head: String(row.pulses),
          cells: [
            `${plain(row.leastDeg, 0)} and ${plain(row.mostDeg, 0)}°`,
            `${fixed(row.fromRestS, 2)} s`,
            `${fixed(row.ridingS, 2)} s`,
          ],
          working: [
            `360 × (${row.pulses} − 1) ÷ ${crank} to 360 × ${row.pulses} ÷ ${crank} degrees`,
            `60 × ${row.pulses} ÷ (${crank} × ${cadence}) = ${fixed(row.ridingS, 2)} s`,
          ],
        }))}
      />
      <Source>
        Geometry. From rest a rider is taken to turn the crank at 30 rpm: from memory. A double sensor counts twice the
        magnets on its ring.
      </Source>
    </>
  );
}
