// Every shipped display programmed by pressing its simulated keys, from the key card alone.
import { SHIPPED_DISPLAYS } from "../../src/catalog/displays";
import { linesOf } from "../../src/core/display";
import { changesFor, putOnRack, toBeProgrammed } from "./standJobs";
import { jobOf, openRack, rehearse } from "./support";
import { clocked as test, expect } from "./workshop";

for (const [i, profile] of SHIPPED_DISPLAYS.entries())
  test(`${profile.name} is programmed by its own keys, read off the card`, async ({ page }) => {
    test.setTimeout(240_000);
    await openRack(page);
    const job = toBeProgrammed(profile, `every-${profile.id}`, 900 + i);
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
