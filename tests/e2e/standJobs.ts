/** Bikes set up for a display under test: written down as the display came, and at the keys. For setting up. */
import type { Page } from "@playwright/test";
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
import { expect } from "./workshop";

/** A common bike with that display, every line that has values written down. */
export function atTheKeys(profile: DisplayProfile, id: string, number: number, rolloutMm: string): Job {
  const fresh = newJob(id, number, "2026-11-24T08:00:00.000Z");
  const raws = standInRaws(profile);
  const shown = profile.lines.flatMap((line, i) =>
    rawValues(line.encoding).length > 0 ? [[line.code, shows(line.encoding, raws[i] ?? 0)] as const] : [],
  );
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
      rolloutMm,
    },
    classChoice: { ...fresh.classChoice, rule: CLASSES.find(({ id: each }) => each === "eu-epac") ?? null },
    profile,
    asFound: { shown: Object.fromEntries(shown), waivedReason: "" },
  };
}

/** Lines spread over the whole menu, each to be set one step on from the maker's value. */
export function changesFor(profile: DisplayProfile): ReadonlyMap<string, number> {
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

/** The same bike with those changes wanted. */
export function toBeProgrammed(profile: DisplayProfile, id: string, number: number): Job {
  const changes = changesFor(profile);
  return {
    ...atTheKeys(profile, id, number, "2180"),
    overrides: Object.fromEntries(
      linesOf(profile)
        .filter((line) => !line.makerOnly && rawValues(line.encoding).length > 0)
        .map((line) => [line.code, changes.get(line.code) ?? standInRaws(profile)[lineIndex(profile, line.code)] ?? 0]),
    ),
  };
}

/** Puts a job on the rack, from its file. */
export async function putOnRack(page: Page, job: Job): Promise<void> {
  await page
    .getByLabel("Job file to import")
    .setInputFiles({ name: "job.json", mimeType: "application/json", buffer: Buffer.from(writeJobFile(job)) });
  await page.getByRole("button", { name: "Put it on the rack" }).click();
  await expect(page).toHaveURL(new RegExp(job.id));
}
