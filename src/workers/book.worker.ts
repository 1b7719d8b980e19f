/** Back-ups packed and opened off the main thread: no key waits for ten thousand jobs. */
import { bundleWriter, type BundleWriter, type SmallTables } from "@/core/book/bundle";
import { newOpening } from "@/core/book/opening";
import type { OpenedBook } from "@/core/book/packing";
import { jobParts } from "@/core/book/travel";
import type { Job } from "@/core/record";
import { lettersCode, type CodeDrawing } from "./codeMatrix";
import { answerWith } from "./talk";

/** Photos are kept as JPEG. */
const PICTURE = "image/jpeg";

/** Bytes gathered before they are handed to the browser as one piece, which may lay it on disk. */
const PIECE_BYTES = 4_000_000;

interface Packing {
  readonly writer: BundleWriter;
  /** Everything written so far, as one. */
  readonly whole: () => Blob;
}

function newPacking(): Packing {
  let done = new Blob([]);
  let parts: Uint8Array<ArrayBuffer>[] = [];
  let bytes = 0;
  const lay = () => {
    done = new Blob([done, ...parts], { type: "application/zip" });
    parts = [];
    bytes = 0;
  };
  const writer = bundleWriter((part) => {
    parts.push(part.slice());
    bytes += part.length;
    if (bytes >= PIECE_BYTES) lay();
  });
  return {
    writer,
    whole: () => {
      lay();
      return done;
    },
  };
}

let packing: Packing | null = null;
const opening = newOpening();

const writer = (): BundleWriter => {
  if (!packing) throw new Error("no back-up is being packed");
  return packing.writer;
};
const api = {
  begin: (): void => {
    packing = newPacking();
  },
  addJobs: (jobs: readonly Job[]): void => writer().addJobs(jobs),
  addTables: (tables: SmallTables): void => writer().addTables(tables),
  addPhoto: async (id: string, image: Blob): Promise<void> => {
    writer().addPhoto(id, new Uint8Array(await image.arrayBuffer()));
  },
  end: (madeAt: string): Blob => {
    writer().end(madeAt);
    const file = packing?.whole() ?? new Blob([]);
    packing = null;
    return file;
  },
  open: async (file: Blob, tell: (share: number) => void): Promise<OpenedBook> =>
    opening.open(new Uint8Array(await file.arrayBuffer()), tell),
  idsToMeet: opening.idsToMeet,
  fates: opening.fates,
  puts: opening.puts,
  /** A job as codes to be scanned, in order. */
  jobCodes: (job: Job): readonly CodeDrawing[] => jobParts(job).map(lettersCode),
  photo: (id: string): Blob | null => {
    const bytes = opening.photo(id);
    return bytes && new Blob([bytes.slice()], { type: PICTURE });
  },
};

export type BookApi = typeof api;
answerWith(api);
