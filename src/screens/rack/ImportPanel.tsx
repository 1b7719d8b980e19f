"use client";
import { workOut } from "@/core/record";
import type { ImportPreview } from "@/store/importing";
import { Button, SignShape } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import { dayAndTime, fileProblemText, STAGE_NAMES } from "@/words";
import * as say from "@/words/screens/rack/importPanel";
import { ticketNumber } from "@/core/units/ticketNumber";

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
      title={preview.ok ? say.lookBeforeYouTake : say.thisFileWasNot}
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
      <p className="mt-3 text-quiet">{say.nothingOnThisMachine}</p>
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
    [say.file, looked],
    [say.bike, say.noNickname(job.intake.nickname, ticketNumber(job.number))],
    [say.display, job.profile ? `${job.profile.name}, ${job.profile.variant}` : say.noneChosen],
    [say.classWord, job.classChoice.rule?.name ?? say.noneChosen],
    [say.standsAt, STAGE_NAMES[workings.next]],
    [say.sealedSheets, say.sheetChainHolds(job.sheets.length)],
    [say.lastChanged, dayAndTime(job.updatedAt)],
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
      {already ? <p className="mb-4">{say.thisBikeIsAlready(already.updatedAt)}</p> : null}
      <div className="flex flex-wrap gap-3">
        <Button weight="main" onClick={() => onTake("add")}>
          {already ? say.addBesideIt : say.putItOnThe}
        </Button>
        {already ? <Button onClick={() => onTake("replace")}>{say.replaceTheOneHere}</Button> : null}
      </div>
    </>
  );
}
