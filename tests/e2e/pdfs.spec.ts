// The papers as the browser prints them: twelve jobs, every stage, every language, three sizes. No blank page, nothing
// cut, one page where one is promised, no letter under 9 pt, and a code that a scanner reads.
import jsQR from "jsqr";
import { PNG } from "pngjs";
import { getDocument, type PDFDocumentProxy } from "pdfjs-dist/legacy/build/pdf.mjs";
import type { Page } from "@playwright/test";
import { SHIPPED_DISPLAYS } from "../../src/catalog/displays";
import { linesOf, shows, standInRaws, type DisplayProfile } from "../../src/core/display";
import type { Job } from "../../src/core/record";
import { copyGoesAlong } from "../../src/words/cautions";
import { readTravelSheet } from "../../src/core/record/travelSheet";
import { demo, programmed, readBack } from "../../src/screens/testing/jobs";
import { openRack, putJobs } from "./support";
import { expect, test } from "./workshop";

const AT = "2026-11-25T10:00:00.000Z";
const LONG = "Wintergartenbesichtigungsanhänger Nr";
const MM_PT = 72 / 25.4;
/** The number of a page stands below this, mm from the edge. */
const FOOT_MM = 8;
/** Least size of a letter, and how much a browser may round it. */
const LEAST_PT = 9;
const ROUNDED_PT = 0.06;

type StageOf = "planned" | "set" | "partly" | "read";

/** A bike behind a display, found as its maker has it, taken on to a stage. */
function bikeBehind(profile: DisplayProfile, number: number, stage: StageOf, nickname: string): Job {
  const like = demo(207);
  const found = standInRaws(profile);
  const job: Job = {
    ...like,
    id: `paper-bike-${number}`,
    number,
    updatedAt: AT,
    profile,
    overrides: {},
    unlocked: {},
    intake: { ...like.intake, nickname, packV: String(profile.acceptsNominalV[0] ?? 36) },
    handOverNote: stage === "read" ? "Bring it in after 100 km.\nThe left lever was replaced." : "",
    asFound: {
      waivedReason: "",
      shown: Object.fromEntries(linesOf(profile).map((line, i) => [line.code, shows(line.encoding, found[i] ?? 0)])),
    },
  };
  if (stage === "planned") return job;
  const set = programmed(job);
  if (stage === "set") return set;
  const read = readBack(set);
  const [first] = Object.keys(read.readBack);
  return stage === "read" ? read : { ...read, readBack: { ...read.readBack, [first ?? ""]: "" } };
}

const displayOf = (name: string): DisplayProfile => {
  const found = SHIPPED_DISPLAYS.find((each) => each.name === name);
  if (!found) throw new Error(`no display ${name}`);
  return found;
};

interface Case {
  readonly display: string;
  readonly stage: StageOf;
  readonly language: string;
  readonly size: "a4" | "letter" | "roll";
  readonly nickname?: string;
}

/** Short and long menus, miles, every stage, the longest words, every language, every size. */
const CASES: readonly Case[] = [
  { display: "Tarn", stage: "planned", language: "en", size: "a4" },
  { display: "Tarn", stage: "set", language: "de", size: "letter" },
  { display: "Tarn", stage: "read", language: "fr", size: "roll" },
  { display: "Skerry", stage: "partly", language: "es", size: "a4", nickname: `${LONG} 4` },
  { display: "Bracken", stage: "read", language: "nl", size: "letter" },
  { display: "Ostler", stage: "read", language: "it", size: "a4" },
  { display: "Pinfold", stage: "set", language: "en", size: "roll" },
  { display: "Windrow", stage: "read", language: "de", size: "a4", nickname: `${LONG} 8` },
  { display: "Windrow", stage: "planned", language: "fr", size: "letter" },
  { display: "Quillon", stage: "read", language: "es", size: "a4" },
  { display: "Lathe", stage: "read", language: "en", size: "a4" },
  { display: "Marram", stage: "partly", language: "nl", size: "roll" },
];

const SHEET_MM = { a4: [210, 297], letter: [215.9, 279.4], roll: [80, 240] } as const;
/** Lines up to which sheet and card each fit one page. */
const ONE_PAGE_LINES = 30;

interface Printed {
  readonly text: string;
  /** The same without what stands in the foot of the page. */
  readonly body: string;
  readonly smallestPt: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Letters that stand past the edge of the page. */
  readonly past: readonly string[];
}

