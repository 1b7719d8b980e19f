"use client";
import dynamic from "next/dynamic";
import { useState } from "react";
import { codeOf, lineAt, viewOf, type DisplayProfile, type MenuState, type View } from "@/core/display";
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
import { Button, FindingLine, useShortcuts, useTell } from "@/ui/primitives";
import { planProblemText, viewWords } from "@/ui/wording";
import type { StageProps } from "../job/stageProps";
import { CardClock } from "./CardClock";
import { CardFace } from "./CardFace";
import { InForce } from "./InForce";
import { moment } from "./MenuClock";
import { useLead } from "./useLead";
import { useSession } from "./useSession";

const ReadingStep = dynamic(() => import("./ReadingStep").then((module) => module.ReadingStep), { ssr: false });
const ShowsSomethingElse = dynamic(() => import("./ShowsSomethingElse").then((module) => module.ShowsSomethingElse), {
  ssr: false,
});

const nowIso = (): string => new Date().toISOString();
const withNotice =
  (notice: Keys["notice"]) =>
  (now: Job): Job =>
    now.program ? { ...now, program: { ...now.program, notice } } : now;

export type CardProps = StageProps & { readonly profile: DisplayProfile; readonly program: Keys };

/** The keys of the bike: the technician presses them and says so, and the card follows. */
export function BikeKeys(props: CardProps) {
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
  if (program.done) return <InForce {...props} />;
  if (!leads) return <Follows {...props} state={state} onTakeOver={takeOver} />;
  if (!work) return <p className="text-quiet">Working out the keys …</p>;
  if (!work.plan.ok) return <FindingLine severity="breach">{planProblemText(work.plan.problem)}</FindingLine>;
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

interface HandsProps {
  readonly done: string;
  readonly slips: readonly Slip[];
  readonly onDone: () => void;
  readonly onElse: () => void;
  readonly onSlip: (slip: Slip) => void;
}

/** What the technician says after a step. On a phone it stands at the foot of the screen, always in the same place. */
function Hands({ done, slips, onDone, onElse, onSlip }: HandsProps) {
  return (
    <>
      <div className="grid gap-3 sm:mt-4 max-sm:sticky max-sm:bottom-0 max-sm:z-10 max-sm:-mx-4 max-sm:border-t max-sm:border-rule max-sm:bg-ground max-sm:px-4 max-sm:py-2 sm:grid-cols-[1.15fr_1fr]">
        <Button weight="main" big shortcut="space" className="min-h-[4.4rem] justify-between!" onClick={onDone}>
          {done}
        </Button>
        <Button big shortcut="e" className="min-h-[3.4rem] justify-between! max-sm:text-base" onClick={onElse}>
          It shows something else
        </Button>
      </div>
      <div
        className="mt-4 flex flex-wrap items-center gap-2"
        role="group"
        aria-label="What it may show instead: one tap and the card goes on from there"
      >
        <span className="text-quiet">Or one tap:</span>
        {slips.map((slip) => (
          <Button key={slip.how + viewWords(slip.view)} onClick={() => onSlip(slip)}>
            {viewWords(slip.view)}
          </Button>
        ))}
      </div>
    </>
  );
}

interface FollowsProps extends CardProps {
  readonly state: MenuState;
  readonly onTakeOver: () => void;
}

/** Another window leads the keys: this one shows where they stand, and presses nothing. */
function Follows({ profile, state, program, onTakeOver }: FollowsProps) {
  const view = viewOf(profile, state);
  return (
    <div className="max-w-2xl rounded-xl bg-sheet p-6">
      <p className="text-xl font-semibold">Another window leads the keys.</p>
      <p className="mt-1 mb-4 text-quiet">
        This one follows. As told there, the display stands at: {viewWords(view)}. Two cards for one bike would each
        know half of it.
      </p>
      {program.notice ? (
        <p className="mb-3 text-quiet">Something went off the plan there; it goes on from there.</p>
      ) : null}
      <Button weight="main" big onClick={onTakeOver}>
        Lead from here
      </Button>
    </div>
  );
}
