"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { getJob, ownDisplay, writeTyped, type WriteFailure } from "@/store";
import { Button } from "@/ui/primitives";
import { saveText } from "@/ui/primitives/saveText";
import { SaveJob } from "../job/SaveJob";
import * as say from "@/words/screens/shell/wayOut";

/** What one can do about a write that failed: save the thing as a file, and try again. */
export function WayOut({ failure }: { readonly failure: WriteFailure }) {
  return (
    <>
      {failure.of === "job" ? <SaveFailedJob id={failure.id} /> : <SaveFailedDisplay id={failure.id} />}
      <Button onClick={() => void writeTyped()}>{say.tryAgain}</Button>
    </>
  );
}

function SaveFailedJob({ id }: { readonly id: string }) {
  const job = useLiveQuery(() => getJob(id), [id]);
  return job ? <SaveJob job={job} weight="main" /> : null;
}

function SaveFailedDisplay({ id }: { readonly id: string }) {
  const display = useLiveQuery(() => ownDisplay(id), [id]);
  if (!display) return null;
  return (
    <Button
      weight="main"
      onClick={() =>
        saveText(`odd-spoke-display-${display.id}.json`, `${JSON.stringify(display, null, 1)}\n`, "application/json")
      }
    >
      {say.saveTheDisplayAs}
    </Button>
  );
}
