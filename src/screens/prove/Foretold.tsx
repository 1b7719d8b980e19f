"use client";
import { useMemo } from "react";
import type { Job } from "@/core/record";
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
  if (!levels || levels.length === 0) return null;
  if (where === "road")
    return (
      <p className="text-[0.95rem] text-quiet">
        {say.onTheFlat(
          levels.map(({ steadyKmh }) => steadyKmh),
          unit,
        )}
      </p>
    );
  const spins = levels.flatMap(({ spinShownKmh }) => (spinShownKmh === null ? [] : [spinShownKmh]));
  if (spins.length < levels.length) return null;
  return <p className="text-[0.95rem] text-quiet">{say.wheelUp(spins, unit)}</p>;
}
