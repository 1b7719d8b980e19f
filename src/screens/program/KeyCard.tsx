"use client";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useEffect, useMemo, useRef, useState } from "react";
import { codeOf, lineAt, viewOf, type DisplayProfile, type MenuState, type View } from "@/core/display";
import { closedByItself, likelySlips, nearMisses, type Slip } from "@/core/keys";
import {
  advanceProgram,
  keptState,
  keyWork,
  takeReading,
  withEvent,
  type Job,
  type KeyWork,
  type Program as ProgramRecord,
} from "@/core/record";
import { SimulatedDisplay } from "@/ui/lcd/SimulatedDisplay";
import { useLiveMachine } from "@/ui/lcd/useLiveMachine";
import { Button, buttonClass, Caution, Choice, FindingLine, useShortcuts, useTell } from "@/ui/primitives";
import { duration, keyNames, missWords, planProblemText, secondsOf, viewWords } from "@/ui/wording";
import type { StageProps } from "../job/JobScreen";
import { KeyCardStep } from "./KeyCardStep";
import { MenuClock, moment } from "./MenuClock";
import { stepName } from "./stepWords";

const ReadingStep = dynamic(() => import("./ReadingStep").then((module) => module.ReadingStep), { ssr: false });
const ShowsSomethingElse = dynamic(() => import("./ShowsSomethingElse").then((module) => module.ShowsSomethingElse), {
  ssr: false,
});

const nowIso = (): string => new Date().toISOString();

type CardProps = StageProps & { readonly profile: DisplayProfile; readonly program: ProgramRecord };

