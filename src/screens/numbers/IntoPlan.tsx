"use client";
import Link from "next/link";
import { useMemo } from "react";
import type { LineValue } from "@/core/benches/lineValues";
import { intoPlan, withIntoPlan } from "@/core/record";
import { Button, FindingLine, useTell } from "@/ui/primitives";
import { findingText, lineName } from "@/words";
import type { StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";
import { Part } from "./Bench";
import * as say from "@/words/screens/numbers/intoPlan";

interface IntoPlanProps extends Pick<StageProps, "job" | "workings" | "change"> {
  readonly values: readonly LineValue[];
  /** Which bench they come from, in words. */
  readonly bench: string;
}

/** A bench's lines taken into the plan together by one tap: before and after, and the findings that go and come. */
export function IntoPlan({ job, workings, change, values, bench }: IntoPlanProps) {
  const tell = useTell();
  const told = useMemo(() => (values.length === 0 ? null : intoPlan(job, workings, values)), [job, workings, values]);
  if (!told) return null;
  const voice = voiceOf(workings);
  const take = async () => {
    const deed = await change((now) => withIntoPlan(now, values, new Date().toISOString(), say.fromBench(bench)));
    if (deed) tell(say.taken, () => void deed.undo(say.undone));
  };
  return (
    <Part title={say.intoThePlan}>
      {told.changed.length === 0 ? (
        <p>
          {say.standsAlready}{" "}
          <Link href={`/job/${job.id}/plan`} className="underline">
            {say.toThePlan}
          </Link>
        </p>
      ) : (
        <>
          <ul className="mb-2">
            {told.changed.map(({ row, before, after }) => (
              <li key={row.code} className="border-b border-rule py-1 tabular-nums">
                {say.change(row.code, lineName(row.line), before?.shows ?? null, after?.shows ?? null)}
              </li>
            ))}
          </ul>
          {(
            [
              [say.gone, told.gone],
              [say.come, told.come],
            ] as const
          ).map(([title, findings]) =>
            findings.length === 0 ? null : (
              <div key={title} className="mb-2">
                <p className="text-[0.92rem] font-semibold">{title}</p>
                {findings.map((finding) => (
                  <FindingLine key={finding.message.key + finding.lines.join()} severity={finding.severity}>
                    {findingText(finding.message, voice)}
                  </FindingLine>
                ))}
              </div>
            ),
          )}
          {told.afresh ? <p className="mb-2 text-[0.92rem] text-quiet">{say.keysAnew}</p> : null}
          <Button weight="main" onClick={() => void take()}>
            {told.afresh ? say.takeAfresh(told.changed.length) : say.take(told.changed.length)}
          </Button>
        </>
      )}
      {told.locked.length > 0 ? (
        <p className="mt-2 text-[0.92rem] text-quiet">{say.locked(told.locked.join(", "))}</p>
      ) : null}
    </Part>
  );
}
