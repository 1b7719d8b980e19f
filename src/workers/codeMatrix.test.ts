// The code as it is drawn, scanned back by another library: at several sizes, and with a part of it gone.
import jsQR from "jsqr";
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { gathered, jobParts } from "@/core/book/travel";
import { seeded } from "@/core/units/seeded";
import { codeOf, lettersCode, type CodeDrawing } from "./codeMatrix";

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

/** Dots along a millimetre at 300 to the inch, and how wide a code is printed, mm. */
const [DOTS_A_MM, PRINTED_MM] = [300 / 25.4, 54] as const;

/**
 * The drawing as a printer lays it down, 300 dots to the inch; a square of it, a tenth of its area, spoilt with marks.
 */
function printed({ size, path }: CodeDrawing, spoiltAt: readonly [number, number] | null): string | null {
  const dark = new Set([...path.matchAll(/M(\d+) (\d+)h1v1h-1z/g)].map(([, x, y]) => `${x} ${y}`));
  const across = size + 2 * QUIET;
  const dots = Math.round(PRINTED_MM * DOTS_A_MM);
  const side = Math.sqrt(0.1) * dots;
  const [left, top] = spoiltAt ? spoiltAt.map((share) => share * (dots - side)) : [dots, dots];
  const picture = new Uint8ClampedArray(dots * dots * 4).fill(255);
  for (let y = 0; y < dots; y++)
    for (let x = 0; x < dots; x++) {
      const place = `${Math.floor((x * across) / dots) - QUIET} ${Math.floor((y * across) / dots) - QUIET}`;
      const isSpoilt = x >= (left ?? 0) && x < (left ?? 0) + side && y >= (top ?? 0) && y < (top ?? 0) + side;
      const isInk = isSpoilt ? Math.floor(x / 9) % 2 === Math.floor(y / 7) % 2 : dark.has(place);
      if (isInk) picture.fill(0, 4 * (y * dots + x), 4 * (y * dots + x) + 3);
    }
  return jsQR(picture, dots, dots)?.data ?? null;
}

describe("a job printed as codes, 300 dots to the inch", () => {
  const dice = seeded(31);
  const [job] = demoJobs().filter(({ handedOverAt }) => handedOverAt !== null);
  if (!job) throw new Error("no bike of the demo has gone out");
  const parts = jobParts(job);
  it("is scanned back, every code, and is the same job", () => {
    const read = parts.map((part) => printed(lettersCode(part), null));
    expect(gathered(read.map((text) => text ?? ""))).toMatchObject({ kind: "whole", job });
  });
  it("is scanned back with a tenth of each code spoilt, anywhere but at its corners", () => {
    // The three corners say where a code is: without one of them no reader looks any further.
    const read = parts.map((part) => printed(lettersCode(part), [0.34 + 0.3 * dice(), 0.34 + 0.3 * dice()]));
    expect(gathered(read.map((text) => text ?? ""))).toMatchObject({ kind: "whole", job });
  });
});
