"use client";
import Link from "next/link";
import type { Expectation, Verdict } from "@/core/proof";
import { withCheck, type CheckState } from "@/core/record";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { own } from "@/core/units/limits";
import { asAsked } from "@/core/units/quantity";
import { keepTyped } from "@/store";
import { Choice, FindingLine, KeptField, SignShape } from "@/ui/primitives";
import { CHECK_WORDS, fixed, unitName } from "@/words";
import type { StageProps } from "../job/stageProps";
import { CapRun } from "./CapRun";
import * as say from "@/words/screens/prove/checkCard";

/** The number to expect, in the unit the display shows. */
function expectedWords(expect: Expectation, unit: SpeedUnit): string | null {
  switch (expect.kind) {
    case "yes":
      return null;
    case "at-most": {
      const about = expect.expectedKmh === null ? "" : say.expectAbout(expect.expectedKmh, unit);
      return say.checkCardBelow(about, expect.strict, expect.atMostKmh, unit);
    }
    case "between": {
      const low = fixed(speedFromKmh(expect.lowKmh, unit));
      return say.expectToShown(low, speedFromKmh(expect.highKmh, unit), unit);
    }
  }
}

const VERDICTS: Readonly<Record<Verdict, { readonly sign: "done" | "breach" | null; readonly word: string }>> = {
  passed: { sign: "done", word: "passed" },
  failed: { sign: "breach", word: "failed" },
  due: { sign: null, word: "due" },
  "due-again": { sign: null, word: say.dueAgain },
  "not-a-number": { sign: null, word: "due" },
};

/** Fastest speed a field takes, in the unit asked. */
const FASTEST_KMH = 200;

/** One check: how it is done, what to expect, what came of it, and what next where it failed. */
export function CheckCard({ job, change, state }: Pick<StageProps, "job" | "change"> & { readonly state: CheckState }) {
  const { check, verdict, changed } = state;
  const { expect, unit, id } = check;
  const words = CHECK_WORDS[id];
  const result = own(job.checks, id);
  const { sign, word } = VERDICTS[verdict];
  // A number asked for in another unit says which, so that it does not change its meaning under the new one.
  const measured = result
    ? result.askedIn === unit
      ? result.measured
      : asAsked(result.measured, unitName(result.askedIn), null)
    : "";
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
        {words.how(unit)} {expectedWords(expect, unit)}
      </p>
      {verdict === "due-again" ? (
        <p className="mt-1 text-[0.95rem]">{say.itWasDoneBefore(changed.length, changed[0], changed.join(", "))}</p>
      ) : null}
      <div className="mt-2">
        {expect.kind === "yes" ? (
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
          <div className="max-w-56">
            <KeptField
              of={`${job.id} check ${id}`}
              label={say.checkCardMeasured(words.title)}
              hideLabel
              numeric
              unit={unitName(unit)}
              value={measured}
              onKeep={(typed) => keepTyped(job.id, { in: "check", name: id }, typed)}
              problem={verdict === "not-a-number" ? say.giveASpeedFrom(speedFromKmh(FASTEST_KMH, unit), unit) : null}
            />
          </div>
        )}
      </div>
      {id === "top-speed-run" ? <CapRun job={job} change={change} unit={unit} /> : null}
      {verdict === "failed" ? (
        <div className="mt-2">
          <FindingLine severity="breach">{words.next}</FindingLine>
          <Link href={`/faults?job=${job.id}&check=${id}`} className="mt-1 inline-block underline">
            {say.findTheCause}
          </Link>
        </div>
      ) : null}
    </li>
  );
}
