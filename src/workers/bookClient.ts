/** Asks the worker that packs and opens back-ups, which is started when it is first asked. */
import type { Opener, Packer } from "@/core/book/packing";
import type { Job } from "@/core/record";
import type { CodeDrawing } from "./codeMatrix";
import type { BookApi } from "./book.worker";
import { startedWorker } from "./startedWorker";

const book = startedWorker<BookApi>(() => new Worker(new URL("./book.worker.ts", import.meta.url), { type: "module" }));

/** A job as codes to be scanned, in order. */
export const jobCodes = (job: Job): Promise<readonly CodeDrawing[]> => book.ask((worker) => worker.jobCodes(job));

export const packer: Packer = {
  begin: () => book.ask((worker) => worker.begin()),
  addJobs: (jobs) => book.ask((worker) => worker.addJobs(jobs)),
  addTables: (tables) => book.ask((worker) => worker.addTables(tables)),
  addPhoto: (id, image) => book.ask((worker) => worker.addPhoto(id, image)),
  end: (madeAt) => book.ask((worker) => worker.end(madeAt)),
};

export const opener: Opener = {
  open: (file, tell) => book.ask((worker) => worker.open(file, tell)),
  idsToMeet: (file) => book.ask((worker) => worker.idsToMeet(file)),
  fates: (file, here) => book.ask((worker) => worker.fates(file, here)),
  puts: (file, here) => book.ask((worker) => worker.puts(file, here)),
  photo: (id) => book.ask((worker) => worker.photo(id)),
};
