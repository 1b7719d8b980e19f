"use client";
import { SMALL_TABLES } from "@/core/book/bundle";
import { fateCounts, type Fate, type FateCounts } from "@/core/book/merge";
import type { JobFate } from "@/core/book/packing";
import type { RestoreOutlook } from "@/store/backup";
import { Button, SignShape } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import * as say from "@/words/screens/backup/restorePanel";
import type { Restoring } from "./useRestore";
import { ticketNumber } from "@/core/units/ticketNumber";

interface RestorePanelProps {
  readonly state: Exclude<Restoring, { kind: "none" } | { kind: "reading" }>;
  readonly onClose: () => void;
  readonly onBringIn: () => void;
}

/** What a back-up holds and what bringing it in would do, or why it was refused. */
export function RestorePanel({ state, onClose, onBringIn }: RestorePanelProps) {
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={state.kind === "looked" ? say.lookFirst : say.notBroughtIn}
    >
      <p className="mb-2 font-semibold break-all">{state.fileName}</p>
      {state.kind === "looked" ? (
        <Outlook outlook={state.outlook} isBusy={state.isBusy} onBringIn={onBringIn} />
      ) : (
        <div className="rounded-md bg-breach-tint p-4" role="alert">
          <p className="flex items-baseline gap-2">
            <SignShape sign="breach" />
            <span className="break-words">{say.refusal(state.problem)}</span>
          </p>
          <p className="mt-3 text-quiet">{say.nothingChanged}</p>
        </div>
      )}
    </Panel>
  );
}

const FATES: readonly Fate[] = ["added", "newer-there", "apart", "newer-here", "same"];

const Counts = ({ counts }: { readonly counts: FateCounts }) => (
  <ul>
    {FATES.filter((fate) => counts[fate] > 0).map((fate) => (
      <li key={fate}>{say.fates[fate](counts[fate])}</li>
    ))}
  </ul>
);

interface OutlookProps {
  readonly outlook: RestoreOutlook;
  readonly isBusy: boolean;
  readonly onBringIn: () => void;
}

function Outlook({ outlook, isBusy, onBringIn }: OutlookProps) {
  const { list, jobs, tables, unreadable } = outlook;
  const counts = fateCounts(jobs);
  const rows = SMALL_TABLES.filter((name) => FATES.some((fate) => tables[name][fate] > 0));
  const brings = [counts, ...Object.values(tables)].some((each) => each.added + each["newer-there"] + each.apart > 0);
  return (
    <>
      <p className="mb-3 text-quiet">{say.madeOn(list.madeAt, list.jobs)}</p>
      <dl className="mb-4 grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        <dt className="font-semibold">{say.visits}</dt>
        <dd>
          <Counts counts={counts} />
        </dd>
        {rows.map((name) => (
          <div key={name} className="contents">
            <dt className="text-quiet">{say.tables[name]}</dt>
            <dd>
              <Counts counts={tables[name]} />
            </dd>
          </div>
        ))}
      </dl>
      <Apart jobs={jobs.filter(({ fate }) => fate === "apart")} />
      {unreadable.length > 0 ? (
        <div className="mb-4">
          <p className="font-semibold">{say.unreadable(unreadable.length)}</p>
          <ul className="text-[0.92rem] text-quiet">
            {unreadable.map((each) => (
              <li key={`${each.file} ${each.line}`} className="break-words">
                {say.unreadableOne(each)}
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      {brings ? (
        <Button weight="main" onClick={onBringIn} disabled={isBusy}>
          {isBusy ? say.working : say.bringItIn}
        </Button>
      ) : (
        <p role="status" className="font-semibold">
          {say.nothingToBring}
        </p>
      )}
    </>
  );
}

/** Bikes worked on at both benches, by name. */
const Apart = ({ jobs }: { readonly jobs: readonly JobFate[] }) =>
  jobs.length === 0 ? null : (
    <div className="mb-4 rounded-md border-2 border-odd p-3">
      <p className="font-semibold">{say.bothWorkedOn}</p>
      <ul className="max-h-48 overflow-y-auto">
        {jobs.map(({ id, number, nickname, hereAt, thereAt }) => (
          <li key={id} className="break-words">
            {say.oneOf(ticketNumber(number), nickname)}
            <span className="block text-[0.88rem] text-quiet">{say.workedOn(hereAt ?? thereAt, thereAt)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
