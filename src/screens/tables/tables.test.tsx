// The tables as they are read: figures against ones worked out by hand, each with its source.
import { describe, expect, it } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import { rowsOf, says } from "../testing/says";
import { ClassTable } from "./ClassTable";
import { StartTable } from "./StartTable";
import { UnitRule } from "./UnitRule";
import { VoltTable } from "./VoltTable";
import { WheelTable } from "./WheelTable";

/** A cell's own figure, without the working that opens under the row. */
const cells = (row: readonly string[] | undefined): readonly string[] =>
  (row ?? []).map((cell) => cell.split("\n")[0] ?? "");
const rowNamed = (rows: ReadonlyMap<string, readonly string[]>, head: string): readonly string[] => {
  const found = [...rows].find(([first]) => first.split("\n")[0] === head);
  if (!found) throw new Error(`no row ${head}`);
  return cells(found[1]);
};

describe("tyres", () => {
  it("roll π times the rim and two heights of the tyre without a rider", () => {
    // π × (622 + 2 × 37) = 2187 mm; outer diameter 622 + 2 × 37 = 696 mm, 27.4 in.
    const row = rowNamed(rowsOf(<WheelTable />), "37-622");
    expect(row[0]).toBe("2187 mm");
    expect(row[2]).toBe("696 mm, 27.4 in");
  });

  it("name the standard, and what is from memory", () => {
    expect(says(<WheelTable />)).toContain("Rim diameters: ISO 5775-1. Height and squash: from memory.");
    expect(says(<WheelTable />)).toContain("A measured rollout beats the table.");
  });
});

describe("packs", () => {
  it("charge to what chargers print, and cut off by the cells' floor", () => {
    const rows = rowsOf(<VoltTable />);
    // 13 × 4.2 V; 13 × 3.1 V = 40.3 V, in half volts 40.5.
    const pack48 = rowNamed(rows, "48 V");
    expect([pack48[0], pack48[1], pack48.at(-1)]).toEqual(["13", "54.6 V", "40.5 V"]);
    expect(rowNamed(rows, "36 V").at(-1)).toBe("31.0 V");
  });

  it("are listed once for every count of cells practice knows", () => {
    const heads = says(<VoltTable />).match(/60 V/g) ?? [];
    expect(heads.length).toBeGreaterThanOrEqual(2);
  });
});

describe("classes", () => {
  it("are all there, from memory and deferring to the local code", () => {
    const words = says(<ClassTable />);
    for (const rule of CLASSES) expect(words).toContain(rule.badge);
    expect(words).toContain("Check your local code");
    expect(words).not.toMatch(/\blegal\b|undefined|NaN/i);
  });

  it("round down to what a line of whole numbers may hold", () => {
    const rows = rowsOf(<ClassTable />);
    // 20 mph are 32.187 km/h: 32 on a line of whole km/h.
    const rule = CLASSES.find(({ id }) => id === "us-class-2");
    const row = rowNamed(rows, rule?.badge ?? "");
    expect(row.slice(0, 5)).toEqual(["20 mph", "32.187", "20.000", "32", "20"]);
  });
});

describe("when assist starts", () => {
  it("lies between one pulse less and all of them", () => {
    // 12 pulses a turn, 4 counted: 90 to 120°; from rest 60 × 4 ÷ (12 × 30) = 0.67 s; at 60 rpm 0.33 s.
    expect(rowNamed(rowsOf(<StartTable />), "4")).toEqual(["90 and 120°", "0.67 s", "0.33 s"]);
  });
});

describe("the unit rule", () => {
  it("begins with speed, both sides of one hairline", () => {
    const words = says(<UnitRule />);
    expect(words).toContain("Speed:");
    for (const name of ["Distance:", "Length:", "Mass:", "Temperature:"]) expect(words).toContain(name);
    expect(words).not.toMatch(/NaN|undefined/);
  });
});
