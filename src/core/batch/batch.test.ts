// One sheet onto several bikes: what is taken along and what is not, what each bike's own facts say against it, how far
// each has come, and the paper of all. Bikes are made up.
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CLASSES } from "@/catalog/classes/classes";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { checked, demo, handedOver, programmed, readBack } from "@/screens/testing/jobs";
import { linesOf, rawValues, settingsOf, shows } from "../display";
import { entryOf } from "../book/entry";
import { expectedShown, nextVisit, restAsExpected, stillExpected } from "../book/visits";
import { newJob, sealFault, setByHand, withTyped, workOut, type Job } from "../record";
import { readJobFile } from "../record/jobFile";
import { writeJobFile } from "../record/job";
import type { Batch } from "../record/job";
import { jobsOf } from "../record/testingJobs";
import { joined, likeBike, newBatch, noBatchOf, notInto, parted, inOrder } from "./batch";
import { exceptionsOf, type Exception } from "./against";
import { asItsOwn, asOnThePattern, asTheSheet, shared } from "./groups";
import { batchBike, letGo, nextBike, type BatchStep } from "./progress";
import { batchPaper } from "./batchPaper";

const AT = "2026-11-25T09:00:00.000Z";
/** Handed over, every line read back, its rollout taped. */
const GANNET = demo(201);
const BATCH = newBatch(GANNET, { id: "batch-1", name: "Ferry fleet", at: AT }) as Batch;
const PROFILE = GANNET.profile ?? SHIPPED_DISPLAYS[0];
if (!PROFILE) throw new Error("no display");
const LEFT = GANNET.sheets.findLast(({ kind }) => kind === "as-left")?.lines ?? [];

const like = (change: (job: Job) => Job = (job) => job, place = 1): Job => {
  const job = likeBike(GANNET, { id: `like-${place}`, number: 300 + place, nickname: `Gannet ${place}`, at: AT });
  return joined(change(job), BATCH, PROFILE, place, AT);
};
const fact = (key: string, typed: string) => (job: Job) => withTyped(job, { in: "intake", name: key }, typed);
const taped = fact("rolloutMm", GANNET.intake.rolloutMm ?? "");
const foundAsThere = (job: Job): Job => restAsExpected(job, AT);
const kinds = (exceptions: readonly Exception[]) => exceptions.map(({ kind }) => kind);
const linesIn = (exceptions: readonly Exception[]) =>
  exceptions.flatMap((each) => (each.kind === "line" ? [each.code] : []));
const whole = (job: Job) => handedOver(checked(readBack(programmed(job))));

describe("a batch is made", () => {
  it("of what a bike was left with, line by line, and says so", () => {
    for (const { code, raw } of LEFT)
      if (raw !== null && linesOf(PROFILE).find((line) => line.code === code)?.encoding.kind !== "read-only")
        expect(BATCH.sheet[code], code).toBe(raw);
    expect(BATCH.from).toMatchObject({ number: 201, standing: "as-left", seal: GANNET.sheets.at(-1)?.hash });
  });
  it("of a plan where nobody has read back, and is not called more than that", () => {
    const planned = newBatch(demo(204), { id: "batch-2", name: "", at: AT });
    expect(planned?.from.standing).toBe("planned");
    const target = workOut(demo(204)).sheet?.target.raws;
    linesOf(PROFILE).forEach(({ code, encoding }, i) => {
      if (encoding.kind !== "read-only") expect(planned?.sheet[code], code).toBe(target?.[i]);
    });
    // Keys under way: part is set, nothing is read.
    expect(newBatch(demo(206), { id: "batch-3", name: "", at: AT })?.from.standing).toBe("planned");
  });
  it("of what was read, where that is not what was planned", () => {
    const [line] = linesOf(PROFILE).filter(({ encoding, makerOnly }) => encoding.kind !== "read-only" && !makerOnly);
    if (!line) throw new Error("no line");
    const set = programmed(demo(204));
    const planned = set.program?.targets[linesOf(PROFILE).indexOf(line)];
    const other = rawValues(line.encoding).find((raw) => raw !== planned) ?? 0;
    const read = newBatch(readBack(set, { [line.code]: shows(line.encoding, other) }), {
      id: "batch-7",
      name: "",
      at: AT,
    });
    expect([read?.sheet[line.code], read?.from.standing]).toEqual([other, "read-back"]);
  });
  it("not of a bike without a display", () => {
    expect(noBatchOf(demo(210))).toBe("no-display");
    expect(newBatch(demo(210), { id: "batch-4", name: "", at: AT })).toBeNull();
  });
  it("and stays with the job through its file", () => {
    const read = readJobFile(writeJobFile(like()));
    expect(read.ok && read.job.batch).toEqual({ ...BATCH, place: 1 });
  });
});

