// The card's session: each thing that can be said, and what follows from it.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MARRAM } from "@/catalog/displays/marram";
import { TARN } from "@/catalog/displays/tarn";
import { atHome, isShown, layoutOf, standInRaws, lineIndex, OFF, viewOf, type MenuState } from "../display";
import { cardSteps, likelySlips, planKeys, stateFromShown, unsureOf, type CardStep, type KeyGoal } from "../keys";
import { lostTurn } from "./lost";
import {
  canBeLookedAt,
  isLost,
  readIn,
  readingOf,
  sessionAt,
  turn,
  type AtHand,
  type KeyEvent,
  type Session,
} from "./session";

const at = (code: string): number => lineIndex(TARN, code);
const START = atHome(TARN, standInRaws(TARN));
const TARGETS = standInRaws(TARN).with(at("53"), 25).with(at("31"), 2);
const goal = (look: readonly number[] = []): KeyGoal => ({ targets: TARGETS, look });
function stepsFrom(state: MenuState, look: readonly number[] = []): readonly CardStep[] {
  const plan = planKeys(TARN, state, goal(look));
  if (!plan.ok) throw new Error(plan.problem.key);
  return cardSteps(TARN, plan.strokes, look);
}
const hand = (session: Session, edit: Partial<AtHand> = {}): AtHand => ({
  profile: TARN,
  unread: [],
  step: stepsFrom(session.state, edit.unread)[0] ?? null,
  nowMs: 1000,
  ...edit,
});
const say = (session: Session, event: KeyEvent, edit: Partial<AtHand> = {}) =>
  isLost(event) ? lostTurn(session, event, hand(session, edit)) : turn(session, event, hand(session, edit));
/** The session after so many steps were done as planned. */
const after = (steps: number): Session =>
  Array.from({ length: steps }).reduce<Session>((now) => say(now, { kind: "done" }).session, sessionAt(START));
/** With the menu open and a line changed that is not saved. */
const changed = after(2);

describe("done", () => {
  it("goes on to what the step ends at, keeps where it stood, and starts the menu's clock", () => {
    const session = sessionAt(START);
    const [first] = stepsFrom(START);
    const next = say(session, { kind: "done" }, { nowMs: 4200 });
    expect(next.session).toEqual({ state: first?.after, past: [START], sinceMs: 4200 });
    expect(next.told).toEqual({ state: first?.after, read: null, doubtful: [], notice: null, events: [] });
  });
  it("is nothing while new keys are worked out", () =>
    expect(say(changed, { kind: "done" }, { step: null })).toEqual({ session: changed, told: null }));
});

describe("a line nobody has read", () => {
  const unread = [at("31")];
  const session = { ...sessionAt(START), state: stepsFrom(START, unread)[0]?.after ?? START };
  it("is read where the display stands, as suggested or as it shows", () => {
    expect(readingOf(TARN, session, unread)).toEqual({ line: at("31"), suggested: START.pending[at("31")] });
    expect(say(session, { kind: "done" }, { unread }).told?.read).toEqual({
      line: at("31"),
      raw: START.pending[at("31")],
    });
    const read = say(session, { kind: "read", raw: 2 }, { unread });
    expect(read.told).toMatchObject({ state: session.state, read: { line: at("31"), raw: 2 } });
    // A reading is no key: there is nothing to go back to.
    expect(read.session.past).toEqual(session.past);
  });
  it("is not read sooner than anybody reads: that is the press before it once more", () => {
    const before = { ...session, sinceMs: 700 };
    for (const event of [{ kind: "done" }, { kind: "read", raw: 2 }] as const) {
      expect(say(before, event, { unread, nowMs: 1299 })).toEqual({ session: before, told: null });
      expect(say(before, event, { unread, nowMs: 1300 }).told?.read?.line).toBe(at("31"));
    }
  });
  it("is not read where no such line is in hand", () =>
    expect(say(changed, { kind: "read", raw: 2 })).toEqual({ session: changed, told: null }));
});

describe("it shows something else", () => {
  it("names the lines a menu threw away when it closed by itself", () => {
    expect(changed.state.screen.kind).toBe("menu");
    const { told, session } = say(changed, { kind: "closed" });
    const lost = changed.state.pending.flatMap((raw, i) => (raw === changed.state.saved[i] ? [] : [i]));
    expect(lost).not.toHaveLength(0);
    expect(told?.notice).toEqual({ kind: "menu-closed-discarded", lines: lost.map((i) => TARN.lines[i]?.code) });
    expect(told?.events.map(({ kind }) => kind)).toEqual(["menu-closed", "recovered"]);
    expect(viewOf(TARN, session.state).kind).toBe("home");
    expect(session.past.at(-1)).toBe(changed.state);
  });
  it("names what a display that saves on closing has saved", () => {
    const saving = { ...TARN, menu: { ...TARN.menu, idle: { ...TARN.menu.idle, pending: "save" as const } } };
    const { told } = say(changed, { kind: "closed" }, { profile: saving });
    expect(told?.notice?.kind).toBe("menu-closed-saved");
    expect(told?.state.saved).not.toEqual(changed.state.saved);
    // Keys of the next step may have been pressed before it closed: its line may have been kept, or not.
    const step = stepsFrom(changed.state).find(({ line }) => line !== null);
    if (!step) throw new Error("no line is left to set");
    const open = { ...changed, state: step.before };
    expect(say(open, { kind: "closed" }, { profile: saving, step }).told?.doubtful).toEqual([step.line]);
    expect(say(open, { kind: "closed" }, { step }).told?.doubtful).toEqual([]);
  });
  it("tells power lost in the menu from a key beside the plan", () => {
    const off: MenuState = { ...START, screen: OFF };
    const lost = say(changed, { kind: "shows-other", slip: { state: off, how: "nothing-yet" } }).told;
    expect(lost?.notice?.kind).toBe("power-lost");
    const home = say(sessionAt(START), { kind: "shows-other", slip: { state: off, how: "nothing-yet" } }).told;
    expect(home?.notice).toEqual({ kind: "off-plan", lines: [] });
    expect(home?.events).toEqual([{ kind: "recovered", detail: "nothing-yet" }]);
  });
});

