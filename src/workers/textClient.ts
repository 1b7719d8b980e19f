/** Asks the text worker, which is started when it is first asked. */
import type { DisplayProfile } from "@/core/display";
import type { KnownMenu, LeafletReading } from "@/core/display/leaflet";
import type { PastedList } from "@/core/display/pastedList";
import type { CsvReading } from "@/core/display/profileCsv";
import type { TextApi } from "./text.worker";
import { startedWorker } from "./startedWorker";

const texts = startedWorker<TextApi>(
  () => new Worker(new URL("./text.worker.ts", import.meta.url), { type: "module" }),
);

/** Pasted texts, read in slices; each is null where a newer one or a cancel came in between. */
export const readLeafletText = (
  text: string,
  menus: readonly KnownMenu[],
  tell: (share: number) => void,
): Promise<LeafletReading | null> => texts.ask<LeafletReading | null>((worker) => worker.leaflet(text, menus, tell));
export const readList = (
  profile: DisplayProfile,
  text: string,
  tell: (share: number) => void,
): Promise<PastedList | null> => texts.ask<PastedList | null>((worker) => worker.list(profile, text, tell));
export const readCsv = (text: string, tell: (share: number) => void): Promise<CsvReading | null> =>
  texts.ask<CsvReading | null>((worker) => worker.linesCsv(text, tell));
export const cancelReading = (): void => texts.askIfStarted((worker) => worker.cancel());
