/** A packer and an opener that run where they are asked: for tests, which have no workers. */
import { bundleWriter, joinedBytes, type BundleWriter } from "@/core/book/bundle";
import { newOpening } from "@/core/book/opening";
import type { Opener, Packer } from "@/core/book/packing";

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
  const opening = newOpening();
  return {
    open: async (file, tell) => opening.open(new Uint8Array(await file.arrayBuffer()), tell),
    idsToMeet: async (file) => opening.idsToMeet(file),
    fates: async (file, here) => opening.fates(file, here),
    puts: async (file, here) => opening.puts(file, here),
    photo: async (id) => {
      const bytes = opening.photo(id);
      return bytes ? new Blob([bytes.slice()], { type: "image/jpeg" }) : null;
    },
  };
}
