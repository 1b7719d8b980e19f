/** What a check measured, taken as a fact of the bike: the ladder, or a reading of the speedometer. */
import type { DueCheck } from "../proof";
import { speedFromKmh } from "../units";
import { own } from "../units/limits";
import { asAsked } from "../units/askedUnit";
import { readSpeedKmh } from "../units/quantity";
import type { FigureKey } from "../facts/figures";
import { withLadder } from "../facts/lists";
import type { IntakeKey } from "../facts";
import type { Job } from "./job";

type FactKey = FigureKey | IntakeKey | "oneTrueKmh" | "oneShown";
type Facts = Readonly<Partial<Record<FactKey, string>>>;

/** The facts a check's figure comes to; null where it comes to none. */
function factsFrom(job: Job, { id, expect, unit }: DueCheck): Facts | null {
  const result = own(job.checks, id);
  if (!result || result.measured.trim() === "") return null;
  const askedIn = result.askedIn;
  if (id === "level-speeds") {
    const ladder = asAsked(result.measured.trim(), askedIn === "mph" ? "mph" : "km/h", "km/h");
    return { measuredSpeeds: ladder, measuredLadders: withLadder(own(job.intake, "measuredLadders") ?? "", ladder) };
  }
  if (id !== "speedometer-run" || expect.kind !== "between") return null;
  const shownKmh = readSpeedKmh(result.measured, askedIn);
  return {
    oneTrueKmh: expect.atTrueKmh.toFixed(1),
    oneShown: String(Number(speedFromKmh(shownKmh, unit).toFixed(1))),
  };
}

/** Facts of a check not kept yet; null where there are none, or they stand there already. */
export function figureToKeep(job: Job, check: DueCheck): Facts | null {
  const facts = factsFrom(job, check);
  const isKept = facts && Object.entries(facts).every(([key, typed]) => own(job.intake, key) === typed);
  return isKept ? null : facts;
}

/** The job with the figure of a check among its facts. */
export const withFigureKept = (job: Job, check: DueCheck): Job => {
  const facts = figureToKeep(job, check);
  return facts ? { ...job, intake: { ...job.intake, ...facts } } : job;
};
