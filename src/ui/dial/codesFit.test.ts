import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { codesFit } from "./codesFit";

const numbered = (count: number, length = 2): string[] =>
  Array.from({ length: count }, (_, i) => String(i + 10).padStart(length, "0"));

describe("codes at the spokes of the dial", () => {
  it("stand where they are short and not too many", () => {
    expect(codesFit(numbered(12))).toBe(true);
    expect(codesFit(numbered(24))).toBe(true);
    expect(codesFit(numbered(60))).toBe(false);
  });
  it("do not stand where they are words", () => {
    expect(codesFit(["Measurements", "Illumination", "Undervoltage", "Startsetting"])).toBe(false);
    expect(codesFit(numbered(8, 12))).toBe(false);
  });
  it("stand on the displays with numbers, and not on those with words", () => {
    const fit = SHIPPED_DISPLAYS.filter(({ lines }) => codesFit(lines.map(({ code }) => code))).map(({ name }) => name);
    expect(fit).toContain("Tarn");
    expect(fit).not.toContain("Skerry");
    expect(fit).not.toContain("Marram");
  });
});