describe("a like bike", () => {
  it("has the kit's facts and none that was measured or told of the other", () => {
    const told = { complaint: "Cuts out", checkedBy: "KT", leavesThough: "Ridden home slowly", odometerKm: "812" };
    const pattern = { ...GANNET, intake: { ...GANNET.intake, ...told, tapeErrorMm: "2", newTyre: "50-622" } };
    const bike = likeBike(pattern, { id: "like-1", number: 301, nickname: "Gannet 1", at: AT });
    const { intake, classChoice, asFound, handedOverAt, sheets } = joined(bike, BATCH, PROFILE, 1, AT);
    for (const key of ["tyre", "packV", "motorRatedW", "controllerA", "throttleFitted"] as const)
      expect(intake[key], key).toBe(GANNET.intake[key]);
    for (const key of [...Object.keys(told), "rolloutMm", "tapeErrorMm", "newTyre"])
      expect((intake as Readonly<Record<string, string>>)[key], key).toBeUndefined();
    expect(intake.nickname).toBe("Gannet 1");
    // Who acknowledged did so for one bike.
    expect([classChoice.acknowledged, classChoice.rule]).toEqual(["", GANNET.classChoice.rule]);
    expect([asFound.shown, handedOverAt, sheets]).toEqual([{}, null, []]);
  });
  it("is expected to show what the first was found at, and is only told so when somebody has looked", () => {
    const bike = like();
    for (const code of Object.keys(GANNET.asFound.shown)) expect(expectedShown(bike, code), code).not.toBeNull();
    expect(bike.asFound.shown).toEqual({});
    const told = foundAsThere(bike);
    expect(stillExpected(told)).toEqual([]);
    expect(told.events.at(-1)?.kind).toBe("as-in-batch");
    // Another display says nothing of this one.
    expect(expectedShown({ ...bike, profile: { ...PROFILE, id: "own-other" } }, "31")).toBeNull();
  });
  it("back for a second visit expects what it was left with, not what the batch was found at", () => {
    const back = nextVisit(whole(foundAsThere(like(taped))), { id: "back-1", number: 900, at: AT });
    expect(back.batch).toBeNull();
    for (const { code, shows: shown, raw } of LEFT)
      if (raw !== null && BATCH.sheet[code] !== undefined) expect(expectedShown(back, code)).toBe(shown);
  });
});

