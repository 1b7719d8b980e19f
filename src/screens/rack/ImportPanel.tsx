"use client";
import { workOut } from "@/core/record";
import type { ImportPreview } from "@/store";
import { Button, SignShape } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import { count, dayAndTime, fileProblemText, STAGE_NAMES } from "@/words";

interface ImportPanelProps {
  readonly fileName: string;
  readonly preview: ImportPreview;
  readonly onClose: () => void;
  readonly onTake: (how: "add" | "replace") => void;
}

/** What a job file holds and what taking it in would do, or why it was refused. */
export function ImportPanel({ fileName, preview, onClose, onTake }: ImportPanelProps) {
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={preview.ok ? "Look before you take it in" : "This file was not taken in"}
    >
      {preview.ok ? (
        <Preview looked={fileName} preview={preview} onTake={onTake} />
      ) : (
        <Refusal fileName={fileName} preview={preview} />
      )}
    </Panel>
  );
}

function Refusal({
  fileName,
  preview,
}: {
  readonly fileName: string;
  readonly preview: Extract<ImportPreview, { ok: false }>;
}) {
  return (
    <div className="rounded-md bg-breach-tint p-4" role="alert">
      <p className="mb-1 font-semibold break-all">{fileName}</p>
      <p className="flex items-baseline gap-2">
        <SignShape sign="breach" />
        <span className="break-words">{fileProblemText(preview.problem)}</span>
      </p>
      <p className="mt-3 text-quiet">Nothing on this machine was changed.</p>
    </div>
  );
}

function Preview({
  looked,
  preview,
  onTake,
}: {
  readonly looked: string;
  readonly preview: Extract<ImportPreview, { ok: true }>;
  readonly onTake: (how: "add" | "replace") => void;
}) {
  const { job, already } = preview;
  const workings = workOut(job);
  const facts: readonly (readonly [string, string])[] = [
    ["File", looked],
    ["Bike", `${job.intake.nickname || "no nickname"} · ${String(job.number).padStart(4, "0")}`],
    ["Display", job.profile ? `${job.profile.name}, ${job.profile.variant}` : "none chosen"],
    ["Class", job.classChoice.rule?.name ?? "none chosen"],
    ["Stands at", STAGE_NAMES[workings.next]],
    ["Sealed sheets", `${count(job.sheets.length, "sheet")}, chain holds`],
    ["Last changed", dayAndTime(job.updatedAt)],
  ];
  return (
    <>
      <dl className="mb-5 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5">
        {facts.map(([what, value]) => (
          <div key={what} className="contents">
            <dt className="text-quiet">{what}</dt>
            <dd className="min-w-0 break-words">{value}</dd>
          </div>
        ))}
      </dl>
      {already ? (
        <p className="mb-4">This bike is already on the rack, last changed {dayAndTime(already.updatedAt)}.</p>
      ) : null}
      <div className="flex flex-wrap gap-3">
        <Button weight="main" onClick={() => onTake("add")}>
          {already ? "Add beside it" : "Put it on the rack"}
        </Button>
        {already ? <Button onClick={() => onTake("replace")}>Replace the one here</Button> : null}
      </div>
    </>
  );
}
