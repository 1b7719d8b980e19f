// What nobody is sure of: a guessed line is left, and is no speed, until somebody confirms it; and a class is found by
// holding the bike against all of them.
import type { Claim } from "../../src/core/display";
import type { Job } from "../../src/core/record";
import { withCapBasis } from "../../src/core/display";
import { demo, programmed, readBack } from "../../src/screens/testing/jobs";
import { handsOf } from "./hands";
import { jobOf, main, openRack, putJobs } from "./support";
import { expect, test } from "./workshop";

/** The fat-tyred bike, its cap line known by hearsay alone. */
function guessed(): Job {
  const { profile, ...job } = demo(207);
  if (!profile) throw new Error("no display");
  const says: Claim = {
    from: "video",
    on: null,
    confidence: 0.5,
    says: "that one is speed",
    setting: "assistCapKmh",
    chosen: false,
  };
  const lines = profile.lines.map((line) => (line.code === "53" ? { ...line, claims: [says] } : line));
  return { ...job, id: "unsure", number: 991, profile: { ...profile, lines } };
}

test("a guessed line stays, is no speed, and is planned once it is confirmed; undone, it is a guess again", async ({
  page,
}) => {
  await openRack(page);
  await putJobs(page, [guessed()]);
  await page.goto("/job/unsure/plan");
  const row = page.getByRole("row").filter({ has: page.getByRole("button", { name: /^Line 53,/ }) });
  await expect(row).toContainText("Speed cap?");
  await expect(row).not.toContainText("km/h");
  await expect(main(page)).toContainText("1 line nobody is sure of");
  await row.click();
  const because = page.getByRole("region", { name: "Because: line 53" });
  await expect(because).toContainText("a guess nobody has confirmed");
  await expect(because).toContainText("“that one is speed”: speed cap, 50 % sure.");
  await because.getByRole("button", { name: "It sets the speed cap" }).dblclick();
  await expect(row).toContainText("25 km/h");
  await expect(because).not.toContainText("a guess");
  await page.reload();
  await expect(page.getByRole("row").filter({ has: page.getByRole("button", { name: /^Line 53,/ }) })).toContainText(
    "25 km/h",
  );
  const { profile } = await jobOf(page, "unsure");
  expect(profile?.lines.find(({ code }) => code === "53")?.claims.map(({ from }) => from)).toEqual([
    "video",
    "own-trial",
  ]);
});

test("held against every class, the nearest stands first, and one key chooses it", async ({ page }) => {
  await openRack(page);
  await putJobs(page, [{ ...demo(207), id: "every", number: 992 }]);
  await page.goto("/job/every/intake");
  await page.getByRole("button", { name: "Hold it against every class" }).press("Enter");
  const table = page.getByRole("table", { name: "The bike against every class" });
  const ontario = table.getByRole("row", { name: /Ontario/ });
  await expect(table.getByRole("row", { name: /^EU EPAC/ })).toContainText("Assist really stops at 27.8 km/h");
  await expect(ontario).toContainText("Nothing found against it.");
  await ontario.getByRole("button").press("Enter");
  await expect(ontario).toContainText("chosen");
  await expect(main(page)).toContainText("Ontario");
  expect((await jobOf(page, "every")).classChoice.rule?.id).toBe("ca-ontario");
});

test("what the plan leaves names the line that mends it, and one tap sets it; undone, it stands again", async ({
  page,
}) => {
  await openRack(page);
  await putJobs(page, [{ ...demo(207), id: "mend", number: 994, overrides: { "53": 40, "62": 2 } }]);
  const slow = await page.context().newCDPSession(page);
  await slow.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await page.goto("/job/mend/plan");
  const findings = page.getByRole("region", { name: "Findings" });
  await expect(findings).toContainText("Line 53 at 25 mends it.");
  await findings.getByRole("button", { name: "Set line 53 to 25" }).dblclick();
  await expect(findings).not.toContainText("Line 53 at 25 mends it.");
  await expect.poll(async () => (await jobOf(page, "mend")).overrides).toEqual({ "62": 2 });
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(findings).toContainText("Line 53 at 25 mends it.");
  expect((await jobOf(page, "mend")).overrides).toEqual({ "53": 40, "62": 2 });
  await page.reload();
  await page
    .getByRole("region", { name: "Findings" })
    .getByRole("button", { name: "Set line 53 to 25" })
    .press("Enter");
  await expect.poll(async () => (await jobOf(page, "mend")).overrides).toEqual({ "62": 2 });
});

test("one ride typed under Prove settles what a cap is compared with, and the plan follows", async ({ page }) => {
  const { profile, ...job } = demo(207);
  if (!profile) throw new Error("no display");
  const lines = profile.lines.map((line) =>
    line.code === "53" ? { ...line, encoding: withCapBasis(line.encoding, "unknown") } : line,
  );
  // The wheel line stays as found by hand, so that the display reads a tenth low.
  const ready = readBack(programmed({ ...job, profile: { ...profile, lines }, overrides: { "51": 6, "53": 25 } }));
  await openRack(page);
  await putJobs(page, [{ ...ready, id: "ride", number: 995 }]);
  const slow = await page.context().newCDPSession(page);
  await slow.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await page.goto("/job/ride/prove");
  const field = page.getByRole("textbox", { name: "Top assisted speed, measured" });
  await handsOf(page).write(field, "27.6");
  await expect(main(page)).toContainText("line 53 ends it at 27.8 km/h: that is what it is compared with.");
  await page.getByRole("button", { name: "Keep that with this bike’s display" }).dblclick();
  const basis = async () =>
    (await jobOf(page, "ride")).profile?.lines.find(({ code }) => code === "53")?.encoding as { basis?: string };
  await expect.poll(async () => (await basis()).basis).toBe("shown");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(async () => (await basis()).basis).toBe("unknown");
  await page.reload();
  await expect(field).toHaveValue("27.6");
  await page.getByRole("button", { name: "Keep that with this bike’s display" }).press("Enter");
  await expect.poll(async () => (await basis()).basis).toBe("shown");
});
