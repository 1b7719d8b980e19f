"use client";
import { useMemo } from "react";
import { bestMode, modesOffered, type OfferedMode } from "@/core/benches/modesOffered";
import { readFacts } from "@/core/facts/everyFact";
import type { StageProps } from "../../job/stageProps";
import { Button, RuledTable, useTell } from "@/ui/primitives";
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
  const most = Math.max(...modes.map(({ levels }) => levels));
  const set = async ({ code, raw, levels }: OfferedMode) => {
    const deed = await change((now) => (now.program ? now : { ...now, overrides: { ...now.overrides, [code]: raw } }));
    if (deed) tell(say.setByHand(levels), () => void deed.undo("set by hand"));
  };
  return (
    <section aria-label={say.howManyLevels} className="min-w-0">
      <h4 className="text-[1.25rem]">{say.howManyLevels}</h4>
      <RuledTable
        label={say.sideBySide}
        headings={[say.level, ...modes.map(({ levels, from }) => say.heading(levels, from === "measured"))]}
      >
        {Array.from({ length: most }, (_, i) => (
          <tr key={i} className="border-b border-rule">
            <th scope="row" className="py-1 pr-3 text-left">
              {i + 1}
            </th>
            {modes.map(({ levels, speedsKmh, twins }) => {
              const kmh = speedsKmh[i];
              const twin = twins.find(({ level }) => level === i);
              return (
                <td key={levels} className={`py-1 pr-3 tabular-nums ${twin ? "text-quiet" : ""}`}>
                  {kmh === undefined ? null : say.cell(kmh, unit, twin ? twin.sameAs + 1 : null)}
                </td>
              );
            })}
          </tr>
        ))}
      </RuledTable>
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
