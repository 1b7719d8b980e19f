import { describe, expect, it } from "vitest";
import { FAULTS } from "@/catalog/faults";
import { CODE_WORDS } from "@/catalog/faults/codeWords";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import { readIntake } from "../facts";
import { CAUSE_WORDS } from "@/words/faults/causes";
import { checkWords } from "@/words/faults/checks";
import { SIGN_WORDS } from "@/words/faults/signs";
import { afterAnswer, beliefsOf, likelyCauses, priorsOf, sharesOf } from "./beliefs";
import { causeFound, countsOf, signOfCode, type FaultCase } from "./case";
import { cannotBe, changedCauses, linesSay } from "./context";
import { expectedReading } from "./expected";
import { standingOf } from "./standing";
import { WHOLE_SHOP } from "./caseRuns";
import type { FaultAnswer, FaultData } from "./faults";

const shares = (signs: readonly string[], context = WHOLE_SHOP, answers: readonly FaultAnswer[] = []) =>
  Object.fromEntries(
    likelyCauses(beliefsOf(FAULTS, signs, context, answers)).map(({ cause, probability }) => [cause, probability]),
  );

describe("what the trade knows of faults", () => {
  it("is whole: shares add up, every cause is behind a sign and a check tells of it, everything has words", () => {
    const behind = new Set(FAULTS.signs.flatMap(({ causes }) => Object.keys(causes)));
    const told = new Set(FAULTS.checks.flatMap(({ tells }) => Object.keys(tells)));
    const ids = new Set(FAULTS.causes.map(({ id }) => id));
    for (const { id, causes } of FAULTS.signs) {
      expect(
        Object.values(causes).reduce((sum, share) => sum + share, 0),
        id,
      ).toBeCloseTo(1, 9);
      expect(SIGN_WORDS[id], id).toBeDefined();
    }
    for (const id of ids) {
      expect(behind.has(id), id).toBe(true);
      // What stops the work, a limit of the kit and what only its own check tells.
      expect(told.has(id), id).toBe(true);
      expect(CAUSE_WORDS[id], id).toBeDefined();
    }
    for (const id of [...behind, ...told]) expect(ids.has(id), id).toBe(true);
    for (const { id } of FAULTS.checks) expect(checkWords(id).how, id).not.toBe("");
    expect(new Set(FAULTS.checks.map(({ id }) => id)).size).toBe(FAULTS.checks.length);
  });
  it("knows what each code of the displays that ship stands for", () => {
    for (const { id, faultCodes } of SHIPPED_DISPLAYS)
      for (const { says } of faultCodes) expect(signOfCode(CODE_WORDS, says), `${id}: ${says}`).not.toBeNull();
  });
  it.each([
    ["Hall sensor fault", "code-motor"],
    ["Brake lever switch closed", "code-brake"],
    ["BMS protection", "code-battery-management"],
    ["Controller over temperature", "code-hot"],
    ["Under-voltage of the battery", "code-battery-low"],
    ["No communication", "code-display-hears-nothing"],
    ["Throttle not at zero", "code-throttle"],
  ])("%s is taken for %s", (says, sign) => expect(signOfCode(CODE_WORDS, says)).toBe(sign));
  it("says it does not know a code no word of which tells", () => expect(signOfCode(CODE_WORDS, "E 21")).toBeNull());
});

