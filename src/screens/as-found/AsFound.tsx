"use client";
import Link from "next/link";
import { useEffect, useRef, useState } from "react";
import {
  atHome,
  contextOf,
  decodeAll,
  factoryRaws,
  linesOf,
  rawValues,
  readPastedList,
  shows,
  type DisplayProfile,
} from "@/core/display";
import { addUnknownLine, isUnread, readingTour } from "@/core/record";
import { Button, buttonClass, Caution, Choice, KeptField, SignShape, useKeptState } from "@/ui/primitives";
import { count, keyNames, lineName, shownProblemText, valueMeaning } from "@/ui/wording";
import type { StageProps } from "../job/JobScreen";
import { NoDisplay } from "../job/NoDisplay";
import { MenuClock, moment } from "../program/MenuClock";
import { LinePhotos } from "./LinePhotos";
import { StrokeRuns } from "../program/StrokeRuns";

/** As found: the display's own order, every line written down before any is changed. This is the way home. */
export function AsFound(props: StageProps) {
  const { job } = props;
  return job.profile ? <Readings {...props} profile={job.profile} /> : <NoDisplay job={job} />;
}

function Readings({
  job,
  workings,
  change,
  line,
  setLine,
  profile,
}: StageProps & { readonly profile: DisplayProfile }) {
  const { found, foundCount, baseline } = workings;
  const [way, setWay] = useKeptState(`as-found-way.${job.id}`, "guided");
  const lines = linesOf(profile);
  const firstUnread = found.findIndex(isUnread);
  const chosen = lines.findIndex((each) => each.code === line);
  const at = chosen >= 0 ? chosen : Math.max(0, firstUnread);
  const keep = (code: string, typed: string) => {
    // The line in hand stays in hand once something is typed, though it is no longer the first unread one.
    setLine(code);
    change((now) => ({ ...now, asFound: { ...now.asFound, shown: { ...now.asFound.shown, [code]: typed } } }));
  };

  return (
    <div className="grid gap-8 lg:grid-cols-[1fr_340px]">
      <div className="min-w-0">
        <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
          <Choice
            label="How to write it down"
            hideLabel
            value={way}
            options={[
              { value: "guided", label: "Line by line" },
              { value: "column", label: "Column of numbers" },
              { value: "list", label: "Pasted list" },
            ]}
            onChoose={setWay}
          />
          <p className="text-quiet">
            {foundCount} of {workings.shownCount} written down
          </p>
        </div>
        {way === "column" ? (
          <Column
            profile={profile}
            shown={job.asFound.shown}
            onKeep={(shown) => change((now) => ({ ...now, asFound: { ...now.asFound, shown } }))}
          />
        ) : way === "list" ? (
          <PastedList
            profile={profile}
            onTake={(shown) =>
              change((now) => ({ ...now, asFound: { ...now.asFound, shown: { ...now.asFound.shown, ...shown } } }))
            }
          />
        ) : (
          <Guided
            profile={profile}
            at={at}
            typed={job.asFound.shown}
            found={found}
            onKeep={keep}
            onGo={(index) => setLine(lines[index]?.code ?? "")}
            photos={<LinePhotos jobId={job.id} code={lines[at]?.code ?? ""} />}
          />
        )}
        <Foreign found={found} profile={profile} />
        <UnknownLine profile={profile} onAdd={(code, shown) => change((now) => addUnknownLine(now, code, shown))} />

        {baseline.kind !== "kept" ? (
          <section aria-labelledby="no-baseline" className="mt-8 border-t border-rule pt-4">
            <h2 id="no-baseline" className="text-[1.15rem]">
              Cannot write it all down?
            </h2>
            <p className="mb-3 max-w-[62ch] text-quiet">
              The as-found sheet is the way home. Without it no keys are planned, unless you write why. The card then
              stops at every line nobody has read.
            </p>
            <KeptField
              label="Why there is no full baseline"
              long
              value={job.asFound.waivedReason}
              onKeep={(typed) => change((now) => ({ ...now, asFound: { ...now.asFound, waivedReason: typed } }))}
              hint="For example: dead display replaced, old values cannot be read."
            />
          </section>
        ) : null}
        <div className="mt-6 flex flex-wrap items-center gap-4">
          <Link
            href={`/job/${job.id}/plan`}
            className={buttonClass(baseline.kind === "missing" ? "plain" : "main", true)}
          >
            Work out the plan <kbd className="code text-base opacity-80">3</kbd>
          </Link>
          {baseline.kind === "missing" ? (
            <span className="text-quiet">{count(baseline.unread, "line")} still unread.</span>
          ) : null}
        </div>
      </div>

      <aside
        aria-label="All lines"
        className="self-start rounded-xl bg-sheet py-3 lg:sticky lg:top-4 lg:max-h-[calc(100vh-2rem)] lg:overflow-y-auto"
        tabIndex={0}
      >
        <ol>
          {lines.map((each, i) => {
            const state = found[i];
            if (state && !state.shown) return null;
            const here = way === "guided" && i === at;
            return (
              <li key={each.code}>
                <button
                  type="button"
                  onClick={() => {
                    setWay("guided");
                    setLine(each.code);
                  }}
                  aria-current={here ? "true" : undefined}
                  className={`flex min-h-9 w-full items-center gap-3 border-l-4 px-4 text-left ${here ? "border-action bg-select" : "border-transparent hover:bg-select"}`}
                >
                  <span className="w-8 font-bold">{each.code}</span>
                  <span className="flex-1 text-quiet">{lineName(each)}</span>
                  {state?.problem ? <SignShape sign="caution" /> : null}
                  <span className={state?.raw === null ? "text-quiet" : "font-semibold"}>
                    {each.encoding.kind === "read-only" ? each.encoding.shows : state?.typed || "—"}
                  </span>
                </button>
              </li>
            );
          })}
        </ol>
      </aside>
    </div>
  );
}

