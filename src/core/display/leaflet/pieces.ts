/** What the readers of a line's values share: how a number and its unit are written, and what was read where. */

/** A number. */
export const N = String.raw`-?\d{1,4}(?:\.\d+)?`;
const UNITS = [
  String.raw`km\/?[hu]|kmh|kph|mph`,
  String.raw`v(?:olts?)?|a(?:mp(?:ere)?s?)?|w`,
  String.raw`mm|inch(?:es)?|in|zoll|pouces?|pulgadas|pollici|"`,
  String.raw`min(?:ut\w*)?|s(?:ec\w*)?|sek\w*|h`,
  String.raw`%|°?c`,
];
/** Its unit, if any. */
export const UNIT = `(?:${UNITS.join("|")})?`;

/** Text a stage has understood, blanked so that the next does not read it again. */
export const without = (text: string, ...spans: readonly (readonly [number, number])[]): string =>
  spans.reduce((now, [from, to]) => now.slice(0, from) + " ".repeat(to - from) + now.slice(to), text);

/** Something read, and from where to where it stood. */
export interface Found<Value> {
  readonly value: Value;
  readonly at: readonly [number, number];
}