describe("the copied plan, held against a bike's own facts,", () => {
  it("is the bike's plan where everything is the same", () => {
    const bike = foundAsThere(like(taped));
    expect(exceptionsOf(bike)).toEqual([]);
    const rows = workOut(bike).sheet?.rows ?? [];
    for (const row of rows)
      if (BATCH.sheet[row.code] !== undefined && row.shown.target)
        expect(row.target?.raw, row.code).toBe(BATCH.sheet[row.code]);
  });
  it("says what it rests on where nobody has taped this bike, and passes no other's tape off as its own", () => {
    const bike = foundAsThere(like());
    expect(kinds(exceptionsOf(bike))).toContain("measured");
    expect([bike.intake.rolloutMm, workOut(bike).bike.rollout]).toEqual([undefined, workOut(like()).bike.rollout]);
    expect(JSON.stringify(workOut(bike).bike.rollout)).not.toContain(GANNET.intake.rolloutMm);
  });
  it("gives way to another tyre: the wheel is the bike's own, and both are told", () => {
    const fat = foundAsThere(like(fact("tyre", "100-559")));
    const exceptions = exceptionsOf(fat);
    expect(exceptions).toContainEqual({ kind: "fact", key: "tyre", here: "100-559", there: GANNET.intake.tyre ?? "" });
    const wheel = linesOf(PROFILE).find((line) => settingsOf(line).includes("circumferenceMm"))?.code ?? "";
    const row = workOut(fat).sheet?.rows.find(({ code }) => code === wheel);
    expect(linesIn(exceptions)).toContain(wheel);
    expect(row?.target?.raw).not.toBe(BATCH.sheet[wheel]);
    expect(row?.reason.key).toBe("reason.wheel");
  });
  it("takes a part told in another unit or spelling for the same part", () => {
    const told = like(fact("packV", `${GANNET.intake.packV} V`));
    const spelled = fact("tyre", GANNET.intake.tyre?.replace("-", " - ") ?? "")(told);
    expect(exceptionsOf(foundAsThere(spelled)).filter(({ kind }) => kind === "fact")).toEqual([]);
  });
  it("says what nobody has said of this bike, and takes it over only when told to", () => {
    const bare = like((job) => ({ ...job, intake: { nickname: "Bare" } }));
    const missing = exceptionsOf(bare).find((each) => each.kind === "fact-missing" && each.key === "packV");
    expect(missing).toEqual({ kind: "fact-missing", key: "packV", there: GANNET.intake.packV });
    const taken = asOnThePattern(bare, "packV", GANNET.intake.packV ?? "");
    expect(exceptionsOf(taken).some((each) => each.kind === "fact-missing" && each.key === "packV")).toBe(false);
    // What somebody has typed is not written over.
    expect(asOnThePattern(like(fact("packV", "48")), "packV", "36").intake.packV).toBe("48");
  });
  it("tells of no line and no cap before there is a plan to tell of, but of other parts at once", () => {
    const unread = like(fact("tyre", "100-559"));
    expect(new Set(kinds(exceptionsOf(unread)))).toEqual(new Set(["fact", "measured"]));
    const waived = { ...unread, asFound: { ...unread.asFound, waivedReason: "Dead display, replaced" } };
    expect(kinds(exceptionsOf(waived))).toContain("line");
  });
  it("names another class, and none", () => {
    const other = CLASSES.find(({ name }) => name !== GANNET.classChoice.rule?.name) ?? null;
    const with_ = (rule: typeof other) => like((job) => ({ ...job, classChoice: { ...job.classChoice, rule } }));
    expect(exceptionsOf(with_(other))).toContainEqual({
      kind: "class",
      here: other?.name,
      there: GANNET.classChoice.rule?.name,
    });
    expect(exceptionsOf(with_(null))).toContainEqual({
      kind: "class",
      here: null,
      there: GANNET.classChoice.rule?.name,
    });
  });
  it("names a display described anew since", () => {
    const newer = { ...like(), profile: { ...PROFILE, revision: PROFILE.revision + 1 } };
    expect(exceptionsOf(newer)).toContainEqual({ kind: "display", revision: PROFILE.revision + 1 });
  });
  it("makes alike what is left to choice, and touches no locked line", () => {
    const choice = workOut(foundAsThere(like(taped))).sheet?.rows.filter(
      ({ reason, target }) => reason.key === "reason.carried" && target !== null,
    );
    expect(choice?.length).toBeGreaterThan(0);
    for (const row of choice ?? []) {
      const other = rawValues(row.line.encoding).find((raw) => raw !== row.target?.raw);
      if (other === undefined) continue;
      const bike = withTyped(
        foundAsThere(like(taped)),
        { in: "as-found", name: row.code },
        shows(row.line.encoding, other),
      );
      const planned = workOut(bike).sheet?.rows.find(({ code }) => code === row.code);
      expect([planned?.target?.raw, planned?.changes], row.code).toEqual([BATCH.sheet[row.code], true]);
    }
    const locked = linesOf(PROFILE).filter(({ makerOnly, encoding }) => makerOnly && encoding.kind !== "read-only");
    expect(locked.length).toBeGreaterThan(0);
    for (const line of locked) {
      const other = rawValues(line.encoding).find((raw) => raw !== BATCH.sheet[line.code]) ?? 0;
      const bike = withTyped(
        foundAsThere(like(taped)),
        { in: "as-found", name: line.code },
        shows(line.encoding, other),
      );
      expect(exceptionsOf(bike)).toContainEqual(
        expect.objectContaining({ kind: "line", code: line.code, set: "locked" }) as Exception,
      );
    }
  });
  it("takes no calibration along: the one that makes the first true would make another lie", () => {
    const ostler = SHIPPED_DISPLAYS.find((display) =>
      linesOf(display).some((line) => settingsOf(line).includes("speedCalibrationPercent")),
    );
    const line = ostler && linesOf(ostler).find((each) => settingsOf(each).includes("speedCalibrationPercent"));
    if (!ostler || !line) throw new Error("no display with a calibration");
    const [raw = 0] = rawValues(line.encoding);
    const from = { ...BATCH.from, display: { id: ostler.id, revision: ostler.revision } };
    const sheet = { ...BATCH, sheet: { [line.code]: raw }, byHand: {}, from };
    const found = { shown: { [line.code]: shows(line.encoding, rawValues(line.encoding)[3] ?? 0) }, waivedReason: "" };
    const bike = joined({ ...newJob("cal-1", 7, AT), profile: ostler, asFound: found }, sheet, ostler, 1, AT);
    const row = workOut(bike).sheet?.rows.find(({ code }) => code === line.code);
    expect(row?.target?.raw).toBe(rawValues(line.encoding)[3]);
  });
  it("never breaks a class the bike's own plan holds, whatever the sheet says", () => {
    const bikes = fc.tuple(jobsOf(SHIPPED_DISPLAYS, CLASSES), fc.array(fc.nat(), { minLength: 40, maxLength: 40 }));
    let laid = 0;
    fc.assert(
      fc.property(bikes, ([job, seeds]) => {
        const { profile } = job;
        if (!profile) return;
        const sheet = Object.fromEntries(
          linesOf(profile).flatMap(({ code, encoding }, i) => {
            const raws = rawValues(encoding);
            return encoding.kind === "read-only" ? [] : [[code, raws[(seeds[i % 40] ?? 0) % raws.length] ?? 0]];
          }),
        );
        const from = { ...BATCH.from, display: { id: profile.id, revision: profile.revision } };
        const bike = joined(job, { ...BATCH, sheet, byHand: {}, from }, profile, 1, AT);
        const breaches = (each: Job) =>
          workOut(each).sheet?.target.findings.filter(({ severity }) => severity === "breach").length ?? 0;
        laid += workOut(bike).sheet?.rows.filter(({ reason }) => reason.key === "reason.carried").length ?? 0;
        if (breaches(job) === 0) expect(breaches(bike)).toBe(0);
      }),
      { numRuns: 400, seed: 15 },
    );
    expect(laid).toBeGreaterThan(800);
  });
});

