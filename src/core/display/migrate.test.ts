import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
import type { DisplayProfile } from "./profile";
import { readJobFile } from "../record/jobFile";
import { workOut } from "../record/workings";
import { migrateProfile } from "./migrate";
import { readProfile, readProfileFile } from "./readProfile";

/** Files written by the version of the product that had the format. */
const fixture = (name: string): string =>
  readFileSync(new URL(`../../../tests/fixtures/${name}`, import.meta.url), "utf8");

describe("format 1 of the display profile", () => {
  const old = fixture("display-profile-1.json");
  it("is brought up to the present format, meaning what it meant", () => {
    const reading = readProfileFile(old);
    if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
    const { menu, ...rest } = reading.profile;
    // The same display as it ships today, but for the name of its one page.
    // How it comes off the bar could not be said then.
    const { menu: menuToday, ...others } = TARN;
    const today = Object.fromEntries(Object.entries(others).filter(([key]) => key !== "comesOff"));
    const rename = (json: string) => json.replaceAll('"settings"', '"ring"');
    expect(JSON.parse(rename(JSON.stringify(rest)))).toEqual(JSON.parse(JSON.stringify(today)));
    expect(JSON.parse(rename(JSON.stringify(menu)))).toEqual(JSON.parse(JSON.stringify(menuToday)));
  });
  it("leaves what is no older profile untouched", () => {
    expect(migrateProfile(TARN)).toBe(TARN);
    expect(migrateProfile("x")).toBe("x");
    expect(readProfile({ ...(JSON.parse(old) as object), keys: [] }).ok).toBe(false);
  });
  it.each([
    ["nothing", ""],
    ["another format", '{"format":"x","version":2}'],
    ["a newer format", JSON.stringify({ ...TARN, version: 4 })],
    ["a list", "[]"],
    ["one cut short", old.slice(0, 900)],
  ])("%s is refused with a reason", (_, text) =>
    expect(readProfileFile(text)).toMatchObject({ ok: false, problems: [{ key: "profile.schema" }] }),
  );
});

/** What format 2 did not say: taken out of a profile, its one condition out of the list. */
function asFormat2(profile: DisplayProfile): unknown {
  const { levels, modes, pinDigits, menu, rules, lines, ...rest } = profile;
  expect([levels, modes, pinDigits]).toEqual([{ lowest: 0, names: [] }, [], 4]);
  const without = (value: object, key: string, was: unknown): Record<string, unknown> => {
    const { [key]: said, ...others } = value as Record<string, unknown>;
    if (said !== undefined) expect(said).toEqual(was);
    return others;
  };
  const one = (conditions: readonly object[] | null) => conditions && (conditions.length === 1 ? conditions[0] : null);
  return {
    ...rest,
    version: 2,
    rules: rules.map((rule) => ({
      ...rule,
      does: without(without(without(rule.does, "then", "stays"), "asks", "nothing"), "around", false),
    })),
    menu: { ...menu, pages: menu.pages.map((page) => without(page, "changing", null)) },
    lines: lines.map(({ shownWhen, mattersWhen, ...line }) => ({
      ...line,
      encoding: without(without(line.encoding, "defaultRaw", 0), "lowersPower", false),
      shownWhen: one(shownWhen),
      mattersWhen: one(mattersWhen),
      claims: line.claims.map((claim) => without(claim, "on", null)),
    })),
  };
}

describe("format 2 of the display profile", () => {
  const old = JSON.parse(fixture("display-profiles-2.json")) as readonly { readonly name: string }[];
  it("has a file of every display that shipped then", () => expect(old).toHaveLength(8));
  it.each(old.map((profile) => [profile.name, profile] as const))("%s means what it meant", (_, profile) => {
    const reading = readProfileFile(JSON.stringify(profile));
    if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
    expect(asFormat2(reading.profile)).toEqual(profile);
  });
  it("says everything of a line that format 3 wants said, and takes no harm from a file brought up already", () => {
    const reading = readProfile(old[0]);
    if (!reading.ok) throw new Error("not read");
    expect(migrateProfile(reading.profile)).toBe(reading.profile);
  });
});

describe("format 1 of a job", () => {
  it("is brought up in the middle of its programming, seals and all", () => {
    const reading = readJobFile(fixture("job-1.json"));
    if (!reading.ok) throw new Error(JSON.stringify(reading.problem));
    expect(reading.job.program?.state.screen).toMatchObject({ kind: "menu", page: 0, draft: null });
    expect(workOut(reading.job).stages.find(({ stage }) => stage === "program")?.done).toBe(false);
  });
});
