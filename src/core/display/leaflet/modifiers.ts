/**
 * Words that turn the meaning of a line: "speed limit" is not "throttle speed limit". One of them misread by a letter
 * turns it unseen; a word as good as one of these leaves a line a guess.
 */
const MODIFIERS: readonly string[] = [
  "throttle",
  "handlebar",
  "thumb",
  "phase",
  "level",
  "brake",
  "pedal",
  "crank",
  "walking",
  "motor",
  "temperature",
  "overvoltage",
  "gasgriff",
  "daumengas",
  "drehgriff",
  "phasenstrom",
  "uberspannung",
  "schiebehilfe",
  "accelerateur",
  "poignee",
  "gachette",
  "surtension",
  "acelerador",
  "sobretension",
  "acceleratore",
  "sovratensione",
  "gashendel",
  "overspanning",
  "fasestroom",
];
const KNOWN: ReadonlySet<string> = new Set(MODIFIERS);
/** Shorter words are too often one letter from another. */
const SHORTEST = 5;

/** Whether two words differ by one letter put in, left out or taken for another. */
function isNear(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1 || a === b) return false;
  let at = 0;
  while (at < a.length && a[at] === b[at]) at++;
  const [restA, restB] = [a.slice(at), b.slice(at)];
  return restA.slice(1) === restB.slice(1) || restA === restB.slice(1) || restA.slice(1) === restB;
}

/** Whether a name holds a word that is one of them but for a letter. */
export const mayBeModified = (name: string): boolean =>
  (name.match(/\p{L}+/gu) ?? []).some(
    (word) =>
      word.length >= SHORTEST &&
      !KNOWN.has(word) &&
      MODIFIERS.some((other) => isNear(word, other) && !isPlural(word, other)),
  );

const isPlural = (word: string, other: string): boolean =>
  word === `${other}s` || word === `${other}n` || word === `${other}e`;
