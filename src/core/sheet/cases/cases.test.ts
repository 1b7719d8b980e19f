// The corpus: every case in this folder is planned, and what it teaches is checked.
import { readdirSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { classById } from "@/catalog/classes/classes";
import { checkProfile, linesOf, readShown, shows } from "../../display";
import { readIntake } from "../../facts";
import { makeSheet } from "../sheet";
import type { Case } from "./case";
import { displayOf } from "./lines";

const NOT_CASES = new Set(["case.ts", "bike.ts", "lines.ts", "cases.test.ts"]);
const names = readdirSync(import.meta.dirname).filter((name) => name.endsWith(".ts") && !NOT_CASES.has(name));
const read = async (name: string): Promise<Case> =>
  ((await import(join(import.meta.dirname, name))) as { readonly CASE: Case }).CASE;

function planned(lesson: Case) {
  const profile = displayOf(lesson.lines);
  const rawOf = (code: string, shown: string): number => {
    const line = linesOf(profile).find((each) => each.code === code);
    const reading = line ? readShown(line.encoding, shown) : null;
    if (!reading?.ok) throw new Error(`${code} cannot show ${shown}`);
    return reading.raw;
  };
  const rule = lesson.leavesAs === null ? null : classById(lesson.leavesAs);
  if (lesson.leavesAs !== null && !rule) throw new Error(`no class ${lesson.leavesAs}`);
  const asFound = lesson.lines.map(({ code }) => {
    const shown = lesson.found[code];
    return shown === undefined ? null : rawOf(code, shown);
  });
  const overrides = Object.fromEntries(
    Object.entries(lesson.byHand ?? {}).map(([code, shown]) => [code, rawOf(code, shown)]),
  );
  const unlocked = Object.fromEntries((lesson.unlocked ?? []).map((code) => [code, "it is another motor"]));
  return makeSheet({
    profile,
    bike: readIntake(lesson.bike).bike,
    choice: rule && { rule, acceptedKmh: null },
    asFound,
    inForce: asFound,
    byHand: { overrides, unlocked },
  });
}

describe.each(names)("%s", (name) => {
  it("is a display that holds together, and teaches what it says", async () => {
    const lesson = await read(name);
    expect(checkProfile(displayOf(lesson.lines)).filter(({ key }) => key.startsWith("profile.line"))).toEqual([]);
    const sheet = planned(lesson);
    const row = (code: string) => sheet.rows.find((each) => each.code === code);
    const targets = Object.fromEntries(
      Object.keys(lesson.plan).map((code) => {
        const found = row(code);
        const raw = found && sheet.target.raws[found.index];
        return [code, found && raw !== null && raw !== undefined ? shows(found.line.encoding, raw) : "unread"];
      }),
    );
    expect(targets, lesson.lesson).toEqual(lesson.plan);
    const because = lesson.because ?? {};
    expect(
      Object.fromEntries(Object.keys(because).map((code) => [code, row(code)?.reason.key])),
      lesson.lesson,
    ).toEqual(because);
    const said = (findings: typeof sheet.inForce.findings) =>
      Object.fromEntries(findings.map(({ message, severity }) => [message.key, severity]));
    expect(said(sheet.inForce.findings), lesson.lesson).toMatchObject(lesson.says ?? {});
    expect(said(sheet.target.findings), lesson.lesson).toMatchObject(lesson.left ?? {});
    if (lesson.mistake)
      expect(
        sheet.inForce.findings.map(({ message }) => message),
        lesson.lesson,
      ).toContainEqual(expect.objectContaining({ key: "hazard.speedometer-mistake", cause: lesson.mistake }));
    if (lesson.reading)
      expect(
        sheet.inForce.findings.map(({ message }) => message),
        lesson.lesson,
      ).toContainEqual(expect.objectContaining({ key: "hazard.reading-misfit", cause: lesson.reading }));
    for (const key of lesson.saysNot ?? [])
      expect(said(sheet.inForce.findings), lesson.lesson).not.toHaveProperty([key]);
    for (const key of lesson.gone ?? []) expect(said(sheet.target.findings), lesson.lesson).not.toHaveProperty([key]);
  });
});

describe("the corpus", () => {
  it("has a case for every lesson of the trade we know of", () => {
    expect(names.length).toBeGreaterThanOrEqual(30);
  });
});
