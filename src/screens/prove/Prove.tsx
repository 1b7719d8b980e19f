"use client";
import Link from "next/link";
import { linesOf, shows, type DisplayProfile } from "@/core/display";
import type { DueCheck, Verdict } from "@/core/proof";
import { withEvent, type Program } from "@/core/record";
import { Button, buttonClass, Caution, Choice, KeptField, SignShape } from "@/ui/primitives";
import { CHECK_WORDS, count, lineName, shownProblemText, speed, plain } from "@/ui/wording";
import { NoDisplay } from "../job/NoDisplay";
import type { StageProps } from "../job/JobScreen";
import { voiceOf } from "../job/voice";
import { ReadOutChart } from "./ReadOutChart";

/** Prove: what the display shows after the power cycle, and what the bike really does. */
export function Prove(props: StageProps) {
  const { job } = props;
  if (!job.profile) return <NoDisplay job={job} />;
  if (!job.program?.done)
    return (
      <div className="max-w-xl rounded-xl bg-sheet p-6">
        <p className="text-xl font-semibold">Nothing to prove yet.</p>
        <p className="mt-1 mb-4 text-quiet">The values are not saved and in force. Program the display first.</p>
        <Link href={`/job/${job.id}/program`} className={buttonClass("main")}>
          Go to the keys
        </Link>
      </div>
    );
  return <Proof {...props} profile={job.profile} program={job.program} />;
}

function Proof({
  job,
  workings,
  change,
  profile,
  program,
}: StageProps & { readonly profile: DisplayProfile; readonly program: Program }) {
  const { readBack, checks } = workings;
  const lines = linesOf(profile);
  const due = readBack.filter((verdict) => verdict.kind !== "as-planned").length;
  const wrong = readBack.filter((verdict) => verdict.kind === "differs").length;
  const checksLeft = checks.filter(({ verdict }) => verdict !== "passed").length;
  const keep = (code: string) => (typed: string) =>
    change((now) => ({ ...now, readBack: { ...now.readBack, [code]: typed } }));
  const focusNext = (index: number) => {
    for (let i = index + 1; i < lines.length; i++) {
      const input = document.querySelector<HTMLInputElement>(`[data-readback="${i}"] input`);
      if (input) return input.focus();
    }
  };

  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
      <section aria-labelledby="read-back" className="min-w-0">
        <h2 id="read-back" className="text-[1.5rem]">
          Read back
        </h2>
        <p className="mb-3 text-quiet">
          Open the menu once more and type what each line shows. Enter on an empty field: it shows what was planned.{" "}
          {due === 0 ? "All as planned." : `${count(due, "line")} to go.`}
        </p>
        {wrong > 0 ? (
          <div className="mb-3 flex flex-wrap items-center gap-3 rounded-md bg-breach-tint px-3 py-2">
            <SignShape sign="breach" />
            <span>
              {count(wrong, "line")} not as planned. Set {wrong === 1 ? "it" : "them"} again before the bike leaves.
            </span>
            <Button
              onClick={() =>
                change((now) => {
                  if (!now.program) return now;
                  const shown = now.program.state.saved.map((raw, i) => {
                    const verdict = readBack[i];
                    return verdict?.kind === "differs" ? verdict.raw : raw;
                  });
                  const state = { ...now.program.state, saved: shown, pending: shown, inForce: shown };
                  return withEvent(
                    { ...now, readBack: {}, program: { ...now.program, state, done: false } },
                    new Date().toISOString(),
                    "read-back",
                    `${wrong} not as planned`,
                  );
                })
              }
            >
              Plan the keys again
            </Button>
          </div>
        ) : null}
        <ol className="border-t border-rule">
          {lines.map((line, i) => {
            const verdict = readBack[i];
            const target = program.targets[i] ?? line.factoryRaw;
            if (line.encoding.kind === "read-only") return null;
            return (
              <li key={line.code} data-readback={i} className="flex items-start gap-3 border-b border-rule py-1">
                <span className="w-9 pt-2.5 font-bold">{line.code}</span>
                <span className="flex-1 pt-2.5">
                  {lineName(line)}
                  <span className="block text-[0.82rem] text-quiet">planned {shows(line.encoding, target)}</span>
                </span>
                <div className="w-28">
                  <KeptField
                    label={`Line ${line.code} shows`}
                    hideLabel
                    numeric
                    value={job.readBack[line.code] ?? ""}
                    onKeep={keep(line.code)}
                    onEnter={() => {
                      if ((job.readBack[line.code] ?? "").trim() === "") keep(line.code)(shows(line.encoding, target));
                      focusNext(i);
                    }}
                    problem={verdict?.kind === "unreadable" ? shownProblemText(verdict.problem) : null}
                    inputClass="font-bold"
                  />
                </div>
                <span className="w-28 pt-2.5 text-[0.9rem]">
                  {verdict?.kind === "as-planned" ? (
                    <span className="inline-flex items-baseline gap-1.5">
                      <SignShape sign="done" size={11} /> as planned
                    </span>
                  ) : verdict?.kind === "differs" ? (
                    <span className="inline-flex items-baseline gap-1.5">
                      <SignShape sign="breach" size={11} /> differs
                    </span>
                  ) : (
                    <span className="text-quiet">due</span>
                  )}
                </span>
              </li>
            );
          })}
        </ol>
      </section>

      <section aria-labelledby="checks" className="min-w-0">
        <h2 id="checks" className="text-[1.5rem]">
          Checks
        </h2>
        <p className="mb-3 text-quiet">
          {checksLeft === 0 ? "All passed." : `${count(checksLeft, "check")} due, in this order.`} Throttle and power
          bars on the display mean nothing with the wheel in the air.
        </p>
        <Caution>
          Stand clear of the wheel. Brake cut-off is proven before anything else, and before the bike leaves.
        </Caution>
        <ol className="mt-3">
          {checks.map(({ check, verdict }) => (
            <Check key={check.id} check={check} verdict={verdict} job={job} workings={workings} change={change} />
          ))}
        </ol>
        <ReadOutChart profile={profile} program={program} workings={workings} />
        <Link
          href={`/job/${job.id}/hand-over`}
          className={`${buttonClass(due === 0 && checksLeft === 0 ? "main" : "plain", true)} mt-6`}
        >
          Hand it over <kbd className="code text-base opacity-80">6</kbd>
        </Link>
      </section>
    </div>
  );
}

