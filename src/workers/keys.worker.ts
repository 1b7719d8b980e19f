/** Key plans that take long on deep menus, off the main thread. */
import { expose } from "comlink";
import { atHome, factoryRaws, linesOf, type DisplayProfile } from "@/core/display";
import { readingTour } from "@/core/record";

export interface Tour {
  readonly presses: number;
  readonly totalMs: number;
}

const api = {
  /** The keys that read every line from the home screen; null where there is no way to them all. */
  tour: (profile: DisplayProfile): Tour | null => {
    const { plan, presses, totalMs } = readingTour(
      profile,
      atHome(profile, factoryRaws(profile)),
      linesOf(profile).map((_, i) => i),
    );
    return plan.ok ? { presses, totalMs } : null;
  },
};

export type KeysApi = typeof api;
expose(api);
