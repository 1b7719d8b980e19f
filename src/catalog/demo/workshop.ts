/**
 * The demo workshop: a made-up shed in a made-up town, with bikes known by nicknames at every stage of the work.
 * Scenario data of our own; no bike, place or person in it exists.
 */
import { linesOf, rawValues, shows, type DisplayProfile, type MenuState } from "@/core/display";
import { nextVisit } from "@/core/book/visits";
import { play } from "@/core/keys";
import {
  advanceProgram,
  handOver,
  goalOfKeys,
  keyWork,
  newJob,
  startProgram,
  withCheck,
  STAGES,
  withCarriedRollout,
  withEvent,
  workOut,
  type Job,
  type Stage,
} from "@/core/record";
import type { DueCheck } from "@/core/proof";
import type { IntakeText } from "@/core/facts";
import { speedFromKmh } from "@/core/units";
import { classById } from "../classes/classes";
import { TARN } from "../displays/tarn";

interface DemoBike {
  readonly number: number;
  readonly intake: IntakeText & Readonly<Record<string, string>>;
  readonly classId: string;
  readonly on: string;
  readonly profile: DisplayProfile | null;
  /** As-found values as the display showed them, by line code; "all" fills the rest with the maker's. */
  readonly found: Readonly<Record<string, string>>;
  readonly foundRest: "all" | "none";
  readonly stage: Stage;
  readonly onTheStand?: boolean;
  readonly acknowledged?: string;
  /** Road class a bike for private land goes back to. */
  readonly roadClassId?: string;
  /** Number of the visit before, of a bike that has come back: its facts go on, its settings are what is expected. */
  readonly before?: number;
}

const FAT_TYRE: DemoBike["intake"] = {
  nickname: "Snowplough",
  frame: "26 × 4 fat tyre",
  visit: "service",
  rider: "used-to-it",
  tyre: "100-559",
  rolloutMm: "4620",
  rolloutTurns: "2",
  tapeErrorMm: "6",
  motorKind: "geared-hub",
  motorRatedW: "250",
  throttleFitted: "no",
  brakeCutOff: "yes",
  packV: "48",
  packAh: "15",
  bmsA: "25",
  controllerA: "20",
  controllerV: "36/48",
  // Figures of the benches: measured on the lane behind the shed.
  sidewall: "26 x 4.0",
  outerDiameterMm: "741",
  oneTrueKmh: "20",
  oneShown: "18.0",
  runs: "12.1 10.9\n16.0 14.3\n20.2 18.2\n24.1 21.6\n22.0 19.9",
  surface: "fat",
  posture: "upright",
  bikeKg: "19",
};

