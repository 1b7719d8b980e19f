// No paper of any job, at any stage, in any language, states a value as set that was not read back.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { linesOf, rawValues, shows } from "@/core/display";
import { paperOf, startProgram, type Job, type Paper } from "@/core/record";
import { ownersFacts } from "@/core/record/ownersFacts";
import { sheetCautions } from "@/core/record/sheetCautions";
import { readTravelSheet, travelSheetOf, writeTravelSheet } from "@/core/record/travelSheet";
import { own } from "@/core/units/limits";
import { ENGLISH } from "@/words/papers/english";
import { LANGUAGES } from "@/words/papers/languages";
import { ownersRows, levelRows } from "@/words/papers/ownersContent";
import type { PaperWords } from "@/words/papers/paperWords";
import { AT, programmed, readBack } from "../testing/jobs";
import { rowsOf, says } from "../testing/says";
import { ClassLabel } from "./ClassLabel";
import { OwnersCard } from "./OwnersCard";
import { textOf } from "./paperText";
import { WorkshopSheet } from "./WorkshopSheet";

const JOBS = demoJobs().filter(({ profile, handedOverAt }) => profile !== null && handedOverAt === null);
const LAST_STAGES = ["planned", "begun", "set", "partly", "read"] as const;
const all: readonly PaperWords[] = await Promise.all(Object.values(LANGUAGES).map(({ load }) => load()));

const paperFor = (job: Job): Paper => {
  const paper = paperOf(job);
  if (!paper) throw new Error("no display");
  return paper;
};
const factsFor = (paper: Paper) => {
  const facts = ownersFacts(paper);
  if (!facts) throw new Error("no display");
  return facts;
};
/** A job without keys, so that each stage is reached from the same place. */
const fresh = (job: Job): Job => ({
  ...job,
  program: null,
  held: null,
  readBack: {},
  sheets: [],
  events: [],
  asFound: { ...job.asFound, waivedReason: "No time to read it all." },
});
const sets = new Map<string, Job>();
/** Keys done, once a bike. */
function set(job: Job): Job {
  const known = sets.get(job.id) ?? programmed(fresh(job));
  sets.set(job.id, known);
  return known;
}

/** A job at a stage; at the later ones, the lines chosen read back as anything they can show. */
const staged = fc
  .record({
    job: fc.constantFrom(...JOBS),
    stage: fc.constantFrom(...LAST_STAGES),
    picks: fc.array(fc.nat(), { minLength: 70, maxLength: 70 }),
  })
  .map(({ job, stage, picks }): { readonly job: Job; readonly stage: (typeof LAST_STAGES)[number] } => {
    if (stage === "planned") return { job: fresh(job), stage };
    if (stage === "begun") return { job: startProgram(fresh(job), AT), stage };
    const done = set(job);
    if (stage === "set") return { job: done, stage };
    if (stage === "read") return { job: readBack(done), stage };
    const lines = done.profile ? linesOf(done.profile) : [];
    const read = lines.flatMap((line, i): readonly (readonly [string, string])[] => {
      const raws = rawValues(line.encoding);
      const pick = picks[i] ?? 0;
      const raw = raws[pick % Math.max(1, raws.length)];
      return pick % 2 === 0 || raw === undefined ? [] : [[line.code, shows(line.encoding, raw)]];
    });
    return { job: { ...done, readBack: Object.fromEntries(read) }, stage };
  });

/** The same job with other values planned: what is told as read back must not move with them. */
function plannedOtherwise(job: Job): Job {
  const { program, profile } = job;
  if (!program || !profile) return job;
  const targets = program.targets.map((raw, i) => {
    const raws = rawValues(linesOf(profile)[i]?.encoding ?? { kind: "reserved", setting: null, rawMin: 0, rawMax: 0 });
    return raws.find((each) => each !== raw) ?? raw;
  });
  return { ...job, program: { ...program, targets } };
}

