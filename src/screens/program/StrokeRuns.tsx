import { later } from "@/ui/primitives/later";
import { Fragment } from "react";
import type { DisplayProfile } from "@/core/display";
import type { StrokeRun } from "@/core/keys";
import { KeyCap } from "@/ui/keys/KeyCap";
import { keyOf, strokeWords, viewWords } from "@/words";
import * as say from "@/words/screens/program/strokeRuns";
import type { Count } from "./count";

/** Loaded where keys are counted along. */
const CountRing = later(() => import("@/ui/keys/CountRing").then((module) => module.CountRing));

const CountedLine = later(() => import("./CountedLine").then((module) => module.CountedLine));

/** What a run of strokes passes and where it ends, in few words. */
function passes({ views, stroke }: StrokeRun): string {
  const last = views[views.length - 1];
  if (!last || last.kind === "walk-assist") return "";
  if (last.kind === "off") return say.displayGoesDark;
  if (last.kind !== "line") return viewWords(last);
  const onOneLine = views.every((view) => view.kind === "line" && view.code === last.code);
  if (stroke.kind === "repeat") return say.ifYouPassIt;
  if (!onOneLine || stroke.kind !== "tap") return say.goesTo(last.code);
  if (views.length === 1 && last.blinks) return say.strokeRunsBlinks(last.shows);
  return views.length <= 4
    ? views.map((view) => (view.kind === "line" ? view.shows : "")).join(" · ")
    : say.untilItShows(last.shows);
}

/** Keys of a chord are held by both hands at once. */
const isChord = ({ stroke }: StrokeRun): boolean => "keys" in stroke && stroke.keys.length > 1;

const wordsOf = (profile: DisplayProfile, run: StrokeRun, last: StrokeRun["views"][number] | undefined): string => {
  const { stroke, count } = run;
  const ends = stroke.kind === "repeat" && last?.kind === "line" ? last.shows : null;
  return (isChord(run) ? say.together : "") + strokeWords(profile, stroke, count, ends);
};

/**
 * How large the acts of the card are, px. Every one of them is seen under 20 arc minutes or more: at 2 m on a laptop
 * (0.23 mm a px), and at 1 m on a phone (0.167 mm a px), where all of it is drawn at 0.69 of that.
 */
const KEY_PX = 120;
const WORDS_SHARE = 0.634;

interface StrokeRunsProps {
  readonly profile: DisplayProfile;
  readonly runs: readonly StrokeRun[];
  /** How large a key is drawn, px. */
  readonly size?: number;
  /** Where the keys are counted along. */
  readonly count?: Count | null;
  /** Code of the line the display stands on before them. */
  readonly from?: string | null;
}

/** Keys of a step with how often or how long each is pressed: the largest thing there is. */
export function StrokeRuns({ profile, runs, size = KEY_PX, from = null, count = null }: StrokeRunsProps) {
  const codeAfter = (i: number): string | null => {
    if (i < 0) return from;
    const last = runs[i]?.views.at(-1);
    return last?.kind === "line" ? last.code : null;
  };
  return (
    <div className="flex flex-wrap items-start gap-x-10 gap-y-5 max-sm:[zoom:0.69]">
      {runs.map((run, i) => {
        const last = run.views[run.views.length - 1];
        const moved = last?.kind === "line" && last.code !== codeAfter(i - 1);
        const result = moved && last.kind === "line" ? say.goesTo(last.code) : passes(run);
        return (
          <Run
            key={i}
            profile={profile}
            run={run}
            at={i}
            count={count}
            size={size}
            result={result}
            isLast={i === runs.length - 1}
            last={last}
          />
        );
      })}
    </div>
  );
}

const RESULT = "mt-1 text-[1.05rem] text-quiet max-sm:text-[1.5rem]";

interface RunProps {
  readonly profile: DisplayProfile;
  readonly run: StrokeRun;
  readonly at: number;
  readonly size: number;
  readonly count: Count | null;
  readonly result: string;
  readonly isLast: boolean;
  readonly last: StrokeRun["views"][number] | undefined;
}

function Run({ profile, run, at, size, count, result, isLast, last }: RunProps) {
  const counted = count?.counted?.run === at ? count.counted : null;
  const past = (count?.counted?.run ?? -1) > at;
  const keys = run.stroke.kind === "wait" ? [] : run.stroke.keys;
  return (
    <div
      data-run={at}
      className={`flex max-w-full flex-wrap ${isChord(run) ? "w-full" : ""} items-center gap-x-5 gap-y-1`}
    >
      {keys.length > 0 ? (
        <div className="flex flex-wrap items-center gap-x-5 gap-y-3">
          {keys.map((id, k) => {
            const key = keyOf(profile, id);
            return key ? (
              <Fragment key={id}>
                {k > 0 ? <span className="text-3xl font-bold text-quiet">{say.and}</span> : null}
                <span className="relative inline-flex">
                  <KeyCap displayKey={key} size={size} afar />
                  {counted ? <CountRing share={counted.share} isDown={counted.isDown} size={size} /> : null}
                </span>
              </Fragment>
            ) : null;
          })}
        </div>
      ) : null}
      <div className={isChord(run) ? "min-w-0 flex-1 basis-80" : "min-w-0"}>
        <p data-act className="font-head leading-none font-extrabold" style={{ fontSize: size * WORDS_SHARE }}>
          {wordsOf(profile, run, last)}
        </p>
        {count && (counted || past || at === 0) ? (
          <CountedLine count={count} counted={counted} past={past} className={RESULT} />
        ) : (
          <p className={RESULT}>
            {result}
            {isLast || result === "" || count ? "" : say.then}
          </p>
        )}
      </div>
    </div>
  );
}
