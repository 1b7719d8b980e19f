"use client";
import { useMemo, useState } from "react";
import { FAULTS } from "@/catalog/faults";
import { CODE_WORDS } from "@/catalog/faults/codeWords";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { BENCH_KITS } from "@/catalog/rig/kits";
import { atHome } from "@/core/display";
import { signOfCode } from "@/core/faults/case";
import { checksFor, debriefOf, exerciseOf, minutesOf, shownBy, type Exercise } from "@/core/faults/practice";
import { codesOf, faultyLive } from "@/core/practice";
import { kitFor } from "@/core/rig";
import { Button, Pick, SignShape, useKeptState } from "@/ui/primitives";
import { causeName } from "@/words/faults/causes";
import { checkWords } from "@/words/faults/checks";
import { signTitle } from "@/words/faults/signs";
import * as say from "@/words/screens/practice/faultPractice";
import { benchRawsAsk } from "@/workers/keysClient";
import { Bench } from "../bench/Bench";
import { usePlan } from "../job/usePlan";

/** An exercise under way: its seed, the checks done, and what was named. */
interface Kept {
  readonly seed: number;
  readonly done: readonly string[];
  readonly named: string | null;
}

const FIRST: Kept = { seed: 1, done: [], named: null };

/** A bike with a fault put in, to be found with as few minutes as can be. */
export function FaultPractice() {
  const [kept, keep] = useKeptState("practice", JSON.stringify(FIRST));
  const now = JSON.parse(kept) as Kept;
  const exercise = useMemo(() => exerciseOf(FAULTS, SHIPPED_DISPLAYS, now.seed), [now.seed]);
  const put = (next: Kept) => keep(JSON.stringify(next));
  if (!exercise) return null;
  const anew = () => put({ ...FIRST, seed: now.seed + 1 });
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
      <div className="min-w-0">
        <section className="rounded-xl bg-sheet p-6 max-sm:p-4" aria-labelledby="exercise">
          <h2 id="exercise" className="text-[1.7rem] max-sm:text-[1.4rem]">
            {signTitle(exercise.sign)}
          </h2>
          <p className="text-quiet">{say.exercise(now.seed, exercise.bike.profile.name)}</p>
          <TheBike exercise={exercise} />
          {now.named === null ? (
            <Name exercise={exercise} onName={(named) => put({ ...now, named })} />
          ) : (
            <Debriefing exercise={exercise} done={now.done} named={now.named} onNext={anew} />
          )}
        </section>
      </div>
      <Shown exercise={exercise} done={now.done} />
      {now.named === null ? (
        <section aria-labelledby="checks" className="min-w-0">
          <h2 id="checks" className="text-[1.4rem]">
            {say.chooseACheck}
          </h2>
          <ul>
            {checksFor(FAULTS, exercise.sign)
              .filter(({ id }) => !now.done.includes(id))
              .map(({ id, minutes }) => (
                <li key={id} className="flex flex-wrap items-center justify-between gap-3 border-t border-rule py-2">
                  <span className="min-w-0">
                    {checkWords(id).title}
                    <span className="block text-[0.92rem] text-quiet">{say.minutes(minutes)}</span>
                  </span>
                  <Button
                    onClick={() => put({ ...now, done: [...now.done, id] })}
                    aria-label={say.doCheck(checkWords(id).title)}
                  >
                    {say.doIt}
                  </Button>
                </li>
              ))}
          </ul>
        </section>
      ) : null}
    </div>
  );
}

/** What the checks done have shown. */
function Shown({ exercise, done }: { readonly exercise: Exercise; readonly done: readonly string[] }) {
  return (
    <aside aria-labelledby="shown" className="min-w-0">
      <h2 id="shown" className="text-[1.4rem]">
        {say.whatYouSaw}
      </h2>
      <p aria-live="polite" className="text-quiet">
        {say.spent(minutesOf(FAULTS, done))}
      </p>
      <ol>
        {done.map((id) => {
          const isWrong = shownBy(exercise, id);
          return (
            <li key={id} className="border-t border-rule py-1.5">
              {checkWords(id).title}
              <span className="flex items-baseline gap-1.5">
                <SignShape sign={isWrong ? "caution" : "done"} size={10} />
                {isWrong ? say.somethingIsWrong : say.asItShouldBe}
              </span>
            </li>
          );
        })}
      </ol>
    </aside>
  );
}

/** Naming the cause ends the exercise. */
function Name({ exercise, onName }: { readonly exercise: Exercise; readonly onName: (cause: string) => void }) {
  const [cause, setCause] = useState("");
  const causes = Object.keys(FAULTS.signs.find(({ id }) => id === exercise.sign)?.causes ?? {});
  return (
    <div className="mt-4 flex flex-wrap items-end gap-3">
      <div className="min-w-0 flex-1">
        <Pick
          label={say.itIs}
          value={cause}
          options={[{ value: "", label: say.notYet }, ...causes.map((id) => ({ value: id, label: causeName(id) }))]}
          onPick={setCause}
        />
      </div>
      <Button weight="main" disabled={cause === ""} onClick={() => onName(cause)}>
        {say.sayIt}
      </Button>
    </div>
  );
}

/** What it was, and how the finder would have gone about it. */
function Debriefing({
  exercise,
  done,
  named,
  onNext,
}: {
  readonly exercise: Exercise;
  readonly done: readonly string[];
  readonly named: string;
  readonly onNext: () => void;
}) {
  const { isRight, minutes, finder } = debriefOf(FAULTS, exercise, done, named);
  return (
    <>
      <p className="mt-3 text-[1.3rem] font-semibold">{say.itWas(isRight, causeName(exercise.cause))}</p>
      <p>{say.compared(minutes, finder.minutes, finder.isRight)}</p>
      <ol className="mt-2">
        {finder.checks.map((id) => (
          <li key={id} className="border-t border-rule py-1.5">
            {say.finderStep(checkWords(id).title, shownBy(exercise, id))}
          </li>
        ))}
      </ol>
      <div className="mt-4">
        <Button weight="main" onClick={onNext}>
          {say.another}
        </Button>
      </div>
    </>
  );
}

/** The bike itself, to ride and to press: what it shows is what was brought. */
function TheBike({ exercise }: { readonly exercise: Exercise }) {
  const [isOpen, setOpen] = useState(false);
  const { profile } = exercise.bike;
  const kit = useMemo(() => kitFor(profile, BENCH_KITS, 0), [profile]);
  const ask = useMemo(() => (isOpen && kit ? benchRawsAsk(profile, kit, null) : null), [isOpen, kit, profile]);
  const { plan: right } = usePlan(ask);
  const set = useMemo(() => (kit && right ? faultyLive(FAULTS, exercise, kit, right) : null), [kit, right, exercise]);
  const codes = useMemo(() => codesOf(profile.faultCodes, (says) => signOfCode(CODE_WORDS, says)), [profile]);
  return (
    <details className="mt-3" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 py-2 underline">{say.theBike}</summary>
      {set ? <Bench bike={set.bike} start={atHome(profile, set.raws)} codes={codes} /> : null}
    </details>
  );
}