describe("no paper takes a plan for a fact", () => {
  it("what the card tells as read back stays when the plan is another, and is nothing before a line was read", () => {
    fc.assert(
      fc.property(staged, fc.constantFrom(...all), ({ job, stage }, words) => {
        const rows = ownersRows(factsFor(paperFor(job)), words, "kmh").filter(({ as }) => as === "read-back");
        if (stage === "planned" || stage === "begun" || stage === "set") expect(rows).toEqual([]);
        const other = ownersRows(factsFor(paperFor(plannedOtherwise(job))), words, "kmh");
        for (const row of rows) expect(other.find(({ fact }) => fact === row.fact)?.says).toBe(row.says);
      }),
      { numRuns: 60 },
    );
  });
  it("what is not read back says so in the same breath, and the paper is stamped, in every language", () => {
    fc.assert(
      fc.property(staged, fc.constantFrom(...all), ({ job, stage }, words) => {
        const paper = paperFor(job);
        const facts = factsFor(paper);
        for (const { as, says: said } of ownersRows(facts, words, "kmh")) {
          if (as === "planned") expect(said).toBe(words.notReadBack(said.slice(0, -words.notReadBack("").length)));
          if (as === "not-set") expect(said).toBe(words.notSet(said.slice(0, -words.notSet("").length)));
        }
        const stamp = words.stamps[paper.standing];
        if (stage !== "read") expect(stamp).not.toBeNull();
        const card = says(<OwnersCard paper={paper} facts={facts} words={words} />);
        const needs = { owners: facts, road: null, cautions: sheetCautions(paper, facts) };
        const text = textOf({ paper, needs, back: null, words }, ["sheet", "card", "care"]);
        for (const told of [card, text]) if (stamp) expect(told.toLowerCase()).toContain(stamp.toLowerCase());
      }),
      { numRuns: 40 },
    );
  });
  it("the workshop sheet's last column and the code that travels hold what was read back and nothing else", () => {
    fc.assert(
      fc.property(staged, ({ job }) => {
        const paper = paperFor(job);
        const rows = rowsOf(<WorkshopSheet paper={paper} needs={null} />);
        for (const { line, left } of paper.lines) {
          const typed = own(job.readBack, line.code);
          if (line.encoding.kind === "read-only") continue;
          if (left.kind === "value") expect(left.value.shows).toBe(typed);
          else if (job.program && left.kind === "unread") expect(rows.get(line.code)?.[3]).toBe("unread");
        }
        const sheet = travelSheetOf(paper);
        for (const [code, shown] of sheet?.lines ?? []) expect(own(job.readBack, code)).toBe(shown);
        if (sheet) expect(readTravelSheet(writeTravelSheet(sheet))).toEqual({ ok: true, sheet });
      }),
      { numRuns: 40 },
    );
  });
  it("no class label is printed before every line is read back and nothing stands against the class", () => {
    fc.assert(
      fc.property(staged, ({ job }) => {
        const paper = paperFor(job);
        const label = says(<ClassLabel paper={paper} />);
        const isProven = paper.standing === "read-back" && paper.workings.against.length === 0;
        expect(/Checked against the class text/.test(label)).toBe(isProven && paper.workings.choice !== null);
      }),
      { numRuns: 30 },
    );
  });
});

describe("levels on the card", () => {
  it("are foretold on what was read back only where all of it was, and named as foretold or measured", () => {
    const job = readBack(set(JOBS[0] ?? never()));
    expect(factsFor(paperFor(job)).eachLevel.as).toBe("read-back");
    const [first] = Object.keys(job.readBack);
    const less = { ...job, readBack: { ...job.readBack, [first ?? ""]: "" } };
    expect(factsFor(paperFor(less)).eachLevel.as).not.toBe("read-back");
    for (const { steady } of levelRows(factsFor(paperFor(job)), ENGLISH, "kmh"))
      expect(steady).toMatch(/foretold|measured/);
  });
});

describe("the code that travels", () => {
  const sheet = travelSheetOf(paperFor(readBack(set(JOBS[0] ?? never()))));
  const text = sheet ? writeTravelSheet(sheet) : "";
  it("is known for damaged, for another version, and for none of ours", () => {
    expect(readTravelSheet("https://elsewhere")).toEqual({ ok: false, problem: { key: "travel.not-one" } });
    expect(readTravelSheet(text.replace(".1.", ".2."))).toEqual({
      ok: false,
      problem: { key: "travel.version", version: "2" },
    });
    for (const at of [14, 40, text.length - 20, text.length - 3]) {
      const other = text[at] === "A" ? "B" : "A";
      expect(readTravelSheet(text.slice(0, at) + other + text.slice(at + 1)).ok, `letter ${at}`).toBe(false);
    }
    expect(readTravelSheet(text.slice(0, -30)).ok).toBe(false);
    expect(readTravelSheet("ODDSPOKE.1.!!!.x").ok).toBe(false);
  });
});

function never(): never {
  throw new Error("no demo bike");
}
