"use client";
import dynamic from "next/dynamic";
import { useState } from "react";
import { codeOf, lineAt, viewOf, type MenuState, type View } from "@/core/display";
import { closedByItself, likelySlips, type Slip } from "@/core/keys";
import {
  advanceProgram,
  setKeysAside,
  startRehearsal,
  takeReading,
  withEvent,
  type Job,
  type Keys,
} from "@/core/record";
import { Button, useShortcuts, useTell } from "@/ui/primitives";
import { viewWords } from "@/ui/wording";
import type { KeysStageProps } from "../job/stageProps";
import { CardClock } from "./CardClock";
import { CardFace } from "./CardFace";
import { moment } from "./MenuClock";
import { Hands } from "./Hands";
import { useLead } from "./useLead";
import { useSession } from "./useSession";

const Follows = dynamic(() => import("./Follows").then((module) => module.Follows), { ssr: false });
const PlanProblem = dynamic(() => import("./PlanProblem").then((module) => module.PlanProblem), { ssr: false });
const ReadingStep = dynamic(() => import("./ReadingStep").then((module) => module.ReadingStep), { ssr: false });
const ShowsSomethingElse = dynamic(() => import("./ShowsSomethingElse").then((module) => module.ShowsSomethingElse), {
  ssr: false,
});

const nowIso = (): string => new Date().toISOString();
const withNotice =
  (notice: Keys["notice"]) =>
  (now: Job): Job =>
    now.program ? { ...now, program: { ...now.program, notice } } : now;

/** The keys of the bike: the technician presses them and says so, and the card follows. */
export function BikeKeys(props: KeysStageProps) {
  const { job, change, profile, program } = props;
  const tell = useTell();
  const { leads, takeOver } = useLead(job.id);
  const session = useSession(profile, program);
  const { state, work } = session;
  const [since, setSince] = useState<number | null>(null);
  const [asking, setAsking] = useState(false);
  const [past, setPast] = useState<readonly MenuState[]>([]);
  const step = work?.steps[0];
  const codes = (lines: readonly number[]): string[] => lines.map((i) => codeOf(profile, i));

  /** Takes where the display stands now: shows it, keeps it, and lets `edit` add to the record. */
  const settle = (next: MenuState, edit: (now: Job) => Job) => {
    session.go(next);
    setSince(moment());
    void change((now) => edit(advanceProgram(now, next, nowIso())));
  };
  /** A line nobody had read: what it shows becomes its as-found value, and the targets are worked out anew. */
  const settleReading = (next: MenuState, line: number, raw: number) => {
    setSince(moment());
    void change((now) => withNotice(null)(takeReading(advanceProgram(now, next, nowIso()), line, raw)));
  };
  const closing = (before: MenuState) => {
    const { lines, kept } = closedByItself(profile, before);
    const detail = codes(lines);
    const notice = { kind: kept ? "menu-closed-saved" : "menu-closed-discarded", lines: detail } as const;
    return (now: Job): Job => withEvent(withNotice(notice)(now), nowIso(), "menu-closed", detail.join(" "));
  };

  const here = lineAt(profile, state);
  const hereShows = state.pending[here];
  const reading = program.unread.includes(here) && hereShows !== undefined;
  const done = () => {
    if (reading) return settleReading(state, here, hereShows);
    // While new keys are worked out there is no step to be done with.
    if (!step || session.stale) return;
    setPast((all) => [...all.slice(-20), state]);
    settle(step.after, withNotice(null));
  };
  const recover = (slip: Pick<Slip, "state" | "how">) => {
    setAsking(false);
    setPast((all) => [...all.slice(-20), state]);
    const line = lineAt(profile, slip.state);
    const raw = slip.state.pending[line];
    if (program.unread.includes(line) && raw !== undefined) return settleReading(slip.state, line, raw);
    const inMenu = state.screen.kind === "menu";
    const note =
      slip.how === "menu-closed" && inMenu
        ? closing(state)
        : slip.state.screen.kind === "off" && inMenu
          ? withNotice({ kind: "power-lost", lines: codes(closedByItself(profile, state).lines) })
          : withNotice({ kind: "off-plan", lines: [] });
    settle(slip.state, (now) => withEvent(note(now), nowIso(), "recovered", slip.how));
  };
  const back = () => {
    const before = past[past.length - 1];
    if (!before) return;
    setPast(past.slice(0, -1));
    settle(before, withNotice(null));
  };
  const aside = async () => {
    const deed = await change((now) => setKeysAside(now, nowIso(), "keys set aside"));
    if (deed) tell("Keys set aside. The sealed sheets stay in the record.", () => void deed.undo("keys set aside"));
  };

  useShortcuts({ " ": done, e: () => setAsking(true) }, leads === true && !program.done);
  if (leads === null) return null;
  if (!leads) return <Follows {...props} state={state} onTakeOver={takeOver} />;
  if (!work) return <p className="text-quiet">Working out the keys …</p>;
  if (!work.plan.ok) return <PlanProblem problem={work.plan.problem} />;
  const closedNow = () => recover({ state: closedByItself(profile, state).after, how: "menu-closed" });
  const clock = (
    <CardClock
      profile={profile}
      state={state}
      since={since}
      onRestart={() => setSince(moment())}
      onClosed={closedNow}
    />
  );
  if (reading)
    return (
      <ReadingStep
        profile={profile}
        line={here}
        suggested={hereShows}
        left={program.unread.length}
        state={state}
        onRead={(raw) => settleReading(state, here, raw)}
        clock={clock}
      />
    );
  if (!step) return null;
  const reads = step.line !== null && program.unread.includes(step.line);
  return (
    <>
      <CardFace
        profile={profile}
        title={`${job.intake.nickname || "New bike"}, keys of the bike`}
        step={step}
        work={work}
        stale={session.stale}
        total={session.total}
        unread={program.unread}
        notice={program.notice}
        clock={clock}
        hands={
          <Hands
            waits={session.stale}
            done={
              reads ? `Done, line ${codeOf(profile, step.line ?? 0)} is up` : doneWords(viewOf(profile, step.after))
            }
            slips={likelySlips(profile, step).slice(0, 4)}
            onDone={done}
            onElse={() => setAsking(true)}
            onSlip={recover}
          />
        }
        display={{ state, words: `The same keys on a simulated ${profile.name}` }}
        below={
          <div className="flex flex-wrap gap-2">
            {past.length > 0 ? <Button onClick={back}>One step back</Button> : null}
            <Button onClick={() => void change(startRehearsal)}>Rehearse from here</Button>
            <Button weight="quiet" onClick={() => void aside()}>
              Set the keys aside
            </Button>
          </div>
        }
      />
      {asking ? (
        <ShowsSomethingElse
          open
          onOpenChange={setAsking}
          profile={profile}
          step={step}
          tracked={state}
          onPick={recover}
        />
      ) : null}
    </>
  );
}

function doneWords(view: View): string {
  if (view.kind === "line") return view.blinks ? `Done, ${view.shows} blinks` : `Done, it shows ${view.shows}`;
  if (view.kind === "off") return "Done, it is dark";
  return view.kind === "walk-assist" ? "Done" : `Done, ${viewWords(view)}`;
}
