// The words of screens/tables/Tables.
export const wheel = "Wheel";
export const volts = "Volts";
export const speedByClass = "Speed by class";
export const startAngle = "Start angle";
export const unitRule = "Unit rule";
export const tables = "Tables";