interface GuidedProps {
  readonly profile: DisplayProfile;
  readonly at: number;
  readonly typed: Readonly<Record<string, string>>;
  readonly found: StageProps["workings"]["found"];
  readonly onKeep: (code: string, typed: string) => void;
  readonly onGo: (index: number) => void;
  readonly photos: React.ReactNode;
}

/** Short codes stand in segment digits as the display writes them; words in type. */
const codeFace = (code: string): string =>
  /^[\d-]{1,3}$/.test(code)
    ? "segment text-[5rem] max-sm:text-[4rem]"
    : "font-head text-[2.6rem] leading-tight font-extrabold break-words";

const PAD = ["7", "8", "9", "4", "5", "6", "1", "2", "3", ".", "0", "⌫"] as const;

function Guided({ profile, at, typed, found, onKeep, onGo, photos }: GuidedProps) {
  const lines = linesOf(profile);
  const line = lines[at];
  const box = useRef<HTMLDivElement>(null);
  // The clock starts with the first look into the menu, and afresh with every line.
  const [since, setSince] = useState<number | null>(null);
  useEffect(() => {
    box.current?.querySelector<HTMLInputElement>("input")?.focus({ preventScroll: true });
  }, [at]);
  if (!line) return null;

  const value = typed[line.code] ?? "";
  const readOnly = line.encoding.kind === "read-only";
  const usual = readOnly ? "" : shows(line.encoding, line.factoryRaw);
  const problem = found[at]?.problem;
  const raw = found[at]?.raw;
  const meaning =
    raw === null || raw === undefined
      ? null
      : valueMeaning(
          decodeAll(
            line,
            raw,
            contextOf(
              profile,
              found.map((each) => each.raw),
            ),
          ),
        );
  const go = (index: number) => {
    setSince(moment());
    onGo(index);
  };
  const next = () => {
    if (value.trim() === "" && !readOnly) onKeep(line.code, usual);
    const following = lines.findIndex((_, i) => i > at && found[i]?.shown !== false);
    if (following > 0) go(following);
  };
  const home = atHome(profile, factoryRaws(profile));
  const way = readingTour(profile, home, [at]);
  const entry = way.steps.flatMap((step) => step.runs);
  const choices = rawValues(line.encoding);

  return (
    <section aria-label={`Line ${line.code}, ${lineName(line)}`}>
      <div className="flex flex-wrap items-center gap-x-8 gap-y-3">
        <div>
          <p className="text-quiet">Line on the display</p>
          <p className={codeFace(line.code)} aria-hidden="true">
            {line.code}
          </p>
        </div>
        <div className="min-w-0 flex-1">
          <h2 className="text-[1.9rem]">{lineName(line)}</h2>
          {line.note ? <p className="max-w-[48ch] text-quiet">{line.note}</p> : null}
        </div>
      </div>

      <div ref={box} className="mt-4 grid gap-6 sm:grid-cols-[minmax(0,1fr)_212px]">
        <div className="flex flex-col gap-3">
          {readOnly ? (
            <p className="text-lg">
              Read only: shows <strong>{line.encoding.kind === "read-only" ? line.encoding.shows : ""}</strong>.
            </p>
          ) : (
            <KeptField
              label={`What line ${line.code} shows`}
              numeric
              value={value}
              onKeep={(text) => {
                setSince(moment());
                onKeep(line.code, text);
              }}
              onEnter={next}
              problem={problem ? shownProblemText(problem) : null}
              inputClass="text-[2rem] font-bold font-head min-h-16"
              hint={
                meaning
                  ? `That is: ${meaning}.`
                  : choices.length <= 12
                    ? `It can show ${choices.map((each) => shows(line.encoding, each)).join(", ")}.`
                    : undefined
              }
            />
          )}
          <div className="flex flex-wrap gap-3">
            <Button weight="main" big onClick={next}>
              {readOnly || value.trim() !== "" ? "Next line" : `Shows ${usual}, next`}
            </Button>
            <Button big onClick={() => go(Math.max(0, at - 1))} disabled={at === 0}>
              Back
            </Button>
          </div>
          <p className="text-[0.9rem] text-quiet">
            Enter takes the maker’s value{usual ? `, ${usual},` : ""} if nothing is typed.
          </p>
          <MenuClock
            closesAfterMs={profile.menu.idle.closesAfterMs}
            since={since}
            onRestart={() => setSince(moment())}
          />
        </div>
        {readOnly ? null : (
          <div className="grid h-max grid-cols-3 gap-1.5" role="group" aria-label="Number pad">
            {PAD.map((digit) => (
              <button
                key={digit}
                type="button"
                aria-label={digit === "⌫" ? "Delete last" : digit}
                className="min-h-13 rounded-lg border-2 border-rule bg-sheet font-head text-xl font-bold hover:border-quiet"
                onClick={() => {
                  setSince(moment());
                  onKeep(line.code, digit === "⌫" ? value.slice(0, -1) : value + digit);
                }}
              >
                {digit === "⌫" ? "←" : digit}
              </button>
            ))}
          </div>
        )}
      </div>

      {photos}
      <details className="mt-6 border-t border-rule pt-3">
        <summary className="min-h-11 font-semibold">The keys to this line from the home screen</summary>
        <div className="mt-2 flex flex-col gap-4">
          <Caution>
            Wheel clear of the floor or brake held.{" "}
            {keyNames(profile, entry[0] && "keys" in entry[0].stroke ? entry[0].stroke.keys : [])} must go down
            together.
          </Caution>
          <StrokeRuns profile={profile} runs={entry} size={64} />
        </div>
      </details>
    </section>
  );
}

