// The one thing to know and the one thing to do, as the rack says of every bike.
import { describe, expect, it } from "vitest";
import { startProgram, withTyped, type Job } from "@/core/record";
import { AT, checked, demo, handedOver, programmed, readBack } from "../testing/jobs";
import { badTicket, safeTicket, ticketOf } from "./ticket";

const SNOWPLOUGH = demo(207);
const READ = readBack(programmed(SNOWPLOUGH));
const headline = (job: Job) => ticketOf(job).headline;

describe("the headline of a ticket", () => {
  it.each([
    [demo(210), null, "Intake is not finished.", "Go on with intake"],
    [demo(208), "unknown", "10 of 18 lines written down.", /^Carry on at /],
    [
      demo(209),
      "breach",
      "Brand new, out-of-box values unproven. Not to be ridden until programmed.",
      "Write down what it shows",
    ],
    [SNOWPLOUGH, "breach", "Assist really stops at 27.8 km/h; EU EPAC says 25 km/h.", "Look at line 53"],
    [startProgram(SNOWPLOUGH, AT), "odd", "Programming has begun and is not in force.", "Go on with the keys"],
    [programmed(SNOWPLOUGH), null, "Programmed. Read-back and 7 checks due.", "Prove it"],
    [checked(READ), null, "Programmed. Read-back and 3 checks due.", "Prove it"],
  ] as const)("%#", (job, sign, text, label) => {
    expect(headline(job)).toMatchObject({ sign, text });
    expect(headline(job).action.label).toMatch(label);
  });

  it("says where it stands among the stages", () => {
    expect(headline(demo(208)).place).toBe("As found, 2 of 6");
    expect(headline(programmed(SNOWPLOUGH)).place).toBe("Prove, 5 of 6");
  });

  it("puts the breach before the complaint, and the complaint before a count", () => {
    const mild = withTyped(SNOWPLOUGH, { in: "as-found", name: "53" }, "22");
    const complaining = withTyped(mild, { in: "intake", name: "complaint" }, "Pulls to the left.");
    expect(headline(SNOWPLOUGH).sign).toBe("breach");
    expect(headline(complaining).text).toBe("Says: Pulls to the left.");
    expect(headline(mild).text).toMatch(/^\d odd lines?\.$/);
  });

  it("puts a seal that does not hold before everything", () => {
    const [first, ...rest] = READ.sheets;
    if (!first) throw new Error("nothing sealed");
    expect(headline({ ...READ, sheets: [{ ...first, note: "later" }, ...rest] })).toMatchObject({
      sign: "breach",
      text: expect.stringContaining("does not hold"),
      action: { label: "Look at it", stage: "hand-over" },
    });
  });
});

describe("a ticket", () => {
  it("has a spoke for every line, unknown while nothing was written down", () => {
    expect(ticketOf(SNOWPLOUGH).spokes).toHaveLength(18);
    const untouched = { ...demo(208), asFound: { ...demo(208).asFound, shown: {} } };
    const marks = ticketOf(untouched).spokes.map(({ mark }) => mark);
    expect(new Set(marks)).toEqual(new Set(["unknown", "left-alone"]));
    expect(ticketOf(demo(210)).spokes).toEqual([]);
    expect(ticketOf(SNOWPLOUGH).spokes.find(({ code }) => code === "51")).toMatchObject({ name: "Wheel", mark: "odd" });
  });

  it("tells what the bike is, or that nothing was written down", () => {
    expect(ticketOf(SNOWPLOUGH).facts).toBe("26 × 4 fat tyre · 250 W geared hub · Tarn");
    expect(ticketOf(SNOWPLOUGH).shortFacts).toBe("26 × 4 fat tyre · 250 W geared hub");
    expect(ticketOf({ ...demo(210), intake: {} }).facts).toBe("Nothing written down yet");
  });

  it("tells a bike gone out as it left", () => {
    const gone = handedOver(checked(READ));
    expect(ticketOf(gone).gone).toEqual({
      frame: "26 × 4 fat tyre",
      badge: expect.stringContaining("EU EPAC"),
      cap: "true cap 25 km/h",
      wayBack: "way back kept",
    });
    expect(ticketOf(withTyped(gone, { in: "intake", name: "rolloutMm" }, "1900")).gone).toEqual(ticketOf(gone).gone);
    expect(ticketOf(demo(206)).gone.cap).toBe("not for public roads");
  });

  it("stands in for a record that cannot be read, and takes no other down", () => {
    const broken = { ...SNOWPLOUGH, asFound: null } as unknown as Job;
    expect(safeTicket(broken).headline.text).toContain("Its record cannot be read here");
    expect(safeTicket(broken)).toMatchObject({ id: "demo-207", number: 207, nickname: "Snowplough" });
    expect(badTicket({ ...SNOWPLOUGH, intake: null } as unknown as Job, "x").nickname).toBe("");
    expect(safeTicket(SNOWPLOUGH)).toEqual(ticketOf(SNOWPLOUGH));
  });
});
