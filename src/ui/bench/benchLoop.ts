/** The live bench moved on from frame to frame: it sleeps while nothing moves, and stands still on a hidden page. */
import { elapse, msToNextEvent } from "@/core/display";
import { isStill, liveAfter, type Hands, type Live, type LiveBike } from "@/core/rig";

/** Figures are written anew this often, ms: a wheel turns smoothly, a number that flickers cannot be read. */
const WRITTEN_EVERY_MS = 120;

/** What a bench is at present; its owner keeps it. */
export interface BenchNow {
  live: Live;
  hands: Hands;
}

interface Told {
  /** The bench so much later. */
  readonly moved: (live: Live) => void;
  /** For what is drawn at every frame. */
  readonly drawn: (live: Live) => void;
  /** For what is written now and then. */
  readonly written: (live: Live) => void;
}

export interface BenchLoop {
  readonly wake: () => void;
  readonly stop: () => void;
}

/** Begins to move a bench on. */
export function benchLoop(bike: LiveBike, now: BenchNow, told: Told): BenchLoop {
  let frame = 0;
  let last: number | null = null;
  let writtenAt = 0;
  let sleptAt: number | null = null;
  const tick = (time: number) => {
    told.moved(liveAfter(bike, now.live, now.hands, last === null ? 0 : time - last));
    last = time;
    told.drawn(now.live);
    const rests = isStill(now.live, now.hands) && msToNextEvent(bike.profile, now.live.menu) === null;
    if (rests || time - writtenAt >= WRITTEN_EVERY_MS) {
      writtenAt = time;
      told.written(now.live);
    }
    sleptAt = rests ? performance.now() : null;
    frame = rests ? 0 : requestAnimationFrame(tick);
  };
  const wake = () => {
    if (frame !== 0 || document.hidden) return;
    // A bike at rest has nothing to do but to know how long its display has been on.
    if (sleptAt !== null) {
      const slept = Math.round(performance.now() - sleptAt);
      now.live = { ...now.live, menu: elapse(bike.profile, now.live.menu, slept) };
    }
    sleptAt = null;
    last = null;
    frame = requestAnimationFrame(tick);
  };
  const rest = () => {
    cancelAnimationFrame(frame);
    frame = 0;
    sleptAt = null;
  };
  const onVisibility = () => (document.hidden ? rest() : wake());
  document.addEventListener("visibilitychange", onVisibility);
  wake();
  return {
    wake,
    stop: () => {
      document.removeEventListener("visibilitychange", onVisibility);
      rest();
    },
  };
}
