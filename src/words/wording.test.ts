// Every message the core can hand out has its sentence: no hole, no key shown raw, and never the word the product
// avoids.
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { CLASSES } from "@/catalog/classes/classes";
import { contextOf, decodeAll, factoryRaws, linesOf, rawValues, SETTING_KEYS, SETTINGS } from "@/core/display";
import { programOutlook, swapDisplay, swapOutlook, workOut } from "@/core/record";
import { findingText, type Voice } from "./findings";
import { reasonWords } from "./reasonWorking";
import { deedWords, gestureWords, ruleConditions } from "./deeds";
import { keyNames, stepRunWords } from "./keys";
import { missWords } from "./keyTrouble";
import { lineName, SETTING_NAMES } from "./settings";
import { settingValueWords, valueMeaning } from "./values";
import { fateReasonText } from "./profiles";
import { duration, offBy, plain, speed } from "./speak";
import { nearMisses } from "@/core/keys";

const VOICES: readonly Voice[] = [
  { unit: "kmh", className: "EU EPAC", classUnit: "kmh" },
  { unit: "mph", className: "US class 2", classUnit: "mph" },
  { unit: "mph", className: "EU EPAC", classUnit: "kmh" },
];
const fine = (text: string) => {
  expect(text).not.toMatch(/undefined|NaN|\[object|null|\breason\.[a-z]|\bcap\.[a-z]|\bhazard\.[a-z]|\bfate\.[a-z]/);
  expect(text).not.toMatch(/\b(il)?legal\b/i);
  expect(text.trim()).not.toBe("");
};

describe("sentences", () => {
  it("stand for every finding and reason of every demo bike on every display and class", () => {
    let said = 0;
    for (const job of demoJobs())
      for (const display of SHIPPED_DISPLAYS)
        for (const rule of CLASSES) {
          const onIt = {
            ...swapDisplay({ ...job, profile: display }, display, "2026-11-24T10:00:00.000Z"),
            classChoice: { ...job.classChoice, rule },
          };
          const { sheet } = workOut(onIt);
          for (const voice of VOICES) {
            for (const finding of [...(sheet?.inForce.findings ?? []), ...(sheet?.target.findings ?? [])])
              fine(findingText(finding.message, voice));
            for (const row of sheet?.rows ?? []) {
              const { why, working } = reasonWords(row.reason, display.name, voice);
              [...why, ...working].forEach(fine);
              said += why.length;
            }
          }
        }
    expect(said).toBeGreaterThan(5000);
  });
  it("name every setting and every value a shipped line can hold", () => {
    for (const key of SETTING_KEYS) fine(SETTING_NAMES[key]);
    for (const profile of SHIPPED_DISPLAYS) {
      const context = contextOf(profile, factoryRaws(profile));
      for (const line of linesOf(profile)) {
        fine(lineName(line));
        for (const raw of rawValues(line.encoding).slice(0, 40)) {
          const meaning = valueMeaning(decodeAll(line, raw, context));
          if (meaning !== null) fine(meaning);
        }
      }
    }
    for (const key of SETTING_KEYS) {
      const { domain } = SETTINGS[key];
      const values =
        domain.kind === "flag"
          ? [true, false]
          : domain.kind === "choice"
            ? domain.values
            : [domain.min, domain.max, ...domain.words];
      for (const value of values) fine(settingValueWords(key, value as never));
    }
  });
  it("say what every key does, when, and what a miss starts", () => {
    for (const profile of SHIPPED_DISPLAYS)
      for (const rule of profile.rules) {
        fine(deedWords(profile, rule));
        fine(gestureWords(profile, rule));
        fine(keyNames(profile, rule.keys));
        fine(ruleConditions(profile, rule) ?? "always");
        for (const miss of nearMisses(profile, rule.on, rule.keys)) fine(missWords(miss));
      }
  });
  it("read every step of a plan aloud", () => {
    for (const job of demoJobs()) {
      const outlook = programOutlook(job, workOut(job));
      for (const step of outlook?.steps ?? [])
        for (const run of step.runs) if (job.profile) fine(stepRunWords(job.profile, run));
    }
  });
  it("say what becomes of every value in a swap", () => {
    const [job] = demoJobs();
    for (const display of SHIPPED_DISPLAYS)
      for (const row of (job && swapOutlook(job, display)?.settings) ?? []) fine(fateReasonText(row.reason));
  });
});

describe("numbers", () => {
  it("are said as they are read", () => {
    expect([
      plain(24.96, 2),
      plain(25),
      speed(32.187, "mph"),
      speed(25, "kmh"),
      offBy(0.898),
      offBy(1.002),
      duration(70_400),
      duration(8_000),
    ]).toEqual(["24.96", "25", "20 mph", "25 km/h", "−10.2 %", "+0.2 %", "1 min 10 s", "8 s"]);
  });
});
