// Every wish on every display that ships and every class: the way it was asked, no farther than its end, nothing else,
// and nothing that speaks against it afterwards.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { bundle } from "@/catalog/displays/describe";
import { BENCH_KITS } from "@/catalog/rig/kits";
import {
  contextOf,
  decodeAll,
  linesOf,
  rawValues,
  settingsOf,
  standInRaws,
  type DisplayProfile,
  type SettingKey,
} from "../display";
import { readIntake, WISH_IDS, withWinner, type WishId } from "../facts";
import { WISHES } from "../wishes";
import { makeSheet, type Sheet } from "./sheet";

interface Asked {
  readonly profile: DisplayProfile;
  readonly wishes: readonly WishId[];
  readonly typed?: Readonly<Record<string, string>>;
  readonly found?: readonly number[];
  readonly classId?: string;
  readonly overrides?: Readonly<Record<string, number>>;
  readonly unlocked?: Readonly<Record<string, string>>;
}

function sheetOf({
  profile,
  wishes,
  typed = {},
  found,
  classId = "us-class-2",
  overrides = {},
  unlocked = {},
}: Asked): Sheet {
  const kit = { ...BENCH_KITS[0], packV: String(profile.acceptsNominalV[0] ?? 36), rolloutMm: "2150" };
  const rule = CLASSES.find(({ id }) => id === classId);
  const raws = found ?? standInRaws(profile);
  return makeSheet({
    profile,
    bike: readIntake({ ...kit, ...typed, wishes: wishes.join(" ") }).bike,
    choice: rule ? { rule, acceptedKmh: null } : null,
    asFound: raws,
    inForce: raws,
    byHand: { overrides, unlocked },
  });
}

const valueOf = (profile: DisplayProfile, { target }: Sheet, setting: SettingKey) => {
  const index = linesOf(profile).findIndex((line) => settingsOf(line).includes(setting));
  const line = linesOf(profile)[index];
  const raw = target.raws[index];
  return line && typeof raw === "number" ? decodeAll(line, raw, contextOf(profile, target.raws))[setting] : undefined;
};
const moved = (before: Sheet, after: Sheet): readonly string[] =>
  after.rows.flatMap(({ code, index }) => (before.target.raws[index] === after.target.raws[index] ? [] : [code]));
const against = ({ target }: Sheet) =>
  target.findings
    .filter(({ severity }) => severity !== "note")
    .map(({ message, lines }) => message.key + lines.join())
    .sort();
const shareOf = (profile: DisplayProfile): fc.Arbitrary<readonly number[]> =>
  fc.tuple(
    ...linesOf(profile).map((line, i) => {
      const raws = rawValues(line.encoding);
      return raws.length > 0 ? fc.constantFrom(...raws) : fc.constant(standInRaws(profile)[i] ?? 0);
    }),
  );

/** What one wish must be seen to have done on a sheet, whatever the display held. */
function holds(profile: DisplayProfile, wish: WishId, before: Sheet, after: Sheet): void {
  const { granted } = after.wishes;
  const told = new Set(granted.flatMap(({ fate }) => (fate.kind === "moved" ? [fate.code] : [])));
  expect(new Set(moved(before, after)), `${profile.name}, ${wish}: what moved`).toEqual(told);
  for (const move of WISHES[wish]) {
    const fate = granted.find(({ setting }) => setting === move.setting)?.fate;
    if (fate?.kind !== "moved") continue;
    const value = valueOf(profile, after, move.setting);
    if (move.kind === "switch") expect(value).toBe(move.value);
    else {
      const [from, to] = [fate.from, value].map((each) => (typeof each === "number" ? each : Infinity));
      const name = `${profile.name}, ${wish}: ${move.setting} ${from} to ${to}`;
      if (move.setting === "autoOffMin" && from === 0) expect(to, name).toBeGreaterThan(0);
      else if (move.towards === "more") expect(to, name).toBeGreaterThan(from ?? 0);
      else expect(to, name).toBeLessThan(from ?? 0);
      const end = move.setting === "startPulses" ? move.end / 30 : move.end;
      if (move.towards === "more") expect(to, name).toBeLessThanOrEqual(end + 1e-9);
      else expect(to, name).toBeGreaterThanOrEqual(end - 1e-9);
    }
  }
  expect(
    against(after).filter((each) => !against(before).includes(each)),
    `${profile.name}, ${wish}`,
  ).toEqual([]);
}

