// The walk of a menu on the live bench: a display with a whole bike behind it, walked by a technician who knows nothing
// of it, is inferred as it is on the machine alone.
import { describe, expect, it } from "vitest";
import { BRACKEN } from "@/catalog/displays/bracken";
import { TARN } from "@/catalog/displays/tarn";
import { BENCH_KITS } from "@/catalog/rig/kits";
import type { DisplayProfile } from "../display";
import { Technician } from "../display/walk/testingTechnician";
import { startWalk, walkedProfile } from "../display/walk/walk";
import { atRest, HANDS_OFF, keysHeld, kitFor, liveAfter, liveBike, switched, type Live, type LiveBike } from "../rig";

/** A technician at the bench: every key and every second goes through the bike. */
class AtTheBench extends Technician {
  private readonly bike: LiveBike;
  private live: Live;

  constructor(profile: DisplayProfile) {
    super(profile);
    const kit = kitFor(profile, BENCH_KITS, 0);
    const bike = kit && liveBike(profile, kit);
    if (!bike) throw new Error("no bike");
    this.bike = bike;
    this.live = atRest(bike, this.state);
  }

  private keep(live: Live): void {
    this.live = live;
    this.state = live.menu;
  }
  protected override wait(ms: number): void {
    let live: Live = { ...this.live, menu: this.state };
    // In steps the bench takes at once; what is less than its own step waits for the next.
    for (let left = ms; left > 0; left -= 200) live = liveAfter(this.bike, live, HANDS_OFF, Math.min(200, left));
    this.keep(live);
  }
  protected override down(keys: readonly string[]): void {
    this.keep(keysHeld(this.bike, { ...this.live, menu: this.state }, keys));
  }
  protected override switchedOff(): void {
    this.keep(switched(this.bike, { ...this.live, menu: this.state }, false));
  }
}

function walked(technician: Technician) {
  const walk = startWalk(technician.setup);
  let question = walk.next();
  for (let i = 0; question && i < 5000; i++) question = walk.next(technician.answer(question));
  return walkedProfile(walk.model, "walked", technician.profile.name);
}

describe("a menu walked on the bench", () => {
  it.each([TARN, BRACKEN].map((profile) => [profile.name, profile] as const))(
    "%s comes out as on the machine alone",
    (_, profile) => {
      const onBench = walked(new AtTheBench(profile));
      expect(onBench?.lines.length).toBeGreaterThan(10);
      expect(onBench).toEqual(walked(new Technician(profile)));
    },
  );
});
