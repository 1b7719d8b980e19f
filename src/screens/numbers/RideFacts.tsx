"use client";
import { MODEL_FIGURES, RIDE_FIGURES, type RideReading, type Ride } from "@/core/benches/rideOf";
import { plain } from "@/words";
import { RIDE_WORDS } from "@/words/figures/ride";
import { Part } from "./Bench";
import type { BenchProps } from "./benchProps";
import { FigureFields } from "./FigureFields";
import * as say from "@/words/screens/numbers/rideFacts";

/** Guesses that depend on the kit. */
function modelGuesses({ motorKg, setup: { kit } }: Ride): Readonly<Record<string, string>> {
  const { motor } = kit;
  return {
    kitKg: plain(motorKg),
    ...(motor.kind === "hub"
      ? { torquePercent: plain(100 * motor.torqueShare, 0) }
      : { midPercent: plain(100 * motor.efficiency, 0), crankTorqueNm: plain(motor.crankTorqueNm, 0) }),
  };
}

/** What is known of rider, road and motor, and typed here. */
export function RideFacts(props: BenchProps & { readonly present: RideReading; readonly hub: boolean }) {
  const { present, hub } = props;
  return (
    <>
      <Part title={say.riderBikeAndRoad}>
        <FigureFields
          {...props}
          words={RIDE_WORDS}
          keys={RIDE_FIGURES}
          guesses={
            present.ok ? { cdaM2: plain(present.ride.setup.body.cdaM2, 2), crr: plain(present.ride.road.crr, 3) } : {}
          }
        />
      </Part>
      <Part title={say.theMotor} hint={hub ? say.asAnEquivalentMachine : say.torqueAtTheCrank}>
        <FigureFields
          {...props}
          words={RIDE_WORDS}
          keys={
            hub
              ? ["offGroundKmh", "motorV", "kvRpmPerV", "motorMilliohm", "noLoadA", "phaseA"]
              : ["ringTeeth", "cogTeeth"]
          }
          guesses={
            present.ok && present.ride.setup.kit.motor.kind === "hub"
              ? {
                  kvRpmPerV: plain(present.ride.setup.kit.motor.kvRpmPerV, 2),
                  motorMilliohm: plain(present.ride.setup.kit.motor.resistanceOhm * 1000, 0),
                  noLoadA: plain(present.ride.setup.kit.motor.noLoadA, 2),
                  phaseA: plain(present.ride.setup.kit.motor.phaseA, 0),
                }
              : {}
          }
        />
      </Part>
      <details>
        <summary className="flex min-h-11 items-center font-semibold underline decoration-rule decoration-2 underline-offset-4">
          {say.theModelsOtherFacts}
        </summary>
        <div className="mt-2">
          <FigureFields
            {...props}
            words={RIDE_WORDS}
            keys={MODEL_FIGURES[hub ? "hub" : "mid"]}
            guesses={present.ok ? modelGuesses(present.ride) : {}}
          />
        </div>
      </details>
      <p className="text-[0.88rem] text-quiet">{say.guessesAreFromMemory}</p>
    </>
  );
}