function Column({
  profile,
  shown,
  onKeep,
}: {
  readonly profile: DisplayProfile;
  readonly shown: Readonly<Record<string, string>>;
  readonly onKeep: (shown: Record<string, string>) => void;
}) {
  const lines = linesOf(profile).filter((line) => line.encoding.kind !== "read-only");
  const text = lines
    .map((line) => shown[line.code] ?? "")
    .join("\n")
    .replace(/\n+$/, "");
  const [draft, setDraft] = useState<string | null>(null);
  const value = draft ?? text;
  return (
    <div>
      <label htmlFor="column" className="font-semibold">
        One value a line, in the display’s order: {lines[0]?.code} to {lines[lines.length - 1]?.code}
      </label>
      <div className="mt-2 flex gap-4">
        <ol aria-hidden="true" className="pt-2 text-right leading-8 text-quiet">
          {lines.map((line) => (
            <li key={line.code}>
              {line.code} {lineName(line)}
            </li>
          ))}
        </ol>
        <textarea
          id="column"
          rows={lines.length + 1}
          value={value}
          onFocus={() => setDraft(text)}
          onBlur={() => setDraft(null)}
          onChange={(event) => {
            setDraft(event.target.value);
            const values = event.target.value.split("\n");
            onKeep(Object.fromEntries(lines.map((line, i) => [line.code, values[i] ?? ""])));
          }}
          className="w-36 rounded-md border-2 border-rule bg-sheet px-3 py-2 font-head text-lg leading-8 font-bold"
        />
      </div>
    </div>
  );
}

