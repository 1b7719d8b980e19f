"use client";
import { useEffect, useLayoutEffect, useMemo, useRef, useState, type ReactNode } from "react";
import { expectedShown } from "@/core/book/visits";
import { contextOf, decodeAll, linesOf, rawValues, shows, type DisplayProfile, type Line } from "@/core/display";
import { isUnread, type FoundLine, type Job } from "@/core/record";
import { keepTyped, writeTyped } from "@/store";
import { Button, Caution, isTyping } from "@/ui/primitives";
import { keyNames, lineName, shownProblemText, valueMeaning } from "@/words";
import { toLineAsk } from "@/workers/keysClient";
import { JobField } from "../job/JobField";
import { usePlan } from "../job/usePlan";
import { moment } from "../program/Countdown";
import { MenuClock } from "../program/MenuClock";
import { StrokeRuns } from "../program/StrokeRuns";
import type { DisplayStageProps } from "../job/stageProps";
import { LinePhotos } from "./LinePhotos";
import * as say from "@/words/screens/as-found/guided";

/** Short codes stand in segment digits as the display writes them; words in type. */
const codeFace = (code: string): string =>
  /^[\d-]{1,3}$/.test(code)
    ? "segment text-[4.6rem] max-sm:text-[2.6rem]"
    : "font-head text-[2.6rem] leading-tight font-extrabold break-words max-sm:text-[1.6rem]";

/**
 * One line at a time, in the display's own order; Enter takes what stands in the field, or the maker's value, and goes
 * on.
 */
export function Guided({ job, workings, line: inHand, setLine, profile }: DisplayStageProps) {
  const { found } = workings;
  const lines = linesOf(profile);
  const chosen = lines.findIndex((each) => each.code === inHand);
  const at = chosen >= 0 ? chosen : Math.max(0, found.findIndex(isUnread));
  const line = lines[at];
  // The clock starts with the first look into the menu, and afresh with every line.
  const [since, setSince] = useState<number | null>(null);
  const box = useRef<HTMLDivElement>(null);
  useTypeThrough(box, line?.code ?? "");
  // The line in hand stays in hand once something is typed, though it is no longer the first unread one. Said in the
  // frame it is drawn in: a first Enter goes on to the next line, and must not be answered with this one.
  useLayoutEffect(() => {
    if (line && chosen < 0) setLine(line.code);
  }, [line, chosen, setLine]);
  if (!line) return null;

  const readOnly = line.encoding.kind === "read-only";
  const { usual, says } = usualOf(job, line);
  const place = { in: "as-found", name: line.code } as const;
  const go = (index: number) => {
    setSince(moment());
    const next = lines[index];
    if (next) setLine(next.code);
  };
  /** Keeps what stands in the field, or the maker's value, and goes to the next line the menu shows. */
  const settle = (typed: string) => {
    if (typed.trim() === "" && usual !== "") keepTyped(job.id, place, usual);
    void writeTyped();
    const following = lines.findIndex((_, i) => i > at && found[i]?.shown !== false);
    if (following > 0) go(following);
  };
  const previous = lines.findLastIndex((_, i) => i < at && found[i]?.shown !== false);
  const buttons = (typed: string) => (
    <div className="flex flex-wrap gap-3">
      <Button weight="main" big className="max-sm:flex-1" onClick={() => settle(typed)}>
        {usual === "" || typed.trim() !== "" ? say.nextLine : say.showsNext(usual)}
      </Button>
      <Button big onClick={() => go(Math.max(0, previous))} disabled={previous < 0}>
        {say.back}
      </Button>
    </div>
  );

  return (
    <section aria-label={say.guidedLine(line.code, lineName(line))}>
      <LineInHand line={line} />
      <div ref={box}>
        {readOnly ? (
          <ReadOnly line={line}>{buttons("")}</ReadOnly>
        ) : (
          <JobField
            job={job}
            place={place}
            label={say.whatLineShows(line.code)}
            numeric
            onType={() => setSince(moment())}
            onEnter={settle}
            problem={found[at]?.problem ? shownProblemText(found[at].problem) : null}
            inputClass="text-[1.8rem] font-bold font-head min-h-14"
            hint={hintOf(profile, line, found, at)}
            pad={{ children: buttons }}
          />
        )}
      </div>
      <div className="mt-3">
        <p className="text-[0.9rem] text-quiet">{says}</p>
        <MenuClock closesAfterMs={profile.menu.idle.closesAfterMs} since={since} onRestart={() => setSince(moment())} />
      </div>
      <LinePhotos jobId={job.id} code={line.code} />
      <WayToLine key={line.code} profile={profile} line={at} />
    </section>
  );
}

/**
 * What Enter takes where nothing is typed: what is expected of the line, of a bike that has been here before or of one
 * of a batch; else the maker's value where anybody has stated it.
 */
