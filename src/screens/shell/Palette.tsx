"use client";
import { Command } from "cmdk";
import { useLiveQuery } from "dexie-react-hooks";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { STAGES, type Job } from "@/core/record";
import { allJobs } from "@/store";
import { Panel } from "@/ui/primitives/Panel";
import { lineName, STAGE_NAMES } from "@/ui/wording";

interface PaletteProps {
  /** What was typed before the palette was there. */
  readonly typedAhead: () => string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly onNewBike: () => void;
  readonly onHelp: () => void;
}

const ITEM =
  "flex min-h-11 cursor-pointer items-center justify-between gap-4 rounded-md px-3 data-[selected=true]:bg-select";

/** Find anything and go there: bikes, their stages, their lines, places. */
export function Palette({ open, onOpenChange, ...rest }: PaletteProps) {
  const jobs = useLiveQuery(() => allJobs());
  return (
    <Panel open={open} onOpenChange={onOpenChange} title="Find">
      {jobs ? <Finder jobs={jobs} onOpenChange={onOpenChange} {...rest} /> : null}
    </Panel>
  );
}

function Finder({
  jobs,
  typedAhead,
  onOpenChange,
  onNewBike,
  onHelp,
}: Omit<PaletteProps, "open"> & { readonly jobs: readonly Job[] }) {
  const router = useRouter();
  const [search, setSearch] = useState(typedAhead);
  const go = (act: () => void) => () => {
    onOpenChange(false);
    act();
  };
  return (
    <Command label="Find a bike, a line, a place" loop>
      <Command.Input
        autoFocus
        value={search}
        onValueChange={setSearch}
        placeholder="Type a nickname, a number, a stage, a line"
        className="mb-2 min-h-12 w-full rounded-md border-2 border-rule bg-ground px-3 focus:border-action"
      />
      <Command.List className="max-h-[50vh] overflow-y-auto" aria-label="Found">
        <Command.Empty className="p-3 text-quiet">Nothing of that name.</Command.Empty>
        <Command.Item className={ITEM} onSelect={go(onNewBike)}>
          New bike <kbd className="code">n</kbd>
        </Command.Item>
        <Command.Item className={ITEM} onSelect={go(() => router.push("/"))}>
          Rack <kbd className="code">g</kbd>
        </Command.Item>
        <Command.Item className={ITEM} onSelect={go(() => router.push("/displays"))}>
          Displays
        </Command.Item>
        <Command.Item className={ITEM} onSelect={go(() => router.push("/displays/compare"))}>
          Two displays side by side
        </Command.Item>
        <Command.Item className={ITEM} onSelect={go(() => router.push("/tables"))}>
          Tables: wheel, volts, classes, start angle, units
        </Command.Item>
        <Command.Item className={ITEM} onSelect={go(onHelp)}>
          Keys <kbd className="code">?</kbd>
        </Command.Item>
        {jobs.map((job) => (
          <Command.Item
            key={job.id}
            value={`${job.intake.nickname ?? "new bike"} ${job.number} ${job.id}`}
            className={ITEM}
            onSelect={go(() => router.push(`/job/${job.id}/${job.stage}`))}
          >
            <span className="font-semibold">{job.intake.nickname || "New bike"}</span>
            <span className="text-quiet">
              <span className="code">{String(job.number).padStart(4, "0")}</span> · {STAGE_NAMES[job.stage]}
            </span>
          </Command.Item>
        ))}
        {jobs.flatMap((job) =>
          STAGES.map((stage) => (
            <Command.Item
              key={`${job.id}-${stage}`}
              value={`${job.intake.nickname ?? "new bike"} ${job.number} ${STAGE_NAMES[stage]} ${job.id} stage`}
              className={ITEM}
              onSelect={go(() => router.push(`/job/${job.id}/${stage}`))}
            >
              <span>
                {job.intake.nickname || "New bike"} · {STAGE_NAMES[stage]}
              </span>
            </Command.Item>
          )),
        )}
        {jobs.map((job) => (
          <Command.Item
            key={`${job.id}-numbers`}
            value={`${job.intake.nickname ?? "new bike"} ${job.number} numbers wheel speedometer battery current ladder ride ${job.id}`}
            className={ITEM}
            onSelect={go(() => router.push(`/job/${job.id}/numbers`))}
          >
            <span>{job.intake.nickname || "New bike"} · Numbers</span>
          </Command.Item>
        ))}
        {jobs.flatMap((job) =>
          (job.profile?.lines ?? []).map((line) => (
            <Command.Item
              key={`${job.id}-${line.code}`}
              value={`${job.intake.nickname ?? "new bike"} ${job.number} line ${line.code} ${lineName(line)} ${job.id}`}
              className={ITEM}
              onSelect={go(() => {
                sessionStorage.setItem(`odd-spoke.line.${job.id}`, line.code);
                router.push(`/job/${job.id}/plan`);
              })}
            >
              <span>
                <span className="code">{line.code}</span> {lineName(line)}
              </span>
              <span className="text-quiet">{job.intake.nickname}</span>
            </Command.Item>
          )),
        )}
      </Command.List>
    </Command>
  );
}
