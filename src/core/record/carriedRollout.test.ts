// A bike back with another tyre: what was measured on the old one is let go, and comes back with it.
import { describe, expect, it } from "vitest";
import { demo } from "@/screens/testing/jobs";
import { nextVisit } from "../book/visits";
import { withCarriedRollout } from "./carriedRollout";
import { rolloutLeftBehind } from "./rolloutLeftBehind";
import type { Job } from "./job";
import { withTyped, withTypedAt } from "./typed";
import { workOut } from "./workings";

const BEGUN = "2027-03-01T09:00:00.000Z";
const SINCE = "2027-03-01T09:10:00.000Z";
/** Rolled out at 2138 mm, on 32-622. */
const BACK = nextVisit(demo(201), { id: "visit-2", number: 900, at: BEGUN });

/** As the store does it: a key at a time, each with its time. */
const type = (job: Job, name: string, text: string): Job =>
  Array.from({ length: text.length + 1 }, (_, i) => text.slice(0, i)).reduce((now, so) => {
    const next = withTypedAt(now, withTyped(now, { in: "intake", name }, so), SINCE);
    return withCarriedRollout(now, next);
  }, job);
const rolloutOf = (job: Job) => workOut(job).bike.rollout;

describe("the rollout of the visit before", () => {
  it("goes on with the bike", () => {
    expect(rolloutOf(BACK)).toEqual({ mm: 2138, uncertaintyMm: 4, from: "measured" });
    expect(rolloutLeftBehind(BACK)).toBeNull();
  });
  it("is let go with its tape once another tyre is on, and told with the tyre it was of", () => {
    const fat = type(BACK, "tyre", "62-622");
    expect([fat.intake.rolloutMm, fat.intake.tapeErrorMm]).toEqual([undefined, undefined]);
    expect(rolloutOf(fat)?.from).toBe("tyre");
    expect(rolloutOf(fat)?.mm).toBeGreaterThan(2200);
    expect(rolloutLeftBehind(fat)).toMatchObject({ rollout: { mm: 2138 }, tyre: "32-622" });
  });
  it("comes back with its tyre, however that is spelled", () => {
    for (const same of ["32-622", "32 - 622"]) {
      const again = type(type(BACK, "tyre", "62-622"), "tyre", same);
      expect(again.intake).toMatchObject({ rolloutMm: "2138", tapeErrorMm: "4" });
      expect(rolloutLeftBehind(again)).toBeNull();
      expect(again.intake).toStrictEqual({ ...BACK.intake, tyre: same });
    }
  });
  it("is not let go where it is another than the visit before had, though no time was kept with it", () => {
    const other: Job = { ...BACK, intake: { ...BACK.intake, rolloutMm: "2204" } };
    expect(type(other, "tyre", "62-622").intake.rolloutMm).toBe("2204");
  });
  it("stays while the tyre is half typed, taken away or cannot be read: it may be the same", () => {
    for (const text of ["6", "62-", "", "mud"])
      expect(rolloutOf(type(BACK, "tyre", text)), text).toMatchObject({ mm: 2138, from: "measured" });
  });
  it("is not put back over what was measured on this visit, nor over what was taken away by hand", () => {
    const measured = type(type(BACK, "tyre", "62-622"), "rolloutMm", "2250");
    expect(rolloutLeftBehind(measured)).toBeNull();
    expect(rolloutOf(type(measured, "tyre", "32-622"))).toMatchObject({ mm: 2250 });
    const taken = type(BACK, "rolloutMm", "");
    expect(type(type(taken, "tyre", "62-622"), "tyre", "32-622").intake.rolloutMm).toBe("");
  });
  it("measured first and the tyre typed after, stays: even where it is the same to the millimetre", () => {
    const measured = type(type(BACK, "rolloutMm", ""), "rolloutMm", "2138");
    expect(type(measured, "tyre", "62-622").intake.rolloutMm).toBe("2138");
  });
  it("stays where nobody had said the tyre before", () => {
    const unsaid = { ...BACK, intake: { ...BACK.intake, tyre: "" } };
    const last = BACK.lastVisit && { ...BACK.lastVisit, intake: { ...BACK.lastVisit.intake, tyre: "" } };
    const said = type({ ...unsaid, lastVisit: last }, "tyre", "62-622");
    expect(said.intake.rolloutMm).toBe("2138");
    expect(rolloutLeftBehind(said)).toBeNull();
  });
  it("is nobody's business on a first visit, and moves nothing once a bike has gone", () => {
    const first = demo(207);
    expect(type(first, "tyre", "47-622").intake.rolloutMm).toBe(first.intake.rolloutMm);
    const gone: Job = { ...BACK, handedOverAt: SINCE };
    expect(type(gone, "tyre", "62-622").intake.rolloutMm).toBe("2138");
  });
  it("leaves every other fact and every other edit alone", () => {
    const fat = type(BACK, "tyre", "62-622");
    expect({ ...fat.intake, rolloutMm: "", tapeErrorMm: "", tyre: "" }).toEqual({
      ...BACK.intake,
      rolloutMm: "",
      tapeErrorMm: "",
      tyre: "",
    });
    expect(type(BACK, "packAh", "14").intake.rolloutMm).toBe("2138");
  });
});
