import { describe, expect, it } from "vitest";
import { newestOnly, runStepwise } from "./stepwise";

function* busy(steps: number, msEach: number): Generator<number, string> {
  for (let i = 1; i <= steps; i++) {
    const until = performance.now() + msEach;
    while (performance.now() < until);
    yield i / steps;
  }
  return "done";
}

describe("a stepwise work", () => {
  it("comes to its end and tells how far it is on the way", async () => {
    const shares: number[] = [];
    expect(
      await runStepwise(
        busy(40, 4),
        (share) => shares.push(share),
        () => false,
      ),
    ).toBe("done");
    expect(shares.length).toBeGreaterThan(2);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
  });
  it("lets others run between its slices", async () => {
    let turns = 0;
    const timer = setInterval(() => (turns += 1), 1);
    await runStepwise(
      busy(60, 4),
      () => undefined,
      () => false,
    );
    clearInterval(timer);
    expect(turns).toBeGreaterThan(3);
  });
  it("stops soon after a cancel, with nothing", async () => {
    const asks = newestOnly();
    const cancelled = asks.begin();
    let told = 0;
    const result = runStepwise(busy(1000, 4), () => (told += 1) === 2 && asks.cancel(), cancelled);
    expect(await result).toBeNull();
    expect(told).toBe(2);
  });
  it("a newer ask cancels the one before, and not itself", () => {
    const asks = newestOnly();
    const first = asks.begin();
    const second = asks.begin();
    expect([first(), second()]).toEqual([true, false]);
  });
});
