/** npm run screenshots: one picture per main view, from the demo data, into docs/screenshots/. */
import { expect, test, type Page } from "@playwright/test";

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly theme?: "dark";
  readonly width?: number;
  readonly height?: number;
  readonly before?: (page: Page) => Promise<void>;
}

const startKeys = async (page: Page) => {
  await page.getByRole("button", { name: "Start the keys on the bike" }).click();
  for (let i = 0; i < 2; i++) {
    await page.keyboard.press(" ");
    await page.waitForTimeout(300);
  }
  await expect(page.getByRole("region", { name: "Key card" })).toContainText("Wheel");
};

const LEAFLET = `No | Function | Range | Default
k01 | Speed unit | 0 km/h, 1 mph | 0
k02 | Screen brightness | 1 - 5 | 3
k03 | Battery voltage | 36V/48V/52V | 48
k04 | Low voltage protection | 28.0 - 46.0 V | 40.0
k05 | Wheel size | 20, 24, 26, 27.5, 28, 29 | 26
k06 | Speed limit | 10 - 45 km/h | 25
k07 | PAS disc magnet number | 6 - 24 | 12
k08 | Coefficient 3 | 0 - 9 | 4`;

const describeOne = async (page: Page) => {
  await page.getByRole("button", { name: "Describe a display" }).click();
  await page.getByLabel("What you call it").fill("Grey pod from the barn");
  await page.getByLabel("The leaflet’s text").fill(LEAFLET);
  await page.getByRole("button", { name: "Take these lines" }).click();
  await page.getByRole("radio", { name: "Leaflet" }).click();
};

const openBench = async (page: Page, bench: string) => {
  await page.getByRole("navigation", { name: "Benches" }).getByRole("button", { name: bench }).click();
  await page.waitForTimeout(1200);
};

const lookForOne = async (page: Page) => {
  await page.getByRole("checkbox", { name: "Dies at half a gauge" }).check();
  await page.getByRole("button", { name: "Find the cause" }).click();
  await page.getByRole("button", { name: "As it should be" }).click();
  await expect(page.getByRole("heading", { name: "Done so far" })).toBeVisible();
};

const rideOne = async (page: Page) => {
  await page.getByText("as it stands").click();
  await page.getByText("on the road").click();
  await page.getByText("turning").click();
  for (let i = 0; i < 5; i++) await page.keyboard.press("u", { delay: 120 });
  await expect(page.getByText(/^2[67]\.\d km\/h$/)).toBeVisible({ timeout: 60_000 });
};

const wishTwo = async (page: Page) => {
  await page.getByRole("button", { name: "Rider" }).click();
  await page.getByText("Kicks too hard").click();
  await page.getByText("Hills", { exact: true }).click();
  await expect(page.getByRole("heading", { name: "As it will feel" })).toBeVisible();
};

const beginOne = async (page: Page) => {
  await page.getByRole("link", { name: "More bikes like this one" }).click();
  await page.getByLabel("What the batch is called").click();
  await page.keyboard.type("Ferry fleet, spring", { delay: 30 });
  await page.getByLabel("New bikes, one name a line").click();
  await page.keyboard.type("Ferry 3-6", { delay: 30 });
  await page.getByRole("button", { name: "Begin the batch" }).click();
  await page.getByRole("heading", { name: "Ferry fleet, spring" }).waitFor();
  const address = page.url();
  const open = async (name: string) => {
    await page.goto(address);
    await page.getByRole("row", { name }).getByRole("link").first().click();
    await page.getByRole("button", { name: /^The other 17/ }).waitFor();
  };
  await open("Ferry 5");
  await page.getByRole("link", { name: /^Intake/ }).click();
  await page.getByLabel("Tyre, as on the sidewall").click();
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("100-559", { delay: 30 });
  await page.waitForTimeout(400);
  for (const name of ["Ferry 3", "Ferry 4", "Ferry 5"]) {
    await open(name);
    await page.getByRole("button", { name: /^The other 17/ }).click();
    await expect(page.getByRole("main")).toContainText("18 of 18 written down");
  }
  await page.goto(address);
  await expect(page.locator("[data-exception]").first()).toBeVisible();
};

const SHOTS: readonly Shot[] = [
  { name: "rack", path: "/" },
  { name: "intake", path: "/job/demo-207/intake" },
  { name: "as-found", path: "/job/demo-208/as-found" },
  { name: "plan", path: "/job/demo-207/plan" },
  { name: "practice-dark", path: "/practice?job=demo-207", theme: "dark", before: rideOne },
  { name: "key-card-dark", path: "/job/demo-207/program", theme: "dark", before: startKeys },
  { name: "key-card-phone", path: "/job/demo-207/program", width: 390, height: 844, before: startKeys },
  { name: "prove", path: "/job/demo-205/prove" },
  { name: "plan-rider", path: "/job/demo-207/plan", before: wishTwo },
  { name: "papers", path: "/job/demo-203/papers" },
  {
    name: "displays",
    path: "/displays",
    before: async (page) => page.getByRole("button", { name: /^Windrow/ }).click(),
  },
  { name: "workbench", path: "/displays", before: describeOne },
  { name: "numbers-wheel", path: "/job/demo-207/numbers" },
  {
    name: "numbers-ride-dark",
    path: "/job/demo-207/numbers",
    theme: "dark",
    before: async (page) => openBench(page, "Ride"),
  },
  { name: "book", path: "/book" },
  { name: "bike", path: "/book/bike/demo-187" },
  { name: "faults", path: "/faults?job=demo-204", before: lookForOne },
  { name: "tables", path: "/tables", before: async (page) => page.getByRole("button", { name: "Unit rule" }).click() },
  { name: "batch", path: "/job/demo-201/hand-over", before: beginOne },
];

for (const shot of SHOTS) {
  test(shot.name, async ({ page }) => {
    await page.addInitScript((theme) => localStorage.setItem("odd-spoke.theme", theme), shot.theme ?? "light");
    await page.setViewportSize({ width: shot.width ?? 1280, height: shot.height ?? 800 });
    await page.goto("/");
    await expect(page.getByRole("link", { name: "Snowplough" }).first()).toBeVisible();
    if (shot.path !== "/") await page.goto(shot.path);
    await page.waitForLoadState("networkidle");
    await shot.before?.(page);
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(300);
    await page.screenshot({ path: `docs/screenshots/${shot.name}.png` });
  });
}
