// What every paper says of a bike, at every standing it can have.
import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
import { linesOf } from "@/core/display";
import { classById } from "@/catalog/classes/classes";
import { paperOf, startProgram, wayBack, withTyped, workOut, type Job, type Paper } from "@/core/record";
import { AT, checked, demo, handedOver, programmed, readBack } from "../testing/jobs";
import { rowsOf, says } from "../testing/says";
import { ENGLISH } from "@/words/papers/english";
import { GERMAN } from "@/words/papers/german";
import { ownersFacts, type OwnersFacts } from "@/core/record/ownersFacts";
import { OwnersCard } from "./OwnersCard";
import { RestsOn } from "./RestsOn";
import { WayBackCard } from "./WayBackCard";
import { WorkshopSheet } from "./WorkshopSheet";

const paper = (job: Job): Paper => {
  const told = paperOf(job);
  if (!told) throw new Error("no paper without a display");
  return told;
};
const factsOf = (told: Paper): OwnersFacts => {
  const facts = ownersFacts(told);
  if (!facts) throw new Error("no facts without a display");
  return facts;
};
const owners = (job: Job, words = ENGLISH): string =>
  says(<OwnersCard paper={paper(job)} facts={factsOf(paper(job))} words={words} />);
const workshop = (job: Job): string => says(<WorkshopSheet paper={paper(job)} needs={null} />);
const lines = (job: Job) => rowsOf(<WorkshopSheet paper={paper(job)} needs={null} />);
const wayBackWords = (job: Job): string => {
  const work = wayBack(job);
  if (!work) throw new Error("no way back");
  return says(<WayBackCard paper={paper(job)} work={work} words={ENGLISH} />);
};

const SNOWPLOUGH = demo(207);
const SET = programmed(SNOWPLOUGH);
const READ = readBack(SET);

describe("the stamp of a paper", () => {
  it.each([
    ["before any key", SNOWPLOUGH, "Planned, not set"],
    ["with keys begun", startProgram(SNOWPLOUGH, AT), "Keys under way, not all set"],
    ["with the keys done", SET, "Set, as told; not read back"],
    ["with one line read", { ...SET, readBack: { "51": "29" } }, "Not all read back"],
    ["with a line that cannot be made out", readBack(SET, { "51": "2?" }), "Not all read back"],
  ] as const)("%s", (_, job, stamp) => {
    expect(workshop(job).split("\n")).toContain(stamp);
    expect(owners(job).split("\n")).toContain(stamp);
    expect(owners(job)).toContain("Not proven yet.");
  });

  it("is gone once every line was read back", () => {
    for (const words of [workshop(READ), owners(READ)])
      expect(words).not.toMatch(/not set|under way|not read back|not all read/i);
    expect(owners(READ)).toContain("Checked against the class text, not certified.");
  });
});

describe("the workshop sheet", () => {
  it("lists what it rests on, each with how it is known and when, and what nobody said", () => {
    const job = { ...SNOWPLOUGH, typedAt: { rolloutMm: "2026-11-23T08:00:00.000Z" } };
    const { intake } = workOut(job);
    const rows = rowsOf(<RestsOn job={job} guessed={intake.guessed} />);
    expect(rows.get("Rollout, all turns")).toEqual(["4620 ± 6 mm", "measured 23 Nov"]);
    expect(rows.get("Motor")?.[1]).toBe("said");
    expect(says(<RestsOn job={job} guessed={intake.guessed} />)).toMatch(/Nobody said, taken as usual: .*12 pulses/);
  });
  it("has no column for what was left while nothing was set", () => {
    expect(workshop(SNOWPLOUGH)).not.toContain("As left");
    expect(workshop(SNOWPLOUGH)).toContain("Nothing has been set on the bike: these values are a plan.");
    expect(lines(SNOWPLOUGH).get("51")?.slice(1, 3)).toEqual(["26 (2075 mm)", "29 (2314 mm)"]);
  });

  it("prints what was read back as left, never what was planned", () => {
    const job = readBack(SET, { "51": "26", "34": "" });
    expect(lines(job).get("51")?.slice(1, 4)).toEqual(["26 (2075 mm)", "29 (2314 mm)", "26 (2075 mm)"]);
    expect(lines(job).get("34")?.[3]).toBe("unread");
    expect(lines(SET).get("51")?.[3]).toBe("unread");
  });

  it("says why a line was changed, was not, or was not touched", () => {
    const why = (code: string) => lines(READ).get(code)?.at(-1) ?? "";
    expect(why("31")).toBe("Not changed.");
    expect(why("52")).toBe("Not touched: maker only.");
    expect(why("51")).toMatch(/2310|2314/);
  });

  it("names class, source and what no display checks", () => {
    expect(workshop(READ)).toContain("Checked against EU EPAC (");
    expect(workshop(READ)).toContain("Not checked by any display:");
    expect(workshop(READ)).toContain("Check your local code.");
    const classless = { ...READ, classChoice: { ...READ.classChoice, rule: null } };
    expect(workshop(classless)).not.toContain("Checked against");
  });

  it("counts the checks that passed, of those due", () => {
    const due = /Checks passed: (\d+) of (\d+)\./;
    expect(due.exec(workshop(READ))?.slice(1)).toEqual(["0", "7"]);
    expect(due.exec(workshop(checked(READ)))?.slice(1)).toEqual(["4", "7"]);
  });

  it("says that a seal does not hold, on every paper", () => {
    const [first, ...rest] = READ.sheets;
    if (!first) throw new Error("nothing sealed");
    const forged = { ...READ, sheets: [{ ...first, note: "written in later" }, ...rest] };
    const words = "The seal of sheet 1 does not hold";
    expect(workshop(forged)).toContain(words);
    expect(owners(forged)).toContain(words);
    expect(wayBackWords(forged)).toContain(words);
    expect(workshop(READ)).not.toContain("does not hold");
    expect(workshop({ ...READ, sheets: rest })).toMatch(/does not hold|missing from this record/);
  });
});

