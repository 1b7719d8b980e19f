/** What a ticket on the rack says about its bike: worked out once from the job, and kept until the job changes. */
import {
  asHandedOver,
  isOffRoad,
  sealFault,
  STAGES,
  workOut,
  type Job,
  type Stage,
  type Workings,
} from "@/core/record";
import type { Headline, Ticket } from "@/core/record/ticket";
import { findingText, INTAKE_WORDS, sealFaultText, STAGE_NAMES } from "@/words";
import { spokesOf } from "../job/spokes";
import { voiceOf } from "../job/voice";
import * as say from "@/words/screens/rack/ticket";

/** What the bike is, in a few words. */
function factsOf(job: Job, { bike }: Workings, short: boolean): string {
  const motor = bike.motorKind ? INTAKE_WORDS.motorKind.options?.[bike.motorKind] : null;
  const rated = bike.motorRatedW && motor ? `${bike.motorRatedW} W ${motor.toLowerCase()}` : motor;
  return [bike.frame, rated, short ? null : job.profile?.name].filter(Boolean).join(" · ") || say.nothingWrittenDownYet;
}

/** The one thing to know and the one thing to do. */
export function headline(job: Job, workings: Workings): Headline {
  const { next, sheet, foundCount, bike } = workings;
  const placeOf = (stage: Stage) => say.ticketOf(STAGE_NAMES[stage], STAGES.indexOf(stage), STAGES.length);
  const place = placeOf(next);
  const go = (label: string, stage: Stage = next, line?: string) => ({ label, stage, ...(line ? { line } : {}) });
  const worst = sheet?.inForce.findings.find((finding) => finding.severity === "breach");
  const fault = sealFault(job);
  if (fault) return { sign: "breach", text: sealFaultText(fault), action: go(say.lookAtIt, "hand-over"), place };
  if (!job.profile || next === "intake") {
    const text = job.intake.nickname ? say.intakeIsNotFinished : say.sayWhatItIs;
    return { sign: null, text, action: go(say.goOnWithIntake, "intake"), place };
  }
  if (workings.notToBeRidden)
    return {
      sign: "breach",
      text: say.brandNewOutOf,
      action: go(say.writeDownWhatIt, "as-found"),
      place,
    };
  if (next === "as-found") {
    const resume = workings.found.findIndex((line) => line.shown && line.raw === null);
    const code = sheet?.rows[resume]?.code;
    const text = say.ofLinesWrittenDown(foundCount, workings.shownCount);
    return { sign: "unknown", text, action: go(code ? say.carryOnAt(code) : say.carryOn, "as-found", code), place };
  }
  if (next === "program" && job.program)
    return {
      sign: "odd",
      text: say.programmingHasBegunAnd,
      action: go(say.goOnWithThe, "program"),
      place,
    };
  if (next === "prove") {
    const due = workings.checksLeft;
    const text = due > 0 ? say.programmedReadBackAnd(due) : say.programmedReadBackDue;
    return { sign: null, text, action: go(say.proveIt, "prove"), place };
  }
  if (next === "hand-over") {
    const gone = job.handedOverAt !== null;
    const [against] = workings.against;
    if (against && !gone && workings.leavesThough === null)
      return {
        sign: against.severity === "breach" ? "breach" : "unknown",
        text: say.notReady(findingText(against.message, voiceOf(workings))),
        action: go(say.lookAtIt, "hand-over"),
        place,
      };
    const text = gone ? say.handedOver : say.provenReadyToHand;
    return { sign: "done", text, action: go(gone ? say.seeTheCards : say.handItOver, "hand-over"), place };
  }
  if (worst)
    return {
      sign: "breach",
      text: findingText(worst.message, voiceOf(workings)),
      action: go(worst.lines[0] ? say.lookAtLine(worst.lines[0]) : say.lookAtThePlan, "plan", worst.lines[0]),
      place: placeOf("plan"),
    };
  if (bike.complaint)
    return {
      sign: null,
      text: say.ticketSays(bike.complaint),
      action: go(say.lookAtThePlan, "plan"),
      place: placeOf("plan"),
    };
  return {
    sign: null,
    text: say.oddLine(workings.counts?.odd),
    action: go(say.lookAtThePlan, "plan"),
    place,
  };
}

/** What stands in the list of bikes gone out, as they left. */
function goneOf({ choice, sheet, unit, bike, baseline }: Workings): Ticket["gone"] {
  const cap = sheet?.inForce.cap;
  const trueCap = cap?.kind === "true" ? say.trueCap(cap.kmh.nominal, unit) : say.capToBeMeasured;
  return {
    frame: bike.frame,
    badge: choice?.rule.badge ?? "",
    cap: choice && !choice.rule.publicRoad ? say.notForPublicRoads : trueCap,
    wayBack: baseline.kind === "kept" ? say.wayBackKept : say.noFullBaseline,
  };
}

/** The ticket of a job. A bike handed over is told as it left. */
export function ticketOf(live: Job): Ticket {
  const job = asHandedOver(live);
  const workings = workOut(job);
  return {
    id: job.id,
    number: job.number,
    nickname: workings.bike.nickname,
    demo: job.demo,
    onTheStand: job.onTheStand,
    offRoad: isOffRoad(job),
    handedOverAt: job.handedOverAt,
    stage: job.stage,
    next: workings.next,
    facts: factsOf(job, workings, false),
    shortFacts: factsOf(job, workings, true),
    headline: headline(job, workings),
    spokes: spokesOf(job, workings),
    gone: goneOf(workings),
  };
}

/** Stands in for the ticket of a job that cannot be worked out: it takes no other ticket down with it. */
export function badTicket(job: Job, error: unknown): Ticket {
  const detail = error instanceof Error ? error.message : String(error);
  const text = say.itsRecordCannotBe(detail);
  return {
    id: job.id,
    number: job.number,
    nickname: typeof job.intake?.nickname === "string" ? job.intake.nickname : "",
    demo: job.demo,
    onTheStand: job.onTheStand,
    offRoad: false,
    handedOverAt: job.handedOverAt,
    stage: "intake",
    next: "intake",
    facts: say.thisBikeCannotBe,
    shortFacts: say.thisBikeCannotBe,
    headline: { sign: "breach", text, action: { label: say.openIt, stage: "intake" }, place: "" },
    spokes: [],
    gone: { frame: "", badge: "", cap: say.cannotBeShown, wayBack: "" },
  };
}

/** The ticket of a job, or the one that says it has none. */
export function safeTicket(job: Job): Ticket {
  try {
    return ticketOf(job);
  } catch (error) {
    return badTicket(job, error);
  }
}
