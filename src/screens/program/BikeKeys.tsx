"use client";
import { later } from "@/ui/primitives/later";
import { useState } from "react";
import { codeOf, viewOf, type View } from "@/core/display";
import { likelySlips, type CardStep } from "@/core/keys";
import { readingOf, turn, type KeyEvent, type Session } from "@/core/programming";
import { setKeysAside, startRehearsal, takeTold } from "@/core/record";
import { Button, useShortcuts, useTell } from "@/ui/primitives";
import { viewWords } from "@/words";
import type { KeysStageProps } from "../job/stageProps";
import { CardClock } from "./CardClock";
import { CardFace } from "./CardFace";
import { moment } from "./Countdown";
import { Hands } from "./Hands";
import { useLead } from "./useLead";
import { useSession, type Session as Keyed } from "./useSession";
import * as say from "@/words/screens/program/bikeKeys";

const Follows = later(() => import("./Follows").then((module) => module.Follows));
const PlanProblem = later(() => import("./PlanProblem").then((module) => module.PlanProblem));
const ReadingStep = later(() => import("./ReadingStep").then((module) => module.ReadingStep));
const ShowsSomethingElse = later(() => import("./ShowsSomethingElse").then((module) => module.ShowsSomethingElse));

const nowIso = (): string => new Date().toISOString();

/** The keys of the bike: the technician presses them and says so, and the card follows. */
export function BikeKeys(props: KeysStageProps) {
  const { change, profile, program } = props;
  const { leads, takeOver } = useLead(props.job.id);
  const keyed = useSession(profile, program);
  const [hands, setHands] = useState<Omit<Session, "state">>({ past: [], sinceMs: null });
  const { state, work } = keyed;
  const session: Session = { ...hands, state };
  const step = work?.steps[0] ?? null;

  /** Says something of the display: what follows is shown at once, and taken down. */
  const tell = (event: KeyEvent) => {
    // While new keys are worked out there is no step to be done with.
    const at = { profile, unread: program.unread, step: keyed.stale ? null : step, nowMs: moment() };
    const { session: next, told } = turn(session, event, at);
    setHands({ past: next.past, sinceMs: next.sinceMs });
    if (!told) return;
    keyed.go(told.state);
    void change((now) => takeTold(now, told, nowIso()));
  };

  if (leads === null) return null;
  if (!leads) return <Follows {...props} state={state} onTakeOver={takeOver} />;
  if (!work) return <p className="text-quiet">{say.workingOutTheKeys}</p>;
  if (!work.plan.ok) return <PlanProblem problem={work.plan.problem} />;
  return <KeyCard {...props} keyed={keyed} session={session} step={step} tell={tell} />;
}

interface KeyCardProps extends KeysStageProps {
  readonly keyed: Keyed;
  readonly session: Session;
  readonly step: CardStep | null;
  readonly tell: (event: KeyEvent) => void;
}

/** The card: the step in hand, or the line nobody has read; and what can be said of either. */
function KeyCard({ job, change, profile, program, keyed, session, step, tell }: KeyCardProps) {
  const [asking, setAsking] = useState(false);
  const { state, work } = keyed;
  const { unread } = program;
  useShortcuts({ " ": () => tell({ kind: "done" }), e: () => setAsking(true) }, !program.done);
  const clock = (
    <CardClock
      profile={profile}
      state={state}
      step={keyed.stale ? null : step}
      since={session.sinceMs}
      onLate={(late) => tell({ kind: "shows-other", slip: { state: late, how: "too-late" } })}
      onRestart={() => tell({ kind: "still-open" })}
      onClosed={() => tell({ kind: "closed" })}
    />
  );
  const reading = readingOf(profile, session, unread);
  if (reading)
    return (
      <ReadingStep
        profile={profile}
        line={reading.line}
        suggested={reading.suggested}
        left={unread.length}
        state={state}
        onRead={(raw) => tell({ kind: "read", raw })}
        clock={clock}
      />
    );
  if (!step || !work) return null;
  return (
    <>
      <CardFace
        profile={profile}
        title={say.newBikeKeysOf(job.intake.nickname)}
        step={step}
        work={work}
        stale={keyed.stale}
        total={keyed.total}
        unread={unread}
        notice={program.notice}
        clock={clock}
        hands={
          <Hands
            waits={keyed.stale}
            done={
              step.line !== null && unread.includes(step.line)
                ? say.doneLineIsUp(codeOf(profile, step.line))
                : doneWords(viewOf(profile, step.after))
            }
            slips={likelySlips(profile, step).slice(0, 4)}
            onDone={() => tell({ kind: "done" })}
            onElse={() => setAsking(true)}
            onSlip={(slip) => tell({ kind: "shows-other", slip })}
          />
        }
        display={{ state, words: say.theSameKeysOn(profile.name) }}
        below={<BesideTheKeys change={change} onBack={session.past.length > 0 ? () => tell({ kind: "back" }) : null} />}
      />
      {asking ? (
        <ShowsSomethingElse
          open
          onOpenChange={setAsking}
          profile={profile}
          step={step}
          tracked={state}
          onPick={(slip) => {
            setAsking(false);
            tell({ kind: "shows-other", slip });
          }}
        />
      ) : null}
    </>
  );
}

/** What else can be done while keys are under way. */
function BesideTheKeys({ change, onBack }: Pick<KeysStageProps, "change"> & { readonly onBack: (() => void) | null }) {
  const tell = useTell();
  const aside = async () => {
    const deed = await change((now) => setKeysAside(now, nowIso(), say.keysSetAside));
    if (deed) tell(say.keysSetAsideThe, () => void deed.undo(say.keysSetAside));
  };
  return (
    <div className="flex flex-wrap gap-2">
      {onBack ? <Button onClick={onBack}>{say.oneStepBack}</Button> : null}
      <Button onClick={() => void change(startRehearsal)}>{say.rehearseFromHere}</Button>
      <Button weight="quiet" onClick={() => void aside()}>
        {say.setTheKeysAside}
      </Button>
    </div>
  );
}

function doneWords(view: View): string {
  if (view.kind === "line") return view.blinks ? say.doneBlinks(view.shows) : say.doneItShows(view.shows);
  if (view.kind === "off") return say.doneItIsDark;
  return view.kind === "walk-assist" ? say.done : say.bikeKeysDone(viewWords(view));
}
