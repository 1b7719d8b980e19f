// What one ride tells of a cap: only what it can tell apart.
import { describe, expect, it } from "vitest";
import { SKERRY } from "@/catalog/displays/skerry";
import { TARN } from "@/catalog/displays/tarn";
import { classById } from "@/catalog/classes/classes";
import { linesOf, lineIndex, shows, withCapBasis, type DisplayProfile } from "../display";
import { capRunOf, withCapRun } from "./capRun";
import { newJob, type Job } from "./job";
import { withCheck } from "./typed";
import { workOut } from "./workings";

const AT = "2026-11-24T09:00:00.000Z";

/** A bike of 2310 mm on a display that holds these values, ridden to the end of assist. */
function ridden(profile: DisplayProfile, values: Readonly<Record<string, number>>, measured: string): Job {
  const fresh = newJob("run", 1, AT);
  const shown = Object.fromEntries(
    linesOf(profile).map(({ code, encoding, factoryRaw }) => [code, shows(encoding, values[code] ?? factoryRaw ?? 0)]),
  );
  const job: Job = {
    ...fresh,
    profile,
    intake: { rolloutMm: "2310", tapeErrorMm: "3", pulsesPerTurn: "1", throttleFitted: "no" },
    classChoice: { ...fresh.classChoice, rule: classById("eu-epac") },
    asFound: { shown, waivedReason: "" },
  };
  return withCheck(job, "top-speed-run", { measured });
}

/** Tarn with a cap nobody knows the basis of; wheel 26 on a wheel of 2310 mm reads a tenth low. */
const UNKNOWN: DisplayProfile = {
  ...TARN,
  lines: TARN.lines.map((line) =>
    line.code === "53" ? { ...line, encoding: withCapBasis(line.encoding, "unknown") } : line,
  ),
};
const SMALL_WHEEL = { "51": 6, "53": 25 };
const TRUE_WHEEL = { "51": 9, "53": 25 };
const capOf = (job: Job) => workOut(job).sheet?.inForce.cap;

describe("a ride at full assist", () => {
  it("tells a cap on the speed shown from one of the controller's own, and the plan follows", () => {
    // 25 ÷ 0.898 = 27.8 km/h true.
    const byShown = ridden(UNKNOWN, SMALL_WHEEL, "27.6");
    expect(capRunOf(byShown)).toMatchObject({ kind: "basis", basis: "shown", ifShownKmh: expect.closeTo(27.8, 1) });
    expect(capOf(byShown)).toMatchObject({ kind: "unmeasured", basis: "unknown" });
    expect(capOf(withCapRun(byShown))).toMatchObject({ kind: "true", kmh: { nominal: expect.closeTo(27.8, 1) } });
    const byOwn = ridden(UNKNOWN, SMALL_WHEEL, "15.4 mph");
    expect(capRunOf(byOwn)).toMatchObject({ kind: "basis", basis: "own", kmh: expect.closeTo(24.8, 1) });
    expect(capOf(withCapRun(byOwn))).toMatchObject({ kind: "unmeasured", basis: "own" });
    const line = withCapRun(byShown).profile?.lines.find(({ code }) => code === "53");
    expect(line?.claims.at(-1)).toMatchObject({ from: "own-trial", chosen: true });
    expect(capRunOf(withCapRun(byShown))).toBeNull();
  });

  it("tells nothing apart on a display that reads true, and names what fits neither", () => {
    expect(capRunOf(ridden(UNKNOWN, TRUE_WHEEL, "25.2"))).toMatchObject({ kind: "either" });
    const neither = ridden(UNKNOWN, SMALL_WHEEL, "21");
    expect(capRunOf(neither)).toMatchObject({ kind: "neither", kmh: 21, capKmh: 25 });
    expect(withCapRun(neither)).toBe(neither);
  });

  it.each(["", "  ", "fast", "0", "300", "-5"])("written down as %j tells nothing", (measured) =>
    expect(capRunOf(ridden(UNKNOWN, SMALL_WHEEL, measured))).toBeNull(),
  );

  it("tells nothing of a cap that is known, nor once a line it rests on has changed", () => {
    expect(capRunOf(ridden(TARN, SMALL_WHEEL, "27.6"))).toBeNull();
    const job = ridden(UNKNOWN, SMALL_WHEEL, "27.6");
    const moved = { ...job, asFound: { ...job.asFound, shown: { ...job.asFound.shown, "51": "29" } } };
    expect(capRunOf(moved)).toBeNull();
  });

  it("gives a value of a line without a scale its speed, on this bike", () => {
    const code = linesOf(SKERRY).find(({ encoding }) => encoding.setting === "assistCapKmh")?.code ?? "";
    const job = ridden(SKERRY, { [code]: 12 }, "24.6");
    expect(capRunOf(job)).toMatchObject({ kind: "scale", raw: 12, kmh: 24.6 });
    const learnt = withCapRun(job);
    const encoding = learnt.profile?.lines[lineIndex(SKERRY, code)]?.encoding;
    expect(encoding).toMatchObject({ measured: [{ raw: 12, value: 24.6, on: { rolloutMm: 2310 } }] });
    expect(capOf(learnt)).toMatchObject({ kind: "true", kmh: { nominal: 24.6 } });
    expect(capRunOf(learnt)).toBeNull();
  });
});
