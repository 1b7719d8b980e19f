// Asked by name, answered once, told on the way, over a channel as workers have it.
import { describe, expect, it } from "vitest";
import { answerWith, remoteOf } from "./talk";

const api = {
  sum: (a: number, b: number): number => a + b,
  later: async (text: string): Promise<string> => text.toUpperCase(),
  count: (to: number, tell: (share: number) => void): number => {
    for (let i = 1; i <= to; i++) tell(i / to);
    return to;
  },
  fail: (): never => {
    throw new RangeError("no such line");
  },
};

function pair() {
  const { port1, port2 } = new MessageChannel();
  port1.start();
  port2.start();
  answerWith(api, port2 as unknown as Worker);
  const close = () => port1.close();
  return { remote: remoteOf<typeof api>(port1 as unknown as Worker), close };
}

describe("talking with a worker", () => {
  it("answers what was asked, each ask its own, in whatever order", async () => {
    const { remote, close } = pair();
    expect(await Promise.all([remote.sum(1, 2), remote.later("ring"), remote.sum(3, 4)])).toEqual([3, "RING", 7]);
    close();
  });
  it("calls back on the way, in order, before the answer", async () => {
    const { remote, close } = pair();
    const told: number[] = [];
    expect(await remote.count(4, (share) => void told.push(share))).toBe(4);
    expect(told).toEqual([0.25, 0.5, 0.75, 1]);
    close();
  });
  it("hands an error on as an error", async () => {
    const { remote, close } = pair();
    await expect(remote.fail()).rejects.toThrow("no such line");
    close();
  });
  it("says so where nobody answers to a name", async () => {
    const { remote, close } = pair();
    await expect((remote as unknown as { nothing: () => Promise<void> }).nothing()).rejects.toThrow(/cannot do/);
    close();
  });
});
