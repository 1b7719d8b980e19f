"use client";
import { useMemo } from "react";
import type { Job, LevelForetold } from "@/core/record";
import type { SpeedUnit } from "@/core/units";
import * as say from "@/words/screens/prove/foretold";
import { levelsAsk } from "@/workers/keysClient";
import { usePlan } from "../job/usePlan";

interface ForetoldProps {
  readonly job: Job;
  readonly unit: SpeedUnit;
  /** With the wheel off the floor, or on the flat. */
  readonly where: "spin" | "road";
}

/** What the ride model foretells of each level, to hold a check against; nothing while facts for it are missing. */
export function Foretold({ job, unit, where }: ForetoldProps) {
  const ask = useMemo(() => levelsAsk(job), [job]);
  const { plan: levels } = usePlan(ask);
  // A mid-drive does not turn a wheel by itself.
  if (where === "spin" && job.intake.motorKind === "mid-drive") return null;
  // Its line is kept free, so that nothing below moves when the answer comes.
  return <p className="min-h-6 text-[0.95rem] text-quiet">{levels ? told(levels, unit, where) : null}</p>;
}

function told(levels: readonly LevelForetold[], unit: SpeedUnit, where: ForetoldProps["where"]): string | null {
  if (levels.length === 0) return null;
  if (where === "road")
    return say.onTheFlat(
      levels.map(({ steadyKmh }) => steadyKmh),
      unit,
    );
  const spins = levels.flatMap(({ spinShownKmh }) => (spinShownKmh === null ? [] : [spinShownKmh]));
  return spins.length < levels.length ? null : say.wheelUp(spins, unit);
}
