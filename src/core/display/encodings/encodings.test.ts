// Every kind of encoding, asked alike: what holds for all of them, whatever the display.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { PLAIN_CONTEXT, readShown, stepOf } from "../encoding";
import { cellsOf, withCell } from "../lineCells";
import { newLine } from "../lines";
import type { Encoding, Line } from "../profile";
import { faultsOf } from "./faults";
import { kindOf } from "./table";
import { usualOf } from "./cells/table";

const lines = SHIPPED_DISPLAYS.flatMap((profile) => profile.lines.map((line) => ({ profile, line })));
const ofKind = (kind: Encoding["kind"]): readonly Line[] =>
  lines.filter(({ line }) => line.encoding.kind === kind).map(({ line }) => line);

const KINDS: readonly Encoding["kind"][] = [
  "choice",
  "bundle",
  "number",
  "around-default",
  "wheel-code",
  "wheel-size",
  "speed-cap",
  "unknown-scale",
  "read-only",
  "reserved",
];

describe.each(KINDS)("%s", (kind) => {
  it("stands on a shipped display, so that all of it is tried", () => expect(ofKind(kind)).not.toHaveLength(0));

  it("decodes only settings it says it has", () => {
    for (const { encoding } of ofKind(kind)) {
      const { raws, settings, decode } = kindOf(encoding);
      for (const raw of raws(encoding))
        for (const setting of Object.keys(decode(encoding, raw, PLAIN_CONTEXT)))
          expect(settings(encoding)).toContain(setting);
    }
  });

  it("stands for nothing its setting cannot have, and has no fault of its own", () => {
    for (const { encoding } of ofKind(kind)) {
      expect(faultsOf(encoding).strangers(encoding)).toEqual([]);
      expect(faultsOf(encoding).faults(encoding)).toEqual([]);
    }
  });

  it("takes back each of its cells as it writes it, and stays as it was", () => {
    for (const line of ofKind(kind))
      for (const [field, text] of Object.entries(cellsOf(line)))
        if (text !== null && field !== "step") {
          const edit = withCell(line, field as "from", text);
          expect(edit.ok, `${line.code} ${field} ${text}`).toBe(true);
          if (edit.ok) expect(cellsOf(edit.line)).toEqual(cellsOf(line));
        }
  });
});

describe("a line typed anew", () => {
  const capLine: Line = newLine(
    "9",
    {
      kind: "wheel-size",
      setting: "circumferenceMm",
      heldIn: "mm",
      rawMin: 1000,
      rawMax: 2400,
      circumferenceUncertainty: 0,
    },
    2100,
  );
  it("keeps the maker's value by what it shows when the steps get finer", () => {
    const volts = newLine(
      "8",
      {
        kind: "number",
        setting: "cutOffV",
        rawMin: 28,
        rawMax: 48,
        rawStep: 1,
        perRaw: 1,
        offset: 0,
        shownPer: 1,
        shownOffset: 0,
        decimals: 0,
        special: [],
      },
      42,
    );
    const finer = withCell(volts, "to", "48.5");
    expect(finer.ok && cellsOf(finer.line)).toMatchObject({ from: "28.0", to: "48.5", factory: "42.0", step: "1" });
    const half = finer.ok && withCell(finer.line, "step", "0,5");
    expect(half && half.ok && stepOf(half.line.encoding)).toBe(0.5);
  });
  it("of unknown meaning is told by what it shows: the ends of a scale, or every mark", () => {
    const scale = newLine("a", {
      kind: "reserved",
      setting: null,
      rawMin: 0,
      rawMax: 20,
      shown: { kind: "scaled", per: 0.5, offset: 30, decimals: 1, special: [] },
    });
    expect(cellsOf(scale)).toMatchObject({ from: "30.0", to: "40.0", options: null });
    const longer = withCell(scale, "to", "42,5");
    expect(longer.ok && cellsOf(longer.line)).toMatchObject({ from: "30.0", to: "42.5" });
    expect(withCell(scale, "from", "low")).toMatchObject({ ok: false });
    const listed = { kind: "listed", marks: ["off", "low", "high"] } as const;
    const words = newLine("b", {
      kind: "reserved",
      setting: null,
      rawMin: 0,
      rawMax: 2,
      shown: { ...listed, marks: [...listed.marks] },
    });
    expect(cellsOf(words)).toMatchObject({ from: null, to: null, options: "off, low, high" });
    const more = withCell(words, "options", "off, low, high, full");
    expect(more.ok && more.line.encoding).toMatchObject({
      rawMax: 3,
      shown: { marks: ["off", "low", "high", "full"] },
    });
    expect(withCell(words, "options", "off, off")).toMatchObject({ ok: false });
  });
  it("says what a cell takes, and changes nothing", () => {
    expect(withCell(capLine, "to", "wide")).toEqual({ ok: false, problem: { field: "to", accepted: "whole-number" } });
    expect(withCell(capLine, "to", "900")).toEqual({ ok: false, problem: { field: "to", accepted: "above-from" } });
    expect(withCell(capLine, "factory", "999")).toEqual({
      ok: false,
      problem: { field: "factory", accepted: "a-value-it-shows" },
    });
  });
  it("keeps what the maker set though it cannot show it any more: the check says so", () => {
    const edit = withCell(capLine, "to", "1500");
    expect(edit.ok && edit.line.factoryRaw).toBe(capLine.factoryRaw);
  });
  it("has no maker's value once that is emptied, and takes one again", () => {
    const none = withCell(capLine, "factory", " ");
    expect(none.ok && none.line.factoryRaw).toBeNull();
    expect(none.ok && cellsOf(none.line).factory).toBe("");
    const again = none.ok && withCell(none.line, "factory", "1200");
    expect(again && again.ok && again.line.factoryRaw).toBe(1200);
  });
});

describe("what a line was typed as", () => {
  const number = (rawMin: number, rawMax: number, shownPer: number, decimals: number): Encoding => ({
    kind: "number",
    setting: "cutOffV",
    rawMin,
    rawMax,
    rawStep: 1,
    perRaw: shownPer,
    offset: 0,
    shownPer,
    shownOffset: 0,
    decimals,
    special: [],
  });
  it("is told by the ends and the step as they are shown", () =>
    expect(readShown(number(280, 480, 0.1, 1), "99")).toMatchObject({
      problem: { key: "shown.out-of-range", min: "28.0", max: "48.0", step: 0.1 },
    }));
  it("is told by all there are where they are few", () =>
    expect(readShown(number(1, 3, 1, 0), "9")).toMatchObject({
      problem: { key: "shown.not-a-value", accepted: ["1", "2", "3"] },
    }));
});

describe("a row written by hand", () => {
  it(
    "may leave out what is usual for its kind; one of no kind, or named like " + "an object's own, has nothing usual",
    () => {
      expect(usualOf({ kind: "number", perRaw: 0.5 })).toMatchObject({ rawStep: 1, shownPer: 0.5, decimals: 0 });
      expect(usualOf({ kind: "speed-cap" })).toMatchObject({ heldIn: "kmh", basis: "unknown" });
      for (const kind of ["toString", "constructor", "", undefined]) expect(usualOf({ kind })).toEqual({});
    },
  );
});
