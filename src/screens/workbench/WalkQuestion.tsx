"use client";
import { Fragment, useEffect, useRef, useState } from "react";
import { namedKeys } from "@/core/display/draft";
import { EMPTY_DRAFT, readAnswer } from "@/core/display/walk/answering";
import { pressName } from "@/core/display/walk/model";
import type { Answer, Press, Question, WalkSetup } from "@/core/display/walk/questions";
import type { Walk } from "@/core/display/walk/walk";
import type { DisplayKey } from "@/core/display";
import { moment } from "../program/Countdown";
import { KeyCap } from "@/ui/keys/KeyCap";
import { Button } from "@/ui/primitives";
import { pressText, purposeText, questionText, seenText } from "@/words/walk";
import { WalkAnswer } from "./WalkAnswer";
import * as say from "@/words/screens/workbench/walkQuestion";

/** Two presses this close are one, ms. */
const DOUBLE_CLICK_MS = 250;

interface WalkQuestionProps {
  /** Which question this is: another is another. */
  readonly of: string;
  readonly setup: WalkSetup;
  readonly now: Walk;
  readonly onAnswer: (answer: Answer) => void;
}

/** One question: the gesture with its keys drawn, why it is asked, and the answer. */
export function WalkQuestion({ of, setup, now, onAnswer: answer }: WalkQuestionProps) {
  const { question, shown, wayBack } = now;
  const [other, setOther] = useState(false);
  const box = useRef<HTMLElement>(null);
  const asked = useRef(0);
  // The next press of Space or Enter answers; where something is to be typed, reading comes first.
  useEffect(() => {
    asked.current = moment();
    const first = box.current?.querySelector<HTMLElement>("[data-first] button") ?? box.current?.querySelector("h3");
    first?.focus({ preventScroll: true });
  }, []);
  // The second press of a double click is no answer to the question that came up under it.
  const onAnswer = (given: Answer) => {
    if (moment() - asked.current > DOUBLE_CLICK_MS) answer(given);
  };
  if (!question) return null;
  const caps = keysOf(setup);
  const nameOf = (id: string) => setup.keys.find((key) => key.id === id)?.name ?? id;
  const expected = "expect" in question ? question.expect : null;
  const asExpected: Answer | null =
    expected && question.ask === "press" && question.press.kind !== "hold"
      ? { is: "seen", seen: expected, afterMs: null }
      : question.ask === "look"
        ? { is: "seen", seen: question.expect, afterMs: null }
        : null;
  // Some are done and nothing is to be told of them.
  const done = question.ask === "until" || question.ask === "battery" || question.ask === "wait";
  const plain = done ? readAnswer(question, EMPTY_DRAFT, shown) : null;
  return (
    <section ref={box} aria-label={say.theQuestion} className="rounded-xl bg-sheet p-5">
      <div className="flex flex-wrap items-center gap-3">
        {keysAsked(question).map((id, i) => (
          <Fragment key={id}>
            {i > 0 ? <span className="font-head text-[2rem] font-light text-quiet">+</span> : null}
            {caps.has(id) ? <KeyCap displayKey={caps.get(id) as DisplayKey} size={84} /> : null}
          </Fragment>
        ))}
      </div>
      <h3 tabIndex={-1} className="mt-3 font-head text-[1.6rem] leading-tight font-bold">
        {questionText(question, nameOf)}
      </h3>
      <p className="mt-1 text-quiet">{purposeText(question)}</p>
      {wayBack.length > 0 ? <WayBack presses={wayBack} nameOf={nameOf} /> : null}
      <div className="mt-4" {...(plain || (asExpected && !other) ? { "data-first": true } : {})}>
        {plain?.ok ? (
          <Button weight="main" big onClick={() => onAnswer(plain.answer)}>
            {say.doneNext}
          </Button>
        ) : asExpected && !other ? (
          <div className="flex flex-wrap gap-3">
            <Button weight="main" big onClick={() => onAnswer(asExpected)}>
              {say.itShows(asExpected.is === "seen" ? seenText(asExpected.seen) : "")}
            </Button>
            <Button big onClick={() => setOther(true)}>
              {say.somethingElse}
            </Button>
          </div>
        ) : (
          <WalkAnswer of={of} question={question} shown={shown} onAnswer={onAnswer} />
        )}
      </div>
    </section>
  );
}

const keysOf = ({ keys }: WalkSetup): ReadonlyMap<string, DisplayKey> =>
  new Map(namedKeys(keys.map(({ name }) => name)).map((key, i) => [keys[i]?.id ?? key.id, key]));

const keysAsked = (question: Question): readonly string[] =>
  question.ask === "press" ? question.press.keys : "keys" in question ? question.keys : [];

/** The keys back to where the walk stands, for a menu that closed meanwhile. */
function WayBack({ presses, nameOf }: { readonly presses: readonly Press[]; readonly nameOf: (id: string) => string }) {
  const runs: { press: Press; count: number }[] = [];
  for (const press of presses) {
    const last = runs.at(-1);
    if (last && pressName(last.press) === pressName(press)) last.count += 1;
    else runs.push({ press, count: 1 });
  }
  return (
    <p className="mt-2 text-[0.95rem]">
      <span className="text-quiet">{say.ifItHasClosed} </span>
      {runs.map(({ press, count }, i) => (
        <Fragment key={i}>
          {i > 0 ? say.thenDo : ""}
          {pressText(press, nameOf)}
          {count > 1 ? ` ${say.times(count)}` : ""}
        </Fragment>
      ))}
    </p>
  );
}
