/**
 * First stage of the reader: one way of writing for signs that mean the same. Nothing is thrown away, so that what the
 * technician is shown are the leaflet's own words.
 */

/** Numbers as words, up to twelve, where they stand for an end of a range. */
const NUMBER_WORDS: readonly (readonly string[])[] = [
  ["zero", "null", "zero", "cero", "zero", "nul"],
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
const TENS: readonly (readonly [string, number])[] = [
  ["fifteen", 15],
  ["twenty", 20],
  ["thirty", 30],
  ["forty", 40],
  ["fifty", 50],
  ["sixty", 60],
  ["ninety", 90],
];
const VALUE_OF = new Map<string, number>([
  ...TENS,
  ...NUMBER_WORDS.flatMap((words, value) => words.map((word): [string, number] => [word, value])),
]);
const WORD = `(?:${[...VALUE_OF.keys()].join("|")})`;
const WORD_RANGE = new RegExp(`\\b(${WORD})\\s+(to|bis|à|a|tot)\\s+(${WORD})(?![\\p{L}])`, "giu");

/** "Number six", "zero is": words that stand for a line's number or for a value. */
const COUNTED = new RegExp(`\\b(number|nummer|numero|numéro|número)\\s+(${WORD})(?![\\p{L}])`, "giu");
const STANDS = new RegExp(`(?<![\\p{L}])(${WORD})(?=\\s+(?:is|means|stands for)\\s)`, "giu");

/** What a word counts to; null for any other word. */
export const numberOf = (word: string): number | null => VALUE_OF.get(word.trim().toLowerCase()) ?? null;

/** A decimal comma: one pair of digits groups, not a chain of numbers parted by commas. */
const DECIMAL_COMMA = /(?<![\d.,]\s?|\d,)(\d{1,4}),(\d{1,2})(?![\d]|,\d|\s?,\s?\d+,\d)/g;
/** "27,5" in a list whose other numbers stand apart by a comma and a blank. */
const COMMA_IN_LIST = /(?<=[\s(])(\d{1,3}),(5|0)(?=[\s,;)])/g;

/** Text with full-width signs, dashes, tildes and decimal commas written one way. */
export function normalised(text: string): string {
  return (
    text
      .normalize("NFKC")
      .replace(/\r\n?/g, "\n")
      .replace(/[‐‑‒–—−﹣]/g, "-")
      .replace(/[～〜∼]/g, "~")
      .replace(/[、]/g, ",")
      .replace(/[【〔「『]/g, "[")
      .replace(/[】〕」』]/g, "]")
      .replace(/[“”„″]/g, '"')
      .replace(/[‘’]/g, "'")
      .replace(/…/g, "...")
      // Dots that lead the eye to a column.
      .replace(/^([^\n]*?[^\n.\s])(?:[ \t]*\.){4,}[ \t]*/gm, "$1 : ")
      .replace(/(?:[ \t]*\.){4,}[ \t]*/g, " ; ")
      .replace(/\s*÷\s*/g, " - ")
      .replace(/\|\||!!/g, "|")
      .replace(/^!/gm, "|")
      .replace(/[\u00a0\u3000]/g, " ")
      .replace(DECIMAL_COMMA, "$1.$2")
      .replace(COMMA_IN_LIST, "$1.$2")
      .replace(COUNTED, (_, said: string, word: string) => `${said} ${numberOf(word) ?? word}`)
      .replace(STANDS, (word) => String(numberOf(word) ?? word))
      .replace(
        WORD_RANGE,
        (_, low: string, between: string, high: string) =>
          `${VALUE_OF.get(low.toLowerCase()) ?? low} ${between} ${VALUE_OF.get(high.toLowerCase()) ?? high}`,
      )
  );
}

const BEYOND_ASCII = /[^\x00-\x7f]/gu;

/** Words as they are compared: small letters, no marks above them. As long as the text it comes from, sign by sign. */
export const folded = (text: string): string =>
  text
    .replace(/[A-Z]+/g, (capitals) => capitals.toLowerCase())
    .replace(BEYOND_ASCII, (sign) => {
      const plain = sign.normalize("NFKD").replace(/\p{M}/gu, "").toLowerCase();
      return plain.length === sign.length ? plain : (plain[0] ?? sign).padEnd(sign.length, " ");
    });
