/** What a technician learns of the display while working on a bike: said of this job's own copy of the description. */
import {
  capBasisOf,
  isUnsure,
  lineIndex,
  linesOf,
  MOST_LINES,
  newLine,
  withCapBasis,
  withLines,
  type CapBasis,
  type Claim,
} from "../display";
import { RESERVED_NAMES } from "../units/limits";
import type { Job } from "./job";

/**
 * The job with a line its display has and its description had not: not known, left as found, showing what was read. The
 * library's own description is not touched.
 */
export function addUnknownLine(job: Job, code: string, shown: string): Job {
  const { profile } = job;
  const value = Number(shown);
  const taken = profile !== null && lineIndex(profile, code) >= 0;
  const full = (profile?.lines.length ?? 0) >= MOST_LINES;
  if (!profile || !Number.isInteger(value) || value < 0 || taken || full || RESERVED_NAMES.includes(code)) return job;
  const line = newLine(code, { kind: "reserved", setting: null, rawMin: 0, rawMax: Math.max(9, value) }, 0);
  return {
    ...job,
    profile: withLines(profile, [...linesOf(profile), { ...line, makerOnly: true }]),
    asFound: { ...job.asFound, shown: { ...job.asFound.shown, [code]: shown } },
  };
}

/** The job with a guessed line confirmed by the technician: from then on it is what it is described as. */
export function confirmLine(job: Job, code: string): Job {
  const { profile } = job;
  if (!profile || job.program) return job;
  const lines = linesOf(profile).map((line) => {
    if (line.code !== code || !isUnsure(line)) return line;
    const claim: Claim = {
      from: "own-trial",
      on: null,
      confidence: 0.9,
      says: "Confirmed on this bike.",
      setting: line.encoding.setting,
      chosen: true,
    };
    return { ...line, claims: [...line.claims.map((each) => ({ ...each, chosen: false })), claim].slice(-20) };
  });
  return { ...job, profile: { ...profile, lines } };
}

const BASIS_WORDS: Readonly<Record<CapBasis, string>> = {
  shown: "compared with the speed shown",
  own: "compared with the controller's own measure",
  unknown: "compared with nobody knows what",
};

/** The job with the basis of a cap line stated for this bike, and who said so kept with the line. */
export function stateCapBasis(job: Job, code: string, basis: CapBasis): Job {
  const { profile } = job;
  if (!profile || job.program) return job;
  const lines = linesOf(profile).map((line) => {
    if (line.code !== code || capBasisOf(line.encoding) === null) return line;
    const says = `Stated on this bike: ${BASIS_WORDS[basis]}.`;
    const claim: Claim = {
      from: "own-trial",
      on: null,
      confidence: 0.6,
      says,
      setting: line.encoding.setting,
      chosen: true,
    };
    const others = line.claims.filter(({ from }) => from !== "own-trial");
    return { ...line, encoding: withCapBasis(line.encoding, basis), claims: [...others, claim].slice(-20) };
  });
  return { ...job, profile: { ...profile, lines } };
}