const BIKES: readonly DemoBike[] = [
  {
    number: 207,
    intake: FAT_TYRE,
    classId: "eu-epac",
    on: "2026-11-23T08:40:00.000Z",
    profile: TARN,
    found: {
      "31": "2",
      "32": "1",
      "33": "3",
      "34": "3",
      "41": "18.0",
      "42": "40.5",
      "51": "26",
      "53": "25",
      "62": "0",
      "64": "0",
    },
    foundRest: "all",
    stage: "plan",
    onTheStand: true,
  },
  {
    number: 208,
    intake: {
      nickname: "Thimble",
      frame: "20-inch folder",
      visit: "conversion",
      rider: "novice",
      tyre: "47-406",
      rolloutMm: "1526",
      tapeErrorMm: "4",
      motorKind: "geared-hub",
      motorRatedW: "250",
      throttleFitted: "yes",
      brakeCutOff: "yes",
      packV: "36",
      packAh: "10",
      bmsA: "20",
      controllerA: "14",
      controllerV: "36",
    },
    classId: "uk-eapc",
    on: "2026-11-23T10:15:00.000Z",
    profile: TARN,
    found: { "31": "0", "32": "0", "33": "2", "34": "4", "35": "1", "41": "22.0", "42": "39.0", "43": "2", "51": "20" },
    foundRest: "none",
    stage: "as-found",
    onTheStand: true,
  },
  {
    number: 209,
    intake: {
      nickname: "Long Acre",
      frame: "27.5 cargo",
      visit: "brand-new",
      rider: "used-to-it",
      tyre: "62-584",
      rolloutMm: "4420",
      rolloutTurns: "2",
      tapeErrorMm: "6",
      motorKind: "mid-drive",
      motorRatedW: "750",
      throttleFitted: "yes",
      brakeCutOff: "yes",
      packV: "52",
      packAh: "20",
      bmsA: "30",
      controllerA: "25",
      controllerV: "48/52",
    },
    classId: "us-class-2",
    on: "2026-11-23T13:05:00.000Z",
    profile: TARN,
    found: {},
    foundRest: "none",
    stage: "as-found",
  },
  {
    number: 204,
    intake: {
      nickname: "Second Kettle",
      frame: "700C tourer",
      visit: "complaint",
      complaint: "Surges when I set off, and the gauge is full until it dies.",
      rider: "novice",
      tyre: "40-622",
      rolloutMm: "2170",
      tapeErrorMm: "4",
      motorKind: "direct-drive-hub",
      motorRatedW: "500",
      throttleFitted: "yes",
      brakeCutOff: "yes",
      packV: "48",
      packAh: "14",
      bmsA: "30",
      controllerA: "22",
      controllerV: "48",
    },
    classId: "us-class-1",
    on: "2026-11-20T15:20:00.000Z",
    profile: TARN,
    found: { "33": "1", "34": "5", "43": "1", "42": "30.0", "51": "28", "53": "32" },
    foundRest: "all",
    stage: "plan",
  },
  {
    number: 205,
    intake: {
      nickname: "Fernery",
      frame: "700C trekking",
      visit: "service",
      rider: "used-to-it",
      tyre: "37-622",
      motorKind: "mid-drive",
      motorRatedW: "250",
      throttleFitted: "no",
      brakeCutOff: "yes",
      packV: "36",
      packAh: "13",
      bmsA: "20",
      controllerA: "15",
      controllerV: "36",
    },
    classId: "eu-epac",
    on: "2026-11-21T09:00:00.000Z",
    profile: TARN,
    found: {
      "31": "2",
      "32": "1",
      "33": "4",
      "34": "2",
      "35": "0",
      "41": "15.0",
      "42": "31.0",
      "43": "1",
      "51": "28",
      "53": "25",
      "62": "0",
      "64": "0",
    },
    foundRest: "all",
    stage: "prove",
  },
  {
    number: 210,
    intake: {
      nickname: "Tin Plover",
      frame: "26-inch post bike",
      visit: "upgrade",
      rider: "used-to-it",
      tyre: "54-559",
      motorKind: "direct-drive-hub",
      packV: "60",
    },
    classId: "",
    on: "2026-11-23T16:30:00.000Z",
    profile: null,
    found: {},
    foundRest: "none",
    stage: "intake",
  },
  {
    number: 206,
    intake: {
      nickname: "Quarryman",
      frame: "26 × 2.3 farm bike",
      visit: "conversion",
      rider: "used-to-it",
      tyre: "58-559",
      rolloutMm: "4190",
      rolloutTurns: "2",
      tapeErrorMm: "6",
      motorKind: "direct-drive-hub",
      motorRatedW: "1000",
      throttleFitted: "yes",
      brakeCutOff: "yes",
      packV: "52",
      packAh: "17",
      bmsA: "40",
      controllerA: "26",
      controllerV: "48/52",
    },
    classId: "private-land",
    acknowledged: "Farm tracks of the owner only. Road sheet stays with the bike.",
    roadClassId: "eu-l1e-a",
    on: "2026-11-22T11:10:00.000Z",
    profile: TARN,
    found: { "31": "0", "33": "2", "34": "3", "41": "22.0", "42": "40.0", "43": "2", "51": "27.5", "53": "45" },
    foundRest: "all",
    stage: "program",
  },
  {
    number: 201,
    intake: {
      nickname: "Gannet Hill",
      frame: "700C tourer",
      visit: "service",
      rider: "used-to-it",
      tyre: "32-622",
      rolloutMm: "2138",
      tapeErrorMm: "4",
      motorKind: "geared-hub",
      motorRatedW: "250",
      throttleFitted: "no",
      brakeCutOff: "yes",
      packV: "36",
      packAh: "11",
      bmsA: "20",
      controllerA: "15",
      controllerV: "36",
    },
    classId: "uk-eapc",
    on: "2026-11-17T09:30:00.000Z",
    profile: TARN,
    found: {
      "31": "2",
      "32": "1",
      "33": "3",
      "34": "3",
      "41": "16.0",
      "42": "29.0",
      "43": "1",
      "51": "28",
      "53": "27",
      "63": "1",
    },
    foundRest: "all",
    stage: "hand-over",
  },
  {
    number: 203,
    intake: {
      nickname: "Marrow",
      frame: "24-inch delivery",
      visit: "conversion",
      rider: "novice",
      tyre: "50-507",
      rolloutMm: "1895",
      tapeErrorMm: "4",
      motorKind: "geared-hub",
      motorRatedW: "500",
      throttleFitted: "yes",
      brakeCutOff: "yes",
      packV: "48",
      packAh: "20",
      bmsA: "30",
      controllerA: "20",
      controllerV: "48",
    },
    classId: "us-class-2",
    on: "2026-11-19T14:00:00.000Z",
    profile: TARN,
    found: { "51": "24" },
    foundRest: "all",
    stage: "hand-over",
  },
  {
    number: 187,
    intake: {
      nickname: "Halfpenny",
      frame: "26-inch hire bike",
      visit: "conversion",
      rider: "novice",
      tyre: "47-559",
      rolloutMm: "2053",
      tapeErrorMm: "4",
      motorKind: "geared-hub",
      motorRatedW: "250",
      throttleFitted: "no",
      brakeCutOff: "yes",
      packV: "36",
      packAh: "13",
      bmsA: "20",
      controllerA: "15",
      controllerV: "36",
      odometerKm: "0",
    },
    classId: "eu-epac",
    on: "2026-04-14T08:20:00.000Z",
    profile: TARN,
    found: { "31": "2", "32": "1", "33": "3", "34": "3", "41": "16.0", "42": "30.0", "43": "1", "51": "26" },
    foundRest: "all",
    stage: "hand-over",
  },
  {
    // Back after a summer on hire: another tyre, not rolled out yet, and somebody has been in the menu.
    number: 202,
    before: 187,
    intake: { odometerKm: "1840", tyre: "54-559" },
    classId: "eu-epac",
    on: "2026-11-18T12:40:00.000Z",
    profile: TARN,
    found: { "34": "5", "51": "26", "53": "32" },
    foundRest: "none",
    stage: "as-found",
  },
];

