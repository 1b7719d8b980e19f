// The words of screens/prove/Foretold.
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { plain, speed, unitName } from "../../speak";

const row = (kmhs: readonly number[], unit: SpeedUnit) =>
  `${kmhs.map((kmh) => plain(speedFromKmh(kmh, unit), 1)).join(" · ")} ${unitName(unit)}`;

export const onTheFlat = (kmhs: readonly number[], unit: SpeedUnit) =>
  `Foretold by the ride model, level 1 up: ${row(kmhs, unit)}.`;
export const wheelUp = (kmhs: readonly number[], unit: SpeedUnit) => {
  const [first = 0, last = 0] = [kmhs[0], kmhs.at(-1)];
  return Math.abs(last - first) < 0.5
    ? `Foretold: about ${speed(first, unit)} shown on every level; ` +
        "with the wheel up a level holds back force, not speed."
    : `Foretold, level 1 up: ${row(kmhs, unit)} shown.`;
};
