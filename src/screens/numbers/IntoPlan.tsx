"use client";
import Link from "next/link";
import { useMemo } from "react";
import type { LineValue } from "@/core/benches/lineValues";
import { intoPlan, withIntoPlan } from "@/core/record";
import { later } from "@/ui/primitives/later";
import { Button, useTell } from "@/ui/primitives";
import { lineName } from "@/words/settings";
import type { StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";
import { Part } from "./Bench";
import * as say from "@/words/screens/numbers/intoPlan";

/** Loaded where a finding goes or comes. */
const GoneAndCome = later(() => import("./GoneAndCome").then((module) => module.GoneAndCome));

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
          {told.gone.length + told.come.length > 0 ? (
            <GoneAndCome gone={told.gone} come={told.come} voice={voiceOf(workings)} />
          ) : null}
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
