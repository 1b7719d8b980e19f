// One key for everything: what is offered when.
import { expect, it } from "vitest";
import { nextOfferMs, offeredAt, takenAt } from "./offer";

it.each([
  [0, 0],
  [2500, 0],
  [4999, 0],
  [5000, 1],
  [6999, 1],
  [7000, 2],
  [9000, 0],
  [11_000, 1],
])("of three, %s ms after the step came up, number %s is offered", (elapsedMs, index) =>
  expect(offeredAt(3, elapsedMs, 5000, 2000)).toBe(index),
);
it("one thing alone is always offered, and none is the first", () =>
  expect([offeredAt(1, 99_000, 5000, 2000), offeredAt(0, 99_000, 5000, 2000)]).toEqual([0, 0]));

it("the next is offered exactly when the index changes, for as long as one waits", () => {
  for (let now = 0, i = 0; i < 20; i++) {
    const next = nextOfferMs(now, 5000, 2000);
    expect(offeredAt(4, next - 1, 5000, 2000)).toBe(offeredAt(4, now, 5000, 2000));
    expect(offeredAt(4, next, 5000, 2000)).not.toBe(offeredAt(4, now, 5000, 2000));
    now = next;
  }
});

it("a press too soon for anybody to have seen the next takes what stood there before", () => {
  expect(takenAt(3, 5000, 5000, 2000)).toBe(0);
  expect(takenAt(3, 5199, 5000, 2000)).toBe(0);
  expect(takenAt(3, 5200, 5000, 2000)).toBe(1);
  expect(takenAt(3, 0, 5000, 2000)).toBe(0);
});
