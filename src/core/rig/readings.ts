/** What the display on the bench shows of the bike behind it: speed, gauge, and a code where something is wrong. */
import { chargeAt } from "../battery/cells";
import { barsLit } from "../battery/gauge";
import { speedFromKmh, type SpeedUnit } from "../units";
import { obeyedNow, type Live } from "./live";
import type { LiveBike } from "./liveBike";
import { brakeTold, hallsChanging, pickUpPulses, throttleVolts } from "./wiring";

export interface RigReadings {
  /** Speed as the display shows it, in the unit it shows. */
  readonly shownSpeed: number;
  readonly unit: SpeedUnit;
  /** Share of charge, or volts, as the read-out is set. */
  readonly gauge:
    { readonly kind: "percent"; readonly share: number } | { readonly kind: "volts"; readonly volts: number };
  /** Bars lit, 0 to 5. */
  readonly bars: number;
  /** The code it shows; null where nothing is wrong that it would say. */
  readonly code: string | null;
}

/** What a controller tells its display is wrong, worst first. */
const TOLD: readonly (readonly [sign: string, isSo: (bike: LiveBike, live: Live) => boolean])[] = [
  ["code-brake", ({ wiring }) => brakeTold(wiring)],
  ["code-motor", ({ wiring }) => hallsChanging(wiring) < 3],
  ["code-controller", ({ wiring }) => !wiring.controller.works || !wiring.motor.phasesSeated],
  [
    "code-throttle",
    ({ wiring }) =>
      wiring.throttle !== null && (throttleVolts(wiring, false) < 0.5 || throttleVolts(wiring, false) > 1.2),
  ],
  ["code-speed-sensor", ({ wiring }, { speedKmh }) => speedKmh > 0 && pickUpPulses(wiring) === 0],
  ["code-battery-low", (_, { cutOut }) => cutOut],
];

/** What the display makes of the bike. `codes`: what it writes for a sign; a display without codes says nothing. */
export function readingsOf(bike: LiveBike, live: Live, codes: Readonly<Record<string, string>> = {}): RigReadings {
  const { r, unit, gaugeIn, gaugePack, barsV } = obeyedNow(bike, live.menu);
  const seenKmh = pickUpPulses(bike.wiring) > 0 ? live.speedKmh : 0;
  const told = TOLD.find(([sign, isSo]) => codes[sign] !== undefined && isSo(bike, live));
  return {
    shownSpeed: speedFromKmh(seenKmh * r, unit),
    unit,
    gauge:
      gaugeIn === "volts"
        ? { kind: "volts", volts: live.gaugeV }
        : { kind: "percent", share: chargeAt(gaugePack.chemistry, live.gaugeV / gaugePack.series) },
    bars: barsLit(barsV, live.gaugeV),
    code: told ? (codes[told[0]] ?? null) : null,
  };
}
