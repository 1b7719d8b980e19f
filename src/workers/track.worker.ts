/** GPX files read and solved off the main thread. */
import { readGpx, type GpxProblem } from "@/core/wheel/gpx";
import { thinned } from "@/core/wheel/thinned";
import { solveTrack, type Track, type TrackProblem } from "@/core/wheel/track";
import { newestOnly, runStepwise } from "./stepwise";
import { answerWith } from "./talk";

export type TrackAnswer =
  | { readonly ok: true; readonly track: Track; readonly fixes: number; readonly unreadable: number }
  | { readonly ok: false; readonly problem: GpxProblem | TrackProblem };

/** Points sent back for the pictures: as many as a screen can show. */
const MOST_POINTS = 1500;
/** Reading the file is about this share of the work. */
const READING = 0.4;

const asks = newestOnly();

const api = {
  /** Reads and solves a file; null where a newer ask or a cancel came in between. */
  solve: async (file: Blob, tell: (share: number) => void): Promise<TrackAnswer | null> => {
    const cancelled = asks.begin();
    const text = await file.text();
    const reading = await runStepwise(readGpx(text), (share) => tell(share * READING), cancelled);
    if (!reading) return null;
    if (!reading.ok) return reading;
    const solved = await runStepwise(
      solveTrack(reading.fixes),
      (share) => tell(READING + share * (1 - READING)),
      cancelled,
    );
    if (!solved) return null;
    return solved.ok
      ? {
          ok: true,
          track: { ...solved.track, points: thinned(solved.track.points, MOST_POINTS) },
          fixes: reading.fixes.length,
          unreadable: reading.unreadable,
        }
      : solved;
  },
  cancel: (): void => asks.cancel(),
};

export type TrackApi = typeof api;
answerWith(api);
