/** Typed clients of the workers; each worker is started when it is first asked. */
import { proxy, wrap, type Remote } from "comlink";
import type { SweepAsk, SweepResult } from "@/core/ride";
import type { DisplayProfile, MenuState } from "@/core/display";
import type { KeyGoal } from "@/core/keys";
import type { KeyTask, KeyWork, ProgramOutlook, RestoreOutlook } from "@/core/record";
import type { LeafletReading } from "@/core/display/leaflet";
import type { PastedList } from "@/core/display/pastedList";
import type { CsvReading } from "@/core/display/profileCsv";
import type { KeysApi, Tour } from "./keys.worker";
import type { TextApi } from "./text.worker";
import type { RideApi } from "./ride.worker";
import type { TrackAnswer, TrackApi } from "./track.worker";

let ride: Remote<RideApi> | null = null;
let track: Remote<TrackApi> | null = null;
let keys: Remote<KeysApi> | null = null;

const rideWorker = (): Remote<RideApi> =>
  (ride ??= wrap<RideApi>(new Worker(new URL("./ride.worker.ts", import.meta.url), { type: "module" })));
const trackWorker = (): Remote<TrackApi> =>
  (track ??= wrap<TrackApi>(new Worker(new URL("./track.worker.ts", import.meta.url), { type: "module" })));

const keysWorker = (): Remote<KeysApi> =>
  (keys ??= wrap<KeysApi>(new Worker(new URL("./keys.worker.ts", import.meta.url), { type: "module" })));

/** The keys that read every line of a display; null where there is no way to them all. */
export const tourOf = (profile: DisplayProfile): Promise<Tour | null> => keysWorker().tour(JSON.stringify(profile));

const MOST_PLANS = 60;
const plans = new Map<string, Promise<unknown>>();

/** Plans once what rests on the same things, and hands the same answer to whoever asks again. */
function planned<Plan>(key: string, ask: () => Promise<Plan>): Promise<Plan> {
  const known = plans.get(key);
  if (known) return known as Promise<Plan>;
  if (plans.size >= MOST_PLANS) plans.delete(plans.keys().next().value ?? "");
  const answer = ask();
  plans.set(key, answer);
  answer.catch(() => plans.delete(key));
  return answer;
}

/** What a plan is asked for, as a text: equal texts have equal plans. */
const keyOf = (what: string, profile: string, ...rest: readonly unknown[]): string =>
  `${what} ${JSON.stringify(rest)} ${profile}`;

/** A plan to ask for: its key says all it rests on. */
export interface PlanAsk<Plan> {
  readonly key: string;
  readonly ask: () => Promise<Plan>;
}

const asking = <Plan>(key: string, ask: () => Promise<Plan>): PlanAsk<Plan> => ({ key, ask: () => planned(key, ask) });

export function outlookAsk(profile: DisplayProfile, task: KeyTask): PlanAsk<ProgramOutlook> {
  const text = JSON.stringify(profile);
  return asking(keyOf("outlook", text, task), () => keysWorker().outlook(text, task));
}
export function workAsk(profile: DisplayProfile, state: MenuState, goal: KeyGoal): PlanAsk<KeyWork> {
  const text = JSON.stringify(profile);
  return asking(keyOf("work", text, state, goal), () => keysWorker().work(text, state, goal));
}
export function restoreAsk(profile: DisplayProfile, task: KeyTask): PlanAsk<RestoreOutlook | null> {
  const text = JSON.stringify(profile);
  return asking(keyOf("restore", text, task), () => keysWorker().restore(text, task));
}
export function toLineAsk(profile: DisplayProfile, line: number): PlanAsk<KeyWork> {
  const text = JSON.stringify(profile);
  return asking(keyOf("line", text, line), () => keysWorker().toLine(text, line));
}

/** Sweeps levels and grades; null where a newer sweep came in between. */
export const sweepRide = (ask: SweepAsk, tell: (share: number) => void): Promise<SweepResult | null> =>
  rideWorker().sweep(ask, proxy(tell));
export const cancelSweep = (): void => void ride?.cancel();

/** Reads and solves a GPX file; null where it was cancelled. */
export const solveTrackFile = (file: Blob, tell: (share: number) => void): Promise<TrackAnswer | null> =>
  trackWorker().solve(file, proxy(tell));
export const cancelTrack = (): void => void track?.cancel();

let texts: Remote<TextApi> | null = null;
const textWorker = (): Remote<TextApi> =>
  (texts ??= wrap<TextApi>(new Worker(new URL("./text.worker.ts", import.meta.url), { type: "module" })));

/** Pasted texts, read in slices; each is null where a newer one or a cancel came in between. */
export const readLeafletText = (text: string, tell: (share: number) => void): Promise<LeafletReading | null> =>
  textWorker().leaflet(text, proxy(tell));
export const readList = (
  profile: DisplayProfile,
  text: string,
  tell: (share: number) => void,
): Promise<PastedList | null> => textWorker().list(profile, text, proxy(tell));
export const readCsv = (text: string, tell: (share: number) => void): Promise<CsvReading | null> =>
  textWorker().linesCsv(text, proxy(tell));
export const cancelReading = (): void => void texts?.cancel();
