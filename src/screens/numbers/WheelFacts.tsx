"use client";
import { WHEEL_WORDS } from "@/words/figures/wheel";
import { later } from "@/ui/primitives/later";
import { Part } from "./Bench";
import { FigureFields } from "./FigureFields";
import type { BenchProps } from "./benchProps";
import * as say from "@/words/screens/numbers/wheelFacts";

/** Loaded when a sidewall is typed. */
const Sidewall = later(() => import("./Sidewall").then((module) => module.Sidewall));

/** What is known of the wheel and its pick-up, and typed here. */
export function WheelFacts(props: BenchProps & { readonly shown: string }) {
  const { facts, shown } = props;
  return (
    <>
      <Part title={say.theWheel} hint={say.aMeasuredRolloutBeats}>
        <FigureFields
          {...props}
          words={WHEEL_WORDS}
          keys={["rolloutMm", "rolloutTurns", "tapeErrorMm", "outerDiameterMm", "sidewall"]}
        />
        {facts.text("sidewall") === "" ? null : <Sidewall {...props} typed={facts.text("sidewall")} />}
      </Part>
      <Part title={say.thePickUp} hint={say.oneSteadyReadingTells}>
        <FigureFields
          {...props}
          words={WHEEL_WORDS}
          keys={[
            "pulsesPerTurn",
            "spokeMagnets",
            "motorPoles",
            "gearRatio",
            "oneTrueKmh",
            "oneTrueErrorKmh",
            "oneShown",
          ]}
          units={{ oneShown: shown }}
        />
      </Part>
    </>
  );
}