describe("what is believed", () => {
  it("follows Bayes' rule, worked by hand: one cause in four, a check that shows 9 of 10 and lies once in ten", () => {
    const data: FaultData = {
      causes: ["a", "b"].map((id) => ({ id, settings: [], onlyWith: null, stops: false })),
      signs: [],
      checks: [
        {
          id: "k",
          kind: "look",
          minutes: 1,
          tools: [],
          spare: null,
          reading: null,
          tells: { a: 0.9 },
          falseAlarm: 0.1,
        },
      ],
    };
    const before = [
      { causes: ["a"], probability: 0.25 },
      { causes: ["b"], probability: 0.75 },
    ];
    const [a] = afterAnswer(data, before, { kind: "check", check: "k", shows: "fault" });
    // Shown with a: 1 - 0.1 × 0.9 = 0.91; with b: 0.1. 0.25 × 0.91 / (0.25 × 0.91 + 0.75 × 0.1) = 0.752…
    expect(a?.probability).toBeCloseTo(0.2275 / 0.3025, 9);
    const [none] = afterAnswer(data, before, { kind: "check", check: "k", shows: "nothing" });
    expect(none?.probability).toBeCloseTo(0.0225 / 0.6975, 9);
  });
  it("changes nothing where a check could not be done", () => {
    const before = priorsOf(FAULTS, ["code-brake"], WHOLE_SHOP);
    expect(afterAnswer(FAULTS, before, { kind: "check", check: "look-at-levers", shows: "cannot" })).toBe(before);
  });
  it("counts what this shop has found over the trade's shares, as twelve bikes seen", () => {
    const found = { "code-throttle": { "throttle-bad": 12 } };
    expect(sharesOf(FAULTS, "code-throttle", found)["throttle-bad"]).toBeCloseTo((12 * 0.45 + 12) / 24, 9);
    expect(sharesOf(FAULTS, "code-throttle", {})["throttle-bad"]).toBeCloseTo(0.45, 9);
  });
  it("knows the line that differs, the part just changed, and what the bike has not", () => {
    const plain = shares(["dies-at-half"]);
    expect(
      shares(["dies-at-half"], { ...WHOLE_SHOP, lines: { "volts-line": "differs" } })["volts-line"],
    ).toBeGreaterThan(plain["volts-line"] ?? 1);
    expect(shares(["dies-at-half"], { ...WHOLE_SHOP, lines: { "volts-line": "agrees" } })["volts-line"]).toBeLessThan(
      plain["volts-line"] ?? 0,
    );
    const changed = changedCauses(FAULTS, ["pack"]);
    expect(changed.has("volts-line")).toBe(true);
    expect(
      shares(["dies-at-half"], { ...WHOLE_SHOP, changed: new Set(["pack-lead-loose"]) })["pack-lead-loose"],
    ).toBeGreaterThan(2 * (plain["pack-lead-loose"] ?? 1));
    const without = cannotBe(FAULTS, { throttleFitted: false, brakeCutOff: null }, null);
    expect(shares(["keeps-pushing"], { ...WHOLE_SHOP, cannotBe: without })["throttle-bad"]).toBeUndefined();
    expect(cannotBe(FAULTS, { throttleFitted: null, brakeCutOff: null }, null).size).toBe(0);
  });
  it("doubts what was said of a bike that shows a fault of a part it is said to lack", () => {
    const without = cannotBe(FAULTS, { throttleFitted: false, brakeCutOff: null }, null);
    expect(shares(["code-throttle"], { ...WHOLE_SHOP, cannotBe: without })["throttle-bad"]).toBeGreaterThan(0.3);
  });
  it("of two signs together is what both have behind them", () => {
    const both = shares(["code-brake", "no-assist"]);
    expect(both["lever-resting"]).toBeGreaterThan(0.6);
  });
  it("reads a sheet: one line that differs is enough, all must agree", () => {
    const line = (isAsPlanned: boolean | null) => ({ settings: ["nominalV" as const], isAsPlanned });
    expect(linesSay(FAULTS, [line(true), line(false)])["volts-line"]).toBe("differs");
    expect(linesSay(FAULTS, [line(true)])["volts-line"]).toBe("agrees");
    expect(linesSay(FAULTS, [line(true), line(null)])["volts-line"]).toBeUndefined();
    expect(linesSay(FAULTS, [])["volts-line"]).toBeUndefined();
  });
});

