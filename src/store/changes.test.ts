// What is typed reaches the database, or the next page: never less than the person saw.
import "fake-indexeddb/auto";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Job, TypedPlace } from "@/core/record";
import type { Ticket } from "@/core/record/ticket";
import { changeJob, keepTyped, layBy, takeUp, typedNow, withWaiting, writeTyped } from "./changes";
import { OddSpokeDatabase } from "./db";
import { failureNow } from "./failures";
import { importJob, undoImport } from "./importing";
import { addJob } from "./addJob";
import { getJob } from "./jobs";
import { laidBy, TYPED_LAID_BY, whenTheTabGoes } from "./tab";
import { makeTickets, rackList } from "./tickets";

const storage = (): Storage => {
  const kept = new Map<string, string>();
  return new Proxy({} as Storage, {
    get: (_, name) =>
      ({
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => void kept.set(key, value),
        removeItem: (key: string) => void kept.delete(key),
      })[name as "getItem"],
    ownKeys: () => [...kept.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
  });
};
const page = Object.assign(new EventTarget(), { visibilityState: "visible" });
vi.stubGlobal("window", new EventTarget());
vi.stubGlobal("document", page);
vi.stubGlobal("localStorage", storage());
vi.stubGlobal("sessionStorage", storage());

const nickname: TypedPlace = { in: "intake", name: "nickname" };
const frame: TypedPlace = { in: "intake", name: "frame" };

/** Of a ticket the store looks at nothing but whose it is. */
const ticketOf = ({ id: of, number }: Job): Ticket => ({ id: of, number }) as Ticket;

let database: OddSpokeDatabase;
let id: string;
let nth = 0;
beforeEach(async () => {
  nth += 1;
  database = new OddSpokeDatabase(`changes-${nth}`);
  ({ id } = await addJob(database));
});
afterEach(async () => {
  await writeTyped(database).catch(() => undefined);
  await database.delete();
});
const stored = async () => {
  const job = await getJob(id, database);
  if (!job) throw new Error("the job is gone");
  return job;
};

describe("typed text", () => {
  it("shows at once, and is written once the hand rests: the last of it, and one field beside the other", async () => {
    for (const text of ["1", "12", "125"]) keepTyped(id, nickname, text);
    keepTyped(id, frame, "folder");
    expect(typedNow(await stored(), nickname)).toBe("125");
    expect((await stored()).intake.nickname ?? "").toBe("");
    const put = vi.spyOn(database.jobs, "put");
    await writeTyped(database);
    expect(put).toHaveBeenCalledTimes(1);
    expect((await stored()).intake).toMatchObject({ nickname: "125", frame: "folder" });
  });
  it(
    "is stamped with the time it was typed, field by field, and the stamp " + "goes when the typing is undone",
    async () => {
      keepTyped(id, nickname, "Heron");
      await writeTyped(database);
      const first = (await stored()).typedAt;
      expect(Object.keys(first)).toEqual(["nickname"]);
      const deed = await changeJob(id, (job) => ({ ...job, intake: { ...job.intake, frame: "folder" } }), database);
      const { typedAt, updatedAt } = await stored();
      expect(typedAt).toEqual({ ...first, frame: updatedAt });
      await deed.undo("the frame");
      expect((await stored()).typedAt).toEqual(first);
    },
  );
  it("goes with the next deed, which acts on what the person sees", async () => {
    keepTyped(id, nickname, "Heron");
    let seen = "";
    await changeJob(
      id,
      (job) => {
        seen = job.intake.nickname ?? "";
        return { ...job, intake: { ...job.intake, frame: "of the deed" } };
      },
      database,
    );
    expect(seen).toBe("Heron");
    expect((await stored()).intake).toMatchObject({ nickname: "Heron", frame: "of the deed" });
  });
  it("waits on where the write fails, which is said once, and is made good by the next that works", async () => {
    keepTyped(id, nickname, "Kept");
    vi.spyOn(database.jobs, "put").mockRejectedValueOnce(
      Object.assign(new Error("full"), { name: "QuotaExceededError" }),
    );
    await writeTyped(database);
    expect(failureNow()).toMatchObject({ of: "job", id, kind: "full" });
    expect(withWaiting(await stored()).intake.nickname).toBe("Kept");
    await writeTyped(database);
    expect(failureNow()).toBeNull();
    expect((await stored()).intake.nickname).toBe("Kept");
  });
  it("is laid by when the tab goes, and taken up by the next page, once", async () => {
    keepTyped(id, nickname, "Typed last");
    layBy();
    expect(laidBy(TYPED_LAID_BY)).toHaveLength(1);
    // The next page knows only what was laid by.
    await changeJob(id, (job) => ({ ...job, intake: {} }), database);
    await takeUp(database);
    expect((await stored()).intake.nickname).toBe("Typed last");
    expect(laidBy(TYPED_LAID_BY)).toHaveLength(0);
  });
  it("laid by for a bike that is gone, or not of our making, stops nothing", async () => {
    localStorage.setItem(`${TYPED_LAID_BY}other`, "not JSON");
    localStorage.setItem(`${TYPED_LAID_BY}gone`, JSON.stringify([{ job: "gone", place: nickname, typed: "x" }, 7]));
    await takeUp(database);
    expect(laidBy(TYPED_LAID_BY)).toHaveLength(0);
    expect(failureNow()).toBeNull();
  });
});

describe("undo", () => {
  it("takes back what the deed changed, and nothing typed since", async () => {
    await changeJob(id, (job) => ({ ...job, intake: { nickname: "Before", frame: "folder" } }), database);
    const deed = await changeJob(
      id,
      (job) => ({ ...job, intake: { ...job.intake, nickname: "By the deed" } }),
      database,
    );
    keepTyped(id, frame, "typed since");
    await deed.undo("a deed");
    expect((await stored()).intake).toMatchObject({ nickname: "Before", frame: "typed since" });
  });
});

describe("a tab that goes", () => {
  it("is noticed when it is hidden or left, and no more once nobody listens", () => {
    const going = vi.fn();
    const stop = whenTheTabGoes(going);
    window.dispatchEvent(new Event("pagehide"));
    page.dispatchEvent(new Event("visibilitychange"));
    expect(going).toHaveBeenCalledTimes(1);
    page.visibilityState = "hidden";
    page.dispatchEvent(new Event("visibilitychange"));
    expect(going).toHaveBeenCalledTimes(2);
    stop();
    window.dispatchEvent(new Event("pagehide"));
    expect(going).toHaveBeenCalledTimes(2);
    page.visibilityState = "visible";
  });
});

describe("tickets", () => {
  it("are kept until the job changes, and then made anew", async () => {
    expect((await rackList(database)).stale.map((each) => each.id)).toEqual([id]);
    await makeTickets([id], ticketOf, database);
    expect(await rackList(database)).toMatchObject({ tickets: [{ id }], stale: [] });
    await changeJob(id, (job) => ({ ...job, intake: { nickname: "Other" } }), database);
    const after = await rackList(database);
    expect(after.tickets).toEqual([]);
    expect(after.stale.map((each) => each.id)).toEqual([id]);
  });
});

describe("an import taken back", () => {
  it("leaves the job that stood there, and keeps beside it what was worked on meanwhile", async () => {
    const mine = await stored();
    const file = { ...mine, intake: { nickname: "From the file" } };
    const first = await importJob(file, "replace", database);
    expect(await undoImport(first, database)).toBe(false);
    expect((await stored()).intake).toEqual(mine.intake);
    const second = await importJob(file, "replace", database);
    await changeJob(id, (job) => ({ ...job, intake: { ...job.intake, frame: "worked on" } }), database);
    expect(await undoImport(second, database)).toBe(true);
    expect((await stored()).intake).toEqual(mine.intake);
    const all = await database.jobs.toArray();
    expect(all.map(({ intake }) => intake.frame)).toContain("worked on");
    expect(new Set(all.map(({ number }) => number)).size).toBe(all.length);
  });
});