/** The key card: one line or chord at a time, readable from a metre, with the simulated display beside it. */
export function KeyCard({ job, change, profile, program }: CardProps) {
  const tell = useTell();
  const [live, setLive] = useState<MenuState>(program.state);
  const [settled, setSettled] = useState<MenuState>(program.state);
  const [since, setSince] = useState<number | null>(null);
  const [asking, setAsking] = useState(false);
  const [past, setPast] = useState<readonly MenuState[]>([]);
  const simulated = program.keysOn === "simulated";
  const goal = useMemo(() => ({ targets: program.targets, look: program.unread }), [program.targets, program.unread]);
  const work: KeyWork = useMemo(() => keyWork(profile, settled, goal), [profile, settled, goal]);
  const fromHome = useMemo(
    () => keyWork(profile, { ...settled, screen: { kind: "home" }, pending: settled.saved }, goal).steps.length,
    [profile, settled, goal],
  );
  const step = work.steps[0];
  const lastTotal = useRef(work.totalMs);
  // However far down the start button stood, the card begins at its top.
  const top = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // In braces: newer browsers return a promise here, which is no clean-up.
    void top.current?.scrollIntoView({ block: "start" });
  }, []);

  /** Takes a settled state: shows it, keeps it, and lets `edit` add to the record. */
  const settle = (next: MenuState, edit: (now: Job) => Job = (now) => now) => {
    const rested: MenuState = { ...next, held: null, tapped: null };
    const line = lineAt(profile, rested);
    const raw = rested.pending[line];
    // The simulated display tells by itself what a line holds; on the bike the technician does.
    const read = (now: Job): Job => (simulated && raw !== undefined ? takeReading(now, line, raw) : now);
    const keep = (now: Job): Job => read(edit(advanceProgram(now, rested, nowIso())));
    const after = keep({ ...job, program: { ...program, state: keptState(rested) } });
    const kept = after.program?.state ?? rested;
    // The machine's own state stays the live one unless the record changed it.
    const shown = sameValues(kept, rested) ? next : kept;
    setLive(shown);
    setSettled(shown);
    setSince(moment());
    lastTotal.current = keyWork(profile, shown, {
      targets: after.program?.targets ?? program.targets,
      look: after.program?.unread ?? program.unread,
    }).totalMs;
    change(keep);
  };
  /** A line nobody had read: what it shows becomes its as-found value, and the targets are worked out anew. */
  const settleReading = (state: MenuState, line: number, raw: number) =>
    settle(state, (now) => withNotice(null)(takeReading(now, line, raw)));
  const withNotice =
    (notice: ProgramRecord["notice"]) =>
    (now: Job): Job =>
      now.program ? { ...now, program: { ...now.program, notice } } : now;
  const codes = (lines: readonly number[]): string[] => lines.map((i) => codeOf(profile, i));
  const closing = (before: MenuState) => {
    const { lines, kept } = closedByItself(profile, before);
    const detail = codes(lines);
    return (now: Job): Job =>
      withEvent(
        withNotice({ kind: kept ? "menu-closed-saved" : "menu-closed-discarded", lines: detail })(now),
        nowIso(),
        "menu-closed",
        detail.join(" "),
      );
  };

  const here = lineAt(profile, settled);
  const reading = !simulated && program.unread.includes(here);
  const hereShows = settled.pending[here];

  const done = () => {
    if (reading && hereShows !== undefined) return settleReading(settled, here, hereShows);
    if (!step) return;
    setPast((all) => [...all.slice(-20), settled]);
    settle(step.after, withNotice(null));
  };
  const recover = (slip: Pick<Slip, "state" | "how">) => {
    setAsking(false);
    setPast((all) => [...all.slice(-20), settled]);
    const line = lineAt(profile, slip.state);
    if (program.unread.includes(line)) {
      const raw = slip.state.pending[line];
      if (raw !== undefined) return settleReading(slip.state, line, raw);
    }
    const note =
      slip.how === "menu-closed" && settled.screen.kind === "menu"
        ? closing(settled)
        : slip.state.screen.kind === "off" && settled.screen.kind === "menu"
          ? withNotice({ kind: "power-lost", lines: codes(closedByItself(profile, settled).lines) })
          : withNotice({ kind: "off-plan", lines: [] });
    settle(slip.state, (now) => withEvent(note(now), nowIso(), "recovered", slip.how));
  };
  const back = () => {
    const before = past[past.length - 1];
    if (!before) return;
    setPast(past.slice(0, -1));
    settle(before, withNotice(null));
  };
  const startAgain = () => {
    change((now) => ({ ...now, program: null, readBack: {} }));
    tell("Programming set aside. The sealed sheets stay in the record.", () =>
      change((now) => ({ ...now, program, readBack: job.readBack })),
    );
  };

  const onHold = useLiveMachine({
    profile,
    state: live,
    running: simulated,
    onState: (next, before, byItself) => {
      setLive(next);
      if (next.held !== null && next.screen.kind === before.screen.kind && next.pending === before.pending) return;
      if (byItself && before.screen.kind === "menu" && next.screen.kind === "home")
        return settle(next, closing(before));
      if (next.held !== null) return;
      const total = keyWork(profile, next, goal).totalMs;
      const offPlan = total > lastTotal.current + 1 && next.screen.kind !== "walk-assist";
      settle(next, withNotice(offPlan ? { kind: "off-plan", lines: [] } : null));
    },
  });

  useShortcuts({ " ": done, e: () => setAsking(true) }, !simulated && !program.done);

  if (program.done)
    return <InForce job={job} change={change} profile={profile} state={live} onStartAgain={startAgain} />;
  if (reading)
    return (
      <ReadingStep
        profile={profile}
        line={here}
        suggested={hereShows}
        left={program.unread.length}
        state={live}
        onRead={(raw) => settleReading(settled, here, raw)}
        clock={
          <Clock
            profile={profile}
            state={settled}
            since={since}
            simulated={false}
            onRestart={() => setSince(moment())}
            onClosed={() => recover({ state: closedByItself(profile, settled).after, how: "menu-closed" })}
            codes={codes}
          />
        }
      />
    );
  if (!work.plan.ok) return <FindingLine severity="breach">{planProblemText(work.plan.problem)}</FindingLine>;
  if (!step) return null;

  const total = Math.max(fromHome, work.steps.length);
  const slips = likelySlips(profile, step);
  const inMenu = settled.screen.kind === "menu";
  const misses =
    step.kind === "open" && step.runs[0] && "keys" in step.runs[0].stroke
      ? nearMisses(profile, step.before.screen.kind === "menu" ? "menu" : "home", step.runs[0].stroke.keys)
      : [];
  const next = work.steps.slice(1, 4);

  return (
    <div ref={top} className="grid scroll-mt-44 gap-8 max-sm:scroll-mt-4 lg:grid-cols-[minmax(0,1fr)_330px]">
      <section aria-label="Key card" className="min-w-0">
        <div className="mb-4 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
          <h2 className="text-[1.15rem] font-semibold">
            {job.intake.nickname} · step {total - work.steps.length + 1} of {total}
          </h2>
          <p className="text-quiet">
            {step.kind === "open" || step.kind === "save"
              ? "Wheel clear of the floor, or brake held."
              : "Wheel clear of the floor."}
          </p>
        </div>
        {program.notice ? <Notice notice={program.notice} /> : null}
        <KeyCardStep profile={profile} step={step} unread={program.unread} />
        {misses.map((miss) => (
          <div key={miss.keys.join() + miss.danger + (miss.when?.kind ?? "")} className="mt-4">
            <Caution>
              {miss.when
                ? `${miss.when.kind === "within" ? `Not within ${secondsOf(miss.when.ms)} s of power-on` : `Within ${secondsOf(miss.when.ms)} s of power-on, no later`}: at the wrong time the same chord ${missWords(miss)}.`
                : `Both down together. ${keyNames(profile, miss.keys)} alone for ${secondsOf(miss.holdMs)} s ${missWords(miss)}.`}
            </Caution>
          </div>
        ))}
        <div className="mt-5 min-h-13">
          {inMenu ? (
            <Clock
              profile={profile}
              state={settled}
              since={since}
              simulated={simulated}
              onRestart={() => setSince(moment())}
              onClosed={() => recover({ state: closedByItself(profile, settled).after, how: "menu-closed" })}
              codes={codes}
            />
          ) : null}
        </div>
        {simulated ? (
          <p className="mt-4 text-[1.05rem]">
            Press the keys of the simulated display. The card follows by itself, wrong keys and all.
          </p>
        ) : (
          <>
            <div className="mt-4 grid gap-4 sm:grid-cols-[1.15fr_1fr]">
              <Button weight="main" big shortcut="space" className="justify-between! min-h-[4.4rem]" onClick={done}>
                {step.line !== null && program.unread.includes(step.line)
                  ? `Done, line ${codeOf(profile, step.line)} is up`
                  : doneWords(viewOf(profile, step.after))}
              </Button>
              <Button big shortcut="e" className="justify-between! min-h-[4.4rem]" onClick={() => setAsking(true)}>
                It shows something else
              </Button>
            </div>
            <div
              className="mt-4 flex flex-wrap items-center gap-2"
              role="group"
              aria-label="What it may show instead: one tap and the card goes on from there"
            >
              <span className="text-quiet">Or one tap:</span>
              {slips.slice(0, 4).map((slip) => (
                <button
                  key={slip.how + viewWords(slip.view)}
                  type="button"
                  onClick={() => recover(slip)}
                  className="min-h-11 rounded-md border-2 border-rule px-3 hover:border-quiet"
                >
                  {viewWords(slip.view)}
                </button>
              ))}
            </div>
          </>
        )}
        <ol aria-hidden="true" className="mt-6 flex gap-1.5">
          {Array.from({ length: total }, (_, i) => (
            <li
              key={i}
              className={`h-1.5 flex-1 rounded-full ${i < total - work.steps.length ? "bg-spoke" : i === total - work.steps.length ? "bg-action" : "bg-rule"}`}
            />
          ))}
        </ol>
      </section>

      <aside aria-label="Simulated display" className="min-w-0 lg:border-l lg:border-rule lg:pl-7">
        <p className="mb-2 text-[0.95rem] text-quiet">
          {simulated ? `Simulated ${profile.name}. Press its keys.` : `The same keys on a simulated ${profile.name}`}
        </p>
        <div className="max-lg:mx-auto max-lg:max-w-[340px]">
          <SimulatedDisplay
            profile={profile}
            state={live}
            lit={step.runs[0] && "keys" in step.runs[0].stroke ? step.runs[0].stroke.keys : []}
            onHold={simulated ? onHold : undefined}
          />
        </div>
        {next.length > 0 ? (
          <p className="mt-3">
            <span className="text-quiet">Next: </span>
            {next.map((each, i) => (
              <span key={i}>
                {i > 0 ? <span className="text-quiet">, then </span> : null}
                <strong>{stepName(profile, each)}</strong>
              </span>
            ))}
            .
          </p>
        ) : null}
        <p className="mt-1 text-quiet">{duration(work.totalMs)} left in all.</p>
        <div className="mt-4 flex flex-col gap-3 border-t border-rule pt-4">
          <Choice
            label="Keys are pressed on"
            value={program.keysOn}
            options={[
              { value: "bike", label: "the bike" },
              { value: "simulated", label: "this simulated display" },
            ]}
            onChoose={(keysOn) =>
              change((now) =>
                now.program
                  ? { ...now, program: { ...now.program, keysOn: keysOn === "simulated" ? "simulated" : "bike" } }
                  : now,
              )
            }
          />
          <div className="flex flex-wrap gap-2">
            {past.length > 0 && !simulated ? <Button onClick={back}>One step back</Button> : null}
            <Button weight="quiet" onClick={startAgain}>
              Set the keys aside
            </Button>
          </div>
        </div>
      </aside>
      {asking ? (
        <ShowsSomethingElse
          open
          onOpenChange={setAsking}
          profile={profile}
          step={step}
          tracked={settled}
          onPick={recover}
        />
      ) : null}
    </div>
  );
}

