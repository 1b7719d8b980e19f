"use client";
import type { SheetRow } from "@/core/sheet";
import { buttonClass, Choice, useKeptState } from "@/ui/primitives";
import { later } from "@/ui/primitives/later";
import Link from "next/link";
import { useState } from "react";
import { NoDisplay } from "../job/NoDisplay";
import type { StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";
import { Because } from "./Because";
import { Findings } from "./Findings";
import { HowItStands } from "./HowItStands";
import { SheetTable } from "./SheetTable";
import * as say from "@/words/screens/plan/plan";

/** Loaded when somebody asks what if. */
const WhatIf = later(() => import("./WhatIf").then((module) => module.WhatIf));
const RiderView = later(() => import("./rider/RiderView").then((module) => module.RiderView));

/** What stands in the middle: the sheet, the sheet with its lines to be moved, or the rider's side of it. */
const VIEWS = ["sheet", "what-if", "rider"] as const;
type View = (typeof VIEWS)[number];

type Filter = "all" | "odd" | "findings";

const FILTERS: Readonly<Record<Filter, (row: SheetRow, flagged: ReadonlySet<string>) => boolean>> = {
  all: () => true,
  odd: (row) => row.changes !== false,
  findings: (row, flagged) => flagged.has(row.code),
};

/** The plan: the whole sheet, each line with its reason, and what it comes to on the road. */
export function Plan(props: StageProps) {
  const { job, workings, line, setLine } = props;
  const { sheet, counts } = workings;
  const [filter, setFilter] = useState<Filter>("all");
  const [kept, keep] = useKeptState(`plan.${job.id}`, "sheet");
  const view = VIEWS.find((each) => each === kept) ?? "sheet";
  if (!job.profile || !sheet || !counts) return <NoDisplay job={job} />;

  const voice = voiceOf(workings);
  const ready = workings.baseline.kind !== "missing";
  const flagged = new Set(
    [...sheet.inForce.findings, ...sheet.target.findings]
      .filter((finding) => finding.severity !== "note")
      .flatMap((finding) => finding.lines),
  );
  const rows = sheet.rows.filter((row) => FILTERS[filter](row, flagged));
  const worst = sheet.inForce.findings.find((finding) => finding.severity === "breach");
  const selected =
    sheet.rows.find((row) => row.code === line) ??
    sheet.rows.find((row) => row.code === worst?.lines[0]) ??
    sheet.rows[0];
  const move = (by: 1 | -1) => {
    const at = rows.findIndex((row) => row.code === selected?.code);
    const next = rows[(at + by + rows.length) % rows.length];
    if (!next) return;
    setLine(next.code);
    document.querySelector<HTMLElement>(`[data-line="${next.code}"]`)?.focus();
  };

  return (
    <div className="grid gap-x-7 gap-y-6 lg:grid-cols-[252px_minmax(0,1fr)_318px]">
      <HowItStands {...props} counts={counts} selected={selected} sheet={sheet} />

      <section aria-label={say.sheet} className={`min-w-0 ${view === "sheet" ? "" : "lg:col-span-2"}`}>
        <PlanHead job={job} count={sheet.rows.length} filter={filter} setFilter={setFilter} view={view} keep={keep} />
        {view === "rider" ? <RiderView {...props} sheet={sheet} /> : null}
        {view === "what-if" ? <WhatIf {...props} sheet={sheet} /> : null}
        <SheetTable moving={view !== "sheet"} move={move} job={job} rows={rows} selected={selected} setLine={setLine} />
        {rows.length === 0 && view === "sheet" ? <p className="py-6 text-quiet">{say.noLineStandsOut}</p> : null}
      </section>

      <div hidden={view !== "sheet"} className="flex min-w-0 flex-col gap-4 [&[hidden]]:hidden">
        {selected ? <Because key={selected.code} {...props} row={selected} sheet={sheet} voice={voice} /> : null}
        <Findings {...props} />
      </div>

      <PlanFoot {...props} ready={ready} />
    </div>
  );
}

interface PlanHeadProps {
  readonly job: StageProps["job"];
  readonly count: number;
  readonly filter: Filter;
  readonly setFilter: (filter: Filter) => void;
  readonly view: View;
  readonly keep: (view: View) => void;
}

/** Which lines are shown, or what stands in their place. */
function PlanHead({ job, count, filter, setFilter, view, keep }: PlanHeadProps) {
  return (
    <div className="mb-1 flex flex-wrap items-center justify-between gap-3 text-[0.9rem] [&_label]:min-h-9">
      <h3 className="sr-only">{say.sheet}</h3>
      {view === "sheet" ? (
        <Choice
          label={say.show}
          hideLabel
          value={filter}
          options={[
            { value: "all", label: say.planAll(count) },
            { value: "odd", label: say.odd },
            { value: "findings", label: say.withFindings },
          ]}
          onChoose={setFilter}
        />
      ) : (
        <p className="text-quiet">{view === "what-if" ? say.dragAnyLineWhat : say.whatTheRiderWants}</p>
      )}
      <span className="flex flex-wrap items-center gap-x-4">
        <Link href={`/practice?job=${job.id}`} className="min-h-9 py-1.5 underline">
          {say.rideIt}
        </Link>
        {(["rider", "what-if"] as const).map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={view === each}
            onClick={() => keep(view === each ? "sheet" : each)}
            className={`min-h-9 rounded-md border-2 px-3.5 font-semibold ${view === each ? "border-action bg-action text-on-action" : "border-ink hover:bg-select"}`}
          >
            {each === "rider" ? say.rider : say.whatIf}
          </button>
        ))}
      </span>
    </div>
  );
}

/** What the keys come to, and the way to them. */
function PlanFoot(props: StageProps & { readonly ready: boolean }) {
  const { job, ready } = props;
  return (
    <div className="no-print sticky bottom-0 flex flex-wrap items-center justify-end gap-x-4 gap-y-1 border-t border-rule bg-ground py-2 lg:col-span-3">
      <span className="min-w-0 text-quiet">{footWords(props)}</span>
      <Link
        href={`/job/${job.id}/${ready ? "program" : "as-found"}`}
        className={`${buttonClass("main")} min-h-12! px-6! text-[1.1rem]!`}
      >
        {job.program ? say.toTheKeys : ready ? say.programIt : say.asFound}{" "}
        <kbd className="code text-base opacity-80">{ready ? 4 : 2}</kbd>
      </Link>
    </div>
  );
}

/** What the keys come to, or what stands before them. */
function footWords({ job, workings, outlook }: StageProps): string {
  if (workings.baseline.kind === "missing") return say.writeTheAsFound;
  if (job.program?.done) return say.sealedAndInForce;
  if (job.program) return say.sealedTheKeysAre;
  if (!outlook) return say.workingOutTheKeys;
  const keys = say.keyPress(outlook.presses, outlook.personMs);
  return say.walkingTheLeafletWould(keys, outlook.leafletPresses, outlook.leafletPersonMs);
}
