// What the lines of a bike may follow of the sheet of its batch without anybody asking.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import { linesOf, settingsOf, type DisplayProfile } from "../display";
import type { Batch } from "./job";
import { valuesToFollow } from "./sheetOfBatch";

/** A sheet that holds a 1 in every line of a display, read-only or not. */
const sheetOf = (profile: DisplayProfile): Batch => ({
  id: "batch-1",
  name: "Hire fleet",
  begunAt: "2026-11-25T09:00:00.000Z",
  place: 1,
  byHand: {},
  from: {
    jobId: "job-1",
    number: 1,
    nickname: "First",
    display: { id: profile.id, revision: 1 },
    className: "any",
    standing: "as-left",
    seal: null,
  },
  sheet: Object.fromEntries(linesOf(profile).map(({ code }) => [code, 1])),
  found: {},
  intake: {},
});

describe("values of a sheet that lines may follow", () => {
  it("are those of every line but the locked, the dead and the one that shows the firmware", () => {
    const codes = Object.keys(valuesToFollow(TARN, sheetOf(TARN)));
    expect(codes).toEqual("31 32 33 34 35 41 42 43 51 53 61 62 63 64 65".split(" "));
  });
  it("are none of a line that was tried and does nothing", () => {
    const lines = TARN.lines.map((line) => (line.code === "65" ? { ...line, effect: "none" as const } : line));
    expect(valuesToFollow({ ...TARN, lines }, sheetOf(TARN))).not.toHaveProperty("65");
  });
  it("are none on another display, whatever its lines are called", () =>
    expect(valuesToFollow({ ...TARN, id: "own-tarn" }, sheetOf(TARN))).toEqual({}));
  it("are none that were found out on one bike", () => {
    const followed = SHIPPED_DISPLAYS.flatMap((profile) => {
      const values = valuesToFollow(profile, sheetOf(profile));
      return linesOf(profile).flatMap((line) => (line.code in values ? settingsOf(line) : []));
    });
    for (const key of ["speedCalibrationPercent", "crankScalingPercent", "phaseCoding", "startPinOn"] as const)
      expect(followed).not.toContain(key);
    expect(followed).toContain("assistCapKmh");
  });
  it("are only those the sheet has", () =>
    expect(valuesToFollow(TARN, { ...sheetOf(TARN), sheet: { "53": 25 } })).toEqual({ "53": 25 }));
});
