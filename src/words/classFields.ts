/** One word for one thing: what a class is asked, field by field, and what is wrong with an answer. */
import {
  CLASS_MOTOR_W,
  CLASS_SPEED_KMH,
  type ChosenField,
  type ClassField,
  type ClassProblem,
} from "@/core/law/ownClass";
import { speedFromKmh } from "@/core/units";
import { plain, unitName } from "./speak";

interface FieldWords {
  readonly label: string;
  readonly hint?: string;
}

export const CLASS_FIELD_WORDS: Readonly<Record<ClassField, FieldWords>> = {
  name: { label: "Name of the class", hint: "As it stands on the label: Lake path." },
  where: { label: "Where it holds" },
  speedUnit: { label: "It speaks in" },
  assist: { label: "Assist must end at" },
  assistSpeed: { label: "Assist limit" },
  strict: { label: "Is the limit itself allowed?" },
  acceptedSpeed: {
    label: "A rounded reading some accept, in km/h",
    hint: "Leave it empty where the limit is read as written.",
  },
  throttle: { label: "The throttle" },
  throttleSpeed: { label: "Throttle limit" },
  throttleStrict: { label: "Is the throttle limit itself allowed?" },
  walk: { label: "The walking aid" },
  walkSpeed: { label: "Walking aid, at most" },
  motor: { label: "The motor" },
  motorW: { label: "Motor power" },
  motorStrictness: { label: "The text says" },
  motorBasis: { label: "The watts are" },
  road: { label: "Public roads" },
  source: { label: "Source", hint: "Which text says so: law, order, rule of the event, contract of the fleet." },
  knownOn: { label: "Known to stand on", hint: "The day you read it: 2026-11-26." },
  beyond: { label: "What it also asks, which no display can set", hint: "One a line. May stay empty." },
};

type Answers = {
  readonly [Field in ChosenField]: Readonly<Record<string, string>>;
};

/** The answers to choose between. */
export const CLASS_ANSWERS: Answers = {
  speedUnit: { kmh: "km/h", mph: "mph" },
  assist: { limit: "A speed", none: "No limit" },
  strict: { no: "Allowed: at most", yes: "Not allowed: below" },
  throttle: {
    none: "Not allowed",
    "only-while-pedalling": "Only while pedalling",
    "to-assist-limit": "To the assist limit",
    "to-limit": "To a limit of its own",
    "walking-pace": "At walking pace only",
    any: "No rule",
  },
  throttleStrict: { no: "Allowed: at most", yes: "Not allowed: below" },
  walk: { limit: "To a speed", none: "No rule" },
  motor: { limit: "Has a limit", none: "No rule" },
  motorStrictness: { "at-most": "At most", below: "Below", differs: "It differs" },
  motorBasis: { "continuous-rated": "Continuous rated", "not-stated": "Not said which" },
  road: { yes: "Yes", no: "No" },
};

/** What is wrong, and what would be accepted. */
export function classProblemText(field: ClassField, problem: ClassProblem): string {
  const { label } = CLASS_FIELD_WORDS[field];
  switch (problem.key) {
    case "class.missing":
      return `${label}: still to be said.`;
    case "class.not-a-speed": {
      const at = (kmh: number) => plain(speedFromKmh(kmh, problem.unit), 0);
      return (
        `${label}: give ${at(CLASS_SPEED_KMH.min)} to ${at(CLASS_SPEED_KMH.max)} ${unitName(problem.unit)}, or name ` +
        `another unit: ${problem.unit === "mph" ? "km/h" : "mph"}.`
      );
    }
    case "class.not-watts":
      return `${label}: give ${CLASS_MOTOR_W.min} to ${CLASS_MOTOR_W.max} W, or name another unit: kW.`;
    case "class.not-a-day":
      return `${label}: give a day as year-month-day, such as 2026-11-26.`;
    case "class.too-long":
      return `${label}: keep it to ${problem.longest} characters.`;
    case "class.no-assist-limit":
      return `${label}: there is no assist limit for it to end at. Choose another.`;
  }
}
