// A field between its keys and their echoes: no letter is lost whatever comes back when, and another hand is seen.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { met, NO_DRAFT, textIn, typedInto, type DraftState } from "./draft";

/** Keys and echoes as they come: a text typed, or so many of those handed over known to be kept. */
type Step = { readonly typed: string } | { readonly kept: string };

/** What stands in the field after each step. */
function stands(before: string, steps: readonly Step[]): readonly string[] {
  let state: DraftState = NO_DRAFT;
  let kept = before;
  return steps.map((step) => {
    if ("typed" in step) state = typedInto(state, step.typed, kept);
    else kept = step.kept;
    state = met(state, kept);
    return textIn(state, kept);
  });
}

describe("a draft", () => {
  it("typed over the same beginning keeps every letter, however late the echo of an earlier key", () => {
    // Seen once: "Tin Plover, painted" over "Tin Plover" was kept as "Tin Ploveainted".
    const steps = [
      { typed: "Tin Plove" },
      { typed: "Tin Plover" },
      { typed: "Tin Plover," },
      { kept: "Tin Plove" },
      { typed: "Tin Plover, p" },
      { kept: "Tin Plover," },
    ];
    expect(stands("Tin Plover", steps).at(-1)).toBe("Tin Plover, p");
  });
  it("taken back and typed again keeps its letters too", () => {
    const steps = [
      { typed: "1" },
      { kept: "1" },
      { typed: "12" },
      { typed: "1" },
      { kept: "1" },
      { typed: "13" },
      { kept: "12" },
    ];
    expect(stands("", steps).at(-1)).toBe("13");
  });
  it("stands as typed last, whatever is typed and whenever it comes back", () => {
    // Few letters, so that texts come round again.
    const text = fc.string({ unit: fc.constantFrom("a", "b"), maxLength: 2 });
    const plan = fc.array(fc.oneof(fc.record({ typed: text }), fc.record({ echoes: fc.nat(3) })), { maxLength: 30 });
    fc.assert(
      fc.property(text, plan, (before, planned) => {
        const handed: string[] = [];
        let echoed = 0;
        const steps = planned.flatMap((each): readonly Step[] => {
          if ("typed" in each) {
            handed.push(each.typed);
            return [each];
          }
          // Echoes come in order; some texts are written together and never come back alone.
          echoed = Math.min(handed.length, echoed + each.echoes);
          const kept = handed[echoed - 1];
          return kept === undefined ? [] : [{ kept }];
        });
        const last = handed.at(-1);
        const [shown] = stands(before, steps).slice(-1);
        if (last !== undefined && shown !== undefined) expect(shown).toBe(last);
      }),
    );
  });
  it("is gone at once where what was kept of it is taken back", () => {
    // Seen once: the field still showed 4, and 4 typed again was no change to it.
    expect(stands("3", [{ typed: "4" }, { kept: "4" }, { kept: "3" }])).toEqual(["4", "4", "3"]);
    expect(stands("3", [{ typed: "" }, { typed: "4" }, { kept: "" }, { kept: "4" }, { kept: "3" }]).at(-1)).toBe("3");
  });
  it("gives way to what another hand kept", () => {
    const steps = [{ typed: "12" }, { kept: "12" }, { kept: "40" }];
    expect(stands("", steps).at(-1)).toBe("40");
    expect(stands("7", [{ typed: "12" }, { kept: "40" }]).at(-1)).toBe("40");
  });
  it("is heard once what is kept says the same, and no more once a key goes down", () => {
    const typed = typedInto(NO_DRAFT, "12", "");
    expect(met(typed, "").heard).toBe(false);
    const heard = met(typed, "12");
    expect(heard.heard).toBe(true);
    expect(met(heard, "12")).toBe(heard);
    expect(typedInto(heard, "123", "12").heard).toBe(false);
  });
});
