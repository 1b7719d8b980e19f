"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useSearchParams } from "next/navigation";
import { useMemo } from "react";
import type { Answer, WalkSetup } from "@/core/display/walk/questions";
import { withGuesses } from "@/core/display/walk/guess";
import { foundOn, walkFrom, withWalked } from "@/core/display/walk/walk";
import {
  beginWalk,
  changeJob,
  getJob,
  keepAnswer,
  keptWalk,
  restoreWalk,
  takeBackAnswer,
  type KeptWalk,
} from "@/store";
import { Button, Caution, useTell } from "@/ui/primitives";
import { STUCK_WORDS } from "@/words/walk";
import { WalkBegin } from "./WalkBegin";
import { WalkBelieved } from "./WalkBelieved";
import { WalkQuestion } from "./WalkQuestion";
import { today } from "./today";
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/walkPanel";

interface WalkPanelProps extends WorkbenchProps {
  readonly onDone: () => void;
}

/** A display described by walking its menu: a question, its answer, and what is believed meanwhile. */
export function WalkPanel({ profile, change, onDone }: WalkPanelProps) {
  const { id } = profile;
  const found = useLiveQuery(async () => ({ walk: await keptWalk(id) }), [id]);
  const tell = useTell();
  if (!found) return null;
  const { walk } = found;
  const begin = async (setup: WalkSetup) => {
    const before = await beginWalk(id, setup);
    if (before) tell(say.begunAnew, () => void restoreWalk(id, before));
  };
  return (
    <section aria-label={say.aWalk}>
      {walk ? (
        <Walking walk={walk} profile={profile} change={change} onDone={onDone} onAnew={() => void begin(walk.setup)} />
      ) : (
        <>
          <p className="mb-3 max-w-[62ch]">{say.theProductAsks}</p>
          <Caution>{say.standClear}</Caution>
          <WalkBegin profile={profile} onBegin={(setup) => void begin(setup)} />
        </>
      )}
    </section>
  );
}

function Walking({
  walk,
  profile,
  change,
  onDone,
  onAnew,
}: WalkPanelProps & { readonly walk: KeptWalk; readonly onAnew: () => void }) {
  const { setup, answers } = walk;
  const now = useMemo(() => walkFrom(setup, answers), [setup, answers]);
  const { model, question } = now;
  const tell = useTell();
  const forJob = useSearchParams().get("for");
  const at = answers.length;
  const answer = (given: Answer) => void keepAnswer(profile.id, at, given);
  const take = async () => {
    const before = profile;
    change((display) => withGuesses(withWalked(display, model), today()));
    tell(say.taken, () => change(() => before));
    if (forJob) await writeFound(forJob, foundOn(model), tell);
    onDone();
  };
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <h2 className="text-[1.2rem]">{question ? say.questionOf(at + 1) : say.itEnded}</h2>
        <Button weight="quiet" disabled={at === 0} onClick={() => void takeBackAnswer(profile.id, at)}>
          {say.takeBack}
        </Button>
        <Button weight="quiet" onClick={onAnew}>
          {say.beginAnew}
        </Button>
      </div>
      {model.stuck && !question ? <p className="mb-4 max-w-[62ch]">{STUCK_WORDS[model.stuck]}</p> : null}
      <div className="grid gap-x-10 lg:grid-cols-[minmax(0,1fr)_360px]">
        <div className="min-w-0">
          {question ? (
            <WalkQuestion key={at} of={`${profile.id} ${at}`} setup={setup} now={now} onAnswer={answer} />
          ) : null}
          {model.pages.some(({ entries }) => entries.length > 0) ? (
            <div className="my-5">
              <Button weight={question ? "quiet" : "main"} onClick={() => void take()}>
                {question ? say.takeSoFar : say.takeIt}
              </Button>
            </div>
          ) : null}
        </div>
        <WalkBelieved model={model} besides={profile.id} />
      </div>
    </>
  );
}

/** What was found on the walk, written down for the bike that waits for this display. */
async function writeFound(
  jobId: string,
  shown: Readonly<Record<string, string>>,
  tell: ReturnType<typeof useTell>,
): Promise<void> {
  const job = await getJob(jobId);
  if (!job) return;
  const done = await changeJob(jobId, (now) => ({
    ...now,
    asFound: { ...now.asFound, shown: { ...shown, ...now.asFound.shown } },
  }));
  const count = Object.keys(shown).length;
  tell(say.asFoundFilled(count, job.intake.nickname ?? ""), done ? () => void done.undo(say.taken) : undefined);
}
