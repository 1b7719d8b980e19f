// The words of screens/numbers/RideTables.
import type { SpeedUnit } from "@/core/units";
import { speed } from "../../speak";

export const levelOnEveryGrade = "Level on every grade";
export const rideTablesLevelOnEveryGrade = (at: number) => `Level ${at} on every grade`;
export const grade = "Grade";
export const rideTablesSpeed = "Speed";
export const motor = "Motor";
export const battery = "Battery";
export const energy = "Energy";
export const range = "Range";
export const heat = "Heat";
export const rideTablesTo = (startToKmh: number, unit: SpeedUnit) => `To ${speed(startToKmh, unit, 0)}`;
export const rideTablesOver = (fastestKmh: number, unit: SpeedUnit) => `over ${speed(fastestKmh, unit, 0)}`;
export const workingItOut = "Working it out…";
export const everyLevelOnThe = "Every level on the flat";
export const level = "Level";
export const rider = "Rider";