describe("what was set by hand on the first", () => {
  const code = linesOf(PROFILE).find((line) => settingsOf(line).includes("backlight"))?.code ?? "33";
  const line = linesOf(PROFILE).find((each) => each.code === code);
  const raw = line ? (rawValues(line.encoding).find((each) => each !== line.factoryRaw) ?? 0) : 0;
  const pattern = setByHand(demo(204), { [code]: raw }, AT, "The yard is dark");
  const batch = newBatch(pattern, { id: "batch-5", name: "Yard", at: AT }) as Batch;
  const bike = likeBike(pattern, { id: "like-9", number: 309, nickname: "Nine", at: AT });

  it("is set by hand on each, with why; what a bike has by hand of its own stays", () => {
    const taken = joined(bike, batch, PROFILE, 1, AT);
    expect(taken.overrides[code]).toBe(raw);
    expect(taken.overrideReasons?.[code]).toBe("The yard is dark. As on 0204");
    const own = (line ? rawValues(line.encoding).find((each) => each !== raw) : undefined) ?? 0;
    const kept = joined(setByHand(bike, { [code]: own }, AT, "Rider"), batch, PROFILE, 1, AT);
    expect([kept.overrides[code], kept.overrideReasons?.[code]]).toEqual([own, "Rider"]);
  });
  it("goes back when the bike is taken out of the batch, and so does the rest of the sheet", () => {
    const out = parted(joined(bike, batch, PROFILE, 1, AT), AT);
    expect([out.batch, out.overrides, out.overrideReasons]).toEqual([null, {}, {}]);
    expect(out.events.map(({ kind }) => kind)).toContain("batch-left");
  });
  it("stays with a bike on which keys were pressed", () => {
    const set = programmed(foundAsThere(joined(bike, batch, PROFILE, 1, AT)));
    const out = parted(set, AT);
    expect([out.overrides, out.program]).toEqual([set.overrides, set.program]);
  });
});

