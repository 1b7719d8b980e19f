"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { batchBike, type BatchBike } from "@/core/batch";
import type { Job } from "@/core/record";
import { bikesOf } from "@/store/batches";

/** What was worked out of each bike last: one nobody has touched is not worked out anew because another was. */
const known = new Map<string, BatchBike>();

function toldOf(job: Job): BatchBike {
  const last = known.get(job.id);
  if (last?.job.updatedAt === job.updatedAt) return last;
  const bike = batchBike(job);
  known.set(job.id, bike);
  return bike;
}

/** The bikes of a batch with all that is told of each; undefined while they are read. */
export function useBatch(id: string): readonly BatchBike[] | undefined {
  const jobs = useLiveQuery(() => bikesOf(id), [id]);
  return useMemo(() => jobs?.map(toldOf), [jobs]);
}
