// Private land as a decision, and the way back to the road as one deed that ends where the class is proven again.
import { describe, expect, it } from "vitest";
import { classById } from "@/catalog/classes/classes";
import { demo, programmed, readBack } from "@/screens/testing/jobs";
import { keyWork } from "./keyWork";
import { linesOf } from "../display";
import { newJob, type Job } from "./job";
import { isOffRoad, lacksForPrivateLand, withClass } from "./offRoad";
import { backToRoad, roadTask } from "./roadClass";
import { withTyped, withTypedAt } from "./typed";
import { workOut } from "./workings";

const AT = "2026-11-20T08:00:00.000Z";
const [EPAC, LAND] = ["eu-epac", "private-land"].map((id) => {
  const rule = classById(id);
  if (!rule) throw new Error(`no class ${id}`);
  return rule;
}) as [NonNullable<ReturnType<typeof classById>>, NonNullable<ReturnType<typeof classById>>];

/** Snowplough let loose on private land: its cap raised by hand, its start left as it was. */
function onLand(): Job {
  const job = demo(207);
  const choice = withClass(withClass(job.classChoice, EPAC), LAND);
  const loose: Job = {
    ...job,
    classChoice: choice,
    overrides: { "53": 45, "34": 1 },
    overrideReasons: { "53": "own field" },
  };
  return withTyped(loose, { in: "acknowledged" }, "The owner’s own field, by letter.");
}

describe("private land", () => {
  it("remembers the road class it was taken from, and asks for what it lacks", () => {
    const fresh = newJob("fresh-bike", 1, AT).classChoice;
    expect(withClass(fresh, LAND).roadClass).toBeUndefined();
    expect(lacksForPrivateLand({ classChoice: withClass(fresh, LAND) })).toBe("acknowledgement");
    const written = { ...withClass(fresh, LAND), acknowledged: "own field" };
    expect(lacksForPrivateLand({ classChoice: written })).toBe("road-class");
    expect(lacksForPrivateLand(onLand())).toBeNull();
    expect(onLand().classChoice.roadClass?.id).toBe("eu-epac");
    // Chosen twice over, the road class stays.
    expect(withClass(onLand().classChoice, LAND).roadClass?.id).toBe("eu-epac");
    expect(lacksForPrivateLand({ classChoice: withClass(fresh, EPAC) })).toBeNull();
  });
  it("dates the acknowledgement whenever it is written", () => {
    const before = demo(207);
    const after = withTyped(before, { in: "acknowledged" }, "own field");
    expect(withTypedAt(before, after, AT).classChoice.acknowledgedAt).toBe(AT);
    expect(withTypedAt(after, { ...after, handOverNote: "x" }, AT).classChoice.acknowledgedAt).toBeUndefined();
  });
});

describe("back to the road", () => {
  const read = readBack(programmed(onLand()));
  const back = backToRoad(read, AT, "Back to the road.");

  it("is one deed: the class again, what matters in law proposed anew, other wishes kept, keys planned anew", () => {
    expect(isOffRoad(read)).toBe(true);
    expect(isOffRoad(back)).toBe(false);
    expect(back.overrides).toEqual({ "34": 1 });
    expect(back.overrideReasons).toEqual({});
    expect(back.program).toBeNull();
    expect(back.events.at(-1)).toMatchObject({ kind: "back-to-road", detail: EPAC.name });
    expect(workOut(back).sheet?.target.findings.filter(({ severity }) => severity === "breach")).toEqual([]);
    expect(workOut(back).sheet?.rows.find(({ code }) => code === "53")?.changes).toBe(true);
    expect(backToRoad(back, AT, "again")).toBe(back);
  });
  it("has its keys ready while the bike is still on private land, and they end in the road class", () => {
    const task = roadTask(read);
    const { profile } = read;
    if (!task || !profile) throw new Error("no way to the road");
    const end = keyWork(profile, task.state, task.goal).steps.at(-1)?.after;
    const target = workOut(back).sheet?.target.raws ?? [];
    linesOf(profile).forEach((line, i) => {
      if (line.encoding.kind !== "read-only") expect(end?.inForce[i], line.code).toBe(target[i]);
    });
    expect(roadTask(back)).toBeNull();
    expect(roadTask(onLand())).toBeNull();
  });
  it("makes due again what rests on a changed line", () => {
    const again = programmed(back);
    const due = workOut(again).checks.filter(({ verdict }) => verdict === "due" || verdict === "due-again");
    expect(due.map(({ check }) => check.id)).toContain("top-speed-run");
  });
});
