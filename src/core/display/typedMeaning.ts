/** What a value of a line stands for, typed: a figure, yes or no, or a word its setting has. */
import { typedNumber } from "../units/typedNumber";
import { inDomain, type SettingKey } from "./settings";

/** The meaning typed; null where the setting knows no such thing. */
export function typedMeaning(setting: SettingKey, typed: string): number | boolean | string | null {
  const number = typedNumber(typed);
  const value = /^(true|yes|on)$/i.test(typed)
    ? true
    : /^(false|no|off)$/i.test(typed)
      ? false
      : Number.isNaN(number)
        ? typed
        : number;
  if (inDomain(setting, value)) return value;
  return inDomain(setting, typed) ? typed : null;
}
