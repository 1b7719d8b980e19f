/** A text as a square code: ISO/IEC 18004, drawn by a library; handed over as one path, a unit a module. */
import qrcode from "qrcode-generator";

export interface CodeDrawing {
  /** Modules along each side. */
  readonly size: number;
  readonly path: string;
}

/** The code of a text, with as much of it spare as level M has: about a seventh may be lost. */
export const codeOf = (text: string): CodeDrawing => drawn(text, "M", "Byte");

/**
 * The code of a text in the 45 letters such codes hold best, with a quarter of it spare (level Q): a finger's breadth
 * of a printed one may be gone.
 */
export const lettersCode = (text: string): CodeDrawing => drawn(text, "Q", "Alphanumeric");

function drawn(text: string, spare: "M" | "Q", letters: "Byte" | "Alphanumeric"): CodeDrawing {
  const code = qrcode(0, spare);
  code.addData(text, letters);
  code.make();
  const size = code.getModuleCount();
  const modules = Array.from({ length: size * size }, (_, i) => [i % size, Math.floor(i / size)] as const);
  const path = modules
    .filter(([x, y]) => code.isDark(y, x))
    .map(([x, y]) => `M${x} ${y}h1v1h-1z`)
    .join("");
  return { size, path };
}