describe("a slip that looks like another", () => {
  it("tells which lines nobody can be sure of any more", () => {
    const step = stepsFrom(START).find(({ line }) => line !== null);
    if (!step) throw new Error("no step sets a line");
    const before = { ...sessionAt(step.before), past: [START] };
    for (const slip of likelySlips(TARN, step)) {
      const { told } = say(before, { kind: "shows-other", slip }, { step });
      expect(told?.doubtful).toEqual(unsureOf(TARN, step, slip.state).doubtful);
    }
    // A line none of the slips leads to: what the keys were to change may be changed, or not.
    const state = stateFromShown(TARN, step.before, { kind: "line", line: at("51"), raw: START.saved[at("51")] ?? 0 });
    const far = { state, how: "other-key" } as const;
    expect(say(before, { kind: "shows-other", slip: far }, { step }).told?.doubtful).toEqual([step.line]);
    // While new keys are worked out nobody knows which were pressed.
    expect(say(before, { kind: "shows-other", slip: far }, { step: null }).told?.doubtful).toEqual([]);
  });
  it("of no key pressed leaves the time since the last one running", () => {
    const waiting = { ...changed, sinceMs: 300 };
    const slip = { state: changed.state, how: "nothing-yet" } as const;
    expect(say(waiting, { kind: "shows-other", slip }, { nowMs: 5000 }).session.sinceMs).toBe(300);
    expect(say(waiting, { kind: "shows-other", slip: { ...slip, how: "other-key" } }).session.sinceMs).toBe(1000);
  });
  it("is settled by what the line shows, blinking or not", () => {
    const line = at("51");
    expect(readIn(TARN, changed.state, line, 9).pending[line]).toBe(9);
    expect(readIn(TARN, changed.state, line, 9).saved).toEqual(changed.state.saved);
  });
  it("is looked at only where a menu shows the line, now or once the targets are set", () => {
    expect(canBeLookedAt(TARN, [at("51")], TARGETS)).toEqual([at("51")]);
    const raws = standInRaws(MARRAM);
    const inNoMenu = layoutOf(MARRAM).placeOfLine.findIndex((place) => !place);
    const hidden = MARRAM.lines.findIndex((_, i) => !isShown(MARRAM, i, raws));
    expect([inNoMenu, hidden].every((line) => line >= 0)).toBe(true);
    expect(canBeLookedAt(MARRAM, [inNoMenu, hidden, 0], raws)).toEqual([0]);
  });
});

describe("one step back", () => {
  it("stands where it stood, once for each step, and then no further", () => {
    const back = say(changed, { kind: "back" });
    expect(back.session.state).toBe(changed.past[1]);
    expect(back.told).toEqual({ state: changed.past[1], read: null, doubtful: [], notice: null, events: [] });
    const home = say(back.session, { kind: "back" }).session;
    expect(home).toMatchObject({ state: START, past: [] });
    expect(say(home, { kind: "back" })).toEqual({ session: home, told: null });
  });
  it("remembers no more steps than anybody goes back", () => {
    const [step] = stepsFrom(START);
    const many = Array.from({ length: 40 }).reduce<Session>(
      (now) => say(now, { kind: "done" }, { step: step ?? null }).session,
      sessionAt(START),
    );
    expect(many.past).toHaveLength(20);
  });
});

it("still open starts the menu's clock anew, and tells nothing", () =>
  expect(say(changed, { kind: "still-open" }, { nowMs: 9000 })).toEqual({
    session: { ...changed, sinceMs: 9000 },
    told: null,
  }));

it("whatever is said, in whatever order, the steps from there end at the targets, saved and in force", () => {
  const kinds = fc.constantFrom("done", "slip", "closed", "back", "still-open");
  fc.assert(
    fc.property(fc.array(fc.tuple(kinds, fc.nat(9)), { maxLength: 25 }), (said) => {
      let session = sessionAt(START);
      for (const [kind, pick] of said) {
        const step = stepsFrom(session.state)[0];
        const slips = step ? likelySlips(TARN, step) : [];
        const slip = slips[pick % Math.max(1, slips.length)];
        if (kind === "slip" && !slip) continue;
        const event: KeyEvent = kind === "slip" && slip ? { kind: "shows-other", slip } : { kind: kind as "done" };
        const { session: next, told } = say(session, event);
        if (told) expect(told.state).toBe(next.state);
        session = next;
      }
      for (let i = 0; i < 40 && stepsFrom(session.state).length > 0; i++)
        session = say(session, { kind: "done" }).session;
      expect(stepsFrom(session.state)).toEqual([]);
      expect(session.state.saved).toEqual(TARGETS);
      expect(session.state.inForce).toEqual(TARGETS);
    }),
    { numRuns: 60 },
  );
});
