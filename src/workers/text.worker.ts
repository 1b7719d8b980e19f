/** Pasted texts read off the main thread, in slices: a long leaflet or list never holds up a key. */
import type { DisplayProfile } from "@/core/display";
import { readingLeaflet, type KnownMenu, type LeafletReading } from "@/core/display/leaflet";
import { readingPastedList, type PastedList } from "@/core/display/pastedList";
import { readingLinesCsv, type CsvReading } from "@/core/display/profileCsv";
import { newestOnly, runStepwise } from "./stepwise";
import { answerWith } from "./talk";

type Tell = (share: number) => void;
const asks = newestOnly();

const api = {
  /** Each is null where a newer ask or a cancel came in between. */
  leaflet: (text: string, menus: readonly KnownMenu[], tell: Tell): Promise<LeafletReading | null> =>
    runStepwise(readingLeaflet(text, menus), tell, asks.begin()),
  list: (profile: DisplayProfile, text: string, tell: Tell): Promise<PastedList | null> =>
    runStepwise(readingPastedList(profile, text), tell, asks.begin()),
  linesCsv: (text: string, tell: Tell): Promise<CsvReading | null> =>
    runStepwise(readingLinesCsv(text), tell, asks.begin()),
  cancel: (): void => asks.cancel(),
};

export type TextApi = typeof api;
answerWith(api);
