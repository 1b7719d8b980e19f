/** A back-up of a shop with three hundred visits: to be brought in, and cut short in the middle. */
import { demoJobs } from "../../src/catalog/demo/workshop";
import { writeBundle } from "../../src/core/book/bundle";
import { EMPTY_BOOK } from "../../src/core/book/rows";

const VISITS = 300;

export function bookFile(): Uint8Array {
  const demo = demoJobs();
  const jobs = Array.from({ length: VISITS }, (_, i) => {
    const job = demo[i % demo.length];
    if (!job) throw new Error("the demo has no bikes");
    const id = `moved-${i}`;
    return { ...job, id, bikeId: id, number: 1000 + i, demo: false, onTheStand: false };
  });
  return writeBundle({ ...EMPTY_BOOK, jobs }, new Map(), "2026-11-20T08:00:00.000Z");
}