const later = (iso: string, minutes: number): string => new Date(Date.parse(iso) + minutes * 60_000).toISOString();

/** The visit of a bike as it begins: its first, or the next after one before. */
function begun({ number, on, before }: DemoBike): Job {
  const id = `demo-${number}`;
  const last = BIKES.find((each) => each.number === before);
  return last ? nextVisit(makeJob(last), { id, number, at: on }) : newJob(id, number, on);
}

function makeJob(bike: DemoBike): Job {
  const rule = classById(bike.classId);
  const road = bike.roadClassId === undefined ? null : classById(bike.roadClassId);
  const base = begun(bike);
  const written = withCarriedRollout(base, {
    ...base,
    demo: true,
    onTheStand: bike.onTheStand ?? false,
    stage: bike.stage,
    updatedAt: later(bike.on, 5),
    intake: { ...base.intake, ...bike.intake },
    profile: bike.profile,
    classChoice: {
      ...base.classChoice,
      rule,
      acknowledged: bike.acknowledged ?? "",
      ...(road ? { acknowledgedAt: bike.on, roadClass: road } : {}),
    },
    asFound: { shown: shownBy(bike), waivedReason: "" },
  });
  const at = STAGES.indexOf(bike.stage);
  if (at < STAGES.indexOf("program")) return written;
  const programming = startProgram(written, later(bike.on, 12));
  if (bike.stage === "program") return halfProgrammed(programming, later(bike.on, 14));
  const programmed = programAll(programming, later(bike.on, 15));
  if (bike.stage === "prove") return programmed;
  return { ...handOver(proven(programmed, later(bike.on, 40)), later(bike.on, 55)), stage: "hand-over" };
}

