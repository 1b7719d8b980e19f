/** What a ticket on the rack says about its bike: worked out once from the job, and kept until the job changes. */
import { linesOf } from "@/core/display";
import { asHandedOver, sealFault, STAGES, workOut, type Job, type Stage, type Workings } from "@/core/record";
import type { Headline, Ticket, TicketSpoke } from "@/core/record/ticket";
import { count, findingText, INTAKE_WORDS, lineName, sealFaultText, speed, STAGE_NAMES } from "@/words";
import { voiceOf } from "../job/voice";

/** Spokes for the dial, from the same rows as the sheet. */
export function spokesOf(job: Job, { sheet }: Workings): readonly TicketSpoke[] {
  if (!job.profile) return [];
  if (!sheet) return linesOf(job.profile).map((line) => ({ code: line.code, name: lineName(line), mark: "unknown" }));
  return sheet.rows.map((row) => ({
    code: row.code,
    name: lineName(row.line),
    mark: row.mark,
  }));
}

/** What the bike is, in a few words. */
function factsOf(job: Job, { bike }: Workings, short: boolean): string {
  const motor = bike.motorKind ? INTAKE_WORDS.motorKind.options?.[bike.motorKind] : null;
  const rated = bike.motorRatedW && motor ? `${bike.motorRatedW} W ${motor.toLowerCase()}` : motor;
  return (
    [bike.frame, rated, short ? null : job.profile?.name].filter(Boolean).join(" · ") || "Nothing written down yet"
  );
}

/** The one thing to know and the one thing to do. */
export function headline(job: Job, workings: Workings): Headline {
  const { next, sheet, foundCount, bike } = workings;
  const placeOf = (stage: Stage) => `${STAGE_NAMES[stage]}, ${STAGES.indexOf(stage) + 1} of ${STAGES.length}`;
  const place = placeOf(next);
  const go = (label: string, stage: Stage = next, line?: string) => ({ label, stage, ...(line ? { line } : {}) });
  const worst = sheet?.inForce.findings.find((finding) => finding.severity === "breach");
  const fault = sealFault(job);
  if (fault) return { sign: "breach", text: sealFaultText(fault), action: go("Look at it", "hand-over"), place };
  if (!job.profile || next === "intake") {
    const text = job.intake.nickname ? "Intake is not finished." : "Say what it is.";
    return { sign: null, text, action: go("Go on with intake", "intake"), place };
  }
  if (workings.notToBeRidden)
    return {
      sign: "breach",
      text: "Brand new, out-of-box values unproven. Not to be ridden until programmed.",
      action: go("Write down what it shows", "as-found"),
      place,
    };
  if (next === "as-found") {
    const resume = workings.found.findIndex((line) => line.shown && line.raw === null);
    const code = sheet?.rows[resume]?.code;
    const text = `${foundCount} of ${workings.shownCount} lines written down.`;
    return { sign: "unknown", text, action: go(code ? `Carry on at ${code}` : "Carry on", "as-found", code), place };
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
    const text = due > 0 ? `Programmed. Read-back and ${count(due, "check")} due.` : "Programmed. Read-back due.";
    return { sign: null, text, action: go("Prove it", "prove"), place };
  }
  if (next === "hand-over") {
    const gone = job.handedOverAt !== null;
    const [against] = workings.against;
    if (against && !gone && workings.leavesThough === null)
      return {
        sign: against.severity === "breach" ? "breach" : "unknown",
        text: `Not ready: ${findingText(against.message, voiceOf(workings))}`,
        action: go("Look at it", "hand-over"),
        place,
      };
    const text = gone ? "Handed over." : "Proven. Ready to hand over.";
    return { sign: "done", text, action: go(gone ? "See the cards" : "Hand it over", "hand-over"), place };
  }
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
    text: `${count(workings.counts?.odd ?? 0, "odd line")}.`,
    action: go("Look at the plan", "plan"),
    place,
  };
}

/** What stands in the list of bikes gone out, as they left. */
function goneOf({ choice, sheet, unit, bike, baseline }: Workings): Ticket["gone"] {
  const cap = sheet?.inForce.cap;
  const trueCap = cap?.kind === "true" ? `true cap ${speed(cap.kmh.nominal, unit)}` : "cap to be measured";
  return {
    frame: bike.frame,
    badge: choice?.rule.badge ?? "",
    cap: choice && !choice.rule.publicRoad ? "not for public roads" : trueCap,
    wayBack: baseline.kind === "kept" ? "way back kept" : "no full baseline",
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
  const text = `Its record cannot be read here (${detail}). Open it to save it as a file.`;
  return {
    id: job.id,
    number: job.number,
    nickname: typeof job.intake?.nickname === "string" ? job.intake.nickname : "",
    demo: job.demo,
    onTheStand: job.onTheStand,
    handedOverAt: job.handedOverAt,
    stage: "intake",
    next: "intake",
    facts: "This bike cannot be shown",
    shortFacts: "This bike cannot be shown",
    headline: { sign: "breach", text, action: { label: "Open it", stage: "intake" }, place: "" },
    spokes: [],
    gone: { frame: "", badge: "", cap: "cannot be shown", wayBack: "" },
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
