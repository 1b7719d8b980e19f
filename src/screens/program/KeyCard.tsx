"use client";
import { later } from "@/ui/primitives/later";
import { useRef, useState, type ReactNode } from "react";
import { codeOf, viewOf, type View } from "@/core/display";
import { isKnownBefore } from "@/core/record";
import { SimulatedDisplay } from "@/ui/lcd/SimulatedDisplay";
import { Button, useTell } from "@/ui/primitives";
import { viewWords } from "@/words";
import type { KeysStageProps } from "../job/stageProps";
import { CardClock } from "./CardClock";
import { CardFace } from "./CardFace";
import { Hands } from "./Hands";
import { useCard, type Card, type KeyCardProps } from "./useCard";
import * as say from "@/words/screens/program/keyCard";

const BesideTheBike = later(() => import("./BesideTheBike").then((module) => module.BesideTheBike));
const CallAlong = later(() => import("./CallAlong").then((module) => module.CallAlong));
const HandsOnTheCard = later(() => import("./HandsOnTheCard").then((module) => module.HandsOnTheCard));
const OneKey = later(() => import("./OneKey").then((module) => module.OneKey));
const ReadingStep = later(() => import("./ReadingStep").then((module) => module.ReadingStep));
const ShowsSomethingElse = later(() => import("./ShowsSomethingElse").then((module) => module.ShowsSomethingElse));

/** The card: the step in hand, or the line nobody has read; and what can be said of either, by any hand or foot. */
export function KeyCard(props: KeyCardProps) {
  const { change, profile, program, keyed, session, tell } = props;
  const place = useRef<HTMLDivElement>(null);
  const [settingUp, setSettingUp] = useState(false);
  const card = useCard(props);
  const { reading, choices, settings, press } = card;
  const clock = (
    <CardClock
      profile={profile}
      state={keyed.state}
      step={card.inHand}
      since={card.count?.lastKeyMs ?? session.sinceMs}
      volume={settings.counts ? settings.volume : 0}
      onLate={(late) => tell({ kind: "shows-other", slip: { state: late, how: "too-late" } })}
      onRestart={() => tell({ kind: "still-open" })}
      onClosed={() => tell({ kind: "closed" })}
    />
  );
  const aloud =
    settings.speaks || settings.counts ? (
      <CallAlong
        profile={profile}
        step={card.inHand}
        reading={reading?.line ?? null}
        unread={program.unread}
        pace={keyed.pace}
        round={card.round}
        onCount={card.setCount}
        onAgain={press.again}
      />
    ) : null;
  const beside = (
    <BesideTheKeys
      change={change}
      offered={card.isBackOffered}
      onBack={press.back}
      onSettings={() => setSettingUp(true)}
    />
  );
  return (
    <div ref={place} data-hands={card.handsThere || undefined}>
      {reading ? (
        <ReadingStep
          profile={profile}
          line={reading.line}
          choices={choices}
          suggested={reading.suggested}
          doubtful={isKnownBefore(props.job, reading.line)}
          offeredRaw={card.offeredRaw}
          left={program.unread.length}
          state={keyed.state}
          onRead={press.read}
          clock={clock}
          said={aloud}
          below={beside}
        />
      ) : (
        <StepInHand {...props} card={card} clock={clock} said={aloud} beside={beside} />
      )}
      {card.isShown ? <HandsOnTheCard hands={card.hands} place={place} /> : null}
      {card.oneKey ? <OneKey {...card.oneKey} step={card.inHand} pace={keyed.pace} /> : null}
      {settingUp ? <BesideTheBike onClose={() => setSettingUp(false)} /> : null}
    </div>
  );
}

interface StepInHandProps extends KeyCardProps {
  readonly card: Card;
  readonly clock: ReactNode;
  readonly said: ReactNode;
  readonly beside: ReactNode;
}

function StepInHand({ job, profile, program, keyed, step, card, clock, said, beside }: StepInHandProps) {
  const { state, work, stale } = keyed;
  const { unread } = program;
  const { press } = card;
  if (!step || !work) return null;
  const isLineToRead = step.line !== null && unread.includes(step.line);
  return (
    <>
      <CardFace
        profile={profile}
        title={say.newBikeKeysOf(job.intake.nickname)}
        step={step}
        work={work}
        stale={stale}
        total={keyed.total}
        unread={unread}
        notice={program.notice}
        count={card.count}
        said={said}
        clock={clock}
        hands={
          <Hands
            waits={stale}
            done={isLineToRead ? say.doneLineIsUp(codeOf(profile, step.line)) : doneWords(viewOf(profile, step.after))}
            slips={card.slips}
            offered={card.offered}
            onDone={press.done}
            onElse={press.ask}
            onSlip={press.other}
          />
        }
        display={{
          words: say.theSameKeysOn(profile.name),
          draw: (lit) => <SimulatedDisplay profile={profile} state={state} lit={lit} />,
        }}
        below={beside}
      />
      {card.asking ? (
        <ShowsSomethingElse
          open
          onOpenChange={card.setAsking}
          profile={profile}
          step={step}
          tracked={state}
          marked={card.marked}
          onPick={press.other}
        />
      ) : null}
    </>
  );
}

interface BesideTheKeysProps extends Pick<KeysStageProps, "change"> {
  readonly onBack: (() => void) | null;
  /** With one key alone: going back is what a press takes now. */
  readonly offered: boolean;
  readonly onSettings: () => void;
}

/** What else can be done while keys are under way. */
function BesideTheKeys({ change, onBack, offered, onSettings }: BesideTheKeysProps) {
  const tell = useTell();
  const aside = async () => {
    const { setKeysAside } = await import("@/core/record/settingAside");
    const deed = await change((now) => setKeysAside(now, new Date().toISOString(), say.keysSetAside));
    if (deed) tell(say.keysSetAsideThe, () => void deed.undo(say.keysSetAside));
  };
  const rehearse = async () => void change((await import("@/core/record/rehearsing")).startRehearsal);
  return (
    <div className="flex flex-wrap gap-2">
      {onBack ? (
        <Button data-offered={offered || undefined} onClick={onBack}>
          {say.oneStepBack}
        </Button>
      ) : null}
      <Button onClick={() => void rehearse()}>{say.rehearseFromHere}</Button>
      <Button onClick={onSettings}>{say.soundVoiceAndHands}</Button>
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
