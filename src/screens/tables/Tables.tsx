"use client";
import { later } from "@/ui/primitives/later";
import type { ComponentType } from "react";
import { useKeptState } from "@/ui/primitives";
import { StartTable } from "./StartTable";
import { VoltTable } from "./VoltTable";
import { WheelTable } from "./WheelTable";
import * as say from "@/words/screens/tables/tables";

/** With what describes a class: loaded when one looks at the classes. */
const ClassTable = later(() => import("./ClassTable").then((module) => module.ClassTable));
const UnitRule = later(() => import("./UnitRule").then((module) => module.UnitRule));

const PARTS = {
  wheel: say.wheel,
  volts: say.volts,
  classes: say.speedByClass,
  start: say.startAngle,
  rule: say.unitRule,
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
      <h1 className="text-[2.1rem] max-sm:text-[1.7rem]">{say.tables}</h1>
      <nav aria-label={say.tables} className="mt-2 mb-6 flex gap-x-6 overflow-x-auto border-b border-rule">
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
