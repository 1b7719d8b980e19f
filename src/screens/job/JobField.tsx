"use client";
import { placeKey, typedAt, type Job, type TypedPlace } from "@/core/record";
import { keepTyped } from "@/store";
import { KeptField, type KeptFieldProps } from "@/ui/primitives";

interface JobFieldProps extends Omit<KeptFieldProps, "of" | "value" | "onKeep"> {
  readonly job: Job;
  readonly place: TypedPlace;
  /** Called with every key, after it was taken. */
  readonly onType?: (typed: string) => void;
}

/** A field of a job: what is typed is kept with the job, at its place, whichever screen it stands on. */
export function JobField({ job, place, onType, ...field }: JobFieldProps) {
  return (
    <KeptField
      {...field}
      of={`${job.id} ${placeKey(place)}`}
      value={typedAt(job, place)}
      onKeep={(typed) => {
        keepTyped(job.id, place, typed);
        onType?.(typed);
      }}
    />
  );
}
