import { LineCode } from "@/ui/lcd/LineCode";
import { lineAt, linesOf, shows, viewOf, type DisplayProfile, type View } from "@/core/display";
import { forceAfter, type CardStep } from "@/core/keys";
import { lineName, viewWords } from "@/words";
import { StrokeRuns } from "./StrokeRuns";
import type { Count } from "./count";
import * as say from "@/words/screens/program/keyCardStep";

interface KeyCardStepProps {
  readonly profile: DisplayProfile;
  readonly step: CardStep;
  readonly unread: readonly number[];
  /** Where its keys are counted along. */
  readonly count?: Count | null;
}

type LineView = Extract<View, { readonly kind: "line" }>;

const TITLES: Readonly<Record<CardStep["kind"], { readonly title: string; readonly after: string }>> = {
  "switch-on": { title: say.switchItOn, after: say.theHomeScreenMust },
  open: { title: say.openTheMenu, after: "" },
  code: { title: say.enterTheCode, after: "" },
  go: { title: "", after: "" },
  line: { title: "", after: "" },
  save: { title: say.saveAndLeave, after: say.backOnTheHome },
  leave: { title: say.leaveWithoutSaving, after: say.backOnTheHomeScreen },
  "switch-off": { title: say.switchItOff, after: say.onlyOnceDark },
  procedure: { title: say.holdAsItSays, after: say.noMenuShowsIt },
  wait: { title: say.letTheMenuClose, after: say.handsOffUntilThe },
};

/** What is to be known once a step without a line is done: whether what was saved is in force by now. */
function afterwards(step: CardStep): string {
  const force = forceAfter(step);
  if (step.kind === "save" && force !== "waits") return say.savedAndInForce;
  return step.kind === "switch-on" && force === "comes" ? say.onlyNowIsIt : TITLES[step.kind].after;
}

/** One step, read at a glance from across the stand: its keys, what the display must show then, what it is about. */
export function KeyCardStep({ profile, step, unread, count = null }: KeyCardStepProps) {
  const view = viewOf(profile, step.after);
  const beforeView = viewOf(profile, step.before);
  const from = beforeView.kind === "line" ? beforeView.code : null;
  return (
    <div>
      <h3 className="mb-3 text-[1.5rem] font-semibold max-sm:mb-3 max-sm:text-[1.2rem]">{titleOf(profile, step)}</h3>
      <StrokeRuns profile={profile} runs={step.runs} from={from} count={count} />
      <div className="mt-4 border-t-2 border-rule pt-2">
        {view.kind === "line" ? (
          <LineMustShow profile={profile} step={step} view={view} isUnread={unread.includes(view.line)} />
        ) : (
          <ScreenMustShow step={step} view={view} />
        )}
      </div>
    </div>
  );
}

function titleOf(profile: DisplayProfile, step: CardStep): string {
  const line = step.line === null ? undefined : linesOf(profile)[step.line];
  if (line) return lineName(line);
  return step.kind === "go" ? say.goIntoTheNext(step.page) : TITLES[step.kind].title;
}

interface LineMustShowProps {
  readonly profile: DisplayProfile;
  readonly step: CardStep;
  readonly view: LineView;
  readonly isUnread: boolean;
}

/** The line that must be up, as its glass writes it, and the value it must show. */
function LineMustShow({ profile, step, view, isUnread }: LineMustShowProps) {
  const line = linesOf(profile)[view.line];
  // What the line holds before the step: the blinking value where it is already being changed.
  const { screen } = step.before;
  const raw =
    screen.kind === "menu" && screen.draft !== null && lineAt(profile, step.before) === view.line
      ? screen.draft
      : step.before.pending[view.line];
  const now = raw === undefined || !line ? "" : shows(line.encoding, raw);
  return (
    <div data-must-line={view.code} className="flex flex-wrap items-end gap-x-8 gap-y-2">
      <div>
        <p className="mb-1 text-quiet">{say.itMustShowLine}</p>
        <LineCode code={view.code} glass={profile.glass} most={4.75} />
      </div>
      <div className="min-w-0 border-l-2 border-rule pl-7">
        {isUnread && now === view.shows ? (
          <p className="text-[2rem] font-bold max-sm:text-[1.6rem]">{say.goThereAndRead}</p>
        ) : (
          <>
            <p className="mb-1 text-quiet">{now === view.shows ? say.withValue : say.withValueInsteadOf(now)}</p>
            <p data-must-show className={MUST_SHOW}>
              {view.shows}
            </p>
          </>
        )}
      </div>
    </div>
  );
}

/** As large as the figures are read from where the keys are, and no larger than those. */
const MUST_SHOW = "font-head text-[4.75rem] leading-none font-extrabold break-words max-sm:text-[3.3rem]";

/** What must come up where no line does. */
function ScreenMustShow({ step, view }: { readonly step: CardStep; readonly view: View }) {
  const bare = view.kind === "home" || view.kind === "off";
  return (
    <>
      <p className="mb-1 text-quiet">{say.itMustShowLine}</p>
      <p data-must-show className={MUST_SHOW}>
        {viewWords(view)}
      </p>
      {bare ? <p className="mt-2 text-[1.1rem]">{afterwards(step)}</p> : null}
    </>
  );
}
