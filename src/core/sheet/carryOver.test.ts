import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { OSTLER } from "@/catalog/displays/ostler";
import { SKERRY } from "@/catalog/displays/skerry";
import { TARN } from "@/catalog/displays/tarn";
import { factoryRaws, lineIndex, linesOf, rawValues, SETTINGS, settingsOf } from "../display";
import { randomRaws } from "../keys/testing";
import { seeded } from "../units/seeded";
import { decoded } from "../applied/applied";
import { carryOver } from "./carryOver";
import { compareDisplays } from "./compareDisplays";

describe("carrying a sheet over to another display", () => {
  it("accounts for every canonical value once, and says the truth of each, between any two displays", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHIPPED_DISPLAYS),
        fc.constantFrom(...SHIPPED_DISPLAYS),
        fc.integer(),
        (from, to, seed) => {
          const raws = randomRaws(from, seeded(seed));
          const carried = carryOver(from, raws, to);
          const union = new Set([...linesOf(from), ...linesOf(to)].flatMap(settingsOf));
          expect(carried.settings.map((row) => row.setting).sort()).toEqual([...union].sort());
          expect(carried.raws).toHaveLength(to.lines.length);
          linesOf(to).forEach(
            (line, i) =>
              line.encoding.kind === "read-only" ||
              // What neither the old display nor the maker says stays not known.
              expect([line.factoryRaw, ...rawValues(line.encoding)]).toContain(carried.raws[i]),
          );
          for (const { setting, fate, from: value, to: held } of carried.settings) {
            const now = decoded(to, carried.raws, setting);
            if (fate === "kept")
              expect(
                typeof value === "number" && typeof now === "number"
                  ? Math.abs(now - value) < 1e-6 * Math.max(1, Math.abs(value))
                  : now === value,
                setting,
              ).toBe(true);
            if (fate === "rounded") {
              expect(now).toEqual(held);
              const { safeDirection } = SETTINGS[setting];
              // Wheels take the nearest code, which may lie on either side; everything else stays on the safe side.
              if (
                typeof value === "number" &&
                typeof held === "number" &&
                setting !== "circumferenceMm" &&
                safeDirection
              )
                expect(safeDirection === "down" ? held <= value + 1e-9 : held >= value - 1e-9, setting).toBe(true);
            }
            if (fate === "gained") expect(linesOf(from).some((line) => settingsOf(line).includes(setting))).toBe(false);
          }
        },
      ),
      { numRuns: 800 },
    );
  });
  it("onto the same display keeps everything that can be known", () => {
    const raws = factoryRaws(TARN);
    const carried = carryOver(TARN, raws, TARN);
    expect(carried.raws).toEqual(raws);
    expect(new Set(carried.settings.map((row) => row.fate))).toEqual(new Set(["kept"]));
  });
  it("loses what the new display cannot hold, and says why", () => {
    const fate = (to: typeof TARN, setting: string, raws = factoryRaws(TARN)) =>
      carryOver(TARN, raws, to).settings.find((row) => row.setting === setting);
    expect(fate(OSTLER, "autoOffMin")).toMatchObject({ fate: "lost", reason: { key: "fate.no-line" } });
    expect(fate(SKERRY, "assistCapKmh", factoryRaws(TARN).with(lineIndex(TARN, "53"), 25))).toMatchObject({
      fate: "lost",
      reason: { key: "fate.cannot-hold", problem: { key: "encode.unknown-scale" } },
    });
    expect(fate(SKERRY, "assistCapKmh")).toMatchObject({ fate: "kept", to: "uncapped" });
    expect(fate(OSTLER, "cruiseOn")).toMatchObject({ fate: "gained" });
    expect(
      carryOver(
        TARN,
        factoryRaws(TARN).map(() => null),
        SKERRY,
      ).settings.filter((row) => row.from !== null),
    ).toEqual([]);
  });
  it("sets two displays side by side", () => {
    const rows = compareDisplays(TARN, SKERRY);
    expect(rows.find((row) => row.setting === "assistCapKmh")).toMatchObject({
      a: { code: "53", first: "10", last: "50" },
      b: { code: "Ease off", first: "0", last: "31" },
    });
    expect(rows.find((row) => row.setting === "lampMode")).toMatchObject({ a: null, b: { code: "Lights" } });
  });
});