function shownBy({ profile, found, foundRest }: DemoBike): Record<string, string> {
  if (!profile) return {};
  const rest = linesOf(profile)
    .filter((line) => foundRest === "all" && rawValues(line.encoding).length > 0)
    .map((line) => [line.code, shows(line.encoding, line.factoryRaw ?? 0)] as const);
  return { ...Object.fromEntries(rest), ...found };
}

function programAll(job: Job, at: string): Job {
  if (!job.profile || !job.program) return job;
  const { plan } = keyWork(job.profile, job.program.state, goalOfKeys(job.program));
  return plan.ok ? plan.strokes.reduce((now, { after }) => advanceProgram(now, after, at), job) : job;
}

/** Stops in the middle of the menu, at the start of a line. */
function halfProgrammed(job: Job, at: string): Job {
  const { profile, program } = job;
  if (!profile || !program) return job;
  const { steps } = keyWork(profile, program.state, goalOfKeys(program));
  const middle = steps[Math.floor(steps.length / 2)];
  const strokes = steps
    .slice(0, Math.floor(steps.length / 2))
    .flatMap((step) => step.runs.flatMap((run) => Array.from({ length: run.count }, () => run.stroke)));
  const state = strokes.reduce<MenuState>((s, stroke) => play(profile, s, stroke), program.state);
  return middle ? advanceProgram(job, state, at) : job;
}

function proven(job: Job, at: string): Job {
  const { profile, program } = job;
  if (!profile || !program) return job;
  const read = Object.fromEntries(
    linesOf(profile).map((line, i) => [line.code, shows(line.encoding, program.targets[i] ?? line.factoryRaw ?? 0)]),
  );
  const answered = workOut(job).checks.reduce(
    (now, { check }) => {
      const answer = answerTo(check);
      return answer ? withCheck(now, check.id, answer) : now;
    },
    { ...job, readBack: read },
  );
  return withEvent(answered, at, "read-back");
}

/** What a bike that does as it should comes to in a check; nothing for those it was not measured in. */
function answerTo({ expect, unit }: DueCheck): { readonly answer: "yes" } | { readonly measured: string } | null {
  if (expect.kind === "yes") return { answer: "yes" };
  if (expect.kind === "seconds") return { measured: ((expect.lowS + expect.highS) / 2).toFixed(1) };
  if (expect.kind !== "at-most" && expect.kind !== "between") return null;
  const kmh =
    expect.kind === "between"
      ? (expect.lowKmh + expect.highKmh) / 2
      : (expect.expectedKmh ?? expect.atMostKmh) - BELOW_EXPECTED_KMH;
  return { measured: (Math.floor(speedFromKmh(kmh, unit) * 10) / 10).toFixed(1) };
}

/** A demo bike stops helping this much before it is foretold to, km/h. */
const BELOW_EXPECTED_KMH = 0.3;

/** The demo bikes, newest number last; the same every time. */
export const demoJobs = (): readonly Job[] => BIKES.map(makeJob);