function Check({
  check,
  verdict,
  job,
  workings,
  change,
}: Pick<StageProps, "job" | "workings" | "change"> & { readonly check: DueCheck; readonly verdict: Verdict }) {
  const words = CHECK_WORDS[check.id];
  const result = job.checks[check.id] ?? { answer: "", measured: "", note: "" };
  const set = (edit: Partial<typeof result>) =>
    change((now) => ({
      ...now,
      checks: {
        ...now.checks,
        [check.id]: { ...(now.checks[check.id] ?? { answer: "", measured: "", note: "" }), ...edit },
      },
    }));
  const { unit } = voiceOf(workings);
  const { expect } = check;
  const expected =
    expect.kind === "at-most"
      ? `${expect.expectedKmh === null ? "" : `Expect about ${plain(expect.expectedKmh)} km/h${unit === "mph" ? ` (${speed(expect.expectedKmh, "mph")})` : ""}. `}${expect.strict ? "Below" : "At most"} ${plain(expect.atMostKmh, 2)} km/h.`
      : expect.kind === "between"
        ? `Expect ${plain(expect.lowKmh)} to ${plain(expect.highKmh)} km/h shown.`
        : null;
  return (
    <li className="border-b border-rule py-3">
      <div className="flex items-baseline justify-between gap-4">
        <h3 className="text-[1.1rem]">{words.title}</h3>
        <span className="text-[0.9rem] whitespace-nowrap">
          {verdict === "passed" ? (
            <span className="inline-flex items-baseline gap-1.5">
              <SignShape sign="done" size={11} /> passed
            </span>
          ) : verdict === "failed" ? (
            <span className="inline-flex items-baseline gap-1.5">
              <SignShape sign="breach" size={11} /> failed
            </span>
          ) : (
            <span className="text-quiet">due</span>
          )}
        </span>
      </div>
      <p className="text-[0.95rem] text-quiet">
        {words.how} {expected}
      </p>
      <div className="mt-2">
        {expect.kind === "yes" ? (
          <Choice
            label={words.title}
            hideLabel
            value={result.answer}
            options={[
              { value: "yes", label: "As it should" },
              { value: "no", label: "Not so" },
            ]}
            onChoose={(answer) => set({ answer: answer === "yes" ? "yes" : "no" })}
          />
        ) : (
          <div className="max-w-48">
            <KeptField
              label={`${words.title}, measured`}
              hideLabel
              numeric
              unit="km/h"
              value={result.measured}
              onKeep={(measured) => set({ measured })}
              problem={
                verdict === "not-a-number" ? "Give a speed from 0 to 200 km/h, or name another unit: mph, m/s." : null
              }
            />
          </div>
        )}
      </div>
    </li>
  );
}