describe.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))("wishes on %s", (_, profile) => {
  it("one by one go the way they ask, as far as they may, and move nothing else", () => {
    for (const [classId, rider] of [
      ["us-class-2", "confident"],
      ["eu-epac", "novice"],
    ] as const) {
      const asked = { profile, classId, typed: { rider } };
      const before = sheetOf({ ...asked, wishes: [] });
      for (const wish of WISH_IDS) holds(profile, wish, before, sheetOf({ ...asked, wishes: [wish] }));
    }
  });
  it("do so from whatever the display held", () => {
    fc.assert(
      fc.property(
        shareOf(profile),
        fc.constantFrom(...WISH_IDS),
        fc.constantFrom(...CLASSES),
        (found, wish, { id }) => {
          const asked = { profile, found, classId: id };
          holds(profile, wish, sheetOf({ ...asked, wishes: [] }), sheetOf({ ...asked, wishes: [wish] }));
        },
      ),
      { numRuns: 25 },
    );
  });
  it("together never turn the ladder, never pass a line's end, and wait where they pull apart", () => {
    fc.assert(
      fc.property(shareOf(profile), fc.uniqueArray(fc.constantFrom(...WISH_IDS), { maxLength: 6 }), (found, wishes) => {
        const before = sheetOf({ profile, found, wishes: [] });
        const after = sheetOf({ profile, found, wishes });
        expect(against(after).filter((each) => !against(before).includes(each))).toEqual([]);
        const open = new Set(after.wishes.conflicts.map(({ setting }) => setting));
        for (const { setting, fate } of after.wishes.granted)
          if (open.has(setting)) expect(fate.kind).not.toBe("moved");
        after.rows.forEach(({ line, target }) => {
          if (target && rawValues(line.encoding).length > 0) expect(rawValues(line.encoding)).toContain(target.raw);
        });
        const shares = (sheet: Sheet) =>
          [1, 2, 3, 4, 5, 6, 7, 8, 9].map((level) => valueOf(profile, sheet, `share${level}` as SettingKey));
        const rises = (values: readonly unknown[]) =>
          values.every((value, i) => i === 0 || Number(value) >= Number(values[i - 1]));
        if (rises(shares(before))) expect(rises(shares(after))).toBe(true);
      }),
      { numRuns: 12 },
    );
  });
});