function usualOf(job: Job, line: Line): { readonly usual: string; readonly says: string } {
  const expected = expectedShown(job, line.code);
  if (expected !== null)
    return {
      usual: expected,
      says: job.lastVisit ? say.enterTakesWhatWeLeft(expected) : say.enterTakesTheFirsts(expected),
    };
  const readOnly = line.encoding.kind === "read-only";
  const usual = readOnly || line.factoryRaw === null ? "" : shows(line.encoding, line.factoryRaw);
  return { usual, says: usual === "" && !readOnly ? say.makersIsNotKnown : say.enterTakesTheMakers(usual) };
}

/** A line nobody can change needs no typing. */
function ReadOnly({ line: { encoding }, children }: { readonly line: Line; readonly children: ReactNode }) {
  const shown = encoding.kind === "read-only" ? encoding.shows : null;
  return (
    <div className="flex flex-col gap-3">
      <p className="text-lg">
        {say.readOnlyShows}
        <strong>{shown ?? say.somethingThatVaries}</strong>.
      </p>
      {children}
    </div>
  );
}

/** The line asked for, large enough to be read from the stand. */
function LineInHand({ line }: { readonly line: Line }) {
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-8 gap-y-1 max-sm:gap-x-4">
      <p className={codeFace(line.code)} aria-hidden="true">
        {line.code}
      </p>
      <div className="min-w-0 flex-1">
        <h3 className="text-[1.7rem] break-words max-sm:text-[1.2rem]">{lineName(line)}</h3>
        {line.note ? <p className="max-w-[48ch] text-quiet max-sm:hidden">{line.note}</p> : null}
      </div>
    </div>
  );
}

function hintOf(profile: DisplayProfile, line: Line, found: readonly FoundLine[], at: number): string | undefined {
  const raw = found[at]?.raw ?? null;
  const context = contextOf(
    profile,
    found.map((each) => each.raw),
  );
  const meaning = raw === null ? null : valueMeaning(decodeAll(line, raw, context));
  if (meaning) return say.thatIs(meaning);
  const choices = rawValues(line.encoding);
  return choices.length <= 12 ? say.itCanShow(choices.map((each) => shows(line.encoding, each)).join(", ")) : undefined;
}

/** Keys typed while no field has the focus go to the field of the line in hand: what is read aloud is typed at once. */
function useTypeThrough(box: React.RefObject<HTMLDivElement | null>, code: string): void {
  const first = useRef(true);
  useEffect(() => {
    // A stage opens on its heading; from line to line the hands stay in the field.
    if (first.current) first.current = false;
    else box.current?.querySelector<HTMLInputElement>("input")?.focus({ preventScroll: true });
  }, [box, code]);
  // Listens from the frame the field is drawn in: no first key is lost.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const field = box.current?.querySelector<HTMLInputElement>("input");
      if (!field || event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
      if (isTyping(event.target) || document.querySelector('[role="dialog"]')) return;
      const onControl =
        event.target instanceof HTMLElement && event.target.closest("button, a, summary, input") !== null;
      const isText = /^[\d.,+−-]$/.test(event.key) || event.key === "Backspace";
      // Enter on a button or a link is theirs; on the heading or nowhere it is the field's.
      if (!isText && !(event.key === "Enter" && !onControl && !event.repeat)) return;
      field.focus({ preventScroll: true });
      // A key goes where the focus is when it goes down; Enter has to be handed on.
      if (event.key === "Enter") {
        event.preventDefault();
        field.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true, cancelable: true }));
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [box]);
}

/** The keys to a line from the home screen, worked out when somebody asks. */
function WayToLine({ profile, line }: { readonly profile: DisplayProfile; readonly line: number }) {
  const [open, setOpen] = useState(false);
  const ask = useMemo(() => (open ? toLineAsk(profile, line) : null), [open, profile, line]);
  const { plan } = usePlan(ask);
  const runs = plan?.steps.flatMap((step) => step.runs) ?? [];
  const first = runs[0];
  const keys = first && "keys" in first.stroke ? first.stroke.keys : [];
  return (
    <details className="mt-6 border-t border-rule pt-3" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 font-semibold">{say.theKeysToThis}</summary>
      <div className="mt-2 flex flex-col gap-4">
        {keys.length > 1 ? (
          <Caution>{say.wheelClearOfThe(keyNames(profile, keys))}</Caution>
        ) : (
          <Caution>{say.wheelClearOfTheFloor}</Caution>
        )}
        {plan ? (
          <StrokeRuns profile={profile} runs={runs} size={64} />
        ) : (
          <p className="text-quiet">{say.workingThemOut}</p>
        )}
      </div>
    </details>
  );
}
