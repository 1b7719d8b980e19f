import { Fragment } from "react";
import type { DisplayProfile } from "@/core/display";
import type { StrokeRun } from "@/core/keys";
import { KeyCap } from "@/ui/keys/KeyCap";
import { keyOf, strokeWords, viewWords } from "@/words";
import * as say from "@/words/screens/program/strokeRuns";

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

const wordsOf = (
  profile: DisplayProfile,
  { stroke, count }: StrokeRun,
  last: StrokeRun["views"][number] | undefined,
): string => {
  const together = "keys" in stroke && stroke.keys.length > 1 ? say.together : "";
  return (
    together +
    strokeWords(profile, stroke, count, stroke.kind === "repeat" && last?.kind === "line" ? last.shows : null)
  );
};

/** A few letters stand as large as the key they count; a sentence takes the room it needs. */
const FEW_LETTERS = 8;

/** How often or how long a key is pressed: read from as far away as the key itself. */
function Count({ words, size }: { readonly words: string; readonly size: number }) {
  const share = words.length <= FEW_LETTERS ? 0.5 : 0.3;
  return (
    <p className="mt-1 leading-tight font-bold" style={{ fontSize: Math.max(18, size * share) }}>
      {words}
    </p>
  );
}

/**
 * Keys of a step, drawn with their counts. `navigates` tells a single tap that moves on from one that changes a value.
 */
export function StrokeRuns({
  profile,
  runs,
  size,
  from,
}: {
  readonly profile: DisplayProfile;
  readonly runs: readonly StrokeRun[];
  readonly size: number;
  readonly from?: string | null;
}) {
  const codeAfter = (i: number): string | null => {
    if (i < 0) return from ?? null;
    const last = runs[i]?.views.at(-1);
    return last?.kind === "line" ? last.code : null;
  };
  return (
    // On a phone everything is smaller by one measure, so that two keys stand side by side.
    <div className="flex flex-wrap items-start gap-x-7 gap-y-5 max-sm:[zoom:0.62]">
      {runs.map((run, i) => {
        const last = run.views[run.views.length - 1];
        const moved = last?.kind === "line" && last.code !== codeAfter(i - 1);
        const result = moved && last.kind === "line" ? say.goesTo(last.code) : passes(run);
        const keys = run.stroke.kind === "wait" ? [] : run.stroke.keys;
        return (
          <Fragment key={i}>
            {i > 0 ? (
              <span
                className="font-head font-light text-quiet"
                style={{ fontSize: size * 0.42, lineHeight: `${size}px` }}
              >
                {say.then}
              </span>
            ) : null}
            <div data-run={i} className="text-center">
              <div className="flex items-center justify-center gap-3">
                {keys.map((id, k) => {
                  const key = keyOf(profile, id);
                  return key ? (
                    <Fragment key={id}>
                      {k > 0 ? <span className="text-2xl font-bold text-quiet">{say.and}</span> : null}
                      <KeyCap displayKey={key} size={size} />
                    </Fragment>
                  ) : null;
                })}
              </div>
              <Count words={wordsOf(profile, run, last)} size={size} />
              <p className="text-[0.95rem] text-quiet max-sm:text-[1.5rem]">{result}</p>
            </div>
          </Fragment>
        );
      })}
    </div>
  );
}