const sameValues = (a: MenuState, b: MenuState): boolean =>
  a.saved.join() === b.saved.join() && a.pending.join() === b.pending.join() && a.inForce.join() === b.inForce.join();

function doneWords(view: View): string {
  if (view.kind === "line") return view.blinks ? `Done, ${view.shows} blinks` : `Done, it shows ${view.shows}`;
  return view.kind === "off" ? "Done, it is dark" : view.kind === "walk-assist" ? "Done" : `Done, ${viewWords(view)}`;
}

function Notice({ notice }: { readonly notice: NonNullable<ProgramRecord["notice"]> }) {
  const lines = notice.lines.length > 0 ? notice.lines.join(", ") : "nothing";
  const text = {
    "menu-closed-discarded": `The menu closed by itself. Thrown away: ${lines}. The card goes on from there.`,
    "menu-closed-saved": `The menu closed by itself. Saved: ${lines}. The card goes on from there.`,
    "off-plan": "That was off the plan. These are the keys from where it is now.",
    "power-lost": `The display went dark. Not saved: ${lines}. The card goes on from there.`,
  }[notice.kind];
  return (
    <div role="status" className="mb-4">
      <Caution>{text}</Caution>
    </div>
  );
}

interface ClockProps {
  readonly profile: DisplayProfile;
  readonly state: MenuState;
  readonly since: number | null;
  readonly simulated: boolean;
  readonly onRestart: () => void;
  readonly onClosed: () => void;
  readonly codes: (lines: readonly number[]) => string[];
}

