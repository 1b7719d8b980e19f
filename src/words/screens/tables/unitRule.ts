// The words of screens/tables/UnitRule.
import { plain } from "../../speak";

export const unitRuleSpeed = "Speed";
export const unitRuleDistance = "Distance";
export const length = "Length";
export const mass = "Mass";
export const temperature = "Temperature";
export const units = "Units";
export const giveANumber = "Give a number.";
export const unitRuleHairline = (upper: string) => `Hairline, ${upper}`;
export const celsius = "Celsius";
export const unitRuleIn = (upper: string) => `In ${upper}`;
export const fahrenheit = "Fahrenheit";
export const unitRuleIn2 = (lower: string) => `In ${lower}`;
export const unitRuleSource = (
  says: string,
  upper: number,
  upper2: string,
  lower: number,
  lower2: string,
  source: string,
) => `${says}
${plain(upper, 4)} ${upper2} = ${plain(lower, 4)} ${lower2}
Source: ${source}`;
export const rule = "Rule";
export const unitRuleIs = (upper: number, upper2: string, toLower: number, lower: string) =>
  `${plain(upper, 2)} ${upper2} is ${plain(toLower, 2)} ${lower}`;
