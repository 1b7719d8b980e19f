"use client";
import Link from "next/link";
import { linesOf, type DisplayProfile } from "@/core/display";
import { expectedShown } from "@/core/book/visits";
import { addUnknownLine, type Job } from "@/core/record";
import { keepTyped, writeTyped } from "@/store";
import { buttonClass, Caution, Choice, SignShape, useKeptState } from "@/ui/primitives";
import { count, lineName } from "@/words";
import { JobField } from "../job/JobField";
import { NoDisplay } from "../job/NoDisplay";
import type { DisplayStageProps, StageProps } from "../job/stageProps";
import { later } from "@/ui/primitives/later";
import { Column } from "./Column";
import { Guided } from "./Guided";
import { PastedList } from "./PastedList";
import { UnknownLine } from "./UnknownLine";
import * as say from "@/words/screens/as-found/asFound";

/** As found: the display's own order, every line written down before any is changed. This is the way home. */
export function AsFound(props: StageProps) {
  const { job } = props;
  return job.profile ? <Readings {...props} profile={job.profile} /> : <NoDisplay job={job} />;
}

/** Loaded for a bike that has been here before, and for one of a batch. */
const AsExpected = later(() => import("./AsExpected").then((module) => module.AsExpected));

function Readings(props: DisplayStageProps) {
  const { job, workings, change, setLine, profile } = props;
  const { found, foundCount, baseline } = workings;
  const [way, setWay] = useKeptState(`as-found-way.${job.id}`, "guided");
  const take = (shown: Readonly<Record<string, string>>) => {
    for (const [code, typed] of Object.entries(shown)) keepTyped(job.id, { in: "as-found", name: code }, typed);
    void writeTyped();
  };

  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_340px]">
      <div className="min-w-0">
        <div className="mb-3 flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
          <Choice
            label={say.howToWriteIt}
            hideLabel
            value={way}
            options={[
              { value: "guided", label: say.lineByLine },
              { value: "column", label: say.column },
              { value: "list", label: say.pastedList },
            ]}
            onChoose={setWay}
          />
          <p className="text-quiet">{say.ofWrittenDown(foundCount, workings.shownCount)}</p>
        </div>
        {job.lastVisit || job.batch ? <AsExpected {...props} /> : null}
        {way === "column" ? (
          <Column {...props} />
        ) : way === "list" ? (
          <PastedList profile={profile} onTake={take} />
        ) : (
          <Guided {...props} />
        )}
        <Foreign found={found} profile={profile} jobId={job.id} />
        <UnknownLine
          profile={profile}
          onAdd={(code, shown) => void change((now) => addUnknownLine(now, code, shown))}
        />
        {baseline.kind !== "kept" ? <NoBaseline {...props} /> : null}
        <div className="mt-6 flex flex-wrap items-center gap-4">
          <Link
            href={`/job/${job.id}/plan`}
            className={buttonClass(baseline.kind === "missing" ? "plain" : "main", true)}
          >
            {say.workOutThePlan}
          </Link>
          {baseline.kind === "missing" ? (
            <span className="text-quiet">{say.lineStillUnread(baseline.unread)}</span>
          ) : null}
        </div>
      </div>
      <LineList
        {...props}
        inHand={way === "guided"}
        onPick={(code) => {
          setWay("guided");
          setLine(code);
        }}
      />
    </div>
  );
}

function NoBaseline({ job }: DisplayStageProps) {
  return (
    <section aria-labelledby="no-baseline" className="mt-8 border-t border-rule pt-4">
      <h3 id="no-baseline" className="text-[1.15rem]">
        {say.cannotWriteItAll}
      </h3>
      <p className="mb-3 max-w-[62ch] text-quiet">{say.theAsFoundSheet}</p>
      <JobField
        job={job}
        place={{ in: "waived-reason" }}
        label={say.whyThereIsNo}
        long
        hint={say.forExampleDeadDisplay}
      />
    </section>
  );
}

/** What stands for a line nobody has read: what is expected of it, said as that, or nothing known. */
function unreadSaid(job: Job, code: string): string {
  const expected = expectedShown(job, code);
  if (expected === null) return say.nothingRead;
  return job.lastVisit ? say.leftAt(expected) : say.onTheFirst(expected);
}

interface LineListProps extends DisplayStageProps {
  readonly inHand: boolean;
  readonly onPick: (code: string) => void;
}

/** All lines with what was written down; the one in hand is marked. */
function LineList({ job, profile, workings, line, inHand, onPick }: LineListProps) {
  const { found } = workings;
  return (
    <aside
      aria-label={say.allLines}
      className="self-start rounded-xl bg-sheet py-3 lg:sticky lg:top-4 lg:max-h-[calc(100vh-2rem)] lg:overflow-y-auto"
      tabIndex={0}
    >
      <ol>
        {linesOf(profile).map((each, i) => {
          const state = found[i];
          if (state && !state.shown) return null;
          const here = inHand && each.code === line;
          return (
            <li key={each.code}>
              <button
                type="button"
                onClick={() => onPick(each.code)}
                aria-current={here ? "true" : undefined}
                className={`flex min-h-9 w-full items-center gap-3 border-l-4 px-4 text-left ${here ? "border-action bg-select" : "border-transparent hover:bg-select"}`}
              >
                <span className="min-w-8 font-bold">{each.code}</span>
                <span className="min-w-0 flex-1 break-words text-quiet">{lineName(each)}</span>
                {state?.problem ? <SignShape sign="caution" /> : null}
                <span className={`max-w-24 truncate ${state?.raw === null ? "text-quiet" : "font-semibold"}`}>
                  {each.encoding.kind === "read-only"
                    ? each.encoding.shows
                    : state?.typed || unreadSaid(job, each.code)}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </aside>
  );
}

interface ForeignProps {
  readonly found: StageProps["workings"]["found"];
  readonly profile: DisplayProfile;
  readonly jobId: string;
}

/** Values that could not come from this display: another display or variant was chosen, or the wrong line was read. */
function Foreign({ found, profile, jobId }: ForeignProps) {
  const codes = found.flatMap((line, i) => (line.problem ? [linesOf(profile)[i]?.code ?? ""] : []));
  if (codes.length < 2) return null;
  return (
    <div className="mt-5" role="status">
      <Caution>
        {count(codes.length, "value")}
        {say.couldNotComeFrom}
        {profile.name}, {profile.variant}
        {say.lines}
        {codes.join(", ")}
        {say.isItAnotherDisplay}{" "}
        <Link href={`/displays?for=${jobId}&ask=which`} className="font-semibold underline underline-offset-4">
          {say.whichOfTheseIs}
        </Link>{" "}
        {say.aFewLooksTell}
      </Caution>
    </div>
  );
}
