"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { LARGEST_JOB_FILE_BYTES } from "@/core/record";
import { writeTyped } from "@/store";
import { importJob, previewImport, undoImport, type ImportPreview } from "@/store/importing";
import { useTell } from "@/ui/primitives";
import * as say from "@/words/screens/rack/importJob";

export interface Looked {
  readonly fileName: string;
  readonly preview: ImportPreview;
}

/** Takes in a job file: looks first, says what it would do, then does it, with an undo. */
export function useJobImport() {
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
    setLooked(null);
    const imported = await importJob(looked.preview.job, how).catch((error: unknown) => {
      tell(say.couldNotBeKept(looked.fileName, error instanceof Error ? error.message : String(error)));
      return null;
    });
    if (!imported) return;
    const { stored } = imported;
    const name = stored.intake.nickname || say.theBike;
    const undo = async () => {
      // What was just typed belongs to the work that is kept.
      await writeTyped();
      const keptBeside = await undoImport(imported);
      router.push("/");
      if (keptBeside) tell(say.wasWorkedOnSince(name));
    };
    tell(say.isOnTheRack(name), () => void undo());
    router.push(`/job/${stored.id}/${stored.stage}`);
  };
  return { looked, look, take, close: () => setLooked(null) };
}
