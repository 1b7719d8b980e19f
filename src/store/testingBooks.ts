/** A packer and an opener that run where they are asked: for tests, which have no workers. */
import { bundleWriter, joinedBytes, type BundleWriter } from "@/core/book/bundle";
import { idsToMeet, meetTable } from "@/core/book/merge";
import { openBundle, type OpenBundle } from "@/core/book/openBundle";
import { jobFate, type Opener, type Packer } from "@/core/book/packing";

export function packerHere(): Packer {
  let parts: Uint8Array<ArrayBuffer>[] = [];
  let writer: BundleWriter = bundleWriter(() => undefined);
  return {
    begin: async () => {
      parts = [];
      writer = bundleWriter((part) => void parts.push(part.slice()));
    },
    addJobs: async (jobs) => writer.addJobs(jobs),
    addTables: async (tables) => writer.addTables(tables),
    addPhoto: async (id, image) => writer.addPhoto(id, new Uint8Array(await image.arrayBuffer())),
    end: async (madeAt) => {
      writer.end(madeAt);
      return new Blob([joinedBytes(parts).slice()]);
    },
  };
}

export function openerHere(): Opener {
  let bundle: OpenBundle | null = null;
  const read = (file: string) => {
    if (!bundle) throw new Error("no back-up is open");
    return bundle.readJobs(file);
  };
  return {
    open: async (file) => {
      const reading = openBundle(new Uint8Array(await file.arrayBuffer()));
      if (!reading.ok) return reading;
      bundle = reading.bundle;
      return { ok: true, list: bundle.list, tables: bundle.tables, jobFiles: bundle.jobFiles };
    },
    idsToMeet: async (file) => {
      const { jobs, unreadable } = read(file);
      return { ids: jobs.flatMap((job) => idsToMeet("jobs", job)), unreadable };
    },
    fates: async (file, here) => meetTable("jobs", here, read(file).jobs).map(jobFate),
    puts: async (file, here) => meetTable("jobs", here, read(file).jobs).flatMap(({ puts }) => puts),
    photo: async (id) => {
      const bytes = bundle?.photo(id);
      return bytes ? new Blob([bytes.slice()], { type: "image/jpeg" }) : null;
    },
  };
}