describe("wishes", () => {
  const tarn = SHIPPED_DISPLAYS.find(({ name }) => name === "Tarn");
  const lathe = SHIPPED_DISPLAYS.find(({ name }) => name === "Lathe");
  if (!tarn || !lathe) throw new Error("a display is missing");
  const fateOf = (sheet: Sheet, wish: WishId, setting: SettingKey) =>
    sheet.wishes.granted.find((each) => each.wish === wish && each.setting === setting)?.fate;

  it("that pull apart are left open until one is chosen, and neither may be", () => {
    const wishes: readonly WishId[] = ["cargo", "child-aboard"];
    const open = sheetOf({ profile: lathe, wishes });
    expect(open.wishes.conflicts.map(({ setting }) => setting)).toEqual(["startStrengthShare", "rampSoftness"]);
    expect(fateOf(open, "cargo", "rampSoftness")).toEqual({ kind: "open", against: ["child-aboard"] });
    const chosen = sheetOf({
      profile: lathe,
      wishes,
      typed: { wishWinners: withWinner("", "rampSoftness", "child-aboard") },
    });
    expect(fateOf(chosen, "cargo", "rampSoftness")).toEqual({ kind: "given-up", for: "child-aboard" });
    expect(valueOf(lathe, chosen, "rampSoftness")).toBeGreaterThan(Number(valueOf(lathe, open, "rampSoftness")));
    const neither = sheetOf({
      profile: lathe,
      wishes,
      typed: { wishWinners: withWinner("", "rampSoftness", "neither") },
    });
    expect(valueOf(lathe, neither, "rampSoftness")).toBe(valueOf(lathe, open, "rampSoftness"));
    // Chosen for a wish nobody has any more: open again, and no conflict at all once only one is left.
    expect(
      sheetOf({ profile: lathe, wishes, typed: { wishWinners: "rampSoftness:rental" } }).wishes.conflicts[1]?.chosen,
    ).toBeNull();
  });
  it("are refused where the class forbids, and the finding is named", () => {
    const sheet = sheetOf({
      profile: lathe,
      wishes: ["start-without-pedalling"],
      classId: "eu-epac",
    });
    const fate = fateOf(sheet, "start-without-pedalling", "throttleMode");
    expect(fate?.kind === "refused" ? fate.by.severity : fate).toBe("breach");
    const free = sheetOf({
      profile: lathe,
      wishes: ["start-without-pedalling"],
      classId: "us-class-2",
      typed: { rider: "novice" },
    });
    expect(fateOf(free, "start-without-pedalling", "throttleFromStandstill")?.kind).toBe("moved");
  });
  it("stay behind what was set by hand, what nobody read and what has no line", () => {
    const byHand = sheetOf({ profile: tarn, wishes: ["kicks-hard"], overrides: { "34": 3 } });
    expect(fateOf(byHand, "kicks-hard", "startStrengthShare")).toEqual({ kind: "by-hand", code: "34" });
    expect(fateOf(byHand, "kicks-hard", "rampSoftness")).toEqual({ kind: "no-line" });
    const blank = makeSheet({
      profile: tarn,
      bike: readIntake({ wishes: "younger-rider" }).bike,
      choice: null,
      asFound: linesOf(tarn).map(() => null),
      inForce: linesOf(tarn).map(() => null),
      byHand: { overrides: {}, unlocked: {} },
    });
    expect(fateOf(blank, "younger-rider", "assistCapKmh")).toEqual({ kind: "unread", code: "53" });
  });
  it("raise a level no farther than the one above it, and lower it no farther than the one below", () => {
    const at = (setting: SettingKey) => linesOf(lathe).findIndex((line) => settingsOf(line).includes(setting));
    const found = standInRaws(lathe).with(at("share1"), 20).with(at("share2"), 25).with(at("share3"), 27);
    const share = (setting: SettingKey, wishes: readonly WishId[]) =>
      Number(valueOf(lathe, sheetOf({ profile: lathe, found, wishes }), setting));
    expect(share("share1", [])).toBeCloseTo(0.2, 9);
    expect(share("share1", ["cargo"])).toBeCloseTo(0.25, 9);
    // Without the level below it would go down to 85 % of 27 %.
    expect(share("share3", ["range-first"])).toBeGreaterThanOrEqual(share("share2", ["range-first"]));
  });
  it("take along what shares their line only the way that goes with them", () => {
    const skerry = SHIPPED_DISPLAYS.find(({ name }) => name === "Skerry");
    if (!skerry) throw new Error("a display is missing");
    const encoding = bundle(
      [0, { strengthCurve: 1, rampSoftness: 0.9 }],
      // Nearer to what is asked, and livelier: surging is not cured by it.
      [1, { strengthCurve: 4, rampSoftness: 0.75 }],
      [2, { strengthCurve: 3, rampSoftness: 0.6 }],
    );
    const at = linesOf(skerry).findIndex((line) => settingsOf(line).includes("rampSoftness"));
    const profile = {
      ...skerry,
      lines: skerry.lines.map((line, i) => (i === at ? { ...line, encoding } : line)),
    };
    const found = standInRaws(profile).with(at, 2);
    const softness = (wishes: readonly WishId[]) =>
      valueOf(profile, sheetOf({ profile, found, wishes }), "rampSoftness");
    expect(softness([])).toBe(0.6);
    expect(softness(["surges"])).toBe(0.9);
  });
  it("of several that lower the current the lowest counts, and none lowers what another has lowered", () => {
    const amps = (wishes: readonly WishId[]) =>
      Number(valueOf(lathe, sheetOf({ profile: lathe, wishes }), "currentLimitA"));
    const all: readonly WishId[] = ["range-first", "cuts-out", "younger-rider"];
    expect(amps(all)).toBe(Math.min(...all.map((wish) => amps([wish]))));
    expect(amps(all)).toBeLessThan(amps([]));
  });
  it("leave a maker-only line alone until it is unlocked", () => {
    const locked = {
      ...lathe,
      lines: lathe.lines.map((line) => (line.code === "r28" ? { ...line, makerOnly: true } : line)),
    };
    const asked = { profile: locked, wishes: ["kicks-hard"] as const, typed: { frame: "27.5 cargo" } };
    expect(fateOf(sheetOf(asked), "kicks-hard", "startStrengthShare")).toEqual({ kind: "locked", code: "r28" });
    const unlocked = sheetOf({ ...asked, unlocked: { r28: "the controller was changed" } });
    expect(fateOf(unlocked, "kicks-hard", "startStrengthShare")?.kind).toBe("moved");
  });
  it("ask no more of what is that far already, and take no step past it", () => {
    // A cargo frame starts at 85 % by the plan: a heavy rider asks for 70.
    const asked = { profile: lathe, typed: { frame: "27.5 cargo" } };
    const [before, after] = [sheetOf({ ...asked, wishes: [] }), sheetOf({ ...asked, wishes: ["heavy"] })];
    expect(fateOf(after, "heavy", "startStrengthShare")?.kind).toBe("there-already");
    expect(valueOf(lathe, after, "startStrengthShare")).toBe(valueOf(lathe, before, "startStrengthShare"));
    expect(Number(valueOf(lathe, after, "startStrengthShare"))).toBeGreaterThan(0.7);
  });
  it("that ask the same way do not add up: the one that asks for most is granted", () => {
    const strength = (wishes: readonly WishId[]) =>
      Number(valueOf(lathe, sheetOf({ profile: lathe, wishes }), "startStrengthShare"));
    expect(strength(["kicks-hard", "rental"])).toBe(Math.min(strength(["kicks-hard"]), strength(["rental"])));
    expect(strength(["rental", "kicks-hard"])).toBe(strength(["kicks-hard", "rental"]));
  });
  it("every one of them can be had on some display that ships", () => {
    const lasts = (profile: DisplayProfile) =>
      linesOf(profile).map((line, i) => rawValues(line.encoding).at(-1) ?? standInRaws(profile)[i] ?? 0);
    const isHad = (wish: WishId): boolean =>
      SHIPPED_DISPLAYS.some((profile) =>
        [standInRaws(profile), lasts(profile)].some((found) =>
          sheetOf({ profile, found, wishes: [wish] }).wishes.granted.some(({ fate }) => fate.kind === "moved"),
        ),
      );
    expect(WISH_IDS.filter((wish) => !isHad(wish))).toEqual([]);
  });
});
