/**
 * A bike to try the ride model on: a 250 W geared hub at 36 V on a 700C wheel, an upright rider, a flat road without
 * wind.
 */
import { likelyHub } from "./kit";
import type { Road } from "./roadLoad";
import type { RideSetup } from "./steady";

export const FLAT: Road = { grade: 0, headwindKmh: 0, crr: 0.008, airKgM3: 1.225 };

export const SMALL_HUB: RideSetup = {
  kit: {
    motor: likelyHub("geared-hub", 250, 36),
    pack: { openCircuitV: 37.9, resistanceOhm: 0.125 },
    batteryA: 15,
    rolloutMm: 2155,
    ratedW: 250,
  },
  body: { massKg: 101, cdaM2: 0.52 },
  rider: { powerW: 100, chainEfficiency: 0.95 },
  capKmh: 25,
  usableWh: 400,
  standbyW: 3,
};
