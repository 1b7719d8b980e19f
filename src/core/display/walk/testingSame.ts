/** For tests: whether a profile inferred by walking behaves as the display it was walked on, on what was walked. */
import { shows, rawValues } from "../encoding";
import { press as play, type Input } from "../machine";
import { atHome, lineAt, type MenuState } from "../menuState";
import type { DisplayProfile } from "../profile";
import { viewOf } from "../view";
import { seeded } from "../../units/seeded";
import type { Effect, Model, SeenLine } from "./model";
import { sameSeen, seenIn, type Press } from "./questions";

export interface Sameness {
  readonly sequences: number;
  readonly steps: number;
  /** Sequences that came to where the walk says that it does not know. */
  readonly unknown: number;
  /** The first place where the two part, in words; null where they never do. */
  readonly parts: string | null;
}

/** The hidden display's values as the inferred profile holds them, by what it shows. */
function columnFor(hidden: DisplayProfile, raws: readonly number[], inferred: DisplayProfile): number[] {
  const shown = new Map(hidden.lines.map((line, i) => [line.code, shows(line.encoding, raws[i] ?? 0)]));
  return inferred.lines.map(
    ({ code, encoding }) => rawValues(encoding).find((raw) => shows(encoding, raw) === shown.get(code)) ?? 0,
  );
}

const inputsOf = (press: Press, holdMs: number | null): readonly Input[] => {
  const tap: Input = { kind: "press", keys: press.keys, heldMs: 120 };
  const rest: Input = { kind: "wait", ms: 600 };
  switch (press.kind) {
    case "tap":
      return [tap, rest];
    case "double-tap":
      return [tap, { kind: "wait", ms: 100 }, tap, rest];
    case "hold":
      return [{ kind: "press", keys: press.keys, heldMs: (holdMs ?? 2000) + 150 }, rest];
  }
};

const playAll = (profile: DisplayProfile, state: MenuState, inputs: readonly Input[]): MenuState =>
  inputs.reduce((now, input) => play(profile, now, input), state);

/** Effects seen in the place where the inferred display stands. */
function walkedHere(model: Model, { screen }: MenuState): readonly Effect[] {
  return model.effects.filter(({ place }) => {
    switch (screen.kind) {
      case "menu":
        return place.on === "menu" && place.page === screen.page && place.blinks === (screen.draft !== null);
      case "home":
      case "off":
      case "code":
      case "confirm":
        return place.on === screen.kind;
      default:
        return false;
    }
  });
}

const linesOf = (model: Model): readonly SeenLine[] =>
  model.pages.flatMap(({ entries }) => entries.filter((entry): entry is SeenLine => entry.kind === "line"));

/** A value of which nobody tried whether lines come and go with it stands at another value than it was found at. */
function isUnknown(model: Model, inferred: DisplayProfile, state: MenuState, start: readonly number[]): boolean {
  return linesOf(model).some((line) => {
    const index = inferred.lines.findIndex(({ code }) => code === line.code);
    return (
      line.influence === "not-tried" && (state.pending[index] !== start[index] || state.saved[index] !== start[index])
    );
  });
}

type When = "in-time" | "late" | "not-tried";

/**
 * When a chord is pressed: soon after power-on as far as it was tried, or late. Late it must open nothing; what else it
 * does there nobody knows.
 */
function whenOf({ pages }: Model, { does, press }: Effect, onMs: number): When {
  if (does === "nothing" || does.kind !== "open-page") return "in-time";
  const way = pages.flatMap(({ from }) =>
    from.kind === "keys" && from.way.press.keys.join() === press.keys.join() ? [from.way] : [],
  )[0];
  if (!way || way.page !== null) return "in-time";
  if (way.afterMs !== null) return onMs > way.afterMs ? "in-time" : "not-tried";
  if (way.withinMs === null || onMs < way.withinMs) return "in-time";
  return onMs > LATE_MS ? "late" : "not-tried";
}

/** So long after power-on a chord was tried late. */
const LATE_MS = 21_000;

/** Plays random sequences of what was walked on both, and compares what is seen after each gesture. */
export function sameBehaviour(
  hidden: DisplayProfile,
  raws: readonly number[],
  inferred: DisplayProfile,
  model: Model,
  { sequences, length, seed }: { readonly sequences: number; readonly length: number; readonly seed: number },
): Sameness {
  const random = seeded(seed);
  const start = columnFor(hidden, raws, inferred);
  const swept = new Set(
    linesOf(model).flatMap((line) => (line.values !== null || line.changes === false ? [line.code] : [])),
  );
  let steps = 0;
  let unknown = 0;
  for (let n = 0; n < sequences; n++) {
    let [a, b] = [atHome(hidden, raws), atHome(inferred, start)];
    const done: string[] = [];
    let wasLate = false;
    for (let i = 0; i < length; i++) {
      const line = lineAt(inferred, b);
      const code = inferred.lines[line]?.code ?? "";
      const onMs = Math.min(a.sincePowerOnMs, b.sincePowerOnMs);
      const here = walkedHere(model, b)
        .filter((effect) => whenOf(model, effect, onMs) !== "not-tried")
        .filter(
          ({ does }) =>
            does === "nothing" || (does.kind !== "step-value" && does.kind !== "select") || line < 0 || swept.has(code),
        );
      const close: Input = { kind: "wait", ms: (model.closesAfterMs ?? 10_000) + 300 };
      const cut: readonly Input[] = [
        { kind: "power", on: false },
        { kind: "wait", ms: 300 },
      ];
      const chosen = here[Math.floor(random() * here.length)];
      const chance = random();
      const isPressed = chosen !== undefined && chance >= 0.06;
      const inputs = !chosen || chance < 0.03 ? cut : chance < 0.06 ? [close] : inputsOf(chosen.press, chosen.holdMs);
      done.push(
        !chosen || chance < 0.03
          ? "battery"
          : chance < 0.06
            ? "wait"
            : `${chosen.press.kind} ${chosen.press.keys.join("+")}`,
      );
      [a, b] = [playAll(hidden, a, inputs), playAll(inferred, b, inputs)];
      steps += 1;
      const [seen, expected] = [seenIn(viewOf(hidden, a)), seenIn(viewOf(inferred, b))];
      const isLate = isPressed && whenOf(model, chosen, onMs) === "late";
      if (sameSeen(seen, expected)) {
        wasLate ||= isLate;
        continue;
      }
      if (wasLate || isUnknown(model, inferred, b, start)) {
        unknown += 1;
        break;
      }
      const theirs = JSON.stringify(expected);
      const parts = `after ${done.slice(-25).join(", ")}: ${JSON.stringify(seen)}, inferred ${theirs}`;
      return { sequences: n + 1, steps, unknown, parts };
    }
  }
  return { sequences, steps, unknown, parts: null };
}
