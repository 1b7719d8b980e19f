/**
 * A tyre as its sidewall says it, or as people call it: "40-622", "28 x 1.60", "26 x 1 3/8", "700 x 38C", "650B". The
 * ISO 5775-1 designation decides wherever it stands in the text. Inch and French markings are older and can mean
 * several rims: all of them are given, commonest first. Which marking belongs to which bead seat: common practice, no
 * source.
 */
import { BEAD_SEATS_MM, designationOf, readTyre, TYRE_WIDTH_MM, type TyreDesignation, type TyreReading } from "./tyre";

export interface SidewallCandidate {
  readonly tyre: TyreDesignation;
  readonly by: "iso" | "inch-decimal" | "inch-fraction" | "french";
}

export type SidewallProblem =
  | { readonly key: "sidewall.nothing-known"; readonly typed: string }
  | { readonly key: "sidewall.width-missing"; readonly typed: string; readonly beadSeatsMm: readonly number[] };

export type SidewallReading =
  | { readonly ok: true; readonly candidates: readonly SidewallCandidate[] }
  | { readonly ok: false; readonly problem: SidewallProblem };

/** Bead seats an inch size with a decimal width stands for, mm. */
const DECIMAL_INCH: Readonly<Record<string, readonly number[]>> = {
  "10": [152],
  "12": [203],
  "14": [254],
  "16": [305],
  "18": [355],
  "20": [406],
  "24": [507],
  "26": [559],
  "27.5": [584],
  "28": [622],
  "29": [622],
};

/** Bead seats an inch size with a fraction for its width stands for, mm, commonest first. */
const FRACTION_INCH: Readonly<Record<string, readonly number[]>> = {
  "16": [349],
  "18": [369],
  "20": [451],
  "24": [540, 547],
  "26": [590, 597, 584, 571],
  "27": [630],
  "28": [622, 635],
};

/** Bead seats of the French sizes by their letter, mm. */
const FRENCH: Readonly<Record<string, number>> = {
  "350A": 298,
  "400A": 349,
  "450A": 390,
  "500A": 440,
  "550A": 490,
  "600A": 540,
  "650A": 590,
  "650B": 584,
  "650C": 571,
  "700A": 642,
  "700B": 635,
  "700C": 622,
  "700": 622,
};

const INCH_MM = 25.4;
const known = (beadSeatMm: number): boolean => BEAD_SEATS_MM.some((d) => d === beadSeatMm);
const bicycleWidth = (widthMm: number): boolean => widthMm >= TYRE_WIDTH_MM.min && widthMm <= TYRE_WIDTH_MM.max;

const number = (text: string): number => Number(text.replace(",", "."));

/** "1 3/8", "1.3/8", "1⅜" or "1.75" in inches. */
function widthInch(text: string): { readonly inch: number; readonly fraction: boolean } | null {
  const spelled = text
    .replace(
      /[⅛¼⅜½⅝¾⅞]/g,
      (sign) =>
        ` ${{ "⅛": "1/8", "¼": "1/4", "⅜": "3/8", "½": "1/2", "⅝": "5/8", "¾": "3/4", "⅞": "7/8" }[sign] ?? ""}`,
    )
    .trim();
  const fraction = /^(\d)[\s.\-]*(\d)\s*\/\s*(\d{1,2})$/.exec(spelled);
  if (fraction) return { inch: Number(fraction[1]) + Number(fraction[2]) / Number(fraction[3]), fraction: true };
  return /^\d+([.,]\d+)?$/.test(spelled) ? { inch: number(spelled), fraction: false } : null;
}

