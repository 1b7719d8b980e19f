"use client";
import { useMemo } from "react";
import { FULL_DRIVE, topSpeedKmh, wheelOffGroundKmh } from "@/core/ride";
import type { Ride } from "@/core/benches/rideOf";
import type { SpeedUnit } from "@/core/units";
import { Figure, FindingLine } from "@/ui/primitives";
import { plain, speed } from "@/words";
import { chargeWorking, massWorking, offGroundWorking, topSpeedWorking } from "@/words/workings";
import * as say from "@/words/screens/numbers/rideFigures";

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
          label={say.topSpeedTheKit}
          size="large"
          value={speed(top, unit)}
          note={
            setup.capKmh === null
              ? say.nothingEndsAssistBefore
              : capAbove
                ? say.belowTheCapThe
                : say.theCapEndsIt(setup.capKmh, unit)
          }
          working={topSpeedWorking(ride, unit)}
        />
        <Figure
          label={say.wheelOffTheGround}
          size="large"
          value={off === null ? null : speed(off, unit)}
          note={off === null ? say.aMidDriveSpins : say.fullLevelNoCap}
          working={offGroundWorking(ride)}
        />
        <Figure
          label={say.allInAll}
          value={`${plain(ride.massKg, 0)} kg`}
          note={say.riderBikeKitPack}
          working={massWorking(ride)}
        />
        <Figure
          label={say.chargeThatCanBe}
          value={setup.usableWh === null ? null : `${plain(setup.usableWh, 0)} Wh`}
          note={setup.usableWh === null ? say.needsThePacksAmp : say.ofWhOnThe(ride.nominalWh)}
          working={chargeWorking(ride)}
        />
      </div>
      {ride.capUnknown ? <FindingLine severity="unknown">{say.whereAssistEndsIs}</FindingLine> : null}
      {hotFrom !== null ? <FindingLine severity="caution">{say.levelHeldForLong(level, hotFrom)}</FindingLine> : null}
    </>
  );
}
