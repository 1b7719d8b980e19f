"use client";
import { readFacts } from "@/core/facts/everyFact";
import { movableRows, outcomeOf, withMoved, type Outcome } from "@/core/benches/outcome";
import { contextOf, decodeAll } from "@/core/display";
import { setByHand, type Job } from "@/core/record";
import { columnOf, type Sheet } from "@/core/sheet";
import { Button, FindingLine, useTell } from "@/ui/primitives";
import { findingText, INTAKE_WORDS, valueMeaning, type Voice } from "@/words";
import { useDeferredValue, useMemo, useState } from "react";
import type { StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";
import { MovableLine } from "./MovableLine";
import { Outcomes } from "./Outcomes";
import * as say from "@/words/screens/plan/whatIf";

interface WhatIfProps extends StageProps {
  readonly sheet: Sheet;
}

/**
 * Move any value and see at once what it comes to, beside the bike as found and as planned. Nothing is kept until it is
 * taken.
 */
export function WhatIf({ job, workings, change, setLine, sheet }: WhatIfProps) {
  const tell = useTell();
  const { bike, choice } = workings;
  const { profile } = job;
  const facts = useMemo(() => readFacts(job.intake), [job.intake]);
  const [moved, setMoved] = useState<ReadonlyMap<number, number>>(new Map());
  const now = useDeferredValue(moved);
  const rows = useMemo(() => movableRows(sheet.rows), [sheet]);
  const found = useMemo(
    () => (profile ? outcomeOf({ profile, bike, facts }, sheet.found) : null),
    [profile, bike, facts, sheet],
  );
  const target = useMemo(
    () => (profile ? outcomeOf({ profile, bike, facts }, sheet.target) : null),
    [profile, bike, facts, sheet],
  );
  const whatIf = useMemo(() => {
    if (!profile) return null;
    const tried = columnOf("tried", withMoved(sheet.target.raws, now), { profile, bike, choice });
    return outcomeOf({ profile, bike, facts }, tried);
  }, [profile, bike, facts, choice, sheet, now]);
  if (!profile || !found || !target || !whatIf) return null;
  const voice = voiceOf(workings);
  const raws = withMoved(sheet.target.raws, moved);
  const context = contextOf(profile, raws);
  const take = async () => {
    const chosen = Object.fromEntries(
      [...moved].flatMap(([index, raw]) => (sheet.rows[index] ? [[sheet.rows[index].code, raw]] : [])),
    );
    setMoved(new Map());
    const deed = await change((current) => setByHand(current, chosen, new Date().toISOString(), say.fromWhatIf));
    if (deed) tell(say.setByHandEach, () => void deed.undo("set by hand"));
  };
  return (
    <div className="grid gap-x-8 gap-y-5 pt-2 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.45fr)]">
      <div className="flex min-w-0 flex-col gap-4 lg:sticky lg:top-4 lg:col-start-2 lg:row-start-1 lg:self-start">
        <Outcomes found={found} target={target} whatIf={whatIf} moved={moved.size > 0} voice={voice} />
        {whatIf.missing.length > 0 ? (
          <p className="text-[0.92rem] text-quiet">
            {say.levelsAndRangeNeed(whatIf.missing.map((key) => INTAKE_WORDS[key].label.toLowerCase()).join(", "))}
          </p>
        ) : null}
        <MovedTo moved={moved} whatIf={whatIf} voice={voice} take={take} job={job} setMoved={setMoved} />
      </div>
      <ul className="border-t border-rule lg:col-start-1 lg:row-start-1">
        {rows.map((each) => (
          <MovableLine
            key={each.row.code}
            movable={each}
            raw={raws[each.row.index] ?? null}
            target={sheet.target.raws[each.row.index] ?? null}
            meaning={(raw) => valueMeaning(decodeAll(each.row.line, raw, context))}
            onFocus={() => setLine(each.row.code)}
            onMove={(raw) => {
              const next = new Map(moved);
              if (raw === sheet.target.raws[each.row.index]) next.delete(each.row.index);
              else next.set(each.row.index, raw);
              setMoved(next);
            }}
          />
        ))}
      </ul>
    </div>
  );
}

/** What the moved values come to, and whether to take them. */
function MovedTo({
  moved,
  whatIf,
  voice,
  take,
  job,
  setMoved,
}: {
  readonly moved: ReadonlyMap<number, number>;
  readonly whatIf: Outcome;
  readonly voice: Voice;
  readonly take: () => Promise<void>;
  readonly job: Job;
  readonly setMoved: (next: ReadonlyMap<number, number>) => void;
}) {
  return moved.size > 0 ? (
    <div className="flex flex-col gap-2" role="status">
      {whatIf.findings
        .filter(({ severity }) => severity !== "note")
        .slice(0, 4)
        .map((finding) => (
          <FindingLine key={finding.message.key + finding.lines.join()} severity={finding.severity}>
            {findingText(finding.message, voice)}
          </FindingLine>
        ))}
      {whatIf.findings.every(({ severity }) => severity === "note") ? <p>{say.noFindingWithThese}</p> : null}
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => void take()} disabled={job.program !== null}>
          {say.setTheseByHand}
        </Button>
        {job.program ? <p className="self-center text-[0.9rem] text-quiet">{say.targetsAreFixedThe}</p> : null}
        <Button weight="quiet" onClick={() => setMoved(new Map())}>
          {say.backToTheTarget}
        </Button>
      </div>
    </div>
  ) : (
    <p className="text-quiet">{say.nothingIsKeptUntil}</p>
  );
}
