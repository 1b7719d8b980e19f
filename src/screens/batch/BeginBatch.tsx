"use client";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useMemo } from "react";
import { newBatch, noBatchOf, speaksAgainst } from "@/core/batch";
import { workOut, type Job } from "@/core/record";
import { getJob } from "@/store";
import { beginBatch, type Added } from "@/store/batches";
import { buttonClass, FindingLine, useKeptState, useTell } from "@/ui/primitives";
import { findingText } from "@/words";
import { NO_BATCH, SHEET_STANDING } from "@/words/batches";
import * as say from "@/words/screens/batch/beginBatch";
import { voiceOf } from "../job/voice";
import { AddBikes } from "./AddBikes";
import { NameField } from "./NameField";
import { tellRefused } from "./tellRefused";
import { ticketNumber } from "@/core/units/ticketNumber";

/** A batch is begun: the sheet of one bike, and the bikes it goes onto. */
export function BeginBatch({ id }: { readonly id: string }) {
  const found = useLiveQuery(async () => ({ job: await getJob(id) }), [id]);
  if (!found) return null;
  const why = found.job ? noBatchOf(found.job) : null;
  if (found.job && why === null) return <Begin pattern={found.job} />;
  return (
    <div className="rounded-xl bg-sheet p-6">
      <p className="mb-4 max-w-[60ch] text-lg">{why === null ? say.noSuchBike : NO_BATCH[why]}</p>
      <Link href={why === null ? "/book" : `/job/${id}/intake`} className={buttonClass("main")}>
        {say.toTheBook}
      </Link>
    </div>
  );
}

function Begin({ pattern }: { readonly pattern: Job }) {
  const router = useRouter();
  const tell = useTell();
  const number = ticketNumber(pattern.number);
  const [name, setName] = useKeptState(`batch-name.${pattern.id}`, "");
  // Only to say what would be put onto the others: it is made anew when it begins.
  const batch = useMemo(() => newBatch(pattern, { id: pattern.id, name: "", at: pattern.updatedAt }), [pattern]);
  const workings = useMemo(() => workOut(pattern), [pattern]);
  if (!batch) return null;
  const against = speaksAgainst(pattern, workings);
  const voice = voiceOf(workings);
  const begin = async (added: Added) => {
    const deed = await beginBatch(pattern.id, name.trim() || say.batchOf(number), added);
    if (!deed) {
      tell(say.couldNot);
      return false;
    }
    setName("");
    tell(say.begun(added.names.length + added.picked.length - deed.refused.length), () => void deed.undo());
    await tellRefused(deed.refused, tell);
    router.push(`/book/batch/${deed.batchId}`);
    return true;
  };
  return (
    <div>
      <h1 className="text-[2.1rem] max-sm:text-[1.7rem]">{say.title}</h1>
      <p className="mt-1 mb-2 max-w-[64ch] text-[1.05rem]">
        <strong>{say.sheetOf(number, pattern.intake.nickname ?? "")}</strong> {say.goesOnto}
      </p>
      <div className="mb-5 max-w-[64ch]">
        <FindingLine severity={batch.from.standing === "planned" ? "caution" : "note"}>
          {say.sheetIs(SHEET_STANDING[batch.from.standing])}
        </FindingLine>
        {against.map(({ severity, message }) => (
          <FindingLine key={message.key} severity={severity}>
            {say.standsAgainstIt} {findingText(message, voice)}
          </FindingLine>
        ))}
      </div>
      <div className="mb-5">
        <NameField name={name} onName={setName} />
        <p className="mt-1 text-[0.85rem] text-quiet">{say.forExample}</p>
      </div>
      <AddBikes batch={batch} label={say.begin} onAdd={begin} />
    </div>
  );
}
