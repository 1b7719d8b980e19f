// The queue of the search, against sorting.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MinQueue } from "./minQueue";

describe("a queue by priority", () => {
  it("hands out what sorting would, whatever went in", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -50, max: 50 })), (priorities) => {
        const queue = new MinQueue<number>();
        for (const priority of priorities) queue.push(priority, priority);
        expect(queue.size).toBe(priorities.length);
        expect(priorities.map(() => queue.pop())).toEqual([...priorities].sort((a, b) => a - b));
        expect(queue.pop()).toBeUndefined();
      }),
    );
  });

  it("does so with things put in between", () => {
    fc.assert(
      fc.property(fc.array(fc.option(fc.integer(), { nil: null, freq: 3 })), (deeds) => {
        const queue = new MinQueue<number>();
        const model: number[] = [];
        for (const deed of deeds) {
          if (deed === null) expect(queue.pop()).toBe(model.sort((a, b) => a - b).shift());
          else {
            queue.push(deed, deed);
            model.push(deed);
          }
          expect(queue.size).toBe(model.length);
        }
      }),
    );
  });
});
