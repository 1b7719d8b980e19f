import { LineCode } from "@/ui/lcd/LineCode";
import { lineAt, linesOf, shows, viewOf, type DisplayProfile } from "@/core/display";
import type { CardStep } from "@/core/keys";
import { lineName, viewWords } from "@/words";
import { StrokeRuns } from "./StrokeRuns";
import * as say from "@/words/screens/program/keyCardStep";

interface KeyCardStepProps {
  readonly profile: DisplayProfile;
  readonly step: CardStep;
  readonly unread: readonly number[];
}

const TITLES: Readonly<Record<CardStep["kind"], { readonly title: string; readonly after: string }>> = {
  "switch-on": { title: say.switchItOn, after: say.theHomeScreenMust },
  open: { title: say.openTheMenu, after: "" },
  code: { title: say.enterTheCode, after: "" },
  go: { title: "", after: "" },
  line: { title: "", after: "" },
  save: { title: say.saveAndLeave, after: say.backOnTheHome },
  leave: { title: say.leaveWithoutSaving, after: say.backOnTheHomeScreen },
  "power-cycle": { title: say.switchOffAndOn, after: say.onlyNowIsIt },
  procedure: { title: say.holdAsItSays, after: say.noMenuShowsIt },
  wait: { title: say.letTheMenuClose, after: say.handsOffUntilThe },
};

/** One step, read from a metre away: the line, what it shows, what it must show, and the keys. */
export function KeyCardStep({ profile, step, unread }: KeyCardStepProps) {
  const line = step.line === null ? undefined : linesOf(profile)[step.line];
  const view = viewOf(profile, step.after);
  const beforeView = viewOf(profile, step.before);
  const from = beforeView.kind === "line" ? beforeView.code : null;
  const size = step.runs.length > 2 ? 84 : 104;
  if (line && view.kind === "line") {
    // What the line holds before the step: the blinking value where it is already being changed.
    const { screen } = step.before;
    const raw =
      screen.kind === "menu" && screen.draft !== null && lineAt(profile, step.before) === view.line
        ? screen.draft
        : step.before.pending[view.line];
    const now = raw === undefined ? "" : shows(line.encoding, raw);
    const isUnread = unread.includes(view.line);
    const changes = now !== view.shows;
    return (
      <div>
        <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
          <div>
            <p className="mb-2 text-quiet">{say.lineOnTheDisplay}</p>
            <LineCode code={view.code} glass={profile.glass} />
          </div>
          <div className="min-w-0 border-l-2 border-rule pl-7">
            <p className="text-[1.1rem]">{lineName(line)}</p>
            <p className="font-head text-[4.4rem] leading-none font-extrabold break-words max-sm:text-[3rem]">
              {changes ? (
                <>
                  <span className="text-faint">{now}</span> <span className="font-light text-quiet">→</span>{" "}
                  {view.shows}
                </>
              ) : isUnread ? (
                <span className="text-[2.2rem] max-sm:text-[1.6rem]">{say.goThereAndRead}</span>
              ) : (
                view.shows
              )}
            </p>
          </div>
        </div>
        <div className="mt-7">
          <StrokeRuns profile={profile} runs={step.runs} size={size} from={from} />
        </div>
      </div>
    );
  }
  const words = TITLES[step.kind];
  return (
    <div>
      <h3 className="mb-6 text-[2.9rem] max-sm:text-[2rem]">
        {step.kind === "go" ? say.goIntoTheNext(step.page) : words.title}
      </h3>
      <StrokeRuns profile={profile} runs={step.runs} size={size} from={from} />
      <p className="mt-4 text-[1.1rem]">
        {view.kind === "home" || view.kind === "off" ? words.after : say.itMustShow(viewWords(view))}
      </p>
    </div>
  );
}
