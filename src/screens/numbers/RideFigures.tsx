"use client";
import { useMemo } from "react";
import { FULL_DRIVE, topSpeedKmh, wheelOffGroundKmh } from "@/core/ride";
import type { Ride } from "@/core/benches/rideOf";
import type { SpeedUnit } from "@/core/units";
import { Figure, FindingLine } from "@/ui/primitives";
import { plain, speed } from "@/words";
import { chargeWorking, massWorking, offGroundWorking, topSpeedWorking } from "@/words/workings";

interface RideFiguresProps {
  readonly ride: Ride;
  readonly unit: SpeedUnit;
  readonly level: number;
  /** Grade from which the level in hand, held for long, overheats the motor, in words; null where none does. */
  readonly hotFrom: string | null;
}

/** The ride in four figures, and what is to be said beside them. */
export function RideFigures({ ride, unit, level, hotFrom }: RideFiguresProps) {
  const { setup, road } = ride;
  const top = useMemo(() => topSpeedKmh(setup, { ...road, grade: 0 }), [setup, road]);
  const off = wheelOffGroundKmh(setup.kit, FULL_DRIVE, null);
  const capAbove = setup.capKmh !== null && top < setup.capKmh;
  return (
    <>
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <Figure
          label="Top speed the kit reaches"
          size="large"
          value={speed(top, unit)}
          note={
            setup.capKmh === null
              ? "nothing ends assist before"
              : capAbove
                ? "below the cap: the cap does nothing"
                : `the cap ends it at ${speed(setup.capKmh, unit)}`
          }
          working={topSpeedWorking(ride, unit)}
        />
        <Figure
          label="Wheel off the ground"
          size="large"
          value={off === null ? null : speed(off, unit)}
          note={off === null ? "a mid-drive spins to its cadence limit" : "full level, no cap"}
          working={offGroundWorking(ride)}
        />
        <Figure
          label="All in all"
          value={`${plain(ride.massKg, 0)} kg`}
          note="rider, bike, kit, pack, load"
          working={massWorking(ride)}
        />
        <Figure
          label="Charge that can be used"
          value={setup.usableWh === null ? null : `${plain(setup.usableWh, 0)} Wh`}
          note={
            setup.usableWh === null
              ? "needs the pack’s amp-hours"
              : `of ${plain(ride.nominalWh ?? 0, 0)} Wh on the label`
          }
          working={chargeWorking(ride)}
        />
      </div>
      {ride.capUnknown ? (
        <FindingLine severity="unknown">
          Where assist ends is not known on this display. Speeds are shown as if nothing ended it.
        </FindingLine>
      ) : null}
      {hotFrom !== null ? (
        <FindingLine severity="caution">
          Level {level} held for long from {hotFrom} up heats the motor past what its rating is good for. Let it cool,
          or use more pedal and a lower level.
        </FindingLine>
      ) : null}
    </>
  );
}
