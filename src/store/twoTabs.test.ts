// Two tabs on one book: whatever the order in which their edits meet, none that was kept is lost, field by field.
import "fake-indexeddb/auto";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Job } from "@/core/record";
import { seeded } from "@/core/units/seeded";
import type * as Changes from "./changes";
import { OddSpokeDatabase } from "./db";
import { addJob } from "./addJob";

const RUNS = Number(process.env.TWO_TAB_RUNS ?? 500);
const FIELDS = ["nickname", "frame", "tyre", "packV"] as const;
const CODES = ["51", "53"] as const;

let database: OddSpokeDatabase;
let nth = 0;
beforeEach(() => {
  vi.stubGlobal("window", { addEventListener: () => undefined, removeEventListener: () => undefined });
  vi.stubGlobal("document", {
    visibilityState: "visible",
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  });
  nth += 1;
  database = new OddSpokeDatabase(`tabs-${nth}`);
});
afterEach(async () => {
  vi.unstubAllGlobals();
  await database.delete();
});

/** A tab of its own: what waits to be written in one is not known to the other. */
async function tab(): Promise<typeof Changes> {
  vi.resetModules();
  return import("./changes");
}

/** What each place held after the last write that was told to be done, in the order they were done. */
class Told {
  readonly last = new Map<string, string>();
  private readonly typed = new Map<string, string>();
  type(place: string, text: string): void {
    this.typed.set(place, text);
  }
  /** Everything this tab had typed by then is kept now. */
  written(): void {
    for (const [place, text] of this.typed) this.last.set(place, text);
    this.typed.clear();
  }
}

const breathe = (dice: () => number): Promise<void> =>
  dice() < 0.5 ? Promise.resolve() : new Promise((resolve) => setTimeout(resolve));

it(`${RUNS} ways for the edits of two tabs to meet lose none that was kept`, async () => {
  const tabs = [await tab(), await tab()] as const;
  for (let run = 0; run < RUNS; run++) {
    const { id } = await addJob(database);
    const dice = seeded(7_000 + run);
    const pick = <Item>(from: readonly Item[]): Item => from[Math.floor(dice() * from.length)] as Item;
    // Each tab has fields of its own and one both type in: that one is whoever was written last.
    const own = [FIELDS.slice(0, 2), FIELDS.slice(2)] as const;
    const mine = [new Map<string, string>(), new Map<string, string>()] as const;
    const work = async (which: 0 | 1): Promise<void> => {
      const { changeJob, keepTyped, writeTyped } = tabs[which];
      for (let step = 0; step < 8; step++) {
        const text = `${which}-${run}-${step}`;
        const deed = dice();
        if (deed < 0.55) {
          const name = pick(own[which]);
          keepTyped(id, { in: "intake", name }, text);
          mine[which].set(name, text);
          if (dice() < 0.5) await writeTyped(database);
        } else if (deed < 0.85) {
          const code = CODES[which] ?? "51";
          await changeJob(id, (job) => ({ ...job, overrides: { ...job.overrides, [code]: step } }), database);
          mine[which].set(code, String(step));
        } else {
          const code = CODES[which] ?? "51";
          const before = mine[which].get(code);
          const { undo } = await changeJob(
            id,
            (job) => ({ ...job, overrides: { ...job.overrides, [code]: 99 } }),
            database,
          );
          await breathe(dice);
          await undo("a slip");
          if (before === undefined) mine[which].delete(code);
        }
        await breathe(dice);
      }
      await writeTyped(database);
    };
    await Promise.all([work(0), work(1)]);
    const job = (await database.jobs.get(id)) as Job;
    for (const each of mine)
      for (const [place, text] of each) {
        const kept = CODES.some((code) => code === place) ? String(job.overrides[place]) : job.intake[place];
        expect(kept, `run ${run}, ${place}`).toBe(text);
      }
    expect((await database.entries.get(id))?.nickname).toBe(job.intake.nickname ?? "");
  }
}, 120_000);

it("one field typed in both tabs is the one that was written last, and nobody else's", async () => {
  const tabs = [await tab(), await tab()] as const;
  const told = [new Told(), new Told()] as const;
  const order: string[] = [];
  const { id } = await addJob(database);
  for (let run = 0; run < 60; run++) {
    const dice = seeded(90_000 + run);
    await Promise.all(
      ([0, 1] as const).map(async (which) => {
        for (let step = 0; step < 4; step++) {
          const text = `${which}-${run}-${step}`;
          tabs[which].keepTyped(id, { in: "intake", name: "frame" }, text);
          told[which].type("frame", text);
          await breathe(dice);
          await tabs[which].writeTyped(database);
          told[which].written();
          order.push(text);
        }
      }),
    );
    const frame = (await database.jobs.get(id))?.intake.frame ?? "";
    expect(order.slice(-2)).toContain(frame);
    expect([told[0].last.get("frame"), told[1].last.get("frame")]).toContain(frame);
  }
}, 60_000);
