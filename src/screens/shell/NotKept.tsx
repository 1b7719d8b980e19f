"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useSyncExternalStore } from "react";
import { failureNow, getJob, ownDisplay, watchFailure, writeTyped, type WriteFailure } from "@/store";
import { Button } from "@/ui/primitives";
import { saveText } from "@/ui/primitives/saveText";
import { SaveJob } from "../job/SaveJob";

const WHY: Readonly<Record<WriteFailure["kind"], string>> = {
  full: "The browser has no room left for it.",
  gone: "It is no longer on this machine: another window has taken it off.",
  failed: "The browser refused to write.",
};

/** Says, once and plainly, that something could not be kept, and what to do. */
export function NotKept() {
  const failure = useSyncExternalStore(watchFailure, failureNow, () => null);
  if (!failure) return null;
  return (
    <div
      role="alert"
      className="no-print fixed inset-x-3 bottom-3 z-50 mx-auto max-w-2xl rounded-lg border-2 border-breach bg-sheet p-4"
    >
      <p className="font-semibold">The last change is not kept. {WHY[failure.kind]}</p>
      <p className="mb-3 text-[0.95rem]">
        What you typed still stands in its field. Save it as a file now, make room, then try again.
        <span className="code block text-[0.8rem] break-words text-quiet">{failure.detail}</span>
      </p>
      <div className="flex flex-wrap gap-3">
        {failure.of === "job" ? <SaveFailedJob id={failure.id} /> : <SaveFailedDisplay id={failure.id} />}
        <Button onClick={() => void writeTyped()}>Try again</Button>
      </div>
    </div>
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
      Save the display as a file
    </Button>
  );
}
