"use client";
import {
  CLASS_CHOICES,
  fieldsAsked,
  LONGEST_CLASS_TEXT,
  readClass,
  type ChosenField,
  type ClassField,
  type ClassProblem,
} from "@/core/law/ownClass";
import { type OwnClass } from "@/store";
import { typeClass } from "@/store/classes";
import { Choice, KeptField } from "@/ui/primitives";
import { unitName } from "@/words";
import { CLASS_ANSWERS, CLASS_FIELD_WORDS, classProblemText } from "@/words/classFields";
import * as say from "@/words/screens/classes/classForm";

const isChosen = (field: ClassField): field is ChosenField => Object.hasOwn(CLASS_CHOICES, field);

const LONG: ReadonlySet<ClassField> = new Set<ClassField>(["source", "beyond"]);
const SPEEDS: ReadonlySet<ClassField> = new Set<ClassField>(["assistSpeed", "throttleSpeed", "walkSpeed"]);

/** One class as it is described: what is typed is kept at once; it is offered once nothing is missing. */
export function ClassForm({ own, name }: { readonly own: OwnClass; readonly name: string }) {
  const reading = readClass(own.id, own.typed);
  const problems = reading.ok ? {} : reading.problems;
  const asked = fieldsAsked(own.typed);
  const missing = asked.filter((field) => problems[field]?.key === "class.missing");
  return (
    <section aria-label={say.formOf(name)} className="mt-3 grid gap-4 border-l-4 border-rule pl-4">
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        {asked.map((field) => (
          <div key={field} className={LONG.has(field) || field === "throttle" ? "sm:col-span-2" : ""}>
            <OneField own={own} field={field} problem={problems[field] ?? null} />
          </div>
        ))}
      </div>
      {missing.length > 0 ? (
        <p role="status" className="text-[0.95rem]">
          {say.stillToBeSaid(missing.map((field) => CLASS_FIELD_WORDS[field].label))}
        </p>
      ) : null}
      <p className="text-[0.9rem] text-quiet">{say.notTheLaw}</p>
    </section>
  );
}

interface OneFieldProps {
  readonly own: OwnClass;
  readonly field: ClassField;
  readonly problem: ClassProblem | null;
}

function OneField({ own, field, problem }: OneFieldProps) {
  const { label, hint } = CLASS_FIELD_WORDS[field];
  const keep = (typed: string) => void typeClass(own.id, field, typed).catch(() => null);
  const wrong = problem && problem.key !== "class.missing" ? classProblemText(field, problem) : null;
  if (isChosen(field))
    return (
      <>
        <Choice
          label={label}
          value={own.typed[field] ?? ""}
          options={CLASS_CHOICES[field].map((value) => ({ value, label: CLASS_ANSWERS[field][value] ?? value }))}
          onChoose={keep}
        />
        {wrong ? <p className="text-[0.9rem] text-breach">{wrong}</p> : null}
      </>
    );
  return (
    <KeptField
      of={`${own.id} ${field}`}
      label={label}
      value={own.typed[field] ?? ""}
      onKeep={keep}
      numeric={SPEEDS.has(field) || field === "motorW" || field === "acceptedSpeed"}
      long={LONG.has(field)}
      unit={
        SPEEDS.has(field)
          ? unitName(own.typed.speedUnit === "mph" ? "mph" : "kmh")
          : field === "motorW"
            ? say.watts
            : null
      }
      problem={wrong}
      {...(hint ? { hint } : {})}
      {...(LONGEST_CLASS_TEXT[field] ? { longest: LONGEST_CLASS_TEXT[field] } : {})}
    />
  );
}