function Clock({ profile, state, since, simulated, onRestart, onClosed, codes }: ClockProps) {
  const { lines, kept } = closedByItself(profile, state);
  const cost =
    lines.length === 0
      ? "closing loses nothing"
      : kept
        ? `closing saves ${codes(lines).join(", ")}`
        : `closing throws away ${codes(lines).join(", ")}`;
  return (
    <>
      <MenuClock
        closesAfterMs={profile.menu.idle.closesAfterMs}
        since={since}
        cost={cost}
        {...(simulated ? {} : { onRestart, onClosed })}
      />
    </>
  );
}

function InForce({
  job,
  profile,
  state,
  onStartAgain,
}: Pick<StageProps, "job" | "change"> & {
  readonly profile: DisplayProfile;
  readonly state: MenuState;
  readonly onStartAgain: () => void;
}) {
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_330px]">
      <section>
        <h2 className="mb-2 text-[1.9rem]">Saved and in force</h2>
        <p className="mb-5 max-w-[56ch] text-[1.1rem]">
          {profile.inForce === "at-once" ? "Saved, and it acts at once." : "Saved, and switched off and on."} What it
          holds is still a claim until it is read back.
        </p>
        <div className="flex flex-wrap gap-3">
          <Link href={`/job/${job.id}/prove`} className={buttonClass("main", true)}>
            Prove it <kbd className="code text-base opacity-80">5</kbd>
          </Link>
          <Button big onClick={onStartAgain}>
            Program again
          </Button>
        </div>
      </section>
      <aside aria-label="Simulated display">
        <SimulatedDisplay profile={profile} state={state} />
      </aside>
    </div>
  );
}