/** The list as it was written on a phone or a scrap: "31 = 0", one a row, read by code. */
function PastedList({
  profile,
  onTake,
}: {
  readonly profile: DisplayProfile;
  readonly onTake: (shown: Readonly<Record<string, string>>) => void;
}) {
  const [text, setText] = useState("");
  const reading = readPastedList(profile, text);
  const codes = Object.keys(reading.shown);
  return (
    <div>
      <label htmlFor="pasted" className="font-semibold">
        Line and value, one a row: {linesOf(profile)[0]?.code} = 0
      </label>
      <textarea
        id="pasted"
        rows={8}
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="mt-2 w-full rounded-md border-2 border-rule bg-sheet px-3 py-2 font-code text-[0.95rem]"
      />
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <Button
          weight="main"
          disabled={codes.length === 0}
          onClick={() => {
            onTake(reading.shown);
            setText(reading.unknown.join("\n"));
          }}
        >
          Take {count(codes.length, "value")}
        </Button>
        {reading.unknown.length > 0 ? (
          <span className="text-quiet">{count(reading.unknown.length, "row")} not understood; they stay here.</span>
        ) : null}
      </div>
    </div>
  );
}

/** Values that could not come from this display: another display or variant was chosen, or the wrong line was read. */
function Foreign({
  found,
  profile,
}: {
  readonly found: StageProps["workings"]["found"];
  readonly profile: DisplayProfile;
}) {
  const codes = found.flatMap((line, i) => (line.problem ? [linesOf(profile)[i]?.code ?? ""] : []));
  if (codes.length < 2) return null;
  return (
    <div className="mt-5" role="status">
      <Caution>
        {count(codes.length, "value")} could not come from a {profile.name}, {profile.variant}: lines {codes.join(", ")}
        . Is it another display or variant? “Which of these is it?” under Displays tells with a few looks.
      </Caution>
    </div>
  );
}

/** A line the menu has and the description does not: added to this job's copy on the spot, with what it shows. */
function UnknownLine({
  profile,
  onAdd,
}: {
  readonly profile: DisplayProfile;
  readonly onAdd: (code: string, shown: string) => void;
}) {
  const [code, setCode] = useState("");
  const [shown, setShown] = useState("");
  const taken = linesOf(profile).some((line) => line.code === code.trim());
  const bad = shown.trim() !== "" && !/^\d{1,4}$/.test(shown.trim());
  return (
    <details className="mt-5 border-t border-rule pt-3">
      <summary className="min-h-11 font-semibold">A line is missing here?</summary>
      <p className="mb-3 max-w-[60ch] text-quiet">
        It is added to this bike’s copy of the description as not known, left as found, and read back like the others.
      </p>
      <div className="flex flex-wrap items-start gap-3">
        <div className="w-40">
          <KeptField
            label="Its code"
            value={code}
            onKeep={setCode}
            problem={taken ? "This line is already there." : code.length > 24 ? "Keep it to 24 characters." : null}
          />
        </div>
        <div className="w-40">
          <KeptField
            label="What it shows"
            numeric
            value={shown}
            onKeep={setShown}
            problem={bad ? "Give a whole number up to 9999." : null}
          />
        </div>
        <Button
          className="mt-7"
          disabled={code.trim() === "" || code.length > 24 || taken || bad || shown.trim() === ""}
          onClick={() => {
            onAdd(code.trim(), shown.trim());
            setCode("");
            setShown("");
          }}
        >
          Add the line
        </Button>
      </div>
    </details>
  );
}
