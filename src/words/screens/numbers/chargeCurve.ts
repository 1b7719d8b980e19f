// The words of screens/numbers/ChargeCurve.
import { plain } from "../../speak";

export const voltsOverCharge = "Volts over charge";
export const charge = "charge, %";
export const packVolts = "pack volts";
export const packVoltsOverCharge = (fullV: number, advisedV: number) =>
  `Pack volts over charge, ${plain(fullV)} V full, cut-off at ${plain(advisedV)} V`;
export const chargeCurveCharge = "Charge";
export const atRest = "At rest";
export const perCell = "Per cell";
export const underLoad = "Under load";
