/**
 * Words of the trade misspelt by one letter: one left out, put in, taken for another or two changed about.
 * What is read by a mended word is a guess, never sure. Common practice, no source.
 */

const WORDS: readonly string[] = [
  "brightness backlight luminance screen display kilometre kilometer kilometres kilometers metric imperial",
  "wheel diameter circumference speed limit maximum assist assistance throttle current battery voltage volts",
  "under cut-off cutoff protection magnets magnet sensor pedal pulses level levels automatic sleep minutes",
  "cruise control start gentle strength direction forward backward default factory setting value range",
  "function parameter password temperature phase regeneration walking controller",
  "helligkeit beleuchtung einheit kilometer meilen reifen radgrosse durchmesser geschwindigkeit begrenzung strom",
  "akku spannung unterspannung abschaltung magnete kurbel tretsensor schiebehilfe gasgriff tempomat werkseinstellung",
  "unterstutzung anfahren sprache stufe stufen",
  "luminosite eclairage vitesse courant tension batterie roue diametre aimants pedalier accelerateur extinction usine",
  "demarrage niveau niveaux puissance regulateur",
  "brillo pantalla velocidad corriente voltaje bateria rueda diametro imanes pedalier acelerador apagado fabrica",
  "crucero",
  "luminosita schermo velocita corrente tensione ruota magneti acceleratore spegnimento fabbrica",
  "helderheid scherm snelheid stroom spanning wiel magneten gashendel standaard uitschakelen",
].flatMap((row) => row.split(" "));

/** Ordinary words a letter from one of these. */
const ORDINARY: ReadonlySet<string> = new Set(
  [
    "lever levers steed seed speech sheep steep display displays screens values limits limited current",
    "currents wheels pedals sensors minute ranges starts settings functions phases voltages volt valve",
    "values batterie bateria temperatur magnete magneten corriente corrente tensione tension wielen",
    "wheeled cruises metrics strom stroom velocity minuten minutos minuti temperatura temperature using",
    "zeilen parametre parametro parametri funcion funktion funzione funktie kilometros kilometri staat",
    "defaut gently getting onder standard standaard brakes breakers kilometer kilometers starter stars",
    "smart strand stand strange change rang orange hunger under unter order",
  ].flatMap((row) => row.split(" ")),
);
const SHORTEST = 5;

/** A word with each one letter left out, and itself. */
const lessOne = (word: string): readonly string[] => [
  word,
  ...Array.from(word, (_, i) => word.slice(0, i) + word.slice(i + 1)),
];

const KNOWN: ReadonlySet<string> = new Set(WORDS);
const INDEX: ReadonlyMap<string, readonly string[]> = (() => {
  const index = new Map<string, string[]>();
  for (const word of KNOWN)
    if (word.length >= SHORTEST) for (const key of lessOne(word)) index.set(key, [...(index.get(key) ?? []), word]);
  return index;
})();

/** Whether two words differ by one letter, or by two beside each other changed about. */
function isOneLetterOff(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false;
  let at = 0;
  while (at < a.length && a[at] === b[at]) at++;
  const [restA, restB] = [a.slice(at), b.slice(at)];
  const isSwap = restA[0] === restB[1] && restA[1] === restB[0] && restA.slice(2) === restB.slice(2);
  return isSwap || restA.slice(1) === restB.slice(1) || restA === restB.slice(1) || restA.slice(1) === restB;
}

/** The one word of the trade another may be misspelt for; null where it is none, or of two. */
export function wordMeant(word: string): string | null {
  const isInflected = (stem: string): boolean => KNOWN.has(stem) || ORDINARY.has(stem);
  if (word.length < SHORTEST || isInflected(word) || isInflected(word.replace(/(?:s|n|e|en|es|ed)$/, ""))) return null;
  const near = new Set(lessOne(word).flatMap((key) => INDEX.get(key) ?? []));
  const found = [...near].filter(
    (known) => isOneLetterOff(word, known) && !known.startsWith(word) && !word.startsWith(known),
  );
  const [only, second] = found;
  return only !== undefined && second === undefined ? only : null;
}

/** A text with its slips mended, and whether there were any. */
export function withSpellingMended(
  text: string,
  fold: (text: string) => string,
): { readonly text: string; readonly isMended: boolean } {
  let isMended = false;
  const mended = text.replace(/\p{Script=Latin}+/gu, (word) => {
    const known = wordMeant(fold(word));
    if (known === null) return word;
    isMended = true;
    return known;
  });
  return { text: mended, isMended };
}
