"use client";
import { Button } from "@/ui/primitives";
import { Alarm } from "./Alarm";
import * as say from "@/words/screens/shell/workerStuck";

/** Says that what is worked out beside the page (keys, rides, pasted texts) cannot be, and what to do. */
export function WorkerStuck() {
  return (
    <Alarm>
      <p className="font-semibold">{say.thePartThatWorks}</p>
      <p className="mb-3 text-[0.95rem]">{say.whatIsTypedIs}</p>
      <Button weight="main" onClick={() => location.reload()}>
        {say.loadThePageAgain}
      </Button>
    </Alarm>
  );
}
