"use client";
import Link from "next/link";
import { useState } from "react";
import { nextBike, STAGE_OF, type BatchBike } from "@/core/batch";
import type { Batch as BatchRecord } from "@/core/record/job";
import { addToBatch, handOverBikes, renameBatch, type Added } from "@/store/batches";
import { Button, buttonClass, useTell } from "@/ui/primitives";
import { SHEET_STANDING, STEP_DEEDS } from "@/words/batches";
import * as say from "@/words/screens/batch/batch";
import * as names from "@/words/screens/batch/bikeTable";
import { AddBikes } from "./AddBikes";
import { BikeTable } from "./BikeTable";
import { NameField } from "./NameField";
import { StandsOut } from "./StandsOut";
import { tellRefused } from "./tellRefused";
import { useBatch } from "./useBatch";
import { ticketNumber } from "@/core/units/ticketNumber";

/** One batch: its bikes, which is next, and what stands out. */
export function Batch({ id }: { readonly id: string }) {
  const bikes = useBatch(id);
  if (!bikes) return null;
  const batch = bikes[0]?.job.batch;
  if (!batch)
    return (
      <div className="rounded-xl bg-sheet p-6">
        <h1 className="mb-3 text-[1.6rem]">{say.noSuchBatch}</h1>
        <Link href="/book/batches" className={buttonClass("main")}>
          {say.toTheBatches}
        </Link>
      </div>
    );
  return (
    <div>
      <p className="text-[0.92rem]">
        <Link href="/book/batches" className="underline underline-offset-4">
          {say.backToBatches}
        </Link>
      </p>
      <Head batch={batch} bikes={bikes} />
      <Next bikes={bikes} />
      <BikeTable bikes={bikes} />
      <More batch={batch} />
      <StandsOut bikes={bikes} />
    </div>
  );
}

function Head({ batch, bikes }: { readonly batch: BatchRecord; readonly bikes: readonly BatchBike[] }) {
  const gone = bikes.filter(({ step }) => step === "gone").length;
  const proven = bikes.filter(({ read }) => read.of > 0 && read.asPlanned === read.of).length;
  const { from } = batch;
  return (
    <div className="mb-4">
      <h1 className="text-[2.1rem] break-words max-sm:text-[1.7rem]">{batch.name}</h1>
      <p className="text-quiet">
        {say.ofBikes(gone, proven, bikes.length)}.{" "}
        <Link href={`/job/${from.jobId}/papers`} prefetch={false} className="underline underline-offset-4">
          {say.sheetFrom(ticketNumber(from.number), from.nickname)}
        </Link>
        {", "}
        {SHEET_STANDING[from.standing]}.
      </p>
    </div>
  );
}

/** What is to be done now: the bike that goes onto the stand, and those that can leave. */
function Next({ bikes }: { readonly bikes: readonly BatchBike[] }) {
  const tell = useTell();
  const next = nextBike(bikes, null);
  const ready = bikes.filter(({ canLeave }) => canLeave).map(({ job }) => job.id);
  const give = async () => {
    const { changed, undo } = await handOverBikes(ready);
    tell(say.handedOver(changed), () => void undo(say.wasHandedOver));
    void import("../backup/afterHandOver").then(({ backedUp }) => backedUp(tell));
  };
  return (
    <div className="mb-5 flex flex-wrap items-center gap-3">
      {next ? (
        <Link
          href={`/job/${next.job.id}/${STAGE_OF[next.step]}`}
          className={`${buttonClass("main", true)} min-w-0 break-words`}
        >
          {say.next(next.job.intake.nickname || names.newBike, STEP_DEEDS[next.step])}
        </Link>
      ) : (
        <p className="text-[1.2rem] font-semibold">{say.allDone}</p>
      )}
      {ready.length > 0 ? (
        <Button big onClick={() => void give()}>
          {say.handOver(ready.length)}
        </Button>
      ) : null}
      <Link href={`/book/batch/${bikes[0]?.job.batch?.id ?? ""}/paper`} className={buttonClass("plain", true)}>
        {say.paper}
      </Link>
    </div>
  );
}

/** More bikes, or another name. */
function More({ batch }: { readonly batch: BatchRecord }) {
  const tell = useTell();
  const [open, setOpen] = useState<"bikes" | "name" | null>(null);
  const [name, setName] = useState(batch.name);
  const add = async (added: Added) => {
    const deed = await addToBatch(batch.id, added);
    if (!deed) return false;
    setOpen(null);
    tell(say.added(added.names.length + added.picked.length - deed.refused.length), () => void deed.undo());
    await tellRefused(deed.refused, tell);
    return true;
  };
  const rename = async () => {
    setOpen(null);
    const { changed, undo } = await renameBatch(batch.id, name.trim());
    if (changed > 0) tell(say.renamedTo(name.trim()), () => void undo(say.renamed));
  };
  if (open === "bikes")
    return (
      <div className="mt-4 rounded-xl bg-sheet p-5">
        <AddBikes batch={batch} label={say.add} onAdd={add} />
        <Button weight="quiet" className="mt-2" onClick={() => setOpen(null)}>
          {say.notNow}
        </Button>
      </div>
    );
  if (open === "name")
    return (
      <form
        className="mt-4 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void rename();
        }}
      >
        <NameField name={name} onName={setName} />
        <Button weight="main" type="submit" disabled={name.trim() === ""}>
          {say.keepName}
        </Button>
        <Button weight="quiet" onClick={() => setOpen(null)}>
          {say.notNow}
        </Button>
      </form>
    );
  return (
    <p className="mt-3 flex flex-wrap gap-x-5">
      <Button weight="quiet" onClick={() => setOpen("bikes")}>
        {say.addBikes}
      </Button>
      <Button weight="quiet" onClick={() => setOpen("name")}>
        {say.rename}
      </Button>
    </p>
  );
}
