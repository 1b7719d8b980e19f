"use client";
import { later } from "@/ui/primitives/later";
import { FilePick } from "@/ui/primitives";
import * as say from "@/words/screens/rack/importJob";
import { useJobImport } from "./useJobImport";

const ImportPanel = later(() => import("./ImportPanel").then((module) => module.ImportPanel));

/** Asks for a job file and takes it in. */
export function ImportJob() {
  const { looked, look, take, close } = useJobImport();
  return (
    <>
      <FilePick
        weight="quiet"
        label={say.jobFileToImport}
        accept=".json,application/json"
        onPick={(file) => void look(file)}
      >
        {say.importAJob}
      </FilePick>
      {looked ? <ImportPanel {...looked} onClose={close} onTake={(how) => void take(how)} /> : null}
    </>
  );
}
