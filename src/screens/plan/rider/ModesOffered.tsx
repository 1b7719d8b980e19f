"use client";
import { useMemo } from "react";
import { bestMode, modesOffered, type OfferedMode } from "@/core/benches/modesOffered";
import { setByHand } from "@/core/record";
import { readFacts } from "@/core/facts/everyFact";
import type { StageProps } from "../../job/stageProps";
import { Button, useTell } from "@/ui/primitives";
import { ModesTable } from "../../numbers/ModesTable";
import * as say from "@/words/screens/plan/rider/modesOffered";

/** The numbers of levels a display offers, side by side: how many of each are really told apart. */
export function ModesOffered({ job, workings, change }: Pick<StageProps, "job" | "workings" | "change">) {
  const tell = useTell();
  const { bike, sheet, unit } = workings;
  const { profile } = job;
  const modes = useMemo(
    () =>
      profile && sheet
        ? modesOffered({ profile, bike, facts: readFacts(job.intake), raws: sheet.target.raws, cap: sheet.target.cap })
        : [],
    [profile, sheet, bike, job.intake],
  );
  const best = bestMode(modes);
  if (!best || !sheet) return null;
  const row = sheet.rows.find(({ code }) => code === best.code);
  const set = async ({ code, raw, levels }: OfferedMode) => {
    const deed = await change((now) => setByHand(now, { [code]: raw }, new Date().toISOString(), say.chosen));
    if (deed) tell(say.setByHand(levels), () => void deed.undo("set by hand"));
  };
  return (
    <section aria-label={say.howManyLevels} className="min-w-0">
      <h4 className="text-[1.25rem]">{say.howManyLevels}</h4>
      <ModesTable
        label={say.sideBySide}
        headings={modes.map(({ levels, from }) => say.heading(levels, from === "measured"))}
        modes={modes}
        unit={unit}
      />
      <p className="mt-2">
        {say.real(modes.map(({ real, levels }) => [real, levels] as const))} <strong>{say.best(best.levels)}</strong>
      </p>
      <p className="text-[0.88rem] text-quiet">{say.measureThem}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {modes
          .filter(({ raw }) => raw !== row?.target?.raw)
          .map((mode) => (
            <Button key={mode.levels} disabled={job.program !== null} onClick={() => void set(mode)}>
              {say.use(mode.levels)}
            </Button>
          ))}
      </div>
    </section>
  );
}
