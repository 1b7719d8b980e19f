// A wish is granted once: planned anew after its keys were set aside, or when the bike comes back as it was left, it
// moves nothing on top of what it has moved before.
import { describe, expect, it } from "vitest";
import { checked, demo, handedOver, programmed, readBack } from "@/screens/testing/jobs";
import { nextVisit, restAsExpected } from "../book/visits";
import { WISH_IDS } from "../facts";
import { lineIndex } from "../display";
import type { Job } from "./job";
import { readJobFile } from "./jobFile";
import { writeJobFile } from "./job";
import { setKeysAside } from "./settingAside";
import { withTyped } from "./typed";
import { workOut } from "./workings";

const AT = "2026-11-25T10:00:00.000Z";
const BACK_AT = "2027-03-01T09:00:00.000Z";
const wishing = (number: number, wishes: string): Job =>
  withTyped(demo(number), { in: "intake", name: "wishes" }, wishes);
const gone = (job: Job): Job => handedOver(checked(readBack(programmed(job))));
const back = (job: Job): Job => nextVisit(job, { id: "visit-2", number: 900, at: BACK_AT });
const asLeft = (job: Job): Job => restAsExpected(back(job), BACK_AT);
const rowOf = (job: Job, code: string) => {
  const row = workOut(job).sheet?.rows[job.profile ? lineIndex(job.profile, code) : -1];
  if (!row) throw new Error(`no line ${code}`);
  return row;
};
/** Lines the plan would set otherwise than they are. */
const changes = (job: Job): readonly string[] =>
  (workOut(job).sheet?.rows ?? []).flatMap(({ code, inForce, target, shown }) =>
    shown.target && target && inForce && target.raw !== inForce.raw ? [`${code} ${inForce.shows} ${target.shows}`] : [],
  );

describe.each([207, 204])("every wish of bike %d is granted once", (number) => {
  it.each([...WISH_IDS, "range-first kicks-hard younger-rider cuts-out"])("%s", (wish) => {
    const job = wishing(number, wish);
    expect(changes(job)).not.toEqual([]);
    const aside = setKeysAside(programmed(job), AT, "wrong cable");
    expect(changes(aside)).toEqual([]);
    const second = asLeft(gone(aside));
    expect(changes(second)).toEqual([]);
    expect(changes(setKeysAside(programmed(second), AT, "again"))).toEqual([]);
    expect(changes(asLeft(gone(second)))).toEqual([]);
  });
});

describe("range first, on 18 A", () => {
  const job = wishing(207, "range-first");
  it("is four fifths of them, and stays that", () => {
    expect(rowOf(job, "41")).toMatchObject({ found: { shows: "18.0" }, target: { shows: "14.5" } });
    expect(rowOf(asLeft(gone(job)), "41")).toMatchObject({ found: { shows: "14.5" }, target: { shows: "14.5" } });
  });
  it("goes from there again where somebody has set it back, and on from what else was found", () => {
    const found = (shows: string) =>
      restAsExpected(withTyped(back(gone(job)), { in: "as-found", name: "41" }, shows), BACK_AT);
    expect(rowOf(found("18.0"), "41").target?.shows).toBe("14.5");
    expect(rowOf(found("20.0"), "41").target?.shows).toBe("16.0");
  });
  it("is a wish like any other where it is new on a bike that comes back", () => {
    const plain = asLeft(gone(demo(207)));
    const asked = withTyped(plain, { in: "intake", name: "wishes" }, "range-first");
    expect(rowOf(asked, "41")).toMatchObject({ found: { shows: "18.0" }, target: { shows: "14.5" } });
  });
  it("goes by what stood there before in a record that was written and read", () => {
    const reading = readJobFile(writeJobFile(asLeft(gone(job))));
    if (!reading.ok) throw new Error("not read");
    expect(reading.job.lastVisit?.stood).toEqual({ "41": 36 });
    expect(changes(reading.job)).toEqual([]);
  });
  it("reads records from before that was kept", () => {
    const second = asLeft(gone(job));
    const before = { ...second, lastVisit: { ...second.lastVisit, stood: undefined } };
    expect(JSON.stringify(before)).not.toContain("stood");
    expect(readJobFile(JSON.stringify(before))).toMatchObject({ ok: true });
  });
});
