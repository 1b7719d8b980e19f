"use client";
import { useLiveQuery } from "dexie-react-hooks";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useState } from "react";
import { CLASSES } from "@/catalog/classes/classes";
import { loadShipped, SHIPPED_NAMES, type DisplayName } from "@/catalog/displays/names";
import { labelWatts, fullPackV } from "@/core/battery";
import type { DisplayProfile } from "@/core/display";
import { assistLimit } from "@/core/law";
import { acceptedReadingProblem, swapDisplay } from "@/core/record";
import { INTAKE_FIELDS, type IntakeKey } from "@/core/setup";
import { ownDisplays } from "@/store";
import { buttonClass, Caution, Choice, Figure, FindingLine, KeptField, useTell } from "@/ui/primitives";
import { count, disagreementText, fieldProblemText, findingText, INTAKE_WORDS, plain, speed } from "@/ui/wording";
import type { StageProps } from "../job/JobScreen";
import { TypedField } from "../job/TypedField";
import { voiceOf } from "../job/voice";

const SwapDisplay = dynamic(() => import("./SwapDisplay").then((module) => module.SwapDisplay), { ssr: false });

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
  const keep = (key: IntakeKey) => (typed: string) =>
    change((now) => ({ ...now, intake: { ...now.intake, [key]: typed } }));
  const setClass = (edit: Partial<typeof job.classChoice>) =>
    change((now) => ({ ...now, classChoice: { ...now.classChoice, ...edit } }));
  const readingProblem = acceptReading ? acceptedReadingProblem(acceptedKmh) : null;

  return (
    <div className="grid gap-8 lg:grid-cols-[1fr_340px]">
      <div className="flex min-w-0 flex-col gap-8">
        <section aria-labelledby="leaves-as">
          <h2 id="leaves-as" className="mb-3 text-[1.35rem]">
            Display and class
          </h2>
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
                  <KeptField
                    label="Accepted as"
                    unit="km/h"
                    numeric
                    value={acceptedKmh}
                    guess={plain(rule.acceptedReading.value)}
                    onKeep={(typed) => setClass({ acceptedKmh: typed })}
                    problem={readingProblem ? fieldProblemText(readingProblem) : null}
                  />
                ) : null}
              </div>
            ) : null}
            {rule && !rule.publicRoad ? (
              <KeptField
                label="Acknowledged in writing"
                long
                value={acknowledged}
                onKeep={(typed) => setClass({ acknowledged: typed })}
                hint="Whose land, and that it is not for public roads. It does not cure a law against tampering."
                problem={acknowledged.trim() === "" ? "Write whose land it is, before it is programmed." : null}
              />
            ) : null}
          </div>
        </section>
        {SECTIONS.map(({ title, keys }) => (
          <section key={title} aria-label={title}>
            <h2 className="mb-3 text-[1.35rem]">{title}</h2>
            <div className="grid gap-x-5 gap-y-4 sm:grid-cols-2">
              {keys.map((key) => {
                const problem = intake.problems[key];
                return key === "tyre" && problem?.key === "tyre.not-a-designation" ? (
                  <div key={key}>
                    <TypedField
                      field={INTAKE_FIELDS[key]}
                      words={INTAKE_WORDS[key]}
                      value={job.intake[key] ?? ""}
                      problem={fieldProblemText(problem)}
                      onKeep={keep(key)}
                    />
                    <Sidewall typed={problem.typed} job={job} change={change} workings={workings} />
                  </div>
                ) : (
                  <TypedField
                    key={key}
                    field={INTAKE_FIELDS[key]}
                    words={INTAKE_WORDS[key]}
                    value={job.intake[key] ?? ""}
                    problem={problem ? fieldProblemText(problem) : null}
                    long={key === "complaint"}
                    onKeep={keep(key)}
                  />
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

/** Which display is on the bike. Changing it once lines are written down is a swap, and shows first what becomes of them. */
function DisplayOnTheBike({ job, change }: Pick<StageProps, "job" | "change">) {
  const tell = useTell();
  const own = useLiveQuery(() => ownDisplays()) ?? [];
  const [swapTo, setSwapTo] = useState<DisplayProfile | null>(null);
  const known: readonly DisplayName[] = [...SHIPPED_NAMES, ...own];
  const mine: readonly DisplayName[] =
    job.profile && !known.some(({ id }) => id === job.profile?.id) ? [job.profile] : [];
  const written = Object.values(job.asFound.shown).some((typed) => typed.trim() !== "");
  const choose = async (id: string) => {
    const profile = own.find((each) => each.id === id) ?? (await loadShipped(id));
    if (!profile || id === job.profile?.id) return;
    if (job.profile && written) setSwapTo(profile);
    else change((now) => ({ ...now, profile, overrides: {}, unlocked: {} }));
  };
  const newer = own.find(({ id, revision }) => id === job.profile?.id && revision !== job.profile.revision);
  return (
    <div>
      <Choice
        label="Display on the bike"
        value={job.profile?.id ?? ""}
        options={[...mine, ...known].map((profile) => ({ value: profile.id, label: profile.name }))}
        onChoose={(id) => void choose(id)}
        hint={
          job.profile
            ? job.profile.variant
            : "Not among them? Describe it under Displays: a leaflet’s text is enough to begin with."
        }
      />
      {newer && !job.program ? (
        <p className="mt-1 flex flex-wrap items-center gap-x-3 text-[0.9rem]">
          Its description has changed since (revision {job.profile?.revision} here, {newer.revision} now).
          <button
            type="button"
            className="min-h-9 font-semibold underline underline-offset-4"
            onClick={() => change((now) => ({ ...now, profile: newer }))}
          >
            Use the new one
          </button>
        </p>
      ) : null}
      {swapTo ? (
        <SwapDisplay
          job={job}
          to={swapTo}
          onClose={() => setSwapTo(null)}
          onSwap={() => {
            const before = job;
            change((now) => swapDisplay(now, swapTo, new Date().toISOString()));
            setSwapTo(null);
            tell(`${swapTo.name} is on the bike. Write down what it shows.`, () => change(() => before));
          }}
        />
      ) : null}
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
      <h2 className="mb-3 text-[1.25rem]">What follows</h2>
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
                  bike.seriesSaid
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
