// A bike worked on at two benches, made one again, difference by difference.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { classById } from "@/catalog/classes/classes";
import { OSTLER } from "@/catalog/displays/ostler";
import { sealFault, withTyped, type Job } from "../record";
import { differenceKey, differencesOf, settled } from "./settling";
import { orderOf } from "./writes";

const AT = "2027-04-02T10:00:00.000Z";
const GONE = demoJobs().find(({ handedOverAt }) => handedOverAt !== null) as Job;
const PLANNED = demoJobs().find(({ number }) => number === 207) as Job;
const typed = (job: Job, name: string, text: string) => withTyped(job, { in: "intake", name }, text);
const kinds = (one: Job, other: Job) => differencesOf(one, other).map(differenceKey);

const HERE: Job = { ...typed(typed(PLANNED, "frame", "26 × 4.8"), "packV", "48"), writes: { here: 2 } };
const THERE: Job = {
  ...withTyped(typed(PLANNED, "frame", "26 × 5"), { in: "as-found", name: "51" }, "27.5"),
  overrides: { "53": 40 },
  classChoice: { ...PLANNED.classChoice, rule: classById("uk-eapc") },
  checks: { "wheel-size": { answer: "yes", measured: "", askedIn: "kmh", note: "rolled", rests: {} } },
  writes: { there: 1 },
};

describe("what differs", () => {
  it("is nothing between a record and itself", () => expect(differencesOf(HERE, HERE)).toEqual([]));
  it("is named place by place", () =>
    expect(kinds(HERE, THERE).sort()).toEqual(
      ["by-hand 53", "check wheel-size", "class", "typed as-found 51", "typed intake frame"].sort(),
    ));
  it("of keys and seals is one thing, as is the display", () => {
    expect(kinds({ ...GONE, sheets: GONE.sheets.slice(0, 1), handedOverAt: null }, GONE)).toEqual(["keys"]);
    expect(kinds(HERE, { ...HERE, profile: OSTLER })).toEqual(["display"]);
  });
});

describe("settled", () => {
  const all = new Set(kinds(HERE, THERE));
  it("with nothing taken is the one, later than both, and on its own", () => {
    const made = settled(HERE, THERE, new Set(), AT);
    expect(kinds(made, HERE)).toEqual(["keys"]);
    expect(made.events.at(-1)).toMatchObject({ kind: "settled", at: AT });
    expect([orderOf(made.writes, THERE.writes), orderOf(made.writes, HERE.writes)]).toEqual(["later", "later"]);
    expect(made.twinOf).toBeNull();
  });
  it("with all taken holds all of the other", () => {
    const made = settled(HERE, THERE, all, AT);
    expect(kinds(made, THERE)).toEqual(["keys"]);
    expect(made.classChoice.rule?.id).toBe("uk-eapc");
  });
  it("with any of them taken has each from the side it was taken from", () =>
    fc.assert(
      fc.property(fc.subarray([...all]), (takes) => {
        const made = settled(HERE, THERE, new Set(takes), AT);
        const fromThere = kinds(made, HERE).filter((key) => key !== "keys");
        expect(fromThere.sort()).toEqual([...takes].sort());
      }),
    ));
  it("takes a fact with the time it was typed, and takes one away that only here was typed", () => {
    const there = { ...THERE, typedAt: { frame: "2027-01-01T00:00:00.000Z" } };
    expect(settled(HERE, there, new Set(["typed intake frame"]), AT).typedAt.frame).toBe("2027-01-01T00:00:00.000Z");
    const only = typed(HERE, "complaint", "cuts out");
    expect(settled(only, HERE, new Set(["typed intake complaint"]), AT).intake).not.toHaveProperty("complaint");
  });
  it("takes the chain of seals whole, with the display it is of, and no seal breaks", () => {
    const one: Job = { ...GONE, sheets: [], events: GONE.events.slice(0, 1), handedOverAt: null, program: null };
    const made = settled({ ...one, profile: OSTLER }, GONE, new Set(["keys"]), AT);
    expect(made.profile).toEqual(GONE.profile);
    expect(made.sheets).toEqual(GONE.sheets);
    expect(sealFault(made)).toBeNull();
  });
});
