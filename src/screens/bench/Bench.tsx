"use client";
import { useRef, type ReactNode } from "react";
import type { MenuState } from "@/core/display";
import { gripsOf, obeyedNow, readingsOf, wheelAngleDeg, type LiveBike } from "@/core/rig";
import { TurningWheel } from "@/ui/bench/TurningWheel";
import { useBench } from "@/ui/bench/useBench";
import { PressableDisplay } from "@/ui/lcd/PressableDisplay";
import * as say from "@/words/screens/bench/bench";
import { RiderAndRoad } from "./RiderAndRoad";

interface BenchProps {
  readonly bike: LiveBike;
  /** Where display and lines stand at first; the bench is made anew with another key. */
  readonly start: MenuState;
  /** What the display writes for a fault. */
  readonly codes?: Readonly<Record<string, string>>;
  readonly onMenu?: (menu: MenuState, before: MenuState, keys: readonly string[] | null) => void;
}

/** The whole bike behind a display: keys, rider, road, and what a phone and a meter would say. */
export function Bench({ bike, start, codes, onMenu }: BenchProps) {
  const wheel = useRef<SVGGElement>(null);
  const bench = useBench({
    bike,
    start,
    onMenu,
    onFrame: (live) => {
      if (!wantsStill()) wheel.current?.setAttribute("transform", `rotate(${wheelAngleDeg(bike, live)})`);
    },
  });
  const { live, hands } = bench;
  const { profile } = bike;
  const { unit } = obeyedNow(bike, live.menu);
  return (
    <div className="grid min-w-0 gap-x-8 gap-y-5 sm:grid-cols-[minmax(0,300px)_minmax(0,1fr)]">
      <div className="min-w-0">
        <PressableDisplay
          profile={profile}
          state={live.menu}
          readings={readingsOf(bike, live, codes)}
          onHold={bench.onHold}
        />
        <p className="mt-3 text-[0.9rem] text-quiet">
          {say.keysAre(profile.keys.map((key) => say.keyIs(key.name, key.keyboard)).join(", "))}
        </p>
      </div>
      <div className="min-w-0">
        <div className="flex items-center gap-x-6">
          <TurningWheel turned={wheel} />
          <dl className="min-w-0 flex-1" aria-label={say.measured}>
            <Measured name={say.byPhone}>{hands.wheelUp ? say.noPhone : say.trueSpeed(live.speedKmh, unit)}</Measured>
            <Measured name={say.meterAtThePack}>{say.meter(live.packV, live.batteryA)}</Measured>
            <Measured name={say.way}>{say.metres(live.metres)}</Measured>
          </dl>
        </div>
        <RiderAndRoad bench={bench} grips={gripsOf(bike)} />
      </div>
    </div>
  );
}

function Measured({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-rule py-1">
      <dt className="text-[0.9rem] text-quiet">{name}</dt>
      <dd className="text-[1.15rem] font-semibold tabular-nums">{children}</dd>
    </div>
  );
}

/** Whether whoever looks wants nothing to move. */
const wantsStill = () => matchMedia("(prefers-reduced-motion: reduce)").matches;
