"use client";
import Link from "next/link";
import { PLACE_OF, type CheckId, type Place } from "@/core/proof";
import { blockedBy } from "@/core/record";
import { PLACE_WORDS } from "@/words/checks";
import { Button, buttonClass, Caution, useKeptState } from "@/ui/primitives";
import { NoDisplay } from "../job/NoDisplay";
import type { KeysStageProps, StageProps } from "../job/stageProps";
import { voiceOf } from "../job/voice";
import { CheckCard } from "./CheckCard";
import { ReadBack } from "./ReadBack";
import { ReadOutChart } from "./ReadOutChart";
import { later } from "@/ui/primitives/later";
import * as say from "@/words/screens/prove/prove";

/** Loaded when asked for: few bikes need it. */
const Trials = later(() => import("./Trials").then((module) => module.Trials));

/** Loaded for a bike of a batch. */
const AfterReadBack = later(() => import("../batch/BatchBar").then((module) => module.AfterReadBack));

/** Loaded where the pack must not be pulled on. */
const BlockedStep = later(() => import("../job/BlockedStep").then((module) => module.BlockedStep));

/** Prove: what the display shows after the power cycle, and what the bike really does. */
export function Prove(props: StageProps) {
  const { job } = props;
  if (!job.profile) return <NoDisplay job={job} />;
  if (!job.program?.done)
    return (
      <div className="max-w-xl rounded-xl bg-sheet p-6">
        <p className="text-xl font-semibold">{say.nothingToProveYet}</p>
        <p className="mt-1 mb-4 text-quiet">{job.rehearsal?.done ? say.theKeysWereRehearsed : say.theValuesAreNot}</p>
        <Link href={`/job/${job.id}/program`} className={buttonClass("main")}>
          {say.goToTheKeys}
        </Link>
      </div>
    );
  return <Proof {...props} profile={job.profile} program={job.program} />;
}

function Proof(props: KeysStageProps) {
  const { job, workings, profile, program } = props;
  const { checksLeft } = workings;
  const [trying, setTrying] = useKeptState(`trying.${job.id}`, "");
  const proven = workings.stages.some(({ stage, done }) => stage === "prove" && done);
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
      <div className="min-w-0">
        <ReadBack {...props} />
        {job.batch ? <AfterReadBack job={job} batch={job.batch} /> : null}
      </div>
      <section aria-labelledby="checks" className="min-w-0">
        <h3 id="checks" className="text-[1.5rem]">
          {say.checks}
        </h3>
        <p className="mb-3 text-quiet">{say.allPassedDueIn(checksLeft)}</p>
        <Caution>{say.standClearOfThe}</Caution>
        {PLACES.map((place) => (
          <ChecksAt key={place} {...props} place={place} />
        ))}
        {trying === "" ? (
          <div className="mt-8">
            <Button onClick={() => setTrying("yes")}>{say.doesALineDoAnything}</Button>
          </div>
        ) : (
          <Trials {...props} profile={profile} />
        )}
        <ReadOutChart profile={profile} program={program} workings={workings} />
        <Link href={`/job/${job.id}/hand-over`} className={`${buttonClass(proven ? "main" : "plain", true)} mt-6`}>
          {say.handItOver}
          <kbd className="code text-base opacity-80">6</kbd>
        </Link>
      </section>
    </div>
  );
}

const PLACES = ["stand", "yard", "road"] as const;

/** The checks of one place, and those there that are only worth a measurement. */
function ChecksAt({ place, ...props }: StageProps & { readonly place: Place }) {
  const here = props.workings.checks.filter(({ check }) => PLACE_OF[check.id] === place);
  const [needed, others] = [true, false].map((is) => here.filter(({ check }) => check.needed === is));
  const hurt = blockedBy("full-pull", props.workings.sheet?.inForce.findings);
  const blockedOf = (id: CheckId) =>
    hurt && id === "pack-sag" ? <BlockedStep finding={hurt} voice={voiceOf(props.workings)} /> : null;
  // What was measured stays in sight.
  const isOpen = others?.some(({ verdict }) => verdict !== "due") ?? false;
  return (
    <section aria-label={PLACE_WORDS[place]} className="mt-4">
      <h4 className="text-[1.05rem] text-quiet">{PLACE_WORDS[place]}</h4>
      <ol>
        {needed?.map((state) => (
          <CheckCard key={state.check.id} {...props} state={state} blocked={blockedOf(state.check.id)} />
        ))}
      </ol>
      {others && others.length > 0 ? (
        <details open={isOpen}>
          <summary className="min-h-11 py-2 underline">{say.worthMeasuring(others.length)}</summary>
          <ol>
            {others.map((state) => (
              <CheckCard key={state.check.id} {...props} state={state} blocked={blockedOf(state.check.id)} />
            ))}
          </ol>
        </details>
      ) : null}
    </section>
  );
}
