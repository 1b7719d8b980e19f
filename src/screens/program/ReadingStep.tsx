import { LineCode } from "@/ui/lcd/LineCode";
import type { ReactNode } from "react";
import { linesOf, type DisplayProfile, type MenuState } from "@/core/display";
import { SimulatedDisplay } from "@/ui/lcd/SimulatedDisplay";
import { Button } from "@/ui/primitives/Button";
import { lineName } from "@/words";
import * as say from "@/words/screens/program/readingStep";

interface ReadingStepProps {
  readonly profile: DisplayProfile;
  readonly line: number;
  /** Values it can show. */
  readonly choices: readonly { readonly raw: number; readonly shows: string }[];
  readonly suggested: number | undefined;
  /** It was known, and a slip may have changed it. */
  readonly doubtful: boolean;
  /** The value a press takes now; null where that is the suggested one, unmarked. */
  readonly offeredRaw: number | null;
  readonly left: number;
  readonly state: MenuState;
  readonly onRead: (raw: number) => void;
  readonly clock: ReactNode;
  /** What reads it aloud. */
  readonly said: ReactNode;
  /** What else can be done. */
  readonly below: ReactNode;
}

/** A value it may show, as a key. */
const VALUE = [
  "min-h-13 min-w-14 rounded-md border-2 border-rule bg-sheet px-3",
  "font-head text-lg font-bold hover:border-quiet",
].join(" ");

/** The card's stop at a line nobody has read: what it shows is written down before anything is changed. */
export function ReadingStep(props: ReadingStepProps) {
  const { profile, line, choices, suggested, doubtful, offeredRaw, left, state, onRead, clock, said, below } = props;
  const described = linesOf(profile)[line];
  if (!described) return null;
  const first = choices.find((choice) => choice.raw === suggested);
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_330px]">
      <section aria-label={say.keyCard} className="min-w-0">
        <p className="mb-4 text-quiet">{doubtful ? say.lineToLookAt(left) : say.lineNobodyHasRead(left)}</p>
        <div className="mb-6 flex flex-wrap items-end gap-x-8 gap-y-3">
          <div>
            <p className="mb-2 text-quiet">{say.lineOnTheDisplay}</p>
            <LineCode code={described.code} glass={profile.glass} />
          </div>
          <div className="border-l-2 border-rule pl-7">
            <p className="text-[1.1rem]">{lineName(described)}</p>
            <h2 className="text-[2.2rem]">{doubtful ? say.slipMayHaveChanged : say.nobodyHasReadThis}</h2>
          </div>
        </div>
        {first ? (
          <Button
            weight="main"
            big
            shortcut={say.space}
            className="min-h-[4.4rem]"
            data-offered={offeredRaw === first.raw || undefined}
            onClick={() => onRead(first.raw)}
          >
            {doubtful ? say.itShows(first.shows) : say.itShowsAsThe(first.shows)}
          </Button>
        ) : null}
        <div
          className="-mx-2 mt-2.5 flex max-h-64 flex-wrap gap-2 overflow-y-auto p-2"
          role="group"
          aria-label={say.valueItShows}
          tabIndex={0}
        >
          {choices
            .filter((choice) => choice.raw !== suggested)
            .map(({ raw, shows }) => (
              <button
                key={raw}
                type="button"
                onClick={() => onRead(raw)}
                data-offered={raw === offeredRaw || undefined}
                className={VALUE}
              >
                {shows}
              </button>
            ))}
        </div>
        <p className="mt-3 text-quiet">{say.nextValueBy}</p>
        <div className="mt-6">{clock}</div>
        {said}
      </section>
      <aside aria-label={say.simulatedDisplay} className="min-w-0">
        <p className="mb-2 text-[0.95rem] text-quiet">{say.theSameLineOn(profile.name)}</p>
        <SimulatedDisplay profile={profile} state={state} />
        <div className="mt-4 border-t border-rule pt-4">{below}</div>
      </aside>
    </div>
  );
}
