/** What a ticket on the rack says about its bike, in one line and one action. */
import { linesOf } from "@/core/display";
import { STAGES, type Job, type Stage, type Workings } from "@/core/record";
import type { Spoke } from "@/ui/dial/SpokeDial";
import { voiceOf } from "../job/voice";
import { count, findingText, INTAKE_WORDS, lineName, STAGE_NAMES } from "@/ui/wording";

export interface Headline {
  readonly sign: "breach" | "caution" | "unknown" | "odd" | "done" | null;
  readonly text: string;
  readonly action: { readonly label: string; readonly stage: Stage; readonly line?: string };
  readonly place: string;
}

/** Spokes for the dial, from the same rows as the sheet. */
export function spokesOf(job: Job, { sheet, foundCount }: Workings): readonly Spoke[] {
  if (!job.profile) return [];
  if (!sheet) return linesOf(job.profile).map((line) => ({ code: line.code, name: lineName(line), mark: "unknown" }));
  return sheet.rows.map((row) => ({
    code: row.code,
    name: lineName(row.line),
    mark: foundCount === 0 ? "unknown" : row.mark,
  }));
}

/** What the bike is, in a few words. */
export function ticketFacts(job: Job, { bike }: Workings, short = false): string {
  const motor = bike.motorKind ? INTAKE_WORDS.motorKind.options?.[bike.motorKind] : null;
  const parts = [
    bike.frame,
    bike.motorRatedW && motor ? `${bike.motorRatedW} W ${motor.toLowerCase()}` : motor,
    short ? null : job.profile?.name,
  ];
  return parts.filter(Boolean).join(" · ") || "Nothing written down yet";
}

/** The one thing to know and the one thing to do. */
export function headline(job: Job, workings: Workings): Headline {
  const { next, sheet, findings, foundCount, bike } = workings;
  const placeOf = (stage: Stage) => `${STAGE_NAMES[stage]}, ${STAGES.indexOf(stage) + 1} of ${STAGES.length}`;
  const place = placeOf(next);
  const go = (label: string, stage: Stage = next, line?: string) => ({ label, stage, line });
  const worst = findings.find((finding) => finding.severity === "breach");
  const total = sheet?.rows.length ?? 0;
  if (!job.profile || next === "intake")
    return {
      sign: null,
      text: job.intake.nickname ? "Intake is not finished." : "Say what it is.",
      action: go("Go on with intake", "intake"),
      place,
    };
  if (workings.notToBeRidden)
    return {
      sign: "breach",
      text: `Brand new, out-of-box values unproven. Not to be ridden until programmed.`,
      action: go("Write down what it shows", "as-found"),
      place,
    };
  if (next === "as-found") {
    const resume = workings.found.findIndex((line) => line.raw === null);
    const code = sheet?.rows[resume]?.code;
    return {
      sign: "unknown",
      text: `${foundCount} of ${total} lines written down.`,
      action: go(code ? `Carry on at ${code}` : "Carry on", "as-found", code),
      place,
    };
  }
  if (next === "program" && job.program)
    return {
      sign: "odd",
      text: "Programming has begun and is not in force.",
      action: go("Go on with the keys", "program"),
      place,
    };
  if (next === "prove") {
    const due = workings.checks.filter(({ verdict }) => verdict !== "passed").length;
    return {
      sign: null,
      text: `Programmed. Read-back and ${count(due, "check")} due.`,
      action: go("Prove it", "prove"),
      place,
    };
  }
  if (next === "hand-over")
    return {
      sign: "done",
      text: job.handedOverAt ? "Handed over." : "Proven. Ready to hand over.",
      action: go(job.handedOverAt ? "See the cards" : "Hand it over", "hand-over"),
      place,
    };
  if (worst)
    return {
      sign: "breach",
      text: findingText(worst.message, voiceOf(workings)),
      action: go(worst.lines[0] ? `Look at line ${worst.lines[0]}` : "Look at the plan", "plan", worst.lines[0]),
      place: placeOf("plan"),
    };
  if (bike.complaint)
    return {
      sign: null,
      text: `Says: ${bike.complaint}`,
      action: go("Look at the plan", "plan"),
      place: placeOf("plan"),
    };
  return {
    sign: null,
    text: `${count(workings.counts?.odd ?? 0, "line")} to change.`,
    action: go("Look at the plan", "plan"),
    place,
  };
}
