"use client";
import { useSyncExternalStore } from "react";
import { isStuck, watchStuck } from "@/workers/stuck";
import { Button } from "@/ui/primitives";

/** Says that what is worked out beside the page (keys, rides, pasted texts) cannot be, and what to do. */
export function WorkerStuck() {
  const stuck = useSyncExternalStore(watchStuck, isStuck, () => false);
  if (!stuck) return null;
  return (
    <div
      role="alert"
      className="no-print fixed inset-x-3 bottom-3 z-50 mx-auto max-w-2xl rounded-lg border-2 border-breach bg-sheet p-4"
    >
      <p className="font-semibold">The part that works out the keys did not start.</p>
      <p className="mb-3 text-[0.95rem]">What is typed is kept. Load the page again and it is tried anew.</p>
      <Button weight="main" onClick={() => location.reload()}>
        Load the page again
      </Button>
    </div>
  );
}