/** Reads what stands on the sidewall; anything around the size (make, pressure, arrows) is passed over. */
export function readSidewall(typed: string): SidewallReading {
  const text = typed.replace(/[×✕]/g, "x").replace(/["”″]/g, "").replace(/\s+/g, " ").trim();
  const iso = [...text.matchAll(/(?<![\d.,])(\d{2,3})\s*[-–—/x]\s*(\d{3})(?!\d)/gi)].flatMap(
    (match): SidewallCandidate[] => {
      const tyre = { widthMm: Number(match[1]), beadSeatMm: Number(match[2]) };
      return known(tyre.beadSeatMm) && bicycleWidth(tyre.widthMm) ? [{ tyre, by: "iso" }] : [];
    },
  );
  if (iso.length > 0) return { ok: true, candidates: iso.slice(0, 1) };
  const french = /(?<!\d)(350|400|450|500|550|600|650|700)\s*(?:x\s*(\d{2}(?:[.,]\d)?)\s*)?([ABC])?(?![\w/])/i.exec(
    text,
  );
  if (french) {
    const beadSeatMm = FRENCH[`${french[1]}${(french[3] ?? "").toUpperCase()}`];
    if (beadSeatMm !== undefined) {
      const widthMm = french[2] ? number(french[2]) : widthElsewhere(text);
      if (widthMm !== null && bicycleWidth(widthMm))
        return { ok: true, candidates: [{ tyre: { widthMm, beadSeatMm }, by: "french" }] };
      return { ok: false, problem: { key: "sidewall.width-missing", typed, beadSeatsMm: [beadSeatMm] } };
    }
  }
  return readInches(typed, text);
}

/** "650B x 48": the width after the letter. */
function widthElsewhere(text: string): number | null {
  const match = /[ABC]\s*x\s*(\d{2}(?:[.,]\d)?)/i.exec(text);
  return match?.[1] ? number(match[1]) : null;
}

function readInches(typed: string, text: string): SidewallReading {
  const sized =
    /(?<![\d.,])(\d{2}(?:[.,]5)?)\s*(?:in\b|inch\b)?\s*x\s*(\d(?:[.,]\d{1,3}(?!\s*\/))?(?:[\s.\-]*\d\s*\/\s*\d{1,2}|\s*[⅛¼⅜½⅝¾⅞])?)/i.exec(
      text,
    );
  if (!sized?.[1] || !sized[2]) {
    const bare = /(?<![\d.,])(\d{2}(?:[.,]5)?)(?![\d/]|\s*[-–—]\s*\d)/.exec(text)?.[1]?.replace(",", ".");
    const beadSeatsMm = bare ? [...new Set([...(DECIMAL_INCH[bare] ?? []), ...(FRACTION_INCH[bare] ?? [])])] : [];
    return {
      ok: false,
      problem:
        beadSeatsMm.length > 0
          ? { key: "sidewall.width-missing", typed, beadSeatsMm }
          : { key: "sidewall.nothing-known", typed },
    };
  }
  const size = sized[1].replace(",", ".");
  const width = widthInch(sized[2]);
  const seats = width ? (width.fraction ? FRACTION_INCH : DECIMAL_INCH)[size] : undefined;
  const widthMm = width ? Math.round(width.inch * INCH_MM) : 0;
  if (!width || !seats || !bicycleWidth(widthMm))
    return { ok: false, problem: { key: "sidewall.nothing-known", typed } };
  return {
    ok: true,
    candidates: seats.map((beadSeatMm) => ({
      tyre: { widthMm, beadSeatMm },
      by: width.fraction ? "inch-fraction" : "inch-decimal",
    })),
  };
}

/** A tyre as typed: its designation, or any marking of a sidewall that can mean one tyre only. */
export function readTyreMarking(typed: string): TyreReading {
  const designation = readTyre(typed);
  if (designation.ok || designation.problem.key !== "tyre.not-a-designation") return designation;
  const sidewall = readSidewall(typed);
  if (!sidewall.ok)
    return sidewall.problem.key === "sidewall.width-missing"
      ? { ok: false, problem: { key: "tyre.width-missing", typed, beadSeatsMm: sidewall.problem.beadSeatsMm } }
      : designation;
  const [only, ...others] = sidewall.candidates;
  if (only && others.length === 0) return { ok: true, tyre: only.tyre };
  const designations = sidewall.candidates.map(({ tyre }) => designationOf(tyre));
  return { ok: false, problem: { key: "tyre.ambiguous", typed, designations } };
}