describe("who can be taken in", () => {
  it.each([
    ["the bike it was made on", GANNET, "is-the-pattern"],
    ["one that is in a batch", like(), "in-a-batch"],
    ["one with keys under way", demo(206), "keys-begun"],
    ["one that has left", demo(203), "has-left"],
    ["one with another display", { ...demo(208), profile: { ...PROFILE, id: "own-x" } }, "other-display"],
    ["one on the stand", demo(208), null],
    ["one of which nothing is known", newJob("new-1", 5, AT), null],
  ] as const)("%s", (_, job, why) => {
    expect(notInto(job, BATCH)).toBe(why);
    expect(joined(job, BATCH, PROFILE, 1, AT) === job).toBe(why !== null);
  });
});

describe("a line that is not as the sheet", () => {
  const bike = foundAsThere(like(fact("tyre", "100-559")));
  const line = exceptionsOf(bike).find((each) => each.kind === "line");
  if (line?.kind !== "line") throw new Error("no line stands out");

  it("is set as the sheet when told to, with why, and given back", () => {
    const set = asTheSheet(bike, line.code, line.raw, AT, "Wanted so");
    expect(linesIn(exceptionsOf(set))).not.toContain(line.code);
    expect(set.overrideReasons?.[line.code]).toBe("Wanted so");
    expect(linesIn(exceptionsOf(asItsOwn(set, line.code, AT)))).toContain(line.code);
  });
  it("then breaks the class in plain sight where it does", () => {
    const set = linesIn(exceptionsOf(bike)).reduce(
      (now, code) => asTheSheet(now, code, BATCH.sheet[code] ?? 0, AT, "Wanted so"),
      bike,
    );
    // A wheel half a hand larger than the sheet's: the cap ends assist later than it says.
    expect(exceptionsOf(set)).toContainEqual(
      expect.objectContaining({ kind: "finding", finding: expect.objectContaining({ severity: "breach" }) as object }),
    );
  });
  it("on several bikes is one thing to settle, though their figures differ by a hair", () => {
    // Another tape on the same tyre: the same value, from another figure.
    const other = {
      ...foundAsThere(like((job) => fact("tyre", "100-559")(fact("rolloutMm", "2294")(job)))),
      id: "like-7",
    };
    const { standOut, told } = shared(
      [bike, other, foundAsThere(like(taped, 3))].map((job) => ({ id: job.id, exceptions: exceptionsOf(job) })),
    );
    const group = standOut.find(({ exception }) => exception.kind === "line" && exception.code === line.code);
    expect(group?.bikes).toEqual([bike.id, "like-7"]);
    expect(told.every(({ exception }) => exception.kind === "measured")).toBe(true);
  });
});

