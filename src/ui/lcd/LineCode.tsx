import type { DisplayProfile } from "@/core/display";
import { isDigits, SEGMENT_LETTERS } from "./glass";

/** Longest code a glass of segments writes large; a longer one is set as text. */
const LONGEST_IN_SEGMENTS = 6;

/** A size that lets so many letters stand in one row: as large as `most`, less where the row or the window is short. */
const sized = (letters: number, most: number, row: number, window: number): string =>
  `min(${most}rem, ${(row / letters + 1).toFixed(2)}rem, ${(window / letters).toFixed(1)}vw, 19vw)`;

interface LineCodeProps {
  readonly code: string;
  readonly glass: DisplayProfile["glass"];
  /** How large it stands at most where its glass has segments, rem. */
  readonly most?: number;
}

/** The code of a line, as large as it can stand and as the glass of its display writes it. */
export function LineCode({ code, glass, most = 6.6 }: LineCodeProps) {
  const letters = Math.max(code.length, 2);
  const inSegments = glass === "segment" && code.length <= LONGEST_IN_SEGMENTS;
  return (
    <p
      className={inSegments ? "segment leading-none" : "font-head leading-none font-extrabold break-words"}
      style={{
        fontSize: inSegments ? sized(letters, most, 20, 100) : sized(letters, Math.min(most, 4.4), 26, 140),
        ...(inSegments && !isDigits(code) ? { fontFamily: SEGMENT_LETTERS } : {}),
      }}
    >
      {code}
    </p>
  );
}
