/** What a technician types of a display, read as the answer to a question; what is missing is named. */
import type { Answer, Question, Seen } from "./questions";
import { tidy } from "../../units";
import { typedDecimals, typedNumber } from "../../units/typedNumber";
import { shownNumber } from "./values";

/** What can be said of a look. "same": nothing has changed. */
export type What = Exclude<Seen["kind"], "off"> | "off" | "same";

export interface Draft {
  readonly what: What | "";
  readonly code: string;
  readonly shows: string;
  readonly blinks: boolean;
  /** Seconds a key was held until it changed, as typed. */
  readonly seconds: string;
  /** Values one after the other, as typed: "1, 2, 3" or "1, 2, … 9". */
  readonly values: string;
  /** What came after the last value; empty where it stopped there. */
  readonly then: string;
}

export const EMPTY_DRAFT: Draft = {
  what: "",
  code: "",
  shows: "",
  blinks: false,
  seconds: "",
  values: "",
  then: "",
};

export type Missing = "what" | "code" | "value" | "seconds" | "values" | "digits" | "last";

export type Reading =
  { readonly ok: true; readonly answer: Answer } | { readonly ok: false; readonly missing: Missing };

const missing = (what: Missing): Reading => ({ ok: false, missing: what });
const told = (answer: Answer): Reading => ({ ok: true, answer });

/** A look as typed; `before` is what it showed until then. */
export function seenOf(draft: Draft, before: Seen): Seen | Missing {
  const { what, code, shows, blinks } = draft;
  switch (what) {
    case "":
      return "what";
    case "same":
      return before;
    case "line":
      if (code.trim() === "") return "code";
      return shows.trim() === "" ? "value" : { kind: "line", code: code.trim(), shows: shows.trim(), blinks };
    case "entry":
      return code.trim() === "" ? "code" : { kind: "entry", code: code.trim() };
    case "digits":
      return /^\d{1,8}$/.test(shows.trim())
        ? { kind: "digits", shows: shows.trim(), at: Math.max(0, (typedNumber(code) || 1) - 1) }
        : "digits";
    case "question":
      return { kind: "question", shows: shows.trim() || "?" };
    default:
      return { kind: what };
  }
}

/** The answer a draft comes to. */
export function readAnswer(question: Question, draft: Draft, before: Seen): Reading {
  switch (question.ask) {
    case "press":
    case "look": {
      const seen = seenOf(draft, before);
      if (typeof seen === "string") return missing(seen);
      const seconds = typedNumber(draft.seconds);
      const isHeld = question.ask === "press" && question.press.kind === "hold" && draft.what !== "same";
      if (isHeld && !(seconds > 0)) return missing("seconds");
      return told({ is: "seen", seen, afterMs: isHeld ? Math.round(seconds * 1000) : null });
    }
    case "run": {
      const last = draft.shows.trim();
      return last === "" ? missing("last") : told({ is: "ran", last, then: draft.then.trim() || null });
    }
    case "through": {
      const values = valuesOf(draft.values);
      if (values.length === 0 && draft.what === "") return missing("values");
      return told({ is: "values", values, then: draft.what === "same" ? "stops" : "comes-round" });
    }
    case "access-code":
      return /^\d{1,8}$/.test(draft.shows.trim()) ? told({ is: "code", code: draft.shows.trim() }) : missing("digits");
    case "until":
      return told({ is: "seen", seen: before, afterMs: null });
    case "closes": {
      const seconds = typedNumber(draft.seconds);
      return seconds > 0 ? told({ is: "closed", afterMs: Math.round(seconds * 1000) }) : missing("seconds");
    }
    case "wait":
    case "battery":
      return told({ is: "seen", seen: { kind: question.ask === "battery" ? "off" : "home" }, afterMs: null });
    case "entry":
      return missing("what");
  }
}

/** Most values a line is described by one by one. */
const MOST_VALUES = 120;

/** Values typed one after the other; "1, 2, … 9" stands for all between. */
export function valuesOf(typed: string): readonly string[] {
  const parts = typed
    .replace(/\.{3,}/g, "…")
    .split(/[,;\n]+|(?=…)|(?<=…)/)
    .map((part) => part.trim())
    .filter(Boolean);
  return parts.flatMap((part, i) => {
    if (part !== "…") return [part];
    const [a = "", b = "", end = ""] = [parts[i - 2], parts[i - 1], parts[i + 1]];
    const [first, second, last] = [shownNumber(a), shownNumber(b), shownNumber(end)];
    const step = second - first;
    const count = Math.round((last - second) / step) - 1;
    if (!(count > 0) || count > MOST_VALUES) return [];
    const decimals = Math.max(typedDecimals(a), typedDecimals(b), typedDecimals(end));
    return Array.from({ length: count }, (_, n) => tidy(second + (n + 1) * step).toFixed(decimals));
  });
}
