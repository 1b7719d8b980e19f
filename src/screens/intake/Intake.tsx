"use client";
import dynamic from "next/dynamic";
import Link from "next/link";
import { CLASSES } from "@/catalog/classes/classes";
import { labelWatts, fullPackV } from "@/core/battery";
import { assistLimit } from "@/core/law";
import { acceptedReadingProblem } from "@/core/record";
import { INTAKE_FIELDS, type IntakeKey } from "@/core/facts";
import { buttonClass, Caution, Choice, Figure, FindingLine } from "@/ui/primitives";
import { count, disagreementText, fieldProblemText, findingText, INTAKE_WORDS, plain, speed } from "@/ui/wording";
import type { StageProps } from "../job/stageProps";
import { DisplayOnTheBike } from "./DisplayOnTheBike";
import { JobField } from "../job/JobField";
import { TypedField } from "../job/TypedField";
import { voiceOf } from "../job/voice";

/** Loaded when something else than a designation stands in the tyre's field. */
const Sidewall = dynamic(() => import("../numbers/Sidewall").then((module) => module.Sidewall), { ssr: false });

const SECTIONS: readonly { readonly title: string; readonly keys: readonly IntakeKey[] }[] = [
  { title: "The bike", keys: ["nickname", "frame", "visit", "rider", "complaint"] },
  { title: "Wheel", keys: ["tyre", "rolloutMm", "rolloutTurns", "tapeErrorMm", "pickUp", "pulsesPerTurn"] },
  { title: "Motor and sensors", keys: ["motorKind", "motorRatedW", "throttleFitted", "brakeCutOff", "crankPulses"] },
  {
    title: "Battery and controller",
    keys: ["packV", "chemistry", "series", "packAh", "bmsA", "controllerA", "controllerV"],
  },
];

/** Intake: what can be seen or measured, kept as typed; what follows from it beside it. */
export function Intake({ job, workings, change }: StageProps) {
  const { intake } = workings;
  const { rule, acceptReading, acceptedKmh, acknowledged } = job.classChoice;
  const setClass = (edit: Partial<typeof job.classChoice>) =>
    change((now) => ({ ...now, classChoice: { ...now.classChoice, ...edit } }));
  const readingProblem = acceptReading ? acceptedReadingProblem(acceptedKmh) : null;

  return (
    <div className="grid gap-8 lg:grid-cols-[1fr_340px]">
      <div className="flex min-w-0 flex-col gap-8">
        <section aria-labelledby="leaves-as">
          <h3 id="leaves-as" className="mb-3 text-[1.35rem]">
            Display and class
          </h3>
          <div className="grid gap-4">
            <DisplayOnTheBike job={job} change={change} />
            <Choice
              label="Must leave as"
              value={rule?.id ?? ""}
              options={CLASSES.map((each) => ({ value: each.id, label: each.name }))}
              onChoose={(id) =>
                setClass({
                  rule: CLASSES.find((each) => each.id === id) ?? null,
                  acceptReading: false,
                  acceptedKmh: "",
                })
              }
            />
            {rule?.acceptedReading ? (
              <div className="grid gap-3 sm:grid-cols-2">
                <Choice
                  label={`How ${plain(rule.assist?.value ?? 0)} ${rule.assist?.unit === "mph" ? "mph" : "km/h"} is read`}
                  value={acceptReading ? "accepted" : "exact"}
                  options={[
                    { value: "exact", label: "As written" },
                    { value: "accepted", label: "Accepted as equivalent" },
                  ]}
                  onChoose={(how) => setClass({ acceptReading: how === "accepted" })}
                />
                {acceptReading ? (
                  <JobField
                    job={job}
                    place={{ in: "accepted-reading" }}
                    label="Accepted as"
                    unit="km/h"
                    numeric
                    guess={plain(rule.acceptedReading.value)}
                    problem={readingProblem ? fieldProblemText(readingProblem) : null}
                  />
                ) : null}
              </div>
            ) : null}
            {rule && !rule.publicRoad ? (
              <JobField
                job={job}
                place={{ in: "acknowledged" }}
                label="Acknowledged in writing"
                long
                hint="Whose land, and that it is not for public roads. It does not cure a law against tampering."
                problem={acknowledged.trim() === "" ? "Write whose land it is, before it is programmed." : null}
              />
            ) : null}
          </div>
        </section>
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
          </section>
        ))}
        <Link href={`/job/${job.id}/as-found`} className={`${buttonClass("main", true)} self-start`}>
          Write down what it shows <kbd className="code text-base opacity-80">2</kbd>
        </Link>
      </div>
      <Follows job={job} workings={workings} />
    </div>
  );
}

