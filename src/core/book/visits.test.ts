// A bike that comes back: what is expected, what differs, and what the rest being as it was left amounts to.
import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
import { demoJobs } from "@/catalog/demo/workshop";
import { checked, demo, handedOver, programmed, readBack } from "@/screens/testing/jobs";
import { linesOf, shows } from "../display";
import { foundLines, newJob, withTyped, workOut, type Job } from "../record";
import { driftedCodes, hasDrifted, riddenKm } from "./drift";
import { entryOf } from "./entry";
import { expectedShown, hasMoved, historyOf, lastVisitOf, nextVisit, restAsExpected, stillExpected } from "./visits";

const AT = "2027-03-01T09:00:00.000Z";
const GONE = demoJobs().find(({ handedOverAt, profile }) => handedOverAt !== null && profile !== null) as Job;
const BACK = nextVisit(GONE, { id: "visit-2", number: 900, at: AT });
const found = (job: Job, code: string, typed: string) => withTyped(job, { in: "as-found", name: code }, typed);
const settable = linesOf(GONE.profile ?? TARN).filter(({ encoding }) => encoding.kind !== "read-only");
const first = settable[0]?.code ?? "";
const other = (code: string): string => {
  const line = settable.find((each) => each.code === code);
  const left = GONE.sheets.at(-1)?.lines.find((each) => each.code === code)?.raw;
  const raw = [0, 1, 2, 3].find((each) => each !== left) ?? 0;
  return line ? shows(line.encoding, raw) : "";
};

/** What a bike was left with, line by line, as its display shows it. */
const leftOf = (job: Job): Record<string, string> =>
  Object.fromEntries((job.sheets.at(-1)?.lines ?? []).map(({ code, shows: shown }) => [code, shown ?? ""]));

describe("a next visit", () => {
  it("is of the same bike, knows its display and its facts, and begins with nothing found or sealed", () => {
    expect(BACK.bikeId).toBe(GONE.bikeId);
    expect(BACK.profile).toEqual(GONE.profile);
    expect(BACK.intake).toMatchObject({ nickname: GONE.intake.nickname, tyre: GONE.intake.tyre, visit: "service" });
    expect(BACK.asFound.shown).toEqual({});
    expect([BACK.sheets, BACK.handedOverAt, BACK.program]).toEqual([[], null, null]);
  });
  it("asks anew what belongs to one visit", () => {
    const last = withTyped(
      withTyped(GONE, { in: "intake", name: "complaint" }, "cuts out"),
      {
        in: "intake",
        name: "odometerKm",
      },
      "800",
    );
    const { intake, lastVisit } = nextVisit(last, { id: "visit-2", number: 900, at: AT });
    expect([intake.complaint, intake.odometerKm]).toEqual([undefined, undefined]);
    expect(lastVisit?.odometerKm).toBe("800");
  });
  it("takes no reading along that was made with the lines as they stood then", () => {
    // 18.0 shown at a true 20 km/h, on a wheel line that was set right since.
    const left = handedOver(checked(readBack(programmed(demo(207)))));
    expect(left.intake.oneShown).toBe("18.0");
    const { intake, lastVisit } = nextVisit(left, { id: "visit-2", number: 900, at: AT });
    expect([intake.oneTrueKmh, intake.oneShown, intake.runs]).toEqual([undefined, undefined, undefined]);
    expect(lastVisit?.intake).toMatchObject({ oneShown: "18.0" });
    const back = restAsExpected(nextVisit(left, { id: "visit-2", number: 900, at: AT }), AT);
    expect(workOut(back).sheet?.inForce.findings.filter(({ severity }) => severity === "caution")).toEqual([]);
    // Figures of the bike itself stay.
    expect(intake).toMatchObject({ rolloutMm: "4620", outerDiameterMm: "741", surface: "fat", bikeKg: "19" });
  });
  it("expects every line as it was sealed when the bike left", () => {
    const left = GONE.sheets.findLast(({ kind }) => kind === "as-left");
    for (const { code, shows: shown } of left?.lines ?? [])
      if (settable.some((line) => line.code === code) && shown !== null) expect(expectedShown(BACK, code)).toBe(shown);
    expect(stillExpected(BACK).length).toBe(settable.length);
  });
  it("expects nothing of another display", () => {
    const swapped: Job = { ...BACK, profile: { ...TARN, id: "own-other" } };
    expect(expectedShown(swapped, first)).toBeNull();
    expect(stillExpected(swapped)).toEqual([]);
    expect(driftedCodes(swapped)).toBeNull();
  });
  it("with the rest as we left it has every line, and keeps what was typed", () => {
    const typed = other(first);
    const told = restAsExpected(found(BACK, first, typed), AT);
    expect(told.asFound.shown[first]).toBe(typed);
    expect(foundLines(told).filter((line) => line.shown && line.raw === null)).toEqual([]);
    expect(told.events.at(-1)).toMatchObject({ kind: "as-we-left-it" });
    expect(restAsExpected(told, AT)).toBe(told);
  });
});

