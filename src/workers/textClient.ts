/** Asks the text worker, which is started when it is first asked. */
import { proxy, wrap, type Remote } from "comlink";
import type { DisplayProfile } from "@/core/display";
import type { LeafletReading } from "@/core/display/leaflet";
import type { PastedList } from "@/core/display/pastedList";
import type { CsvReading } from "@/core/display/profileCsv";
import type { TextApi } from "./text.worker";

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
