"use client";
import { INTAKE_FIELDS, type IntakeKey } from "@/core/facts";
import { assistLimit } from "@/core/law";
import { acceptedReadingProblem } from "@/core/record";
import { rolloutLeftBehind } from "@/core/record/rolloutLeftBehind";
import { buttonClass, Caution, FindingLine } from "@/ui/primitives";
import { disagreementText, fieldProblemText, findingText, INTAKE_WORDS } from "@/words";
import { later } from "@/ui/primitives/later";
import Link from "next/link";
import type { StageProps } from "../job/stageProps";
import { TypedField } from "../job/TypedField";
import { voiceOf } from "../job/voice";
import { DisplayAndClass } from "./DisplayAndClass";
import { FirstFigures } from "./FirstFigures";
import * as say from "@/words/screens/intake/intake";

/** Loaded beside the first fields: who rides, what for, and what they say. */
const WishChips = later(() => import("../plan/rider/WishChips").then((module) => module.WishChips));
/** Loaded when something else than a designation stands in the tyre's field. */
const Sidewall = later(() => import("../numbers/Sidewall").then((module) => module.Sidewall));

const SECTIONS: readonly { readonly title: string; readonly keys: readonly IntakeKey[] }[] = [
  { title: say.theBike, keys: ["nickname", "frame", "visit", "odometerKm", "labelKmh", "complaint"] },
  { title: say.wheel, keys: ["tyre", "rolloutMm", "rolloutTurns", "tapeErrorMm", "pickUp", "pulsesPerTurn"] },
  { title: say.motorAndSensors, keys: ["motorKind", "motorRatedW", "throttleFitted", "brakeCutOff", "crankPulses"] },
  {
    title: say.batteryAndController,
    keys: ["packV", "chemistry", "series", "packAh", "bmsA", "controllerA", "controllerV"],
  },
];

/** Intake: what can be seen or measured, kept as typed; what follows from it beside it. */
export function Intake({ job, workings, change }: StageProps) {
  const { intake } = workings;
  const { rule, acceptReading, acceptedKmh } = job.classChoice;
  const setClass = (edit: Partial<typeof job.classChoice>) =>
    change((now) => ({ ...now, classChoice: { ...now.classChoice, ...edit } }));
  const readingProblem = acceptReading ? acceptedReadingProblem(acceptedKmh) : null;

  return (
    <div className="grid gap-8 lg:grid-cols-[1fr_340px]">
      <div className="flex min-w-0 flex-col gap-8">
        <DisplayAndClass
          job={job}
          change={change}
          rule={rule}
          setClass={setClass}
          acceptReading={acceptReading}
          readingProblem={readingProblem}
        />
        {SECTIONS.map(({ title, keys }) => (
          <section key={title} aria-label={title}>
            <h3 className="mb-3 text-[1.35rem]">{title}</h3>
            <div className="grid gap-x-5 gap-y-4 sm:grid-cols-2">
              {keys.map((key) => {
                const problem = intake.problems[key];
                const field = (
                  <TypedField
                    key={key}
                    job={job}
                    name={key}
                    askedIn={workings.unit}
                    field={INTAKE_FIELDS[key]}
                    {...(workings.intake.guessed.includes(key) ? {} : { guess: null })}
                    words={INTAKE_WORDS[key]}
                    problem={problem ? fieldProblemText(problem) : null}
                    long={key === "complaint"}
                  />
                );
                if (key === "complaint")
                  return (
                    <div key={key}>
                      {field}
                      <Link href={`/faults?job=${job.id}`} className="mt-1 inline-block underline">
                        {say.findTheCause}
                      </Link>
                    </div>
                  );
                return key === "tyre" && problem?.key === "tyre.ambiguous" ? (
                  <div key={key}>
                    {field}
                    <Sidewall typed={problem.typed} job={job} change={change} workings={workings} />
                  </div>
                ) : (
                  field
                );
              })}
            </div>
            {title === say.theBike ? (
              <div className="mt-4">
                <WishChips job={job} change={change} />
              </div>
            ) : null}
          </section>
        ))}
        <Link href={`/job/${job.id}/as-found`} className={`${buttonClass("main", true)} self-start`}>
          {say.writeDownWhatIt}
          <kbd className="code text-base opacity-80">2</kbd>
        </Link>
      </div>
      <Follows job={job} workings={workings} />
    </div>
  );
}

/** What follows from the facts so far, live. */
function Follows({ job, workings }: Pick<StageProps, "job" | "workings">) {
  const { bike, intake, choice, sheet } = workings;
  const findings = sheet?.inForce.findings ?? [];
  const leftBehind = rolloutLeftBehind(job);
  const voice = voiceOf(workings);
  const limit = choice ? assistLimit(choice) : null;
  return (
    <aside aria-label={say.whatFollows} className="self-start rounded-xl bg-sheet p-5 lg:sticky lg:top-4">
      <h3 className="mb-3 text-[1.25rem]">{say.whatFollows}</h3>
      <FirstFigures bike={bike} job={job} choice={choice} limit={limit} />
      <div className="mt-4 flex flex-col gap-2 border-t border-rule pt-3 text-[0.95rem]">
        {workings.notToBeRidden ? <Caution>{say.brandNewNotTo}</Caution> : null}
        {intake.disagreement ? (
          <FindingLine severity="caution">{disagreementText(intake.disagreement)}</FindingLine>
        ) : null}
        {leftBehind ? <FindingLine severity="unknown">{say.leftBehindText(leftBehind)}</FindingLine> : null}
        {findings.map((finding) => (
          <FindingLine key={finding.message.key + finding.lines.join()} severity={finding.severity}>
            {findingText(finding.message, voice)}
          </FindingLine>
        ))}
        {job.profile && choice && findings.length === 0 ? (
          <p className="text-quiet">{say.nothingFoundAgainstYet(choice.rule.name)}</p>
        ) : null}
        {intake.missing.length > 0 ? (
          <p className="text-quiet">
            {say.stillToSay(intake.missing.map((key) => INTAKE_WORDS[key].label.toLowerCase()).join(", "))}
          </p>
        ) : null}
      </div>
    </aside>
  );
}
