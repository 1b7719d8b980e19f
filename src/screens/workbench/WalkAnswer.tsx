"use client";
import { useState, type ReactNode } from "react";
import { EMPTY_DRAFT, readAnswer, type Draft, type Missing, type What } from "@/core/display/walk/answering";
import type { Answer, EntryMeaning, Question, Seen } from "@/core/display/walk/questions";
import { Button, Choice, KeptField } from "@/ui/primitives";
import { MISSING_WORDS, WHAT_WORDS } from "@/words/walk";
import { WalkTimer } from "./WalkTimer";
import * as say from "@/words/screens/workbench/walkAnswer";

interface WalkAnswerProps {
  readonly of: string;
  readonly question: Question;
  /** What it showed before. */
  readonly shown: Seen;
  readonly onAnswer: (answer: Answer) => void;
}

const WHATS: readonly What[] = ["same", "line", "entry", "home", "off", "question", "digits", "moves", "monitor"];

/** The likeliest draft to begin with: the line it showed before. */
const begun = (question: Question, shown: Seen): Draft =>
  (question.ask === "press" || question.ask === "look") && shown.kind === "line"
    ? { ...EMPTY_DRAFT, code: shown.code }
    : EMPTY_DRAFT;

/** What the display now shows, typed; Enter goes on. */
export function WalkAnswer(props: WalkAnswerProps) {
  const { question, shown, onAnswer } = props;
  const [draft, setDraft] = useState<Draft>(() => begun(question, shown));
  const [lacking, setLacking] = useState<Missing | null>(null);
  const set = (edit: Partial<Draft>) => {
    setDraft((now) => ({ ...now, ...edit }));
    setLacking(null);
  };
  const send = (edit: Partial<Draft> = {}) => {
    const reading = readAnswer(question, { ...draft, ...edit }, shown);
    if (reading.ok) onAnswer(reading.answer);
    else setLacking(reading.missing);
  };
  if (question.ask === "entry") return <EntryAnswer onAnswer={onAnswer} />;
  return (
    <div className="flex max-w-2xl flex-col gap-4">
      <Fields {...props} draft={draft} set={set} send={send} />
      {lacking ? (
        <p role="alert" className="text-breach">
          <span aria-hidden="true">▲ </span>
          {MISSING_WORDS[lacking]}
        </p>
      ) : null}
      <div className="flex flex-wrap gap-3">
        <Button weight="main" big onClick={() => send()}>
          {say.next}
        </Button>
        <Button
          weight="quiet"
          big
          onClick={() => onAnswer(question.ask === "access-code" ? { is: "code", code: null } : { is: "unknown" })}
        >
          {question.ask === "access-code" ? say.notKnown : say.unknownAnswer}
        </Button>
      </div>
    </div>
  );
}

interface FieldsProps extends WalkAnswerProps {
  readonly draft: Draft;
  readonly set: (edit: Partial<Draft>) => void;
  readonly send: (edit?: Partial<Draft>) => void;
}

function Fields({ of, question, draft, set, send }: FieldsProps) {
  const typed = (field: "code" | "shows" | "values" | "then", label: string, hint?: string): ReactNode => (
    <div className="min-w-32 flex-1">
      <KeptField
        of={`${of} ${field}`}
        label={label}
        hint={hint}
        longest={field === "values" ? 1000 : 40}
        value={draft[field]}
        onKeep={(text) => set({ [field]: text })}
        onEnter={(text) => send({ [field]: text })}
        inputClass="text-[1.3rem] font-bold"
      />
    </div>
  );
  switch (question.ask) {
    case "run":
      return <Row>{[typed("shows", say.lastValue), typed("then", say.thenItShowed, say.emptyIfItStopped)]}</Row>;
    case "through":
      return (
        <>
          {typed("values", say.allValues)}
          <Choice
            label={say.howItEnds}
            value={draft.what === "same" ? "stops" : "round"}
            options={[
              { value: "round", label: say.comesRound },
              { value: "stops", label: say.stopsThere },
            ]}
            onChoose={(end) => set({ what: end === "stops" ? "same" : "" })}
          />
        </>
      );
    case "access-code":
      return typed("shows", say.theCode);
    case "closes":
      return <WalkTimer of={of} label={say.closedAfter} value={draft.seconds} onKeep={(seconds) => set({ seconds })} />;
    default:
      return <Look of={of} question={question} draft={draft} set={set} send={send} typed={typed} />;
  }
}

const Row = ({ children }: { readonly children: readonly ReactNode[] }) => (
  <div className="flex flex-wrap items-end gap-3">
    {children.map((child, i) => (
      <div key={i} className="flex min-w-32 flex-1">
        {child}
      </div>
    ))}
  </div>
);

type LookProps = Pick<FieldsProps, "of" | "question" | "draft" | "set" | "send"> & {
  readonly typed: (field: "code" | "shows", label: string) => ReactNode;
};

function Look({ of, question, draft, set, typed }: LookProps) {
  const { what } = draft;
  const isHeld = question.ask === "press" && question.press.kind === "hold" && what !== "" && what !== "same";
  return (
    <>
      <Choice
        label={say.whatNow}
        value={what}
        options={WHATS.map((each) => ({ value: each, label: WHAT_WORDS[each] }))}
        onChoose={(chosen) => set({ what: chosen as What })}
      />
      {what === "line" ? (
        <>
          <Row>{[typed("code", say.lineCode), typed("shows", say.itsValue)]}</Row>
          <label className="flex min-h-11 items-center gap-2">
            <input type="checkbox" checked={draft.blinks} onChange={(event) => set({ blinks: event.target.checked })} />
            {say.blinks}
          </label>
        </>
      ) : null}
      {what === "entry" ? typed("code", say.word) : null}
      {what === "digits" ? <Row>{[typed("shows", say.digitsShown), typed("code", say.digitInHand)]}</Row> : null}
      {what === "question" ? typed("shows", say.whatItAsks) : null}
      {isHeld ? (
        <WalkTimer of={of} label={say.heldFor} value={draft.seconds} onKeep={(seconds) => set({ seconds })} />
      ) : null}
    </>
  );
}

const MEANINGS: readonly { readonly label: string; readonly entry: EntryMeaning }[] = [
  { label: say.group, entry: { kind: "page" } },
  { label: say.wayOut, entry: { kind: "exit" } },
  { label: say.restores, entry: { kind: "action", action: "restore" } },
  { label: say.clearsTrip, entry: { kind: "action", action: "clear-trip" } },
  { label: say.clearsOdometer, entry: { kind: "action", action: "clear-odometer" } },
  { label: say.setsPin, entry: { kind: "action", action: "set-pin" } },
  { label: say.copies, entry: { kind: "action", action: "copy-settings" } },
  { label: say.meaningNotKnown, entry: { kind: "unknown" } },
];

/** What a word without a value is, going by its name. */
const EntryAnswer = ({ onAnswer }: Pick<WalkAnswerProps, "onAnswer">) => (
  <div role="group" aria-label={say.whatItIs} className="flex flex-wrap gap-2.5">
    {MEANINGS.map(({ label, entry }) => (
      <Button key={label} big onClick={() => onAnswer({ is: "entry", entry })}>
        {label}
      </Button>
    ))}
  </div>
);
