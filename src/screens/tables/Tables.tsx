"use client";
import dynamic from "next/dynamic";
import { useState, type ComponentType } from "react";
import { CLASSES } from "@/catalog/classes/classes";
import { CHEMISTRY_IDS, type Chemistry } from "@/core/battery/chemistry";
import { readTyre } from "@/core/wheel";
import { limitRow, PACK_CHARGES, packTable, startTable, tyreRow, tyreTable } from "@/core/setup/tables";
import { nominalCircumferenceMm } from "@/core/wheel";
import { Choice, KeptField, NumberTable, useKeptState, type NumberRow } from "@/ui/primitives";
import { CHEMISTRY_NAMES, fixed, offBy, plain } from "@/ui/wording";

const UnitRule = dynamic(() => import("./UnitRule").then((module) => module.UnitRule), { ssr: false });

const PARTS = {
  wheel: "Wheel",
  volts: "Volts",
  classes: "Speed by class",
  start: "Start angle",
  rule: "Unit rule",
} as const;
type Part = keyof typeof PARTS;
const NAMES = Object.keys(PARTS) as readonly Part[];

const BODIES: Readonly<Record<Part, ComponentType>> = {
  wheel: WheelTable,
  volts: VoltTable,
  classes: ClassTable,
  start: StartTable,
  rule: UnitRule,
};

/** Tables to look a number up in, each with its source, and a rule between units. */
export function Tables() {
  const [kept, setKept] = useKeptState("tables", "wheel");
  const part = NAMES.find((name) => name === kept) ?? "wheel";
  const Body = BODIES[part];
  return (
    <div>
      <h1 className="text-[2.1rem] max-sm:text-[1.7rem]">Tables</h1>
      <nav aria-label="Tables" className="mt-2 mb-6 flex gap-x-6 overflow-x-auto border-b border-rule">
        {NAMES.map((name) => (
          <button
            key={name}
            type="button"
            aria-current={name === part ? "true" : undefined}
            onClick={() => setKept(name)}
            className={`min-h-11 shrink-0 border-b-4 ${name === part ? "border-action font-bold" : "border-transparent text-quiet hover:text-ink"}`}
          >
            {PARTS[name]}
          </button>
        ))}
      </nav>
      <h2 className="sr-only">{PARTS[part]}</h2>
      <Body />
    </div>
  );
}

function Source({ children }: { readonly children: React.ReactNode }) {
  return <p className="mt-3 text-[0.9rem] text-quiet">{children}</p>;
}

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

function WheelTable() {
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

function VoltTable() {
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

function ClassTable() {
  return (
    <>
      <NumberTable
        caption="Assist limits by class"
        headings={["Class", "Limit", "km/h", "mph", "Whole km/h line", "Whole mph line", "Walking aid", "Motor"]}
        rows={CLASSES.map(limitRow).map(({ rule, kmh, mph, wholeKmh, wholeMph }) => ({
          key: rule.id,
          head: rule.badge,
          cells: [
            rule.assist
              ? `${rule.assist.strict ? "under " : ""}${plain(rule.assist.value)} ${rule.assist.unit === "mph" ? "mph" : "km/h"}`
              : "none",
            kmh === null ? "—" : fixed(kmh, 3),
            mph === null ? "—" : fixed(mph, 3),
            wholeKmh === null ? "—" : String(wholeKmh),
            wholeMph === null ? "—" : String(wholeMph),
            rule.walkAssistKmh === null ? "—" : `${plain(rule.walkAssistKmh, 2)} km/h`,
            rule.motor ? `${rule.motor.strictness === "below" ? "below " : ""}${rule.motor.limitW} W` : "—",
          ],
          working: [
            rule.name,
            `Source: ${rule.source}, as known on ${rule.knownOn}`,
            `rounded down to what the line holds${rule.assist?.strict ? "; the limit itself is not allowed" : ""}`,
          ],
        }))}
      />
      <Source>
        From memory, each with its source and day behind the class. Check your local code and, where needed, a licensed
        inspector. Rounded down, after dividing out the read-out error, which the plan does and this table does not.
      </Source>
    </>
  );
}

function StartTable() {
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
