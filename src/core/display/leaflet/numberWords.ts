/** Numbers told as words, written as figures where nothing else can be meant. */

/** Up to twelve, in the languages of the reader; of a language's two words for one number the rarer is left out. */
const NUMBER_WORDS: readonly (readonly string[])[] = [
  ["zero", "null", "zero", "cero", "zero", "nul", "nought"],
  ["one", "eins", "un", "uno", "een"],
  ["two", "zwei", "deux", "dos", "due", "twee"],
  ["three", "drei", "trois", "tres", "tre", "drie"],
  ["four", "vier", "quatre", "cuatro", "quattro"],
  ["five", "funf", "fünf", "cinq", "cinco", "cinque", "vijf"],
  ["six", "sechs", "seis", "sei", "zes"],
  ["seven", "sieben", "sept", "siete", "sette", "zeven"],
  ["eight", "acht", "huit", "ocho", "otto"],
  ["nine", "neun", "neuf", "nueve", "nove", "negen"],
  ["ten", "zehn", "dix", "diez", "dieci", "tien"],
  ["eleven", "elf", "onze", "once", "undici"],
  ["twelve", "zwolf", "zwölf", "douze", "doce", "dodici", "twaalf"],
];
const TEENS = ["thirteen", "fourteen", "fifteen", "sixteen", "seventeen", "eighteen", "nineteen"];
const TENS = ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"];
const UNITS = NUMBER_WORDS.slice(1, 10).map(([english = ""]) => english);

const VALUE_OF = new Map<string, number>([
  ...NUMBER_WORDS.flatMap((words, value) => words.map((word): [string, number] => [word, value])),
  ...TEENS.map((word, i): [string, number] => [word, i + 13]),
  ...TENS.map((word, i): [string, number] => [word, (i + 2) * 10]),
  ...TENS.flatMap((ten, i) => UNITS.map((unit, j): [string, number] => [`${ten} ${unit}`, (i + 2) * 10 + j + 1])),
]);
const longestFirst = (words: Iterable<string>): string => [...words].sort((a, b) => b.length - a.length).join("|");
const WORD = `(?:${longestFirst(VALUE_OF.keys())})`;
const WORD_RANGE = new RegExp(`\\b(${WORD})\\s+(to|bis|à|a|tot)\\s+(${WORD})(?![\\p{L}])`, "giu");

/** "Number six", "zero is": words that stand for a line's number or for a value. */
const COUNTED = new RegExp(`\\b(number|nummer|numero|numéro|número)\\s+(${WORD})(?![\\p{L}])`, "giu");
const STANDS = new RegExp(`(?<![\\p{L}])(${WORD})(?=\\s+(?:is|means|stands for)\\s)`, "giu");

/** English words that hardly ever are anything else; "one" is often no number. */
const SPOKEN = longestFirst([...VALUE_OF.keys()].filter((word) => isEnglish(word)));
const SPOKEN_WORD = new RegExp(String.raw`(?<![\p{L}])(?:${SPOKEN})(?![\p{L}])`, "giu");
const NO_NUMBER_AFTER = "the|this|that|each|which|no|any|only|with|other|last|next";
const NO_NUMBER_BEFORE = "of|hand|thing|more|that|which";
const ONE = new RegExp(String.raw`(?<!\b(?:${NO_NUMBER_AFTER}) )\bone\b(?! (?:${NO_NUMBER_BEFORE}))`, "giu");
/** So many of them, and somebody has told or written down a text with its numbers as words. */
const FEWEST_SPOKEN = 8;

function isEnglish(word: string): boolean {
  const [ten = "", unit] = word.split(" ");
  const first = (words: readonly (readonly string[])[]): readonly string[] => words.flatMap(([each = ""]) => each);
  return (
    unit !== undefined ||
    TEENS.includes(ten) ||
    TENS.includes(ten) ||
    ten === "nought" ||
    first(NUMBER_WORDS)
      .filter((each) => each !== "one")
      .includes(ten)
  );
}

/** What a word counts to; null for any other word. */
export const numberOf = (word: string): number | null =>
  VALUE_OF.get(
    word
      .trim()
      .toLowerCase()
      .replace(/[\s-]+/g, " "),
  ) ?? null;

const figure = (word: string): string => String(numberOf(word) ?? word);

/** A text with the numbers that stand for values written as figures. */
export function inFigures(text: string): string {
  const whole = text.replace(new RegExp(`\\b(${TENS.join("|")})-(${UNITS.join("|")})\\b`, "giu"), "$1 $2");
  if ((whole.match(SPOKEN_WORD)?.length ?? 0) >= FEWEST_SPOKEN)
    return whole.replace(SPOKEN_WORD, figure).replace(ONE, "1");
  return text
    .replace(COUNTED, (_, said: string, word: string) => `${said} ${figure(word)}`)
    .replace(STANDS, figure)
    .replace(WORD_RANGE, (_, low: string, to: string, high: string) => `${figure(low)} ${to} ${figure(high)}`);
}