describe("how far each has come", () => {
  const step = (job: Job) => batchBike(job).step;
  it("goes from the facts to the door", () => {
    const bike = like(taped);
    const read = programmed(foundAsThere(bike));
    const code = linesOf(PROFILE).find(({ encoding }) => encoding.kind !== "read-only")?.code ?? "";
    const line = linesOf(PROFILE).find((each) => each.code === code);
    const wrong = line
      ? shows(line.encoding, rawValues(line.encoding).find((raw) => raw !== BATCH.sheet[code]) ?? 0)
      : "";
    expect(step({ ...bike, classChoice: { ...bike.classChoice, rule: null } })).toBe("facts");
    expect(step(bike)).toBe("as-found");
    expect(step(foundAsThere(bike))).toBe("keys");
    expect(step(read)).toBe("read-back");
    expect(step(readBack(read, { [code]: wrong }))).toBe("read-back");
    expect(kinds(exceptionsOf(readBack(read, { [code]: wrong })))).toContain("read-back");
    expect(step(readBack(read))).toBe("checks");
    expect(batchBike(readBack(read)).checksLeft).toBeGreaterThan(0);
    // As they were answered on the first, which this one is like.
    const ready = { ...readBack(read), checks: GANNET.checks };
    expect(batchBike(ready)).toMatchObject({ step: "hand-over", canLeave: true, checksLeft: 0 });
    const gone = letGo(ready, AT);
    expect(batchBike(gone)).toMatchObject({ step: "gone", canLeave: false });
    // Once gone it is not handed over again.
    expect(letGo(gone, "2027-01-01T09:00:00.000Z")).toBe(gone);
    expect(batchBike(whole(foundAsThere(bike)))).toMatchObject({ step: "gone", canLeave: false });
  });
  it("asks for a plan that breaks its class to be settled before keys", () => {
    const bike = foundAsThere(like(fact("tyre", "100-559")));
    const set = linesIn(exceptionsOf(bike)).reduce(
      (now, code) => asTheSheet(now, code, BATCH.sheet[code] ?? 0, AT, "Wanted so"),
      bike,
    );
    expect(step(set)).toBe("settle");
  });
  const row = (...steps: readonly BatchStep[]) => steps.map((each, i) => ({ job: { id: String(i) }, step: each }));
  it.each([
    ["the next whose display is not done", row("read-back", "gone", "keys", "as-found"), "0", "2"],
    ["round to the ones before", row("as-found", "gone", "checks", "keys"), "3", "0"],
    ["then the checks", row("checks", "hand-over", "checks", "gone"), "0", "2"],
    ["then the door", row("gone", "hand-over", "checks"), "2", "1"],
    ["and nobody when all is done", row("keys", "gone", "gone"), "0", null],
    ["the first where none is on the stand", row("keys", "keys"), null, "0"],
  ] as const)("%s", (_, bikes, after, next) => expect(nextBike(bikes, after)?.job.id ?? null).toBe(next));
});

describe("the paper of a batch", () => {
  const good = whole(foundAsThere(like(taped, 1)));
  const fat = whole(foundAsThere(like(fact("tyre", "100-559"), 2)));
  const waiting = like(taped, 3);
  const paper = batchPaper(inOrder([waiting, fat, good]));

  it("tells every bike in order, what was read, and every seal in full", () => {
    expect(paper?.bikes.map(({ job }) => job.number)).toEqual([301, 302, 303]);
    expect([paper?.gone, paper?.proven]).toEqual([2, 2]);
    const seals = [good, fat].flatMap(({ sheets }) => sheets.map(({ hash }) => hash));
    expect(paper?.seals.map(({ hash }) => hash)).toEqual(seals);
    expect(seals.every((hash) => hash.length === 64)).toBe(true);
  });
  it("names the bikes that left otherwise than the sheet at its line, and no bike nobody has read", () => {
    const otherwise = paper?.lines.flatMap((line) => line.otherwise.map(({ number }) => number)) ?? [];
    expect(new Set(otherwise)).toEqual(new Set([302]));
  });
  it("says which seal does not hold", () => {
    const spoilt = { ...good, sheets: good.sheets.map((sheet) => ({ ...sheet, note: `${sheet.note}!` })) };
    expect(sealFault(spoilt)).not.toBeNull();
    expect(batchPaper([spoilt])?.bikes[0]?.fault).not.toBeNull();
    expect(kinds(exceptionsOf(spoilt))[0]).toBe("seal");
  });
  it("is none without a bike", () => expect(batchPaper([])).toBeNull());
});

it("the book finds a bike by the name of its batch", () => {
  expect(entryOf(like())).toMatchObject({ batchId: "batch-1", batchName: "Ferry fleet" });
  expect(entryOf(like()).text).toContain("ferry fleet");
});
