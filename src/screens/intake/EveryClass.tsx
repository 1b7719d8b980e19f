"use client";
import { useMemo } from "react";
import type { ClassRule } from "@/core/law";
import { againstEveryClass, type ClassFit, type Job } from "@/core/record";
import { Button, RuledTable, SignShape } from "@/ui/primitives";
import { findingText } from "@/words";
import { useClasses } from "../classes/useClasses";
import * as say from "@/words/screens/intake/everyClass";

interface EveryClassProps {
  readonly job: Job;
  readonly onChoose: (rule: ClassRule) => void;
}

/** The bike held against every class at once: what stands against each, and what the plan would change. */
export function EveryClass({ job, onChoose }: EveryClassProps) {
  const { all: classes } = useClasses();
  const fits = useMemo(() => againstEveryClass(job, classes), [job, classes]);
  return (
    <RuledTable label={say.tableLabel} headings={[say.leavesAs, say.asItIs, say.afterThePlan, { hidden: say.choose }]}>
      {fits.map((fit) => (
        <tr key={fit.rule.id} className="border-b border-rule align-top">
          <th scope="row" className="py-2 pr-3 text-left font-semibold">
            {fit.rule.name}
          </th>
          <td className="py-2 pr-3">
            <Stands findings={fit.now} fit={fit} />
          </td>
          <td className="py-2 pr-3">
            <Stands findings={fit.planned} fit={fit} />
            {fit.changes === null ? null : (
              <p className="text-[0.85rem] text-quiet">{say.linesToChange(fit.changes)}</p>
            )}
          </td>
          <td className="py-1 text-right">
            {job.classChoice.rule?.id === fit.rule.id ? (
              <span className="text-quiet">{say.chosen}</span>
            ) : (
              <Button weight="quiet" aria-label={say.leaveAs(fit.rule.name)} onClick={() => onChoose(fit.rule)}>
                {say.choose}
              </Button>
            )}
          </td>
        </tr>
      ))}
    </RuledTable>
  );
}

/** The first thing that stands against it, and how many more. */
function Stands({ findings, fit: { rule } }: { readonly findings: ClassFit["now"]; readonly fit: ClassFit }) {
  const [first, ...rest] = findings;
  if (!first) return <span className="text-quiet">{say.nothingFound}</span>;
  return (
    <p className="text-[0.93rem]">
      <SignShape sign={first.severity === "note" ? "done" : first.severity} size={12} />{" "}
      {findingText(first.message, { unit: rule.speedUnit, classUnit: rule.speedUnit, className: rule.name })}
      {rest.length > 0 ? say.andMore(rest.length) : ""}
    </p>
  );
}
