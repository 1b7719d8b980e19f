// Every shipped display programmed by pressing its simulated keys, from the key card alone.
import { SHIPPED_DISPLAYS } from "../../src/catalog/displays";
import { isShown, lineIndex, linesOf, rawValues, standInRaws, type DisplayProfile } from "../../src/core/display";
import type { Job } from "../../src/core/record";
import { atTheKeys, putOnRack } from "./standJobs";
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
  const changes = changesFor(profile);
  return {
    ...atTheKeys(profile, `every-${profile.id}`, number, "2180"),
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
    await putOnRack(page, job);
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
