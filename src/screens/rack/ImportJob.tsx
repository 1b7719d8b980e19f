"use client";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { LARGEST_JOB_FILE_BYTES } from "@/core/record";
import { importJob, previewImport, removeJobs, restoreJobs, type ImportPreview } from "@/store";
import { FilePick, useTell } from "@/ui/primitives";

const ImportPanel = dynamic(() => import("./ImportPanel").then((module) => module.ImportPanel), { ssr: false });

interface Looked {
  readonly fileName: string;
  readonly preview: ImportPreview;
}

/** Takes in a job file: looks first, says what it would do, then does it, with an undo. */
export function ImportJob() {
  const router = useRouter();
  const tell = useTell();
  const [looked, setLooked] = useState<Looked | null>(null);

  const look = async (file: File) => {
    const preview: ImportPreview =
      file.size > LARGEST_JOB_FILE_BYTES
        ? { ok: false, problem: { key: "file.too-large", bytes: file.size, most: LARGEST_JOB_FILE_BYTES } }
        : await previewImport(await file.text());
    setLooked({ fileName: file.name, preview });
  };
  const take = async (how: "add" | "replace") => {
    if (!looked?.preview.ok) return;
    const { stored, replaced } = await importJob(looked.preview.job, how);
    setLooked(null);
    tell(
      `${stored.intake.nickname || "The bike"} is on the rack.`,
      () => void (replaced ? restoreJobs([replaced]) : removeJobs([stored.id])),
    );
    router.push(`/job/${stored.id}/${stored.stage}`);
  };

  return (
    <>
      <FilePick
        weight="quiet"
        label="Job file to import"
        accept=".json,application/json"
        onPick={(file) => void look(file)}
      >
        Import a job
      </FilePick>
      {looked ? (
        <ImportPanel
          fileName={looked.fileName}
          preview={looked.preview}
          onClose={() => setLooked(null)}
          onTake={(how) => void take(how)}
        />
      ) : null}
    </>
  );
}