describe("drift", () => {
  it("is not told before anything is read", () => expect(entryOf(BACK).drifted).toBeNull());
  it("counts what differs and nothing else", () => {
    const same = found(BACK, first, expectedShown(BACK, first) ?? "");
    expect(driftedCodes(same)).toEqual([]);
    expect(driftedCodes(found(BACK, first, other(first)))).toEqual([first]);
    expect(entryOf(found(BACK, first, other(first))).drifted).toBe(1);
  });
  it("takes 18 for 18.0, and a value the line cannot show for no reading", () => {
    const start = linesOf(TARN).find(({ code }) => code === "41");
    if (!start) throw new Error("no line");
    const left = start.factoryRaw ?? 0;
    const shown = shows(start.encoding, left);
    expect(hasDrifted(start.encoding, shown, left)).toBe(false);
    expect(hasDrifted(start.encoding, String(Number(shown)), left)).toBe(false);
    expect(hasDrifted(start.encoding, "mud", left)).toBeNull();
    expect(hasDrifted(start.encoding, "", left)).toBeNull();
    expect(hasDrifted(start.encoding, shown, undefined)).toBeNull();
  });
});

describe("how far the bike went", () => {
  it.each([
    ["800", "1250", 450],
    ["800", "800", 0],
    ["0", "12.5", 12.5],
    ["500 mi", "900", 900 - 500 * 1.609344],
    ["", "1250", null],
    ["800", "", null],
    ["800", "120", null],
    ["far", "1250", null],
  ])("from %j to %j is %s km", (then, now, km) => {
    const ridden = riddenKm(then, now);
    if (km === null) expect(ridden).toBeNull();
    else expect(ridden).toBeCloseTo(km, 6);
  });
});

describe("the history of a bike", () => {
  const swapped = withTyped(found(BACK, first, other(first)), { in: "intake", name: "tyre" }, "100-559");
  const history = historyOf([swapped, GONE]);
  it("has the newest visit first, line by line", () => {
    expect(history.visits.map(({ job }) => job.number)).toEqual([900, GONE.number]);
    expect(history.visits[0]?.lines.get(first)).toMatchObject({ found: other(first), left: null, drifted: true });
    expect(history.visits[1]?.lines.get(first)?.left).toBe(expectedShown(BACK, first));
    expect(history.codes).toContain(first);
  });
  it("tells the lines that moved from those that stayed", () => {
    expect(hasMoved(first, history.visits)).toBe(true);
    const stayed = historyOf([{ ...GONE, asFound: { ...GONE.asFound, shown: { ...leftOf(GONE) } } }]);
    expect(stayed.codes.filter((code) => hasMoved(code, stayed.visits))).toEqual([]);
    expect(hasMoved("no such line", history.visits)).toBe(false);
  });
  it("tells which parts are others now", () => {
    expect(history.visits[0]?.changedFacts.map(({ key }) => key)).toEqual(["tyre"]);
    expect(history.visits[1]?.changedFacts).toEqual([]);
  });
  it("holds against the visit before where a record does not carry it", () => {
    const alone: Job = { ...swapped, lastVisit: null };
    expect(historyOf([alone, GONE]).visits[0]?.changedFacts.map(({ key }) => key)).toEqual(["tyre"]);
    expect(historyOf([alone]).visits[0]?.changedFacts).toEqual([]);
  });
  it("says what a bike nobody finished left: what was read back", () => {
    const { left } = lastVisitOf({ ...GONE, sheets: [] });
    expect(Object.keys(left).length).toBeGreaterThan(0);
    expect(lastVisitOf(newJob("bare-1", 1, AT))).toMatchObject({ left: {}, seal: null });
  });
});
