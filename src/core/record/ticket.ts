/** What the rack and the finder say of a job: plain data, worked out once and kept beside the job until it changes. */
import type { Severity } from "../law";
import type { Mark } from "../sheet";
import type { Stage } from "./stages";

export interface TicketAction {
  readonly label: string;
  readonly stage: Stage;
  /** Code of the line to have in hand there. */
  readonly line?: string;
}

/** The one thing to know and the one thing to do. */
export interface Headline {
  readonly sign: Exclude<Severity, "note"> | "odd" | "done" | null;
  readonly text: string;
  readonly action: TicketAction;
  readonly place: string;
}

export interface TicketSpoke {
  readonly code: string;
  readonly name: string;
  readonly mark: Mark;
}

export interface Ticket {
  readonly id: string;
  readonly number: number;
  readonly nickname: string;
  readonly demo: boolean;
  readonly onTheStand: boolean;
  /** For private land only: marked wherever it hangs. */
  readonly offRoad: boolean;
  readonly handedOverAt: string | null;
  readonly stage: Stage;
  readonly next: Stage;
  readonly facts: string;
  readonly shortFacts: string;
  readonly headline: Headline;
  readonly spokes: readonly TicketSpoke[];
  /** What stands in the list of bikes gone out. */
  readonly gone: { readonly frame: string; readonly badge: string; readonly cap: string; readonly wayBack: string };
}
