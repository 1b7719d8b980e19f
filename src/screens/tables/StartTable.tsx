"use client";
import { useState } from "react";
import { startTable } from "@/core/benches/tables";
import { Choice, NumberTable } from "@/ui/primitives";
import { fixed } from "@/words";
import { Source } from "./Source";
import * as say from "@/words/screens/tables/startTable";

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
          label={say.pulsesPerCrankTurn}
          value={pulses}
          options={["5", "6", "8", "10", "12", "16", "24"].map((each) => ({ value: each, label: each }))}
          onChoose={setPulses}
        />
        <Choice
          label={say.cadenceRpm}
          value={cadence}
          options={["50", "60", "70", "80", "90"].map((each) => ({ value: each, label: each }))}
          onChoose={setCadence}
        />
      </div>
      <NumberTable
        caption={say.pulsesCountedOutOf(crank)}
        headings={[say.counted, say.crankTurnsBetween, say.fromRestAtMost, say.atRpmAtMost(cadence)]}
        rows={startTable(crank, rpm).map((row) => ({
          key: String(row.pulses),
          head: String(row.pulses),
          cells: [
            say.startTableAnd(row.leastDeg, row.mostDeg),
            `${fixed(row.fromRestS, 2)} s`,
            `${fixed(row.ridingS, 2)} s`,
          ],
          working: [
            say.n3601To360(row.pulses, crank),
            `60 × ${row.pulses} ÷ (${crank} × ${cadence}) = ${fixed(row.ridingS, 2)} s`,
          ],
        }))}
      />
      <Source>{say.geometryFromRestA}</Source>
    </>
  );
}
