import { describe, expect, it } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import { demoJobs } from "@/catalog/demo/workshop";
import { againstEveryClass } from "./everyClass";
import { workOut } from "./workings";

const fat = demoJobs().find((job) => job.number === 207);
if (!fat) throw new Error("no demo bike 207");

describe("one bike against every class", () => {
  const fits = againstEveryClass(fat, CLASSES);
  it("holds it against each once, the nearest first", () => {
    expect(fits.map(({ rule }) => rule.id).sort()).toEqual(CLASSES.map(({ id }) => id).sort());
    const standing = fits.filter(({ rule }) => rule.publicRoad).map(({ planned }) => planned.length);
    expect(fits.at(-1)?.rule.publicRoad).toBe(false);
    expect(standing).toEqual([...standing].sort((a, b) => a - b));
  });
  it.each(CLASSES)("says of $name what the sheet says once it is chosen", (rule) => {
    const fit = fits.find((each) => each.rule.id === rule.id);
    const chosen = workOut({ ...fat, classChoice: { ...fat.classChoice, rule } });
    expect(fit?.now).toEqual(chosen.against);
    expect(fit?.changes).toBe(chosen.counts?.odd);
  });
  it("knows that the fat tyre set as 26 is past 25 km/h as it is, and within it after the plan", () => {
    const eu = fits.find(({ rule }) => rule.id === "eu-epac");
    expect(eu?.now.map(({ message }) => message.key)).toContain("cap.over");
    expect(eu?.planned).toEqual([]);
  });
  it("changes nothing", () => expect(workOut(fat).choice?.rule.id).toBe(fat.classChoice.rule?.id));
});