describe("where a case stands", () => {
  const at = (signs: readonly string[], answers: readonly FaultAnswer[], context = WHOLE_SHOP) =>
    standingOf(FAULTS, context, beliefsOf(FAULTS, signs, context, answers), answers);
  it("stops at once where the pack's own protection speaks", () =>
    expect(at(["code-battery-management"], [])).toMatchObject({ kind: "stop", cause: "pack-protecting" }));
  it("asks twice running for the same only where nothing else would tell anything", () => {
    for (const { id } of FAULTS.signs) {
      const answers: FaultAnswer[] = [];
      let standing = at([id], answers);
      while (standing.kind === "next" && answers.length < 40) {
        const { check } = standing.next;
        const last = answers.at(-1);
        if (last?.kind === "check" && last.check === check.id)
          expect(
            standing.others.map((each) => each.check.id),
            `${id}: ${check.id}`,
          ).toEqual([]);
        answers.push({ kind: "check", check: check.id, shows: "nothing" });
        standing = at([id], answers);
      }
      expect(standing.kind, id).not.toBe("next");
    }
  });
  it("asks for nothing the shop cannot do, and says what would tell", () => {
    const bare = { ...WHOLE_SHOP, tools: new Set<never>(), spares: new Set<never>() };
    const answers: FaultAnswer[] = [];
    let standing = at(["code-controller-hears-nothing"], answers, bare);
    while (standing.kind === "next") {
      expect(standing.next.check.tools).toEqual([]);
      expect(standing.next.check.spare).toBeNull();
      answers.push({ kind: "check", check: standing.next.check.id, shows: "nothing" });
      standing = at(["code-controller-hears-nothing"], answers, bare);
    }
    expect(standing.kind).toBe("tied");
    expect(standing.kind === "tied" && standing.wouldTell.map(({ id }) => id)).toContain("swap-controller");
  });
  it("ends with the mend that made it go, and goes on where it did not", () => {
    const mended = (gone: boolean): FaultAnswer => ({ kind: "mended", cause: "throttle-lead-loose", gone });
    expect(at(["code-throttle"], [mended(true)])).toEqual({ kind: "mended", cause: "throttle-lead-loose" });
    const on = at(
      ["code-throttle"],
      [{ kind: "check", check: "look-at-throttle-plug", shows: "fault" }, mended(false)],
    );
    expect(on.kind).not.toBe("mended");
    expect(shares(["code-throttle"], WHOLE_SHOP, [mended(false)])["throttle-lead-loose"]).toBeUndefined();
  });
});

describe("what a meter must read", () => {
  const pack = (intake: Record<string, string>) => readIntake(intake).bike;
  it("is the pack's own, and unknown where the pack is", () => {
    expect(expectedReading("pack-at-rest", null)).toBeNull();
    expect(expectedReading("pack-at-rest", pack({}))).toBeNull();
    const ten = expectedReading("pack-at-rest", pack({ packV: "36" }));
    // Ten lithium cells: 4.2 V each when full, a known figure of such cells.
    expect(ten?.highV).toBeCloseTo(42, 1);
    expect(ten?.lowV).toBeGreaterThan(34);
    expect(ten?.isGuessed).toBe(true);
    expect(expectedReading("pack-under-load", pack({ packV: "48" }))?.lowV).toBeGreaterThan(36);
    expect(expectedReading("throttle-signal", null)).toMatchObject({ lowV: 0.8, highV: 4.2 });
  });
});

describe("cases of this shop", () => {
  const made = (begunAt: string, gone: boolean): FaultCase => ({
    id: begunAt,
    jobId: null,
    signs: ["code-brake"],
    changed: [],
    answers: [{ kind: "mended", cause: "brake-wiring", gone }],
    begunAt,
  });
  it("count once mended, and only since the odds were counted anew", () => {
    const cases = [
      made("2026-01-01T00:00:00Z", true),
      made("2026-03-01T00:00:00Z", true),
      made("2026-04-01T00:00:00Z", false),
    ];
    expect(cases.map(causeFound)).toEqual(["brake-wiring", "brake-wiring", null]);
    expect(countsOf(cases, null)).toEqual({ "code-brake": { "brake-wiring": 2 } });
    expect(countsOf(cases, "2026-02-01T00:00:00Z")).toEqual({ "code-brake": { "brake-wiring": 1 } });
  });
  it("keep to the display: TARN's menu holds a line nobody knows, so nothing is ruled out by it", () =>
    expect(cannotBe(FAULTS, null, TARN).size).toBe(0));
});
