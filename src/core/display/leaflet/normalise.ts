/**
 * First stage of the reader: one way of writing for signs that mean the same. Nothing is thrown away, so that what the
 * technician is shown are the leaflet's own words.
 */
import { inFigures } from "./numberWords";

/** A decimal comma: one pair of digits groups, not a chain of numbers parted by commas. */
const DECIMAL_COMMA = /(?<![\d.,]\s?|\d,)(\d{1,4}),(\d{1,2})(?![\d]|,\d|\s?,\s?\d+,\d)/g;
/** "27,5" in a list whose other numbers stand apart by a comma and a blank. */
const COMMA_IN_LIST = /(?<=[\s(])(\d{1,3}),(5|0)(?=[\s,;)])/g;

const STEP_WORD = "grade|level|gear|step|class|stufe|niveau|nivel|livello|stand";
const STEPS = new RegExp(String.raw`\b(${STEP_WORD})\s+\d{1,2}(?:[\s,;/]+\1\s+\d{1,2}){2,}`, "giu");

/** Text with full-width signs, dashes, tildes and decimal commas written one way. */
export function normalised(text: string): string {
  return inFigures(
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
      // "Grade 1 grade 2 grade 3" is a list.
      .replace(STEPS, (list, word: string) => list.replace(new RegExp(`(?<=\\d)[\\s,;/]+${word}\\s`, "giu"), " / "))
      // Figures in quotation marks; behind a figure the mark stands for inches.
      .replace(/(?<![\d\w])"(\d{1,3})"/g, "$1"),
  );
}

const BEYOND_ASCII = /[^\x00-\x7f]/gu;

/** Words as they are compared: small letters, no marks above them. As long as the text it comes from, sign by sign. */
export const folded = (text: string): string =>
  text
    .replace(/[A-Z]+/g, (capitals) => capitals.toLowerCase())
    // Another script beside the one that is read says the same again.
    .replace(/[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}]+/gu, (signs) =>
      " ".repeat(signs.length),
    )
    .replace(BEYOND_ASCII, (sign) => {
      const plain = sign.normalize("NFKD").replace(/\p{M}/gu, "").toLowerCase();
      return plain.length === sign.length ? plain : (plain[0] ?? sign).padEnd(sign.length, " ");
    });
