/** Words of rider, road, motor and the rest of the ride model. */
import { BATTERY_WORDS } from "./battery";
import type { FigureWords } from "./words";

export const RIDE_WORDS = {
  riderKg: { label: "Rider" },
  bikeKg: { label: "Bike without kit" },
  loadKg: { label: "Load" },
  posture: {
    label: "How the rider sits",
    options: { sport: "Sport", trekking: "Trekking", upright: "Upright", cargo: "Cargo", recumbent: "Recumbent" },
  },
  cdaM2: { label: "Drag area instead" },
  surface: {
    label: "Tyre and ground",
    options: { slick: "Slick", commuter: "Commuter", knobbly: "Knobbly", fat: "Fat", gravel: "Gravel", grass: "Grass" },
  },
  crr: { label: "Rolling coefficient instead" },
  riderW: { label: "Rider’s power" },
  headwindKmh: { label: "Headwind", hint: "A tailwind is negative." },
  altitudeM: { label: "Altitude" },
  chargePercent: { label: "Charge while riding" },
  motorV: { label: "Volts the motor was made for", hint: "Left empty: those of the pack." },
  kvRpmPerV: { label: "Speed constant at the wheel" },
  offGroundKmh: { label: "Wheel off the ground, measured", hint: "Full level, no cap. It sets the speed constant." },
  motorMilliohm: { label: "Motor resistance" },
  noLoadA: { label: "No-load current" },
  phaseA: { label: "Most winding current" },
  kitKg: { label: "Motor and its parts" },
  packKg: { label: "Battery pack" },
  standbyW: { label: "Drawn while standing" },
  usablePercent: { label: "Of the pack’s label usable", hint: "Warm; a quarter less at 0 °C." },
  chainPercent: { label: "Chain and gears pass on" },
  torquePercent: { label: "Motor torque that reaches the wheel" },
  midPercent: { label: "Motor and controller pass on" },
  crankTorqueNm: { label: "Motor’s most torque at the crank" },
  ringTeeth: { label: "Chain ring" },
  cogTeeth: { label: "Cogs", hint: "Teeth, parted by blanks: 34 28 24 20 17 14 12 11" },
  temperatureC: BATTERY_WORDS.temperatureC,
} as const satisfies Readonly<Record<string, FigureWords>>;
