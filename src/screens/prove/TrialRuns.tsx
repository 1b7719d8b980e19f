"use client";
import { useMemo, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import {
  leftAs,
  measuredValue,
  nextRun,
  OUTCOMES,
  shownBy,
  shownOf,
  trialVerdict,
  withTrial,
  type LineTrial,
  type NextRun,
} from "@/core/record/lineTrial";
import { setLineTask } from "@/core/record/trialTask";
import type { Job } from "@/core/record";
import { keepRun, takeBackRun } from "@/store";
import { Button, Caution, useTell } from "@/ui/primitives";
import * as say from "@/words/screens/prove/trialRuns";
import { workAsk } from "@/workers/keysClient";
import { KeyList } from "../job/KeyList";
import type { StageProps } from "../job/stageProps";
import { usePlan } from "../job/usePlan";

interface TrialProps extends Pick<StageProps, "job" | "change"> {
  readonly trial: LineTrial;
  readonly profile: DisplayProfile;
}

/** One trial: the run that is due with its keys, or what the runs say. */
export function TrialRuns({ trial, job, change, profile, onDrop }: TrialProps & { readonly onDrop: () => void }) {
  const next = nextRun(trial);
  const [a, b] = shownOf(profile, trial);
  const { measured } = trial;
  const left = leftAs(trial, job);
  return (
    <article className="mt-3 rounded-xl bg-sheet p-5" aria-label={say.trialOf(trial.code)}>
      <h4 className="font-head text-[1.2rem] font-bold">{say.title(trial.code, a, b, trial.outcome)}</h4>
      {next ? (
        <Run key={next.at} trial={trial} job={job} profile={profile} next={next} shown={next.arm === "A" ? a : b} />
      ) : (
        <Verdict trial={trial} job={job} change={change} profile={profile} />
      )}
      {left && !next ? (
        <div className="mt-3">
          <Caution>{say.stillHolds(trial.code, shownBy(profile, trial.code, left.now))}</Caution>
          <ToSet
            trial={trial}
            job={job}
            profile={profile}
            next={{ raw: left.back, before: left.now }}
            shown={shownBy(profile, trial.code, left.back)}
          />
        </div>
      ) : null}
      {measured.length > 0 ? <p className="mt-3 text-quiet">{say.soFar(measured, OUTCOMES[trial.outcome])}</p> : null}
      <div className="mt-3 flex flex-wrap gap-3">
        {measured.length > 0 ? (
          <Button onClick={() => void takeBackRun(trial.id, measured.length)}>{say.takeBack}</Button>
        ) : null}
        <Button weight="quiet" onClick={onDrop}>
          {say.takeOut}
        </Button>
      </div>
    </article>
  );
}

/** One run: what to set, by which keys, and what came of it. */
function Run({
  trial,
  job,
  profile,
  next,
  shown,
}: {
  readonly trial: LineTrial;
  readonly job: Job;
  readonly profile: DisplayProfile;
  readonly next: NextRun;
  readonly shown: string;
}) {
  const [typed, setTyped] = useState("");
  const [isWrong, setIsWrong] = useState(false);
  const unit = OUTCOMES[trial.outcome];
  const keep = () => {
    if (measuredValue(typed) === null) setIsWrong(true);
    else void keepRun(trial.id, next.at, typed);
  };
  const toSet = <ToSet trial={trial} job={job} profile={profile} next={next} shown={shown} />;
  return (
    <>
      <p className="mt-1 text-quiet">{say.runOf(next.at + 1, next.of)}</p>
      {trial.blind ? (
        <details className="mt-2">
          <summary className="min-h-11 py-2 underline">{say.onlyForWhoSets}</summary>
          {toSet}
        </details>
      ) : (
        toSet
      )}
      <div className="mt-3">
        <Caution>{say.wheelClear}</Caution>
      </div>
      <form
        className="mt-3 flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <label>
          <span className="text-[0.92rem] font-semibold">{say.measured(trial.outcome, unit)}</span>
          <input
            inputMode="decimal"
            autoComplete="off"
            value={typed}
            aria-invalid={isWrong}
            onChange={(event) => {
              setTyped(event.target.value);
              setIsWrong(false);
            }}
            className="mt-1 block min-h-11 w-40 rounded-md border-2 border-rule bg-sheet px-3"
          />
        </label>
        <Button weight="main" type="submit">
          {say.keepRun}
        </Button>
      </form>
      {isWrong ? (
        <p role="alert" className="mt-1 text-breach">
          {say.giveANumber(unit)}
        </p>
      ) : null}
    </>
  );
}

/** The value of this run and the keys for it; none where the line holds it from the run before. */
function ToSet({
  job,
  trial,
  profile,
  next: { raw, before },
  shown,
}: {
  readonly job: Job;
  readonly trial: LineTrial;
  readonly profile: DisplayProfile;
  readonly next: Pick<NextRun, "raw" | "before">;
  readonly shown: string;
}) {
  const ask = useMemo(() => {
    const task = setLineTask(job, trial.code, raw, before);
    return task ? workAsk(profile, task.state, task.goal) : null;
  }, [job, profile, trial.code, raw, before]);
  const { plan } = usePlan(ask);
  // Nothing to press: it holds that from the run before, or from before the trial.
  if (before === raw || plan?.steps.length === 0)
    return <p className="mt-2 text-[1.15rem] font-semibold">{say.leaveIt(trial.code, shown)}</p>;
  return (
    <>
      <p className="mt-2 text-[1.15rem] font-semibold">{say.setIt(trial.code, shown)}</p>
      {plan ? (
        <details className="mt-1">
          <summary className="min-h-11 py-2 underline sm:min-h-0">{say.keysFor(plan.presses)}</summary>
          <KeyList profile={profile} work={plan} />
        </details>
      ) : null}
    </>
  );
}

/** What all runs say, and one tap for the display's description to learn it. */
function Verdict({ trial, job, change, profile }: TrialProps) {
  const tell = useTell();
  const verdict = trialVerdict(trial);
  if (verdict.kind === "not-enough") return <p className="mt-2">{say.notEnough(verdict.more)}</p>;
  const [a, b] = shownOf(profile, trial);
  const unit = OUTCOMES[trial.outcome];
  const says = say.claim(verdict.kind, a, b, trial.outcome, unit, verdict.effect.difference);
  const isKept = job.profile?.lines.some(
    (line) => line.code === trial.code && line.claims.some((claim) => claim.says === says),
  );
  const learn = async () => {
    const deed = await change((now) => withTrial(now, trial, says));
    if (deed) tell(say.learnt(trial.code), () => void deed.undo(say.learnt(trial.code)));
  };
  return (
    <>
      <p className="mt-2 text-[1.3rem] font-semibold">{say.verdict(verdict.kind)}</p>
      <p>{say.effect(verdict.effect, unit)}</p>
      <div className="mt-3">
        {isKept ? (
          <p className="text-quiet">{say.isKept}</p>
        ) : (
          <Button onClick={() => void learn()}>{say.keepIt}</Button>
        )}
      </div>
    </>
  );
}
