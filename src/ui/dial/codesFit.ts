/** Whether every code of a display can stand at its spoke without touching another or leaving the dial. */

/** Where the codes stand and how large, in units of the dial; half its width. */
export const CODES_AT = 133;
export const CODE_SIZE = 15;
export const HALF_WITH_CODES = 152;

/** Widest letter of the heading face, in parts of its size. */
const LETTER = 0.62;
/** Air between two codes. */
const AIR = 2;

export function codesFit(codes: readonly string[]): boolean {
  const boxes = codes.map((code, i) => {
    const angle = (2 * Math.PI * i) / codes.length - Math.PI / 2;
    const half = (Math.max(code.length, 1) * LETTER * CODE_SIZE) / 2;
    return { x: CODES_AT * Math.cos(angle), y: CODES_AT * Math.sin(angle), half };
  });
  const inside = boxes.every(({ x, half }) => Math.abs(x) + half <= HALF_WITH_CODES);
  const apart = boxes.every((box, i) => {
    const next = boxes[(i + 1) % boxes.length];
    if (!next || next === box) return true;
    return Math.abs(box.x - next.x) >= box.half + next.half + AIR || Math.abs(box.y - next.y) >= CODE_SIZE + AIR;
  });
  return inside && apart;
}
