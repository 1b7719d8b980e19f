// Every shipped display programmed by pressing its simulated keys, from the key card alone.
import { SHIPPED_DISPLAYS } from "../../src/catalog/displays";
import { CLASSES } from "../../src/catalog/classes/classes";
import {
  isShown,
  lineIndex,
  linesOf,
  rawValues,
  shows,
  standInRaws,
  type DisplayProfile,
} from "../../src/core/display";
import { newJob, writeJobFile, type Job } from "../../src/core/record";
import { jobOf, openRack, rehearse } from "./support";
import { clocked as test, expect } from "./workshop";

/** Lines spread over the whole menu, each to be set one step on from the maker's value. */
function changesFor(profile: DisplayProfile): ReadonlyMap<string, number> {
  const raws = standInRaws(profile);
  const settable = linesOf(profile).filter(
    (line, i) =>
      !line.makerOnly &&
      rawValues(line.encoding).length > 1 &&
      isShown(profile, i, raws) &&
      !linesOf(profile).some((other) => other.shownWhen?.some((when) => when.line === line.code)),
  );
  const spread = [0.1, 0.4, 0.7, 0.95]
    .map((share) => settable[Math.floor(share * settable.length)])
    .filter((line) => line !== undefined);
  return new Map(
    [...new Set(spread)].map((line) => {
      const values = rawValues(line.encoding);
      const at = values.indexOf(line.factoryRaw ?? 0);
      return [line.code, values[at + 2] ?? values[at - 1] ?? line.factoryRaw ?? 0] as const;
    }),
  );
}

function jobFor(profile: DisplayProfile, number: number): Job {
  const fresh = newJob(`every-${profile.id}`, number, "2026-11-24T08:00:00.000Z");
  const changes = changesFor(profile);
  return {
    ...fresh,
    stage: "program",
    intake: {
      nickname: `Stand ${profile.name}`,
      frame: "700C tourer",
      motorKind: "geared-hub",
      motorRatedW: "250",
      packV: "36",
      throttleFitted: "no",
      controllerA: "15",
      tyre: "40-622",
      rolloutMm: "2180",
    },
    classChoice: { ...fresh.classChoice, rule: CLASSES.find(({ id }) => id === "eu-epac") ?? null },
    profile,
    asFound: {
      shown: Object.fromEntries(
        linesOf(profile)
          .map((line, i) => [line, standInRaws(profile)[i] ?? 0] as const)
          .filter(([line]) => rawValues(line.encoding).length > 0)
          .map(([line, raw]) => [line.code, shows(line.encoding, raw)]),
      ),
      waivedReason: "",
    },
    overrides: Object.fromEntries(
      linesOf(profile)
        .filter((line) => !line.makerOnly && rawValues(line.encoding).length > 0)
        .map((line) => [line.code, changes.get(line.code) ?? standInRaws(profile)[lineIndex(profile, line.code)] ?? 0]),
    ),
  };
}

for (const [i, profile] of SHIPPED_DISPLAYS.entries())
  test(`${profile.name} is programmed by its own keys, read off the card`, async ({ page }) => {
    test.setTimeout(240_000);
    await openRack(page);
    const job = jobFor(profile, 900 + i);
    await page
      .getByLabel("Job file to import")
      .setInputFiles({ name: "job.json", mimeType: "application/json", buffer: Buffer.from(writeJobFile(job)) });
    await page.getByRole("button", { name: "Put it on the rack" }).click();
    await expect(page).toHaveURL(/every-/);
    await page.goto(`/job/${job.id}/program`);
    await page.getByRole("button", { name: "Rehearse first" }).click();
    await expect(page.getByText("Press the keys of the simulated display.")).toBeVisible();
    await rehearse(page, profile);
    await expect.poll(async () => (await jobOf(page, job.id)).rehearsal?.done).toBe(true);
    const kept = await jobOf(page, job.id);
    const changes = changesFor(profile);
    expect(changes.size).toBeGreaterThan(2);
    for (const [code, raw] of changes)
      expect(kept.rehearsal?.state.inForce[linesOf(profile).findIndex((line) => line.code === code)], code).toBe(raw);
    // By the keys of the simulated display the bike is as it was.
    expect(kept.program).toBeNull();
    expect(kept.events.map(({ kind }) => kind)).toContain("rehearsed");
  });
