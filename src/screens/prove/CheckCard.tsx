"use client";
import { levelsTold, readLevelSpeeds, TAKES_TWO, type DueCheck, type Verdict } from "@/core/proof";
import { withCheck, type CheckState } from "@/core/record";
import { own } from "@/core/units/limits";
import { asAsked } from "@/core/units/askedUnit";
import { keepTyped } from "@/store";
import { Choice, KeptField, SignShape } from "@/ui/primitives";
import { CHECK_WORDS, unitName } from "@/words";
import { secondsSaid } from "@/words/speak";
import type { ReactNode } from "react";
import type { StageProps } from "../job/stageProps";
import { CapRun } from "./CapRun";
import { accepted, askedUnit, expectedWords, isSpeed } from "./checkField";
import { Foretold } from "./Foretold";
import { KeepFigure } from "./KeepFigure";
import { TapTimer } from "./TapTimer";
import { later } from "@/ui/primitives/later";
import * as say from "@/words/screens/prove/checkCard";

/** Loaded where a check failed. */
const FailedCheck = later(() => import("./FailedCheck").then((module) => module.FailedCheck));

const VERDICTS: Readonly<Record<Verdict, { readonly sign: "done" | "breach" | null; readonly word: string }>> = {
  passed: { sign: "done", word: "passed" },
  failed: { sign: "breach", word: "failed" },
  due: { sign: null, word: "due" },
  "due-again": { sign: null, word: say.dueAgain },
  "not-a-number": { sign: null, word: "due" },
};

const NOTED = { sign: null, word: say.isKept } as const;

interface CheckCardProps extends Pick<StageProps, "job" | "change"> {
  readonly state: CheckState;
  /** Stands in place of its field while a hazard forbids it. */
  readonly blocked?: ReactNode;
}

/** One check: how it is done, what to expect, what came of it, and what next where it failed. */
export function CheckCard({ job, change, state, blocked }: CheckCardProps) {
  const { check, verdict, changed, changedFacts } = state;
  const { expect, unit, id } = check;
  const words = CHECK_WORDS[id];
  const result = own(job.checks, id);
  // Nothing was expected of it, so nothing has passed.
  const isNoted = expect.kind === "noted" && verdict === "passed";
  const { sign, word } = isNoted ? NOTED : VERDICTS[verdict];
  // A number asked for in another unit says which, so that it does not change its meaning under the new one.
  const measured = result
    ? result.askedIn === unit || !(isSpeed(check) || expect.kind === "level-speeds")
      ? result.measured
      : asAsked(result.measured, unitName(result.askedIn), null)
    : "";
  const isTimed = expect.kind === "seconds" || (expect.kind === "noted" && expect.in === "s");
  const keep = (typed: string) => keepTyped(job.id, { in: "check", name: id }, typed);
  return (
    <li className="border-b border-rule py-3">
      <div className="flex items-baseline justify-between gap-4">
        <h4 className="font-head text-[1.1rem] font-bold">{words.title}</h4>
        <span
          className={`inline-flex items-baseline gap-1.5 text-[0.9rem] whitespace-nowrap ${sign ? "" : "text-quiet"}`}
        >
          {sign ? <SignShape sign={sign} size={11} /> : null} {word}
        </span>
      </div>
      <p className="text-[0.95rem] text-quiet">
        {words.how(unit)} {expectedWords(expect, unit)} {TAKES_TWO.has(id) ? say.takesTwo : null}
      </p>
      {id === "brake-cut-off" && result?.answer === "no" ? (
        <WhichLever note={result.note} onSay={(note) => void change((now) => withCheck(now, id, { note }))} />
      ) : null}
      {id === "spin-speed" ? <Foretold job={job} unit={unit} where="spin" /> : null}
      {id === "level-speeds" ? <Foretold job={job} unit={unit} where="road" /> : null}
      {verdict === "due-again" ? (
        <p className="mt-1 text-[0.95rem]">{say.itWasDoneBefore(changed, changedFacts)}</p>
      ) : null}
      <div className="mt-2">
        {blocked ? (
          blocked
        ) : expect.kind === "yes" ? (
          <Choice
            label={words.title}
            hideLabel
            value={verdict === "due-again" ? "" : (result?.answer ?? "")}
            options={[
              { value: "yes", label: say.asItShould },
              { value: "no", label: say.notSo },
            ]}
            onChoose={(answer) => void change((now) => withCheck(now, id, { answer }))}
          />
        ) : (
          <div className="flex flex-wrap items-end gap-3">
            <div className={expect.kind === "level-speeds" ? "w-full max-w-80" : "w-56"}>
              <KeptField
                of={`${job.id} check ${id}`}
                label={say.checkCardMeasured(words.title)}
                hideLabel
                numeric
                unit={askedUnit(check)}
                value={measured}
                onKeep={keep}
                problem={verdict === "not-a-number" ? accepted(check) : null}
              />
            </div>
            {isTimed ? <TapTimer onTimed={(seconds) => keep(secondsSaid(seconds))} /> : null}
          </div>
        )}
      </div>
      {expect.kind === "level-speeds" && result ? <LevelsAlike check={check} measured={measured} /> : null}
      {id === "top-speed-run" ? <CapRun job={job} change={change} unit={unit} /> : null}
      {verdict === "passed" || verdict === "failed" ? <KeepFigure job={job} change={change} check={check} /> : null}
      {verdict === "failed" ? <FailedCheck job={job} change={change} check={check} /> : null}
    </li>
  );
}

/** Each lever has a cut-off of its own: which of them fails is where one looks. */
function WhichLever({ note, onSay }: { readonly note: string; readonly onSay: (note: string) => void }) {
  return (
    <div className="mt-2">
      <Choice
        label={say.whichLever}
        value={note}
        options={[
          { value: "left", label: say.LEVERS.left },
          { value: "right", label: say.LEVERS.right },
          { value: "both", label: say.LEVERS.both },
        ]}
        onChoose={onSay}
      />
    </div>
  );
}

/** Which levels of those measured are really one, or fall. */
function LevelsAlike({ check: { expect, unit }, measured }: { readonly check: DueCheck; readonly measured: string }) {
  const speeds = readLevelSpeeds(measured, unit);
  if (!speeds || expect.kind !== "level-speeds" || speeds.length !== expect.levels) return null;
  const { falls, twins } = levelsTold(speeds, expect.capKmh);
  return (
    <p className="mt-1 text-[0.95rem] font-semibold">
      {say.slower(falls)} {say.alike(twins)}
    </p>
  );
}
