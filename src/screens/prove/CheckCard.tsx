"use client";
import type { Expectation, Verdict } from "@/core/proof";
import { withCheck, type CheckState } from "@/core/record";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { own } from "@/core/units/limits";
import { asAsked } from "@/core/units/quantity";
import { keepTyped } from "@/store";
import { Choice, FindingLine, KeptField, SignShape } from "@/ui/primitives";
import { CHECK_WORDS, fixed, plain, speed, unitName } from "@/words";
import type { StageProps } from "../job/stageProps";

/** The number to expect, in the unit the display shows. */
function expectedWords(expect: Expectation, unit: SpeedUnit): string | null {
  switch (expect.kind) {
    case "yes":
      return null;
    case "at-most": {
      const about = expect.expectedKmh === null ? "" : `Expect about ${speed(expect.expectedKmh, unit)}. `;
      return `${about}${expect.strict ? "Below" : "At most"} ${speed(expect.atMostKmh, unit, 2)}.`;
    }
    case "between": {
      const low = fixed(speedFromKmh(expect.lowKmh, unit));
      return `Expect ${low} to ${fixed(speedFromKmh(expect.highKmh, unit))} ${unitName(unit)} shown.`;
    }
  }
}

const VERDICTS: Readonly<Record<Verdict, { readonly sign: "done" | "breach" | null; readonly word: string }>> = {
  passed: { sign: "done", word: "passed" },
  failed: { sign: "breach", word: "failed" },
  due: { sign: null, word: "due" },
  "due-again": { sign: null, word: "due again" },
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
        <p className="mt-1 text-[0.95rem]">
          It was done before {changed.length === 1 ? `line ${changed[0]}` : `lines ${changed.join(", ")}`} changed. Do
          it again.
        </p>
      ) : null}
      <div className="mt-2">
        {expect.kind === "yes" ? (
          <Choice
            label={words.title}
            hideLabel
            value={verdict === "due-again" ? "" : (result?.answer ?? "")}
            options={[
              { value: "yes", label: "As it should" },
              { value: "no", label: "Not so" },
            ]}
            onChoose={(answer) => void change((now) => withCheck(now, id, { answer }))}
          />
        ) : (
          <div className="max-w-56">
            <KeptField
              of={`${job.id} check ${id}`}
              label={`${words.title}, measured`}
              hideLabel
              numeric
              unit={unitName(unit)}
              value={measured}
              onKeep={(typed) => keepTyped(job.id, { in: "check", name: id }, typed)}
              problem={
                verdict === "not-a-number"
                  ? `Give a speed from 0 to ${plain(speedFromKmh(FASTEST_KMH, unit), 0)} ${unitName(unit)}, or name another unit: ${unit === "mph" ? "km/h" : "mph"}, m/s.`
                  : null
              }
            />
          </div>
        )}
      </div>
      {verdict === "failed" ? (
        <div className="mt-2">
          <FindingLine severity="breach">{words.next}</FindingLine>
        </div>
      ) : null}
    </li>
  );
}
