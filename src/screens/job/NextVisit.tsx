"use client";
import { useRouter } from "next/navigation";
import type { Job } from "@/core/record";
import { addVisit } from "@/store/book";
import { Button, useTell } from "@/ui/primitives";
import * as say from "@/words/screens/job/nextVisit";
import { ticketNumber } from "@/core/units/ticketNumber";

/** The next visit of a bike, begun from what the last one left. */
export function NextVisit({ last, weight = "plain" }: { readonly last: Job; readonly weight?: "main" | "plain" }) {
  const router = useRouter();
  const tell = useTell();
  const begin = async () => {
    const job = await addVisit(last.id);
    if (!job) return;
    tell(say.begun(ticketNumber(job.number)));
    router.push(`/job/${job.id}/intake`);
  };
  return (
    <div className="flex flex-col gap-1">
      <Button weight={weight} onClick={() => void begin()}>
        {say.beginAVisit}
      </Button>
      <p className="text-[0.85rem] text-quiet">{say.expectsWhatWeLeft}</p>
    </div>
  );
}
