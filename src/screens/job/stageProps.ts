import type { DisplayProfile } from "@/core/display";
import type { Job, Keys, ProgramOutlook, Workings } from "@/core/record";
import type { Change } from "@/store";

/**
 * Changes the job; the answer takes the one deed back. Null where it could not be written, which has been told then.
 */
export type ChangeJob = (edit: (job: Job) => Job) => Promise<Change | null>;

/** What every stage gets: the job, what follows from it, and the way to change it. */
export interface StageProps {
  readonly job: Job;
  readonly workings: Workings;
  readonly change: ChangeJob;
  /** The keys the job would start with; null while they are not known. */
  readonly outlook: ProgramOutlook | null;
  /** Code of the line in hand, kept over reloads and shared by the stages. */
  readonly line: string;
  readonly setLine: (code: string) => void;
}

/** A stage that needs a display, once there is one. */
export type DisplayStageProps = StageProps & { readonly profile: DisplayProfile };

/** A stage that needs keys under way or done, once there are some. */
export type KeysStageProps = DisplayStageProps & { readonly program: Keys };
