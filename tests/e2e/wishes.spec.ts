// From "it kicks too hard" to the plan and the keys, and a ladder from its bench to the read-back: by hand, at human
// pace on a slowed CPU, with a wrong tap, a reload, a double click and a second window.
import { BRACKEN } from "../../src/catalog/displays/bracken";
import { linesOf, shows, standInRaws } from "../../src/core/display";
import { demo } from "../../src/screens/testing/jobs";
import { handsOf } from "./hands";
import { jobOf, main, openDemo, openRack, programOnBike, putJobs, sheetRow } from "./support";
import { expect, test } from "./workshop";

test("what the rider wants moves the plan, and is told with what it costs and how it will feel", async ({
  page,
  context,
}) => {
  test.setTimeout(180_000);
  await (await context.newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await openDemo(page, 207, "intake");
  const hands = handsOf(page);
  await hands.write(page.getByLabel("What the rider says"), "It kicks too hard when I push off");
  const offered = page.getByRole("group", { name: /^From “It kicks/ });
  await hands.doubleClick(offered.getByRole("button", { name: "Kicks too hard" }));
  await expect(page.getByRole("checkbox", { name: "Kicks too hard" })).toBeChecked();
  // A wrong tap, taken back.
  await page.getByText("Fleet", { exact: true }).click();
  await page.getByText("Fleet", { exact: true }).click();
  await page.getByText("Cargo", { exact: true }).click();
  await expect.poll(async () => (await jobOf(page, "demo-207")).intake.wishes).toBe("cargo kicks-hard");
  await page.getByRole("link", { name: /^Plan/ }).click();
  await page.getByRole("button", { name: "Rider", exact: true }).click();
  const both = page.getByRole("region", { name: "These pull both ways" });
  await expect(both).toContainText("Until you choose, neither moves it.");
  await expect(both.getByRole("radiogroup")).toHaveCount(1);
  await both.getByText("Kicks too hard: softer").click();
  const told = page.getByRole("region", { name: "What becomes of each wish" });
  await expect(told).toContainText("Start strength: 55 % → 40 %");
  await expect(told).toContainText("Kicks too hard goes first");
  await expect(told).toContainText("Start after: 3 pulses → 4 pulses");
  await expect(page.getByRole("region", { name: "As it will feel" })).toContainText(/Softer: in its first moment/);
  await page.reload();
  await expect(page.getByRole("button", { name: "Rider", exact: true })).toHaveAttribute("aria-pressed", "true");
  await expect(told).toContainText("Start strength: 55 % → 40 %");
  // Another window takes the wish away: the plan follows.
  const other = await context.newPage();
  await other.goto("/job/demo-207/intake");
  await other.getByRole("checkbox", { name: "Kicks too hard" }).click();
  await expect(told).not.toContainText("Kicks too hard");
  await other.getByRole("checkbox", { name: "Kicks too hard" }).click();
  await expect(told).toContainText("Kicks too hard");
  await other.close();
  await page.getByRole("button", { name: "Rider", exact: true }).click();
  await sheetRow(page, "34").click();
  await expect(page.getByRole("region", { name: "Because: line 34" })).toContainText(
    "Kicks too hard: start strength 55 % → 40 %.",
  );
});

test("a ladder of nine goes from its bench into a five-level display by one tap, to the read-back", async ({
  page,
}) => {
  test.setTimeout(240_000);
  await openRack(page);
  const found = standInRaws(BRACKEN);
  const like = demo(207);
  await putJobs(page, [
    {
      ...like,
      id: "ladder-bike",
      number: 930,
      updatedAt: "2026-11-25T10:00:00.000Z",
      profile: BRACKEN,
      intake: { ...like.intake, nickname: "Ladder bike", packV: "36" },
      overrides: {},
      unlocked: {},
      asFound: {
        waivedReason: "",
        shown: Object.fromEntries(linesOf(BRACKEN).map((line, i) => [line.code, shows(line.encoding, found[i] ?? 0)])),
      },
    },
  ]);
  await page.goto("/job/ladder-bike/numbers");
  await page.getByRole("button", { name: "Ladder", exact: true }).click();
  const hands = handsOf(page);
  await page.getByText("Equal steps", { exact: true }).click();
  await hands.write(page.getByLabel("Levels", { exact: true }), "9");
  const into = page.getByRole("region", { name: "Into the plan" }).first();
  await expect(into).toContainText("s8 Share at level 8: 92 → 90");
  await hands.doubleClick(into.getByRole("button", { name: /^Set \d+ lines in the plan/ }));
  await expect(into).toContainText("The plan holds this already.");
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect(into).toContainText("s8 Share at level 8: 92 → 90");
  await into.getByRole("button", { name: /^Set \d+ lines in the plan/ }).click();
  await expect(into).toContainText("The plan holds this already.");
  await into.getByRole("link", { name: "To the plan" }).click();
  await expect(sheetRow(page, "s9")).toContainText("99");
  await page
    .getByRole("link", { name: /^Program/ })
    .first()
    .click();
  await page.getByRole("button", { name: /^Start the keys on the bike|^Seal the sheet/ }).click();
  await programOnBike(page);
  await page.getByRole("link", { name: /^Prove it/ }).click();
  const fields = main(page).getByRole("textbox", { name: /^Line .* shows$/ });
  await fields.first().focus();
  for (let i = 0; i < (await fields.count()); i++) await page.keyboard.press("Enter");
  await expect(main(page)).toContainText("All as planned.");
  const { readBack } = await jobOf(page, "ladder-bike");
  expect([1, 2, 3, 4, 5, 6, 7, 8, 9].map((level) => readBack[`s${level}`])).toEqual([
    "20",
    "30",
    "40",
    "50",
    "60",
    "70",
    "80",
    "90",
    "99",
  ]);
});
