"use client";
import Link from "next/link";
import { Button, buttonClass, Caution, useKeptState } from "@/ui/primitives";
import { NoDisplay } from "../job/NoDisplay";
import type { KeysStageProps, StageProps } from "../job/stageProps";
import { CheckCard } from "./CheckCard";
import { ReadBack } from "./ReadBack";
import { ReadOutChart } from "./ReadOutChart";
import { later } from "@/ui/primitives/later";
import * as say from "@/words/screens/prove/prove";

/** Loaded when asked for: few bikes need it. */
const Trials = later(() => import("./Trials").then((module) => module.Trials));

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
  const { checks } = workings;
  const [trying, setTrying] = useKeptState(`trying.${job.id}`, "");
  const proven = workings.stages.some(({ stage, done }) => stage === "prove" && done);
  const checksLeft = checks.filter(({ verdict }) => verdict !== "passed").length;
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
      <ReadBack {...props} />
      <section aria-labelledby="checks" className="min-w-0">
        <h3 id="checks" className="text-[1.5rem]">
          {say.checks}
        </h3>
        <p className="mb-3 text-quiet">{say.allPassedDueIn(checksLeft)}</p>
        <Caution>{say.standClearOfThe}</Caution>
        <ol className="mt-3">
          {checks.map((state) => (
            <CheckCard key={state.check.id} {...props} state={state} />
          ))}
        </ol>
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
