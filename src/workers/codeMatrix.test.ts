// The code as it is drawn, scanned back by another library: at several sizes, and with a part of it gone.
import jsQR from "jsqr";
import { describe, expect, it } from "vitest";
import { codeOf, type CodeDrawing } from "./codeMatrix";

const QUIET = 4;
const SCALE = 6;

/** The drawing as a picture of dots; `spoilt` says which modules are painted over. */
function scanned({ size, path }: CodeDrawing, spoilt: (x: number, y: number) => boolean = () => false): string | null {
  const dark = new Set([...path.matchAll(/M(\d+) (\d+)h1v1h-1z/g)].map(([, x, y]) => `${x} ${y}`));
  const across = (size + 2 * QUIET) * SCALE;
  const dots = new Uint8ClampedArray(across * across * 4).fill(255);
  for (let py = 0; py < across; py++)
    for (let px = 0; px < across; px++) {
      const [x, y] = [Math.floor(px / SCALE) - QUIET, Math.floor(py / SCALE) - QUIET];
      const isInk = spoilt(x, y) ? (x + y) % 2 === 0 : dark.has(`${x} ${y}`);
      if (isInk) dots.fill(0, 4 * (py * across + px), 4 * (py * across + px) + 3);
    }
  return jsQR(dots, across, across)?.data ?? null;
}

describe("a text as a code", () => {
  it.each([12, 90, 300, 700])("of %i letters is read as it was written", (letters) => {
    const text = "ODDSPOKE.1." + Array.from({ length: letters }, (_, i) => "abcXYZ019-_"[i % 11]).join("");
    expect(scanned(codeOf(text))).toBe(text);
  });
  it("is read with a corner of its middle spoilt", () => {
    const text = "ODDSPOKE.1." + "bicycle".repeat(20);
    const code = codeOf(text);
    const [from, to] = [Math.floor(code.size * 0.4), Math.floor(code.size * 0.58)];
    expect(scanned(code, (x, y) => x >= from && x < to && y >= from && y < to)).toBe(text);
  });
  it("grows with what it holds", () => expect(codeOf("a".repeat(400)).size).toBeGreaterThan(codeOf("a").size));
});
