"use client";
import { later } from "@/ui/primitives/later";
import Link from "next/link";
import { useState } from "react";
import { rawValues, shows } from "@/core/display";
import { clearByHand, setByHand } from "@/core/record";
import { own } from "@/core/units/limits";
import { JobField } from "../job/JobField";
import { Button } from "@/ui/primitives";
import type { ByHandProps } from "./Unlock";
import * as say from "@/words/screens/plan/byHand";

/** Loaded when a line is to be unlocked. */
const Unlock = later(() => import("./Unlock").then((module) => module.Unlock));

/** Setting a target by hand, and unlocking a maker-only line with a written reason. */
export function ByHand({ job, change, row }: ByHandProps) {
  const [opening, setOpening] = useState(false);
  const raws = rawValues(row.line.encoding);
  if (raws.length === 0) return null;
  if (job.program)
    return (
      <p className="mt-3 border-t border-rule pt-3 text-[0.9rem] text-quiet">
        {say.thisTargetIsFixed}{" "}
        <Link href={`/job/${job.id}/program`} className="font-semibold text-ink underline underline-offset-4">
          {say.programAgain}
        </Link>{" "}
        {say.toPlanAnew}
      </p>
    );
  if (row.locked)
    return (
      <div className="mt-3 border-t border-rule pt-3">
        {opening ? (
          <Unlock row={row} job={job} change={change} />
        ) : (
          <Button onClick={() => setOpening(true)}>{say.unlockWithAReason}</Button>
        )}
      </div>
    );
  const now = () => new Date().toISOString();
  const clear = () => void change((job) => clearByHand(job, row.code, now()));
  return (
    <div className="mt-3 flex flex-wrap items-end gap-3 border-t border-rule pt-3">
      <label className="flex flex-col gap-1 text-[0.9rem]">
        <span className="font-semibold">{say.targetByHand}</span>
        <select
          value={row.target?.raw ?? ""}
          onChange={(event) => {
            const raw = Number(event.target.value);
            void change((job) => setByHand(job, { [row.code]: raw }, now(), ""));
          }}
          className="min-h-11 rounded-md border-2 border-rule bg-sheet px-2"
        >
          {row.target ? null : <option value="">{say.asItIs}</option>}
          {raws.map((raw) => (
            <option key={raw} value={raw}>
              {shows(row.line.encoding, raw)}
            </option>
          ))}
        </select>
      </label>
      {own(job.overrides, row.code) !== undefined ? (
        <>
          <Button onClick={clear}>{say.backToTheProposal}</Button>
          <JobField
            job={job}
            place={{ in: "override-reason", name: row.code }}
            label={say.whyByHand}
            hint={say.printedOnTheSheet}
          />
        </>
      ) : null}
    </div>
  );
}
