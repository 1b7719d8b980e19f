"use client";
import { useMemo, useRef, useState } from "react";
import { classById } from "@/catalog/classes/classes";
import { BENCH_CLASSES, BENCH_KITS } from "@/catalog/rig/kits";
import type { DisplayProfile, MenuState } from "@/core/display";
import { isSetRight, pressesAfter, type Ended, type ExerciseKind, type KeyExercise } from "@/core/practice";
import { Button, useKeptState } from "@/ui/primitives";
import * as say from "@/words/screens/practice/keyPractice";
import { exerciseAsk } from "@/workers/keysClient";
import { Bench } from "../bench/Bench";
import { usePlan } from "../job/usePlan";
import { KeyDebrief } from "./KeyDebrief";
import { KeyTask } from "./KeyTask";

interface KeyPracticeProps {
  readonly kind: ExerciseKind;
  readonly profile: DisplayProfile;
}

/** Exercises with keys, one after another, on a bike behind a display. */
export function KeyPractice({ kind, profile }: KeyPracticeProps) {
  const [kept, keep] = useKeptState(`practice-seed-${kind}`, "1");
  const [round, setRound] = useState(0);
  const seed = Math.max(1, Math.trunc(Number(kept)) || 1);
  const ask = useMemo(() => {
    const classes = BENCH_CLASSES.flatMap((id) => classById(id) ?? []);
    return exerciseAsk(kind, seed, profile, BENCH_KITS, classes);
  }, [kind, seed, profile]);
  const { plan: exercise, waiting } = usePlan(ask);
  if (waiting) return <p className="text-quiet">{say.making}</p>;
  if (!exercise) return <p>{say.tooLittle}</p>;
  return (
    <OneExercise
      key={`${seed} ${round}`}
      exercise={exercise}
      onAgain={() => setRound(round + 1)}
      onNext={() => keep(String(seed + 1))}
    />
  );
}

function OneExercise({
  exercise,
  onAgain,
  onNext,
}: {
  readonly exercise: KeyExercise;
  readonly onAgain: () => void;
  readonly onNext: () => void;
}) {
  const [presses, setPresses] = useState(0);
  const [ended, setEnded] = useState<Ended | null>(null);
  const counted = useRef(0);
  const isOver = useRef(false);
  const end = (how: Ended) => {
    isOver.current = true;
    setEnded(how);
  };
  const onMenu = (menu: MenuState, before: MenuState, keys: readonly string[] | null) => {
    if (isOver.current) return;
    if (keys !== null) setPresses((counted.current = pressesAfter(counted.current, before, keys)));
    if (exercise.kind !== "which-line-lies" && counted.current > 0 && isSetRight(exercise, menu))
      end({ kind: "set-right" });
  };
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,2.2fr)_minmax(0,1.3fr)]">
      <Bench bike={exercise.bike} start={exercise.start} onMenu={onMenu} />
      <section
        aria-label={say.task}
        className="min-w-0 self-start rounded-xl bg-sheet p-5 max-lg:order-first max-sm:p-4"
      >
        <h2 className="text-[1.5rem]">{say.exercise(exercise.seed)}</h2>
        <p className="text-quiet">{say.onThe(exercise.bike.bike.nickname, exercise.rule?.name ?? say.noClass)}</p>
        {ended === null ? (
          <>
            <KeyTask exercise={exercise} onName={(named) => end({ kind: "named", named })} />
            <p aria-live="polite" className="mt-4 text-quiet">
              {say.presses(presses)}
            </p>
            <Button weight="quiet" onClick={() => end({ kind: "given-up" })}>
              {say.showMe}
            </Button>
          </>
        ) : (
          <KeyDebrief exercise={exercise} ended={ended} presses={presses} />
        )}
        <div className="mt-4 flex flex-wrap gap-3">
          <Button onClick={onAgain}>{say.again}</Button>
          <Button weight={ended === null ? "plain" : "main"} onClick={onNext}>
            {say.another}
          </Button>
        </div>
      </section>
    </div>
  );
}
