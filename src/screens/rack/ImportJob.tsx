"use client";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { LARGEST_JOB_FILE_BYTES, workOut } from "@/core/record";
import { importJob, previewImport, removeJobs, restoreJobs, type ImportPreview } from "@/store";
import { Button, Panel, SignShape, useTell } from "@/ui/primitives";
import { count, dayAndTime, fileProblemText, STAGE_NAMES } from "@/ui/wording";

interface Looked {
  readonly fileName: string;
  readonly preview: ImportPreview;
}

/** Takes in a job file: looks first, says what it would do, then does it, with an undo. */
export function ImportJob() {
  const router = useRouter();
  const tell = useTell();
  const picker = useRef<HTMLInputElement>(null);
  const [looked, setLooked] = useState<Looked | null>(null);

  const look = async (file: File) => {
    const preview: ImportPreview =
      file.size > LARGEST_JOB_FILE_BYTES ? { ok: false, problem: { key: "file.too-large", bytes: file.size, most: LARGEST_JOB_FILE_BYTES } } : await previewImport(await file.text());
    setLooked({ fileName: file.name, preview });
  };
  const take = async (how: "add" | "replace") => {
    if (!looked?.preview.ok) return;
    const { stored, replaced } = await importJob(looked.preview.job, how);
    setLooked(null);
    tell(`${stored.intake.nickname || "The bike"} is on the rack.`, () => void (replaced ? restoreJobs([replaced]) : removeJobs([stored.id])));
    router.push(`/job/${stored.id}/${stored.stage}`);
  };

  return (
    <>
      <input
        ref={picker}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        tabIndex={-1}
        aria-label="Job file to import"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) void look(file);
        }}
      />
      <Button weight="quiet" onClick={() => picker.current?.click()}>
        Import a job
      </Button>
      <Panel open={looked !== null} onOpenChange={(open) => !open && setLooked(null)} title={looked?.preview.ok ? "Look before you take it in" : "This file was not taken in"}>
        {looked ? looked.preview.ok ? <Preview looked={looked.fileName} preview={looked.preview} onTake={(how) => void take(how)} /> : <Refusal fileName={looked.fileName} preview={looked.preview} /> : null}
      </Panel>
    </>
  );
}

function Refusal({ fileName, preview }: { readonly fileName: string; readonly preview: Extract<ImportPreview, { ok: false }> }) {
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

function Preview({ looked, preview, onTake }: { readonly looked: string; readonly preview: Extract<ImportPreview, { ok: true }>; readonly onTake: (how: "add" | "replace") => void }) {
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
      {already ? <p className="mb-4">This bike is already on the rack, last changed {dayAndTime(already.updatedAt)}.</p> : null}
      <div className="flex flex-wrap gap-3">
        <Button weight="main" onClick={() => onTake("add")}>
          {already ? "Add beside it" : "Put it on the rack"}
        </Button>
        {already ? <Button onClick={() => onTake("replace")}>Replace the one here</Button> : null}
      </div>
    </>
  );
}
