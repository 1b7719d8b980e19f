/** Units a line is told in. */

/** What a number is of. */
export type Dimension =
  | "speed"
  | "volts"
  | "amps"
  | "millimetres"
  | "inches"
  | "minutes"
  | "seconds"
  | "share"
  | "watts"
  | "degrees"
  | "hours";

const DIMENSIONS: readonly (readonly [Dimension, RegExp])[] = [
  ["speed", /\d\s*(?:km\/?[hu]|kmh|kph|mph)\b|\bkm\/[hu]\b|\b(?:mph|kmh|kph)\b/],
  ["speed", /\bkilomet\w+ (?:per|pro|par|por|all|a la|l|an|pe)\W? ?(?:hour|stunde|heure|hora|ora|uur)/],
  ["volts", /\d\s*v(?:olts?)?\b|\bvolts?\b|\bin v\b/],
  ["amps", /\d\s*a(?:mp(?:ere)?s?)?\b(?!\s*\d)|\bamps?\b|\bampere\w*\b/],
  ["millimetres", /\d\s*mm\b|\bmm\b|millimet/],
  [
    "inches",
    /\d\s*(?:inch(?:es)?|in|zoll|pouces?|pulgadas|pollici)\b|\d\s*"|\b(?:inch(?:es)?|zoll|pouces?|pulgadas|pollici)\b/,
  ],
  ["minutes", /\d\s*min(?:ut\w*)?\b|\bmin(?:utes?|uten|utos|uti|uut)\b|\bmins?\b(?!.{0,20}\bmax)/],
  ["seconds", /\d\s*(?:s|sec\w*|sek\w*|ms)\b|\bse[ck](?:onds?|unden|ondes|undos|ondi|onden)\b/],
  ["share", /%|\bpercent\b|\bprozent\b|\bpour ?cent\b|\bpor ciento\b|\bper cento\b|\bprocent\b/],
  ["watts", /\d\s*w(?:atts?)?\b|\bwatts?\b/],
  ["degrees", /\d\s*°|°\s?[cf]\b|\d\s*c\b|\bgra(?:d|dos|di|den)\b|\bcelsius\b|\bdegrees? c/],
  ["hours", /\d\s*h\b|\bhours?\b/],
];

/** All units told in a text. */
export const dimensionsOf = (flat: string): ReadonlySet<Dimension> =>
  new Set(DIMENSIONS.flatMap(([dimension, pattern]) => (pattern.test(flat) ? [dimension] : [])));
