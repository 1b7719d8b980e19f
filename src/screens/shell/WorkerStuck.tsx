"use client";
import { Button } from "@/ui/primitives";
import { Alarm } from "./Alarm";

/** Says that what is worked out beside the page (keys, rides, pasted texts) cannot be, and what to do. */
export function WorkerStuck() {
  return (
    <Alarm>
      <p className="font-semibold">The part that works out the keys did not start.</p>
      <p className="mb-3 text-[0.95rem]">What is typed is kept. Load the page again and it is tried anew.</p>
      <Button weight="main" onClick={() => location.reload()}>
        Load the page again
      </Button>
    </Alarm>
  );
}
