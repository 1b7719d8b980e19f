"use client";
import { useRouter } from "next/navigation";
import { backToRoad } from "@/core/record";
import { Button, useTell } from "@/ui/primitives";
import type { StageProps } from "./stageProps";
import * as say from "@/words/screens/job/offRoad";

/** A bike for private land: who wrote so, and the one deed that brings it back to its road class. */
export function OffRoad({ job, change }: Pick<StageProps, "job" | "change">) {
  const router = useRouter();
  const tell = useTell();
  const { acknowledged, acknowledgedAt, roadClass } = job.classChoice;
  const goBack = async (name: string) => {
    const deed = await change((now) => backToRoad(now, new Date().toISOString(), say.why(name)));
    if (!deed) return;
    tell(say.done(name), () => void deed.undo(say.undone));
    router.push(`/job/${job.id}/program`);
  };
  return (
    <section aria-label={say.notForPublicRoads} className="no-print mb-4 rounded-md border-2 border-ink px-4 py-3">
      <p className="text-[1.15rem] font-bold">{say.notForPublicRoads}</p>
      {acknowledged.trim() ? (
        <p className="break-words">{say.acknowledged(acknowledgedAt, acknowledged.trim())}</p>
      ) : null}
      {roadClass && job.profile ? (
        <>
          <p className="mt-1 mb-2 text-[0.92rem] text-quiet">{say.whatItDoes(roadClass.name)}</p>
          <Button onClick={() => void goBack(roadClass.name)}>{say.backTo(roadClass.name)}</Button>
        </>
      ) : null}
    </section>
  );
}
