"use client";
import { useRouter } from "next/navigation";
import { useRef } from "react";
import { linesOf, shows } from "@/core/display";
import type { ReadBackVerdict } from "@/core/proof";
import { setKeysAside } from "@/core/record";
import { keepTyped, writeTyped } from "@/store";
import { Button, SignShape } from "@/ui/primitives";
import { lineName, shownProblemText } from "@/words";
import { JobField } from "../job/JobField";
import type { KeysStageProps } from "../job/stageProps";
import * as say from "@/words/screens/prove/readBack";

/** What the display shows after the power cycle, typed line by line and held against the sealed plan. */
export function ReadBack({ job, workings, change, profile, program }: KeysStageProps) {
  const router = useRouter();
  const list = useRef<HTMLOListElement>(null);
  const { readBack } = workings;
  const lines = linesOf(profile);
  const due = readBack.filter(({ kind }) => kind === "due" || kind === "unreadable").length;
  const wrong = readBack.filter(({ kind }) => kind === "differs").length;
  const again = async () => {
    const why = say.lineReadBackNot(wrong);
    const deed = await change((now) => setKeysAside(now, new Date().toISOString(), why));
    if (deed) router.push(`/job/${job.id}/program`);
  };
  /** Keeps what stands in the field, or the planned value where nothing does, and goes on to the next one. */
  const settle = (code: string, planned: string) => (typed: string) => {
    if (typed.trim() === "") keepTyped(job.id, { in: "read-back", name: code }, planned);
    void writeTyped();
    const fields = [...(list.current?.querySelectorAll<HTMLInputElement>("input") ?? [])];
    fields[fields.findIndex((field) => field === document.activeElement) + 1]?.focus();
  };

  return (
    <section aria-labelledby="read-back" className="min-w-0">
      <h3 id="read-back" className="text-[1.5rem]">
        {say.readBack}
      </h3>
      <p className="mb-3 text-quiet">{say.openTheMenuOnce(due, wrong)}</p>
      {wrong > 0 ? (
        <div className="mb-3 flex flex-wrap items-center gap-3 rounded-md bg-breach-tint px-3 py-2">
          <SignShape sign="breach" />
          <span>{say.lineNotAsPlanned(wrong)}</span>
          <Button onClick={() => void again()}>{say.planTheKeysAgain}</Button>
        </div>
      ) : null}
      <ol ref={list} className="border-t border-rule">
        {lines.map((line, i) => {
          const verdict = readBack[i];
          const target = program.targets[i] ?? null;
          if (!verdict || verdict.kind === "read-only") return null;
          return (
            <li key={line.code} data-readback={i} className="flex items-start gap-3 border-b border-rule py-1">
              <span className="min-w-9 pt-2.5 font-bold">{line.code}</span>
              <span className="min-w-0 flex-1 pt-2.5 break-words">
                {lineName(line)}
                <span className="block text-[0.82rem] text-quiet">
                  {verdict.kind === "hidden"
                    ? "hidden by what another line holds: nothing to read"
                    : target === null
                      ? say.notPlanned
                      : say.readBackPlanned(shows(line.encoding, target))}
                </span>
              </span>
              {verdict.kind === "hidden" ? null : (
                <div className="w-28 shrink-0 max-sm:w-24">
                  <JobField
                    job={job}
                    place={{ in: "read-back", name: line.code }}
                    label={say.lineShows(line.code)}
                    hideLabel
                    numeric
                    onEnter={settle(line.code, target === null ? "" : shows(line.encoding, target))}
                    problem={verdict.kind === "unreadable" ? shownProblemText(verdict.problem) : null}
                    inputClass="font-bold"
                  />
                </div>
              )}
              <span className="w-28 shrink-0 pt-2.5 text-[0.9rem] max-sm:w-20">
                <VerdictSign verdict={verdict} />
              </span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function VerdictSign({ verdict }: { readonly verdict: ReadBackVerdict }) {
  if (verdict.kind === "as-planned")
    return (
      <span className="inline-flex items-baseline gap-1.5">
        <SignShape sign="done" size={11} />
        {say.asPlanned}
      </span>
    );
  if (verdict.kind === "differs")
    return (
      <span className="inline-flex items-baseline gap-1.5">
        <SignShape sign="breach" size={11} />
        {say.differs}
      </span>
    );
  return <span className="text-quiet">{verdict.kind === "hidden" ? "hidden" : say.due}</span>;
}