/** What stands on each page: its size, its text, its smallest letter, and what is cut off at an edge. */
async function pagesOf(pdf: PDFDocumentProxy): Promise<readonly Printed[]> {
  const pages: Printed[] = [];
  for (let number = 1; number <= pdf.numPages; number++) {
    const page = await pdf.getPage(number);
    const [, , width = 0, height = 0] = page.view;
    const { items } = await page.getTextContent();
    const letters = items.flatMap((item) => ("str" in item && item.str.trim() !== "" ? [item] : []));
    const inside = (x: number, y: number, wide: number) =>
      x >= -1 && x + wide <= width + 1 && y >= -1 && y <= height + 1;
    pages.push({
      text: letters.map(({ str }) => str).join(" "),
      body: letters.flatMap(({ str, transform }) => (Number(transform[5]) > FOOT_MM * MM_PT ? [str] : [])).join(" "),
      smallestPt: Math.min(...letters.map(({ transform }) => Math.hypot(Number(transform[2]), Number(transform[3])))),
      widthMm: width / MM_PT,
      heightMm: height / MM_PT,
      past: letters
        .filter(({ transform, width: wide }) => !inside(Number(transform[4]), Number(transform[5]), wide))
        .map(({ str }) => str),
    });
  }
  return pages;
}

async function printed(page: Page): Promise<readonly Printed[]> {
  const data = new Uint8Array(await page.pdf({ preferCSSPageSize: true }));
  const pdf = await getDocument({ data, verbosity: 0 }).promise;
  const pages = await pagesOf(pdf);
  await pdf.destroy();
  return pages;
}

/** The papers with these choices, once all of them stand there. */
async function openPapers(page: Page, id: string, { language, size, stage }: Case): Promise<void> {
  await page.evaluate(
    ([chosen, paper]) => {
      sessionStorage.setItem("odd-spoke.owners-language", chosen ?? "en");
      sessionStorage.setItem("odd-spoke.paper-size", paper ?? "a4");
      sessionStorage.setItem("odd-spoke.papers-left-out", "");
    },
    [language, size],
  );
  await page.goto(`/job/${id}/papers`);
  await expect(page.getByRole("article")).toHaveCount(stage === "planned" ? 4 : 5, { timeout: 60_000 });
  await expect(page.locator(`article[lang="${language}"]`).first()).toBeVisible();
  await expect(page.getByRole("article", { name: "Workshop sheet" })).toContainText(copyGoesAlong);
}

test("twelve bikes’ papers print whole, page by page", async ({ page }) => {
  test.setTimeout(600_000);
  await openRack(page);
  const jobs = CASES.map(({ display, stage, nickname }, i) =>
    bikeBehind(displayOf(display), 800 + i, stage, nickname ?? `Paper bike ${i + 1}`),
  );
  await putJobs(page, jobs);
  for (const [i, each] of CASES.entries()) {
    await openPapers(page, `paper-bike-${800 + i}`, each);
    const name = `${each.display}, ${each.stage}, ${each.language}, ${each.size}`;
    const pages = await printed(page);
    const [width, height] = SHEET_MM[each.size];
    for (const [at, { text, body, smallestPt, widthMm, heightMm, past }] of pages.entries()) {
      const where = `${name}, page ${at + 1}`;
      expect(body.trim(), `${where} is blank`).not.toBe("");
      expect(past, `${where} is cut`).toEqual([]);
      expect(smallestPt, `${where}: smallest letter`).toBeGreaterThanOrEqual(LEAST_PT - ROUNDED_PT);
      expect(widthMm, where).toBeCloseTo(width, 0);
      expect(heightMm, where).toBeCloseTo(height, 0);
      expect(text, where).toContain(`${at + 1} / ${pages.length}`);
    }
    // What is clipped off is not in the file at all.
    const solid = (text: string): string => text.replace(/\s+/g, "");
    const all = solid(pages.map(({ body }) => body).join(" "));
    const cells = await page.locator("article td, article dd, article li, article p").allInnerTexts();
    const lost = cells.flatMap((cell) => cell.split("\n")).filter((cell) => !all.includes(solid(cell)));
    expect(lost, `${name}: not on paper`).toEqual([]);
    const papers = await page.getByRole("article").count();
    if (each.size !== "roll" && linesOf(displayOf(each.display)).length <= ONE_PAGE_LINES)
      expect(pages.length, `${name}: a page each`).toBe(papers);
  }
});

test("the code on a sheet is read by a scanner, and holds what was read back", async ({ page }) => {
  test.setTimeout(120_000);
  await openRack(page);
  const job = bikeBehind(displayOf("Windrow"), 880, "read", `${LONG} 9`);
  await putJobs(page, [job]);
  await openPapers(page, job.id, { display: "Windrow", stage: "read", language: "en", size: "a4" });
  await page.emulateMedia({ media: "print" });
  const code = page.getByRole("article", { name: "Workshop sheet" }).locator("figure svg");
  // A printer draws lines at its own resolution: here about 600 dots an inch, with the figure as large as its code.
  await code.evaluate((svg) => {
    for (const each of [svg, svg.parentElement]) each?.setAttribute("style", "width: 800px; height: 800px");
  });
  const shot = PNG.sync.read(await code.screenshot());
  const read = jsQR(new Uint8ClampedArray(shot.data), shot.width, shot.height);
  const told = readTravelSheet(read?.data ?? "");
  expect(told.ok).toBe(true);
  if (told.ok) expect(Object.fromEntries(told.sheet.lines)).toMatchObject({ "Help ends": job.readBack["Help ends"] });
});