/** What follows from the facts so far, live. */
function Follows({ job, workings }: Pick<StageProps, "job" | "workings">) {
  const { bike, intake, choice, findings } = workings;
  const voice = voiceOf(workings);
  const limit = choice ? assistLimit(choice) : null;
  return (
    <aside aria-label="What follows" className="self-start rounded-xl bg-sheet p-5 lg:sticky lg:top-4">
      <h3 className="mb-3 text-[1.25rem]">What follows</h3>
      <div className="flex flex-col gap-3">
        <Figure
          label="Rollout"
          value={bike.rollout ? `${plain(bike.rollout.mm, 0)} mm` : null}
          note={
            bike.rollout
              ? `±${plain(bike.rollout.uncertaintyMm, 0)}, ${bike.rollout.from === "measured" ? "measured" : "from the sidewall"}`
              : "needs the tyre or a measured rollout"
          }
          working={
            bike.rollout
              ? [
                  bike.rollout.from === "measured"
                    ? `${job.intake.rolloutMm ?? ""} mm ÷ ${count(bike.rolloutTurns, "turn")}`
                    : "from the designation by ISO 5775-1, rider on, ±1.5 %",
                  "The wheel bench under Numbers holds it against other sources.",
                ]
              : []
          }
        />
        <Figure
          label="Full pack"
          value={bike.series ? `${plain(fullPackV(bike.series, bike.chemistry))} V` : null}
          note={
            bike.series
              ? `${bike.series} cells in series`
              : bike.packV
                ? "no usual series count for these volts"
                : "needs the pack’s volts"
          }
          working={
            bike.series
              ? [
                  `${bike.series} × ${plain(fullPackV(1, bike.chemistry), 2)} V at rest`,
                  bike.seriesFrom === "said"
                    ? "cells in series as you said"
                    : "cells in series as usual for these volts: common practice, no source",
                ]
              : []
          }
        />
        <Figure
          label="Label watts"
          value={bike.packV && bike.controllerA ? `${plain(labelWatts(bike.packV, bike.controllerA), 0)} W` : null}
          note={
            bike.packV && bike.controllerA
              ? "battery side, not the motor’s rating"
              : "needs pack volts and controller amps"
          }
          working={[`${plain(bike.packV ?? 0)} V × ${plain(bike.controllerA ?? 0)} A`]}
        />
        <Figure
          label="Assist limit"
          value={choice && limit ? speed(limit.kmh, choice.rule.speedUnit) : null}
          note={choice ? (limit ? choice.rule.badge : "this class sets none") : "needs the class"}
          working={
            choice
              ? [
                  `${choice.rule.source}, as known on ${choice.rule.knownOn}`,
                  ...(limit?.strict ? ["assist ends before it, not at it"] : []),
                ]
              : []
          }
        />
      </div>
      <div className="mt-4 flex flex-col gap-2 border-t border-rule pt-3 text-[0.95rem]">
        {workings.notToBeRidden ? (
          <Caution>
            Brand new: not to be ridden until it is programmed. Judged on the maker’s values until you write down what
            it shows.
          </Caution>
        ) : null}
        {intake.disagreement ? (
          <FindingLine severity="caution">{disagreementText(intake.disagreement)}</FindingLine>
        ) : null}
        {findings.map((finding) => (
          <FindingLine key={finding.message.key + finding.lines.join()} severity={finding.severity}>
            {findingText(finding.message, voice)}
          </FindingLine>
        ))}
        {job.profile && choice && findings.length === 0 ? (
          <p className="text-quiet">Nothing found against {choice.rule.name} yet.</p>
        ) : null}
        {intake.missing.length > 0 ? (
          <p className="text-quiet">
            Still to say: {intake.missing.map((key) => INTAKE_WORDS[key].label.toLowerCase()).join(", ")}.
          </p>
        ) : null}
      </div>
    </aside>
  );
}
