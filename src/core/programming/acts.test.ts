// Any hand, any foot: which signal says what, and which press is one.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ACTS, actOf, TAUGHT_AT_FIRST, withTaught, withoutSignal, type Act } from "./acts";
import { isNewPress } from "./press";

describe("signals", () => {
  it.each([
    ["key: ", "done"],
    ["tap", "done"],
    ["key:PageUp", "back"],
    ["wheel:down", null],
    ["key:q", null],
  ] as const)("at first %s says %s", (signal, act) => expect(actOf(TAUGHT_AT_FIRST, signal)).toBe(act));

  it("say what they were taught last, and only that", () => {
    const taught = withTaught(withTaught(TAUGHT_AT_FIRST, "done", "wheel:down"), "back", "key: ");
    expect(actOf(taught, "wheel:down")).toBe("done");
    expect(actOf(taught, "key: ")).toBe("back");
    expect(taught.done).not.toContain("key: ");
    expect(actOf(withoutSignal(taught, "key: "), "key: ")).toBeNull();
  });

  it("whatever is taught in whatever order, no signal ever says two things", () => {
    const lesson = fc.tuple(
      fc.constantFrom<Act>(...ACTS),
      fc.constantFrom("key: ", "tap", "pad:0", "wheel:up", "key:z"),
    );
    fc.assert(
      fc.property(fc.array(lesson, { maxLength: 20 }), (lessons) => {
        const taught = lessons.reduce((now, [act, signal]) => withTaught(now, act, signal), TAUGHT_AT_FIRST);
        const all = ACTS.flatMap((act) => taught[act]);
        expect(new Set(all).size).toBe(all.length);
        const last = lessons.at(-1);
        if (last) expect(actOf(taught, last[1])).toBe(last[0]);
      }),
    );
  });
});

describe("a press", () => {
  it.each([
    [null, "done", 0, true],
    [{ of: "done", atMs: 1000 }, "done", 1000, false],
    [{ of: "done", atMs: 1000 }, "done", 1249, false],
    [{ of: "done", atMs: 1000 }, "done", 1250, true],
    [{ of: "done", atMs: 1000 }, "done", 1900, true],
    [{ of: "done", atMs: 1000 }, "back", 1010, true],
  ])("after %o, one of %s at %s, counts: %s", (last, of, now, counts) =>
    expect(isNewPress(last, of, now)).toBe(counts),
  );
});
