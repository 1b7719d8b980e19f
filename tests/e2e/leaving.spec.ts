// Somebody tries to send a bike out: with a breach standing, a cap nobody has settled, a failed check, an unread line.
import type { Page } from "@playwright/test";
import { withCheck, workOut, type Job } from "../../src/core/record";
import { demo, programmed, readBack } from "../../src/screens/testing/jobs";
import { handsOf } from "./hands";
import { jobOf, main, openRack, putJobs } from "./support";
import { expect, test } from "./workshop";

/** Every check answered as it should come out. */
const proven = (job: Job): Job =>
  workOut(job).checks.reduce((now, { check: { id, expect: due, unit } }) => {
    if (due.kind === "yes") return withCheck(now, id, { answer: "yes" });
    if (due.kind !== "between" && due.kind !== "at-most") return now;
    const kmh = due.kind === "between" ? (due.lowKmh + due.highKmh) / 2 : due.atMostKmh - 1;
    return withCheck(now, id, {
      measured: `${(unit === "mph" ? kmh / 1.609344 : kmh).toFixed(1)} ${unit === "mph" ? "mph" : "km/h"}`,
    });
  }, job);

const ready = (edit: Partial<Job> = {}): Job => proven(readBack(programmed({ ...demo(207), ...edit })));

async function look(page: Page, job: Job): Promise<void> {
  await openRack(page);
  await putJobs(page, [{ ...job, id: "leaving", number: 990 }]);
  await page.goto("/job/leaving/hand-over");
  await expect(main(page)).toContainText("Every seal holds.");
}
const give = (page: Page) => page.getByRole("button", { name: "Hand it over" });

/** What the owner's card says, on the papers' own page; back at the hand-over afterwards. */
async function ownersCard(page: Page): Promise<string> {
  await page.getByRole("link", { name: /^Papers/ }).click();
  const card = page.getByRole("article", { name: "Owner’s card" });
  await expect(card).toBeVisible();
  const text = await card.innerText();
  await page.getByRole("link", { name: /^Hand over/ }).click();
  await expect(page.getByRole("button", { name: /Hand it over|Open again/ })).toBeVisible();
  return text;
}

test("with all proven it is ready, and its class stands on the owner's card", async ({ page }) => {
  await look(page, ready());
  await expect(main(page)).toContainText("Proven. Ready to leave.");
  expect(await ownersCard(page)).toContain("Label: EU EPAC");
  await expect(give(page)).toBeEnabled();
});

test("a standing breach keeps it: no ready, no class; only a decision in writing lets it go", async ({ page }) => {
  // The cap at no cap, set by hand.
  await look(page, ready({ overrides: { "53": 50 } }));
  await expect(main(page)).not.toContainText("Ready to leave");
  await expect(main(page)).toContainText("Not ready: this stands against it");
  expect(await ownersCard(page)).not.toContain("EU EPAC");
  await expect(give(page)).toBeDisabled();
  await page.goto("/");
  await expect(page.getByRole("main")).toContainText(/Not ready: /);

  await page.goto("/job/leaving/hand-over");
  await page.getByLabel("It leaves all the same, because").click();
  await handsOf(page, 20).type("ok");
  await expect(give(page)).toBeDisabled();
  await handsOf(page, 20).type(", for the owner's own yard, agreed");
  await expect(main(page)).toContainText("It leaves with this standing against it");
  await give(page).click();
  await expect(main(page)).toContainText("Handed over");
  await page.getByRole("link", { name: /^Papers/ }).click();
  await expect(page.getByRole("article", { name: "Workshop sheet" })).toContainText("for the owner's own yard, agreed");
  await page.getByRole("link", { name: /^Hand over/ }).click();
  expect(await ownersCard(page)).not.toContain("EU EPAC");
  expect((await jobOf(page, "leaving")).events.at(-1)).toMatchObject({
    kind: "handed-over",
    detail: "ok, for the owner's own yard, agreed",
  });
});

test("a cap nobody has settled keeps it until a ride has", async ({ page }) => {
  const { profile } = demo(207);
  if (!profile) throw new Error("no display");
  const unsettled = {
    ...profile,
    lines: profile.lines.map((line) =>
      line.encoding.kind === "speed-cap"
        ? { ...line, encoding: { ...line.encoding, basis: "unknown" as const } }
        : line,
    ),
  };
  const all = ready({ profile: unsettled });
  const others = Object.fromEntries(Object.entries(all.checks).filter(([id]) => id !== "top-speed-run"));
  await look(page, { ...all, checks: others });
  await expect(main(page)).toContainText("Measure the top assisted speed");
  expect(await ownersCard(page)).not.toContain("EU EPAC");
  await expect(give(page)).toBeDisabled();
  await putJobs(page, [{ ...all, id: "leaving", number: 990 }]);
  await page.reload();
  await expect(main(page)).toContainText("Proven. Ready to leave.");
});

test("a failed check and an unread line keep it, and are named", async ({ page }) => {
  await look(page, withCheck(ready(), "brake-cut-off", { answer: "no" }));
  await expect(main(page)).toContainText("Not ready to leave");
  await expect(give(page)).toBeDisabled();
  const read = ready();
  await putJobs(page, [{ ...read, id: "leaving", number: 990, readBack: { ...read.readBack, "51": "" } }]);
  await page.reload();
  await expect(main(page)).toContainText("Not ready to leave");
  expect(await ownersCard(page)).toContain("Not proven yet.");
  await expect(give(page)).toBeDisabled();
});
