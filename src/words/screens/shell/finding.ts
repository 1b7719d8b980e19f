// The words of screens/shell/Finding.
export const numbersWheelSpeedometerBattery = (stages: string) =>
  `${stages} numbers wheel speedometer battery current ladder ride line`;
export const newBike = "new bike";
export const findingNewBike = "New bike";
export const numbers = "Numbers";
export const numbersWheelSpeedometerBatteryCurrent = "numbers wheel speedometer battery current ladder ride";
export const findingLine = (code: string, line: string) => `line ${code} ${line}`;
export const findingLine2 = (id: string, code: string) => `${id} line ${code}`;
