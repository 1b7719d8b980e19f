"use client";
import { codeOf, type DisplayProfile, type MenuState } from "@/core/display";
import { closingOf } from "@/core/keys";
import { advanceRehearsal, endRehearsal, startRehearsal, type Keys } from "@/core/record";
import { PressableDisplay } from "@/ui/lcd/PressableDisplay";
import { SimulatedDisplay } from "@/ui/lcd/SimulatedDisplay";
import { useLiveMachine } from "@/ui/lcd/useLiveMachine";
import { Button, FindingLine } from "@/ui/primitives";
import { planProblemText } from "@/words";
import { useEffect, useRef, useState } from "react";
import type { StageProps } from "../job/stageProps";
import { CardClock } from "./CardClock";
import { CardFace } from "./CardFace";
import { moment } from "./Countdown";
import type { NoticeOf } from "./Notice";
import { useSession } from "./useSession";
import * as say from "@/words/screens/program/rehearsal";

type RehearsalProps = StageProps & { readonly profile: DisplayProfile; readonly rehearsal: Keys };

/** The keys rehearsed on the simulated display: the card follows by itself, and nothing of it counts for the bike. */
export function Rehearsal({ job, change, profile, rehearsal }: RehearsalProps) {
  const session = useSession(profile, rehearsal);
  const [live, setLive] = useState<MenuState>(session.state);
  const [since, setSince] = useState<number | null>(null);
  const [notice, setNotice] = useState<NoticeOf | null>(null);
  const { work } = session;
  // A key that makes the way longer went off the plan.
  const before = useRef<number | null>(null);
  useEffect(() => {
    if (!work || session.stale) return;
    const longer = before.current !== null && work.personMs > before.current + 1;
    before.current = work.personMs;
    if (longer && session.state.screen.kind !== "walk-assist")
      setNotice((now) => (now?.kind.startsWith("menu-closed") ? now : { kind: "off-plan", lines: [] }));
  }, [work, session.stale, session.state]);

  const settle = (next: MenuState, said: NoticeOf | null) => {
    setNotice(said);
    setSince(moment());
    session.go(next);
    void change((now) => advanceRehearsal(now, next, new Date().toISOString()));
  };
  const onHold = useLiveMachine({
    profile,
    state: live,
    running: !rehearsal.done,
    onState: (next, was, byItself) => {
      setLive(next);
      if (next.held !== null) return;
      if (!byItself || was.screen.kind !== "menu" || next.screen.kind !== "home") return settle(next, null);
      const { lines, kept } = closingOf(profile, was);
      const codes = lines.map((line) => codeOf(profile, line));
      settle(next, { kind: kept ? "menu-closed-saved" : "menu-closed-discarded", lines: codes });
    },
  });
  const end = () => void change(endRehearsal);
  const again = () => void change((now) => startRehearsal(endRehearsal(now)));

  if (rehearsal.done) return <Rehearsed end={end} again={again} profile={profile} live={live} />;
  if (!work) return <p className="text-quiet">{say.workingOutTheKeys}</p>;
  if (!work.plan.ok) return <FindingLine severity="breach">{planProblemText(work.plan.problem)}</FindingLine>;
  const step = work.steps[0];
  if (!step) return null;
  return (
    <CardFace
      profile={profile}
      title={say.rehearsalOfTheNew(job.intake.nickname)}
      step={step}
      work={work}
      stale={session.stale}
      total={session.total}
      unread={rehearsal.unread}
      notice={notice}
      clock={<CardClock profile={profile} state={live} step={step} since={since} />}
      hands={<p className="mt-2 text-[1.05rem]">{say.pressTheKeysOf}</p>}
      display={{
        words: say.simulatedPressItsKeys(profile.name),
        draw: (lit) => <PressableDisplay profile={profile} state={live} lit={lit} onHold={onHold} />,
      }}
      below={
        <div className="flex flex-wrap gap-2">
          <Button onClick={end}>{say.endTheRehearsal}</Button>
          <Button weight="quiet" onClick={again}>
            {say.fromTheStart}
          </Button>
        </div>
      }
    />
  );
}

/** The keys rehearsed to their end. */
function Rehearsed({
  end,
  again,
  profile,
  live,
}: {
  readonly end: () => undefined;
  readonly again: () => undefined;
  readonly profile: DisplayProfile;
  readonly live: MenuState;
}) {
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_330px]">
      <section>
        <h3 className="mb-2 text-[1.9rem]">{say.rehearsed}</h3>
        <p className="mb-5 max-w-[56ch] text-[1.1rem]">{say.theseWereTheKeys}</p>
        <div className="flex flex-wrap gap-3">
          <Button weight="main" big onClick={end}>
            {say.nowOnTheBike}
          </Button>
          <Button big onClick={again}>
            {say.rehearseAgain}
          </Button>
        </div>
      </section>
      <aside aria-label={say.simulatedDisplay}>
        <SimulatedDisplay profile={profile} state={live} />
      </aside>
    </div>
  );
}
