// The words of screens/bench.
import type { SpeedUnit } from "@/core/units";
import { fixed, speed } from "../../speak";

export const rider = "Rider and road";
export const pedals = "Pedals";
export const PEDALS = { still: "still", forward: "turning", backward: "backwards" } as const;
export const throttle = "Throttle";
export const throttlePulled = (share: number) => `${fixed(100 * share, 0)} % pulled`;
export const brake = "Hold the brake";
export const where = "The bike";
export const WHERE = { up: "wheel up", road: "on the road" } as const;
export const grade = "Hill";
export const gradeOf = (share: number) => `${fixed(100 * share, 0)} %`;
export const charge = "Charge of the pack";
export const chargeOf = (share: number) => `${fixed(100 * share, 0)} %`;
export const battery = "Battery";
export const BATTERY = { on: "on", off: "off" } as const;
export const measured = "What can be measured";
export const byPhone = "Speed on a phone";
export const noPhone = "none, wheel up";
export const meterAtThePack = "Meter at the pack";
export const meter = (volts: number, amps: number) => `${fixed(volts, 1)} V, ${fixed(amps, 1)} A`;
export const trueSpeed = (kmh: number, unit: SpeedUnit) => speed(kmh, unit);
export const way = "Ridden";
export const metres = (m: number) => `${fixed(m, 0)} m`;
export const keysAre = (keys: string) => `Keys of the display on a keyboard: ${keys}.`;
export const keyIs = (name: string, keyboard: string) => `${name} is ${keyboard}`;