describe("the owner's card", () => {
  const fact = (job: Job, what: string): string => {
    const words = owners(job).split("\n");
    return words[words.indexOf(what) + 1] ?? "";
  };

  it("tells where assist ends as planned, as planned and unread, and as read back", () => {
    expect(fact(SNOWPLOUGH, "Assist ends at")).toBe("25 km/h true, 25 km/h set · planned, not set");
    expect(fact(SET, "Assist ends at")).toMatch(/· planned, not read back$/);
    expect(fact(READ, "Assist ends at")).toBe("25 km/h true, 25 km/h set");
  });

  it("takes the cap as it was read back, not as it was planned", () => {
    const over = readBack(SET, { "53": "32" });
    expect(fact(over, "Assist ends at")).toContain("32 km/h set");
    expect(fact(readBack(SET, { "53": "" }), "Assist ends at")).toMatch(/planned, not read back$/);
  });

  it("knows a bike without a throttle", () => {
    expect(fact(READ, "Throttle")).toBe("none fitted");
    expect(fact(programmed(demo(204)), "Throttle")).not.toBe("none fitted");
  });

  it("names the class on its label, and no public roads where there are none", () => {
    expect(owners(READ)).toMatch(/Label: EU EPAC · 250 W · 25 km\/h\./);
    expect(owners(SNOWPLOUGH)).toContain("Speed, current and cut-off were planned for this tyre");
    expect(owners(READ)).toContain("Speed, current and cut-off were set for this tyre");
    expect(owners(READ)).not.toContain("Not for public roads.");
    const farm = { ...READ, classChoice: { ...READ.classChoice, rule: classById("private-land") ?? null } };
    expect(owners(farm)).toContain("Not for public roads.");
  });

  it("shows the rider's own keys and none that open the menu", () => {
    const words = owners(READ);
    const keys = words.slice(words.indexOf("Your keys"));
    for (const does of ["switches on", "switches off", "starts walk assist", "steps the level up"])
      expect(keys).toContain(does);
    expect(keys).not.toMatch(/menu|restore/);
  });

  it("carries the note for the rider, line breaks and all", () => {
    const noted = withTyped(READ, { in: "hand-over-note" }, "Charge indoors.\nBring it in after 300 km.");
    expect(owners(noted)).toContain("Charge indoors.\nBring it in after 300 km.");
  });
});

describe("the way-back card", () => {
  it("leads from what is held to what was found, counting keys and time", () => {
    expect(wayBackWords(READ)).toMatch(
      /back to how it was found: \d+ key presses, .*Wheel clear of the floor, or brake held\./,
    );
    expect(wayBackWords(READ)).toMatch(/^\d+51/m);
    expect(wayBackWords(READ)).toContain("As found it was not judged safe or fit for a class.");
  });

  it("says so where nothing was changed", () => {
    const { sheet } = workOut(SNOWPLOUGH);
    const kept = linesOf(TARN).map(({ code }, i) => [code, sheet?.found.raws[i] ?? 0] as const);
    expect(wayBackWords(programmed({ ...SNOWPLOUGH, overrides: Object.fromEntries(kept) }))).toContain(
      "Nothing was changed: the display is as it was found.",
    );
  });

  it("is not made where how it was found was never written down whole", () => {
    const unread = withTyped(SET, { in: "as-found", name: "51" }, "");
    expect(wayBack(unread)).toBeNull();
    expect(wayBack(SNOWPLOUGH)).toBeNull();
  });
});

describe("a bike handed over", () => {
  const gone = handedOver(checked(READ));

  it("is told as it left, whatever is typed since", () => {
    const since = withTyped(
      withTyped(gone, { in: "intake", name: "rolloutMm" }, "1900"),
      { in: "intake", name: "nickname" },
      "Renamed",
    );
    expect(workshop(since)).toBe(workshop(gone));
    expect(owners(since)).toBe(owners(gone));
    expect(wayBackWords(since)).toBe(wayBackWords(gone));
  });
});

describe("the owner's card in another language", () => {
  const german = (job: Job): string => owners(job, GERMAN);

  it("says every fact the English one says, with a comma for the point", () => {
    expect(german(READ)).toContain("Unterstützung endet bei");
    expect(german(READ)).toMatch(/Aufkleber: EU EPAC · 250 W · \d+(,\d)? km\/h\./);
    expect(german(READ)).toContain("Am Text der Klasse geprüft, nicht zertifiziert.");
    expect(german(SNOWPLOUGH)).toContain("Geplant, nicht eingestellt");
    expect(german(SNOWPLOUGH)).toMatch(/\d+,\d V\. Rechtzeitig vorher laden\./);
  });

  it("leaves no sentence of the English card", () => {
    const english = new Set(owners(READ).split("\n"));
    const same = german(READ)
      .split("\n")
      .filter((row) => english.has(row));
    // What is the same in both is a name or a number.
    expect(same.filter((row) => /[a-z]{3,} [a-z]{3,} [a-z]{3,}/.test(row))).toEqual([]);
  });
});
