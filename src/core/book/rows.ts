/** What the book keeps beside its jobs: displays and classes described here, walks, cases, trials, photos, settings. */
import type { DisplayProfile } from "../display";
import type { Answer, WalkSetup } from "../display/walk/questions";
import type { FaultCase } from "../faults";
import type { TypedClass } from "../law/ownClass";
import type { Job } from "../record";
import type { LineTrial } from "../record/lineTrial";
import type { Writes } from "./writes";

/** A display described in this workshop. */
export interface OwnDisplay {
  readonly id: string;
  readonly profile: DisplayProfile;
  readonly updatedAt: string;
  readonly writes: Writes;
}

/** A class of the shop's own, as typed. */
export interface OwnClass {
  readonly id: string;
  readonly typed: TypedClass;
  readonly begunAt: string;
  readonly writes: Writes;
}

/** A walk through the menu of a display, by the display's id: its answers are all there is of it. */
export interface KeptWalk {
  readonly id: string;
  readonly setup: WalkSetup;
  readonly answers: readonly Answer[];
}

/** A photo of one line as found, without its picture. */
export interface PhotoRow {
  readonly id: string;
  readonly jobId: string;
  readonly code: string;
  readonly takenAt: string;
}

/** What the shop has set for itself: tools at hand, and from when its odds count. */
export const SETTING_KEYS = ["shop-has", "odds-since"] as const;
export interface Setting {
  readonly key: (typeof SETTING_KEYS)[number];
  readonly value: string;
  /** When it was set; empty where nobody kept that. */
  readonly at: string;
}

/** Everything in the book but the pictures of its photos. */
export interface Book {
  readonly jobs: readonly Job[];
  readonly displays: readonly OwnDisplay[];
  readonly classes: readonly OwnClass[];
  readonly walks: readonly KeptWalk[];
  readonly faultCases: readonly FaultCase[];
  readonly trials: readonly LineTrial[];
  readonly photos: readonly PhotoRow[];
  readonly settings: readonly Setting[];
}

export const EMPTY_BOOK: Book = {
  jobs: [],
  displays: [],
  classes: [],
  walks: [],
  faultCases: [],
  trials: [],
  photos: [],
  settings: [],
};
