import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
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
    const { menu: menuToday, ...today } = TARN;
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
    ["a newer format", JSON.stringify({ ...TARN, version: 3 })],
    ["a list", "[]"],
    ["one cut short", old.slice(0, 900)],
  ])("%s is refused with a reason", (_, text) =>
    expect(readProfileFile(text)).toMatchObject({ ok: false, problems: [{ key: "profile.schema" }] }),
  );
});

describe("format 1 of a job", () => {
  it("is brought up in the middle of its programming, seals and all", () => {
    const reading = readJobFile(fixture("job-1.json"));
    if (!reading.ok) throw new Error(JSON.stringify(reading.problem));
    expect(reading.job.program?.state.screen).toMatchObject({ kind: "menu", page: 0, draft: null });
    expect(workOut(reading.job).stages.find(({ stage }) => stage === "program")?.done).toBe(false);
  });
});
