"use client";
import { later } from "@/ui/primitives/later";
import { useMemo, type ComponentType } from "react";
import { readFacts } from "@/core/facts/everyFact";
import type { Raws } from "@/core/applied";
import { useKeptState } from "@/ui/primitives";
import type { StageProps } from "../job/stageProps";
import type { BenchProps } from "./benchProps";
import * as say from "@/words/screens/numbers/numbers";

const BENCHES = ["wheel", "speedometer", "battery", "current", "ladder", "ride", "upgrade"] as const;
type BenchName = (typeof BENCHES)[number];

const TITLES: Readonly<Record<BenchName, string>> = {
  wheel: say.wheel,
  speedometer: say.speedometer,
  battery: say.battery,
  current: say.current,
  ladder: say.ladder,
  ride: say.ride,
  upgrade: say.upgrade,
};

/** Each bench is loaded when it is first opened. */
const SCREENS: Readonly<Record<BenchName, ComponentType<BenchProps>>> = {
  wheel: later(() => import("./WheelBench").then((module) => module.WheelBench)),
  speedometer: later(() => import("./SpeedometerBench").then((module) => module.SpeedometerBench)),
  battery: later(() => import("./BatteryBench").then((module) => module.BatteryBench)),
  current: later(() => import("./CurrentBench").then((module) => module.CurrentBench)),
  ladder: later(() => import("./LadderBench").then((module) => module.LadderBench)),
  ride: later(() => import("./RideBench").then((module) => module.RideBench)),
  upgrade: later(() => import("./UpgradeBench").then((module) => module.UpgradeBench)),
};

/** The numbers of one bike, worked out from what can be measured, bench by bench. */
export function Numbers(props: StageProps) {
  const { job, workings } = props;
  const [kept, setKept] = useKeptState(`bench.${job.id}`, "wheel");
  const bench = BENCHES.find((name) => name === kept) ?? "wheel";
  const facts = useMemo(() => readFacts(job.intake), [job.intake]);
  const raws = useMemo((): Raws => workings.sheet?.rows.map((row) => row.inForce?.raw ?? null) ?? [], [workings.sheet]);
  const Screen = SCREENS[bench];
  return (
    <>
      <nav aria-label={say.benches} className="mb-6 flex gap-x-6 overflow-x-auto border-b border-rule">
        {BENCHES.map((name) => (
          <button
            key={name}
            type="button"
            aria-current={name === bench ? "true" : undefined}
            onClick={() => setKept(name)}
            className={`min-h-11 shrink-0 border-b-4 ${name === bench ? "border-action font-bold" : "border-transparent text-quiet hover:text-ink"}`}
          >
            {TITLES[name]}
          </button>
        ))}
      </nav>
      <Screen {...props} facts={facts} raws={raws} />
    </>
  );
}
