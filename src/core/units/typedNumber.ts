/** Numbers as hands type them, read in one place: either decimal sign, any of the minus signs, blanks around. */

const TYPED = /^\s*([+-]?)\s*(\d+)(?:[.,](\d+))?\s*$/;
/** Hyphen, minus sign and en dash all stand for minus. */
const MINUS = /[−–]/g;

/** A number as typed; NaN for anything that is not one number. The comma counts as a point. */
export function typedNumber(typed: string): number {
  const [, sign = "", whole, part = "0"] = TYPED.exec(typed.replace(MINUS, "-")) ?? [];
  return whole === undefined ? Number.NaN : Number(`${sign}${whole}.${part}`);
}

/** Decimals a number is typed with. */
export const typedDecimals = (typed: string): number => /[.,](\d+)/.exec(typed)?.[1]?.length ?? 0;
