// A fault looked for on a bike of the book: the case goes by what its job knows.
import { describe, expect, it } from "vitest";
import { FAULTS } from "@/catalog/faults";
import { demoJobs } from "@/catalog/demo/workshop";
import type { FaultAnswer, FaultCase } from "../faults";
import { faultBike, faultPath, rowsOfCause, shopOf } from "./faultPath";
import type { Job } from "./job";

const jobs = demoJobs();
const jobOf = (number: number): Job => {
  const job = jobs.find((each) => each.number === number);
  if (!job) throw new Error(`no bike ${number}`);
  return job;
};
const caseOf = (sign: string, answers: readonly FaultAnswer[] = [], changed: readonly string[] = []): FaultCase => ({
  id: "c",
  jobId: null,
  signs: [sign],
  changed,
  answers,
  begunAt: "2026-05-01T00:00:00Z",
});
const SHOP = { ...shopOf(null), found: {} };
const shareOf = (path: ReturnType<typeof faultPath>, cause: string): number =>
  path.likely.find((each) => each.cause === cause)?.probability ?? 0;

describe("a shop by what it has", () => {
  it("has all tools and no spare until somebody says, and then what he says", () => {
    expect([...shopOf(null).tools]).toContain("meter");
    expect(shopOf(null).spares.size).toBe(0);
    expect([...shopOf(["pack", "stand", "unicorn"]).tools]).toEqual(["stand"]);
    expect([...shopOf(["pack", "stand"]).spares]).toEqual(["pack"]);
    expect(shopOf([]).tools.size).toBe(0);
  });
});

describe("a case on a bike of the book", () => {
  // 204 came with a complaint of its gauge: its volts line is a step off, its cut-off too low for the pack.
  const complaint = jobOf(204);
  const about = faultBike(complaint);
  it("holds a line that differs from the plan likelier than on a bike nobody knows", () => {
    const unknown = faultPath(FAULTS, caseOf("dies-at-half"), null, null, SHOP);
    const known = faultPath(FAULTS, caseOf("dies-at-half"), complaint, about, SHOP);
    const [volts] = rowsOfCause(FAULTS, about, "volts-line");
    expect(volts?.changes).toBe(true);
    expect(shareOf(known, "volts-line")).toBeGreaterThan(shareOf(unknown, "volts-line"));
    expect(known.standing).toMatchObject({ kind: "next", next: { check: { id: "read-volts-line" } } });
  });
  it("leaves out causes of parts the bike has not", () => {
    const bare = { ...complaint, intake: { ...complaint.intake, throttleFitted: "no" } };
    const path = faultPath(FAULTS, caseOf("keeps-pushing"), bare, faultBike(bare), SHOP);
    expect(shareOf(path, "throttle-bad")).toBe(0);
    expect(path.likely.length).toBeGreaterThan(2);
  });
  it("holds what was worked on just before likelier", () => {
    const plain = faultPath(FAULTS, caseOf("no-assist"), null, null, SHOP);
    const after = faultPath(FAULTS, caseOf("no-assist", [], ["motor"]), null, null, SHOP);
    expect(shareOf(after, "phase-loose")).toBeGreaterThan(1.5 * shareOf(plain, "phase-loose"));
  });
  it("has no rows of a cause that is a part, nor of a bike nobody knows", () => {
    expect(rowsOfCause(FAULTS, about, "phase-loose")).toEqual([]);
    expect(rowsOfCause(FAULTS, null, "volts-line")).toEqual([]);
  });
  it("knows whether it is written down how the display was found", () => {
    expect(about.hasBaseline).toBe(true);
    expect(faultBike({ ...complaint, asFound: { shown: {}, waivedReason: "" } }).hasBaseline).toBe(false);
    expect(faultBike({ ...complaint, profile: null }).rows).toEqual([]);
  });
});
