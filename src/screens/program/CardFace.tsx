import { later } from "@/ui/primitives/later";
import type { ReactNode } from "react";
import type { DisplayProfile } from "@/core/display";
import type { CardStep } from "@/core/keys";
import type { KeyWork } from "@/core/record";
import { KeyCardStep } from "./KeyCardStep";
import type { NoticeOf } from "./Notice";
import { stepName } from "./stepWords";
import type { Count } from "./count";
import * as say from "@/words/screens/program/cardFace";

/** Steps whose chord can be missed, or come when the menu has closed. */
const CHORDS: ReadonlySet<CardStep["kind"]> = new Set(["open", "go", "save", "leave"]);

/** Loaded where a chord can be missed. */
const NearMisses = later(() => import("./NearMisses").then((module) => module.NearMisses));

/** Loaded when something went off the plan. */
const Notice = later(() => import("./Notice").then((module) => module.Notice));

interface CardFaceProps {
  readonly profile: DisplayProfile;
  /** Whose card it is and whose keys are meant, in a few words. */
  readonly title: string;
  readonly step: CardStep;
  readonly work: KeyWork;
  /** The keys are still those of where it stood before: new ones are being worked out. */
  readonly stale: boolean;
  readonly total: number;
  readonly unread: readonly number[];
  readonly notice: NoticeOf | null;
  /** Where the keys are counted along; null where they are not. */
  readonly count?: Count | null;
  /** What reads it aloud and counts it. */
  readonly said?: ReactNode;
  readonly clock: ReactNode;
  /** What the hands do: buttons, or a word about the simulated display. */
  readonly hands: ReactNode;
  readonly display: {
    readonly words: string;
    /** The display, with the keys to press next lit. */
    readonly draw: (lit: readonly string[]) => ReactNode;
  };
  /** What stands below the simulated display. */
  readonly below: ReactNode;
}

/**
 * The face of the key card: one line or chord at a time, readable from a metre, with the simulated display beside it.
 */
export function CardFace(props: CardFaceProps) {
  const { profile, title, step, work, stale, total, unread, notice, count = null, said = null } = props;
  const { clock, hands, display, below } = props;
  const at = total - work.steps.length;
  const next = work.steps.slice(1, 4);
  const stroke = step.runs[0]?.stroke;
  const lit = stroke && !stale && "keys" in stroke ? stroke.keys : [];
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_330px]">
      <section aria-label={say.keyCard} className="min-w-0 max-sm:flex max-sm:min-h-dvh max-sm:flex-col">
        <div className="mb-3 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
          <h3 className="min-w-0 text-[1.15rem] font-semibold break-words">{say.stepOf(title, at, total)}</h3>
          <p className="text-quiet">
            {step.kind === "open" || step.kind === "save" ? say.wheelClearOfThe : say.wheelClearOfTheFloor}
          </p>
        </div>
        {notice ? <Notice notice={notice} /> : null}
        {stale ? (
          <p role="status" className="min-h-48 font-head text-[1.7rem] text-quiet">
            {say.workingOutTheKeys}
          </p>
        ) : (
          <>
            <KeyCardStep profile={profile} step={step} unread={unread} count={count} />
            {CHORDS.has(step.kind) ? <NearMisses profile={profile} step={step} /> : null}
          </>
        )}
        <div className="mt-4 min-h-13">{clock}</div>
        {said}
        {hands}
        <ol aria-hidden="true" className="mt-6 flex gap-1.5">
          {Array.from({ length: total }, (_, i) => (
            <li
              key={i}
              className={`h-1.5 flex-1 rounded-full ${i < at ? "bg-spoke" : i === at ? "bg-action" : "bg-rule"}`}
            />
          ))}
        </ol>
      </section>

      <aside aria-label={say.simulatedDisplay} className="min-w-0 lg:border-l lg:border-rule lg:pl-7">
        <p className="mb-2 text-[0.95rem] text-quiet">{display.words}</p>
        <div className="max-lg:mx-auto max-lg:max-w-[340px]">{display.draw(lit)}</div>
        {next.length > 0 ? (
          <p className="mt-3">
            <span className="text-quiet">{say.next}</span>
            {next.map((each, i) => (
              <span key={i}>
                {i > 0 ? <span className="text-quiet">{say.then}</span> : null}
                <strong>{stepName(profile, each)}</strong>
              </span>
            ))}
            .
          </p>
        ) : null}
        <p className="mt-1 text-quiet">{say.leftInAll(work.personMs)}</p>
        <div className="mt-4 flex flex-col gap-3 border-t border-rule pt-4">{below}</div>
      </aside>
    </div>
  );
}
