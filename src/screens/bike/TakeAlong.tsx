"use client";
import Link from "next/link";
import { csvOf } from "@/core/book/csv";
import { linesAtVisit } from "@/core/book/visits";
import { linesOf } from "@/core/display";
import { writeJobFile, type Job } from "@/core/record";
import { writeBackup } from "@/store/backup";
import { useTell } from "@/ui/primitives";
import { saveBlob, saveText } from "@/ui/primitives/saveText";
import { packer } from "@/workers/bookClient";
import { lineName } from "@/words";
import * as say from "@/words/screens/bike/takeAlong";
import { jobFileName } from "../job/SaveJob";

/** One visit as a file or as codes: all of it, its lines for another program, or with its photos. */
export function TakeAlong({ job }: { readonly job: Job }) {
  const tell = useTell();
  const stem = jobFileName(job).replace(/\.json$/, "");
  const csv = () => {
    const found = linesAtVisit(job);
    const rows = (job.profile ? linesOf(job.profile) : []).flatMap((line) => {
      const at = found.get(line.code);
      return at ? [[line.code, lineName(line), at.found ?? "", at.left ?? ""]] : [];
    });
    saveText(`${stem}.csv`, csvOf(say.csvHead, rows), "text/csv");
  };
  const withPhotos = async () => {
    try {
      const { file } = await writeBackup(packer, undefined, [job.id]);
      saveBlob(`${stem}.zip`, file);
    } catch (error) {
      tell(say.couldNot(error instanceof Error ? error.message : String(error)));
    }
  };
  const ways = [
    { name: say.asFile, act: () => saveText(`${stem}.json`, writeJobFile(job), "application/json") },
    { name: say.withPhotos, act: () => void withPhotos() },
    { name: say.asCsv, act: csv },
  ];
  return (
    <span className="flex flex-wrap gap-x-4">
      <Link href={`/book/send/${job.id}`} prefetch={false} className={WAY}>
        {say.byLight}
      </Link>
      {ways.map(({ name, act }) => (
        <button key={name} type="button" onClick={act} className={WAY}>
          {name}
        </button>
      ))}
    </span>
  );
}

const WAY = "inline-flex min-h-9 items-center underline underline-offset-4";
