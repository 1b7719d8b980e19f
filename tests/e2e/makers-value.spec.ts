// A display whose maker's values nobody has stated, by the real interface: none is offered, and none is written down.
import { CLASSES } from "../../src/catalog/classes/classes";
import { MARRAM } from "../../src/catalog/displays/marram";
import { newJob } from "../../src/core/record";
import { handsOf } from "./hands";
import { jobOf, main, openRack, pressNextStroke, putJobs } from "./support";
import { expect, test } from "./workshop";

const fresh = newJob("unstated", 930, "2026-11-24T08:00:00.000Z");
const JOB = {
  ...fresh,
  stage: "as-found",
  intake: {
    nickname: "Dune runner",
    motorKind: "geared-hub",
    motorRatedW: "250",
    packV: "36",
    pickUp: "spoke-magnet",
    throttleFitted: "no",
    controllerA: "15",
    tyre: "40-622",
    rolloutMm: "2180",
  },
  classChoice: { ...fresh.classChoice, rule: CLASSES.find(({ id }) => id === "eu-epac") ?? null },
  profile: MARRAM,
} as const;

test("Enter on an empty field writes nothing where nobody knows what the maker set", async ({ page, context }) => {
  await (await context.newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await openRack(page);
  await putJobs(page, [JOB]);
  await page.goto("/job/unstated/as-found");
  const hands = handsOf(page);
  const field = (code: string) => main(page).getByRole("textbox", { name: `What line ${code} shows` });
  // The first line has a stated value: Enter takes it. The clock has none: Enter only goes on.
  await field("Units").click();
  await hands.press("Enter");
  await expect(field("Clock")).toBeVisible();
  await expect(main(page)).toContainText("The maker’s value is not known");
  await field("Clock").click();
  await hands.press("Enter");
  await expect(field("Glow")).toBeVisible();
  await expect.poll(async () => (await jobOf(page, "unstated")).asFound.shown).toEqual({ Units: "metric" });
  // A wrong key is taken back, a reload keeps what was typed.
  await field("Glow").click();
  await hands.type("9");
  await hands.press("Backspace");
  await hands.type("4");
  await page.reload();
  await expect.poll(async () => (await jobOf(page, "unstated")).asFound.shown.Glow).toBe("4");
});

test("a state no menu shows is set by its procedure, and the card says which keys stay down", async ({ page }) => {
  await openRack(page);
  const shown = {
    Units: "metric",
    Clock: "08:00",
    Glow: "3",
    Roll: "2180",
    Spokes: "1",
    Hub: "80",
    Limit: "24",
    Draw: "15",
    Pack: "36",
    "Low cell": "31",
    Push: "none",
    Kick: "rolling",
    Feel: "0",
    Steps: "5",
    "Throttle state": "any level",
  };
  await putJobs(page, [{ ...JOB, asFound: { shown, waivedReason: "" }, overrides: { "Throttle state": 1 } }]);
  await page.goto("/job/unstated/program");
  await page.getByRole("button", { name: "Rehearse first" }).click();
  await expect(main(page)).toContainText("Press the keys of the simulated display.");
  // The procedure is a step of its own, and so is what it begins with: off, seen dark.
  await expect(main(page)).toContainText("Switch it off");
  await pressNextStroke(page, MARRAM);
  await expect(main(page)).toContainText("Hold as it says");
  await expect(main(page)).toContainText("then only Brake lever 6 s more");
});
