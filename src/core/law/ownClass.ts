/**
 * A class of the shop's own: a city's, an event's, a fleet's, or a shipped one amended. It is kept as typed, field by
 * field, and is a class only once every field is answered: what a class does not ask for is said, never left empty.
 */
import { kmhToMph, speedToKmh, type SpeedUnit } from "../units";
import { readQuantity } from "../units/quantity";
import type { ClassRule } from "./classRule";

/** Every field of a class, in the order they are asked for. */
export const CLASS_FIELDS = [
  "name",
  "where",
  "speedUnit",
  "assist",
  "assistSpeed",
  "strict",
  "acceptedSpeed",
  "throttle",
  "throttleSpeed",
  "throttleStrict",
  "walk",
  "walkSpeed",
  "motor",
  "motorW",
  "motorStrictness",
  "motorBasis",
  "road",
  "source",
  "knownOn",
  "beyond",
] as const;
export type ClassField = (typeof CLASS_FIELDS)[number];

/** A class as typed; a field nobody has touched is missing. */
export type TypedClass = Readonly<Partial<Record<ClassField, string>>>;

/** The answers of a field that is chosen, not typed. */
export const CLASS_CHOICES = {
  speedUnit: ["kmh", "mph"],
  assist: ["limit", "none"],
  strict: ["no", "yes"],
  throttleStrict: ["no", "yes"],
  throttle: ["none", "only-while-pedalling", "to-assist-limit", "to-limit", "walking-pace", "any"],
  walk: ["limit", "none"],
  motor: ["limit", "none"],
  motorStrictness: ["at-most", "below", "differs"],
  motorBasis: ["continuous-rated", "not-stated"],
  road: ["yes", "no"],
} as const satisfies Partial<Record<ClassField, readonly string[]>>;
export type ChosenField = keyof typeof CLASS_CHOICES;

/** Speeds a class may name, km/h; watts of a motor. Far around any class there is. */
export const CLASS_SPEED_KMH = { min: 3, max: 120 } as const;
export const CLASS_MOTOR_W = { min: 50, max: 20_000 } as const;

export const LONGEST_CLASS_TEXT: Readonly<Partial<Record<ClassField, number>>> = {
  name: 60,
  where: 120,
  source: 300,
  beyond: 2000,
};

export type ClassProblem =
  | { readonly key: "class.missing" }
  | { readonly key: "class.not-a-speed"; readonly typed: string; readonly unit: SpeedUnit }
  | { readonly key: "class.not-watts"; readonly typed: string }
  | { readonly key: "class.not-a-day"; readonly typed: string }
  | { readonly key: "class.too-long"; readonly longest: number }
  /** There is no assist limit for the throttle to end at. */
  | { readonly key: "class.no-assist-limit" };

export type ClassReading =
  | { readonly ok: true; readonly rule: ClassRule }
  | { readonly ok: false; readonly problems: Readonly<Partial<Record<ClassField, ClassProblem>>> };

/** What a display cannot enforce may well be nothing, and few limits are read any other way than as written. */
const MAY_BE_EMPTY: ReadonlySet<ClassField> = new Set<ClassField>(["beyond", "acceptedSpeed"]);

/** The fields that are asked for, given what has been answered so far. */
export const fieldsAsked = (typed: TypedClass): readonly ClassField[] =>
  CLASS_FIELDS.filter((field) => {
    switch (field) {
      case "assistSpeed":
      case "strict":
      case "acceptedSpeed":
        return typed.assist === "limit";
      case "throttleStrict":
        return typed.throttle === "to-limit";
      case "throttleSpeed":
        return typed.throttle === "to-limit" || typed.throttle === "walking-pace";
      case "walkSpeed":
        return typed.walk === "limit";
      case "motorW":
      case "motorStrictness":
      case "motorBasis":
        return typed.motor === "limit";
      default:
        return true;
    }
  });

const chosen = <Field extends ChosenField>(
  typed: TypedClass,
  field: Field,
): (typeof CLASS_CHOICES)[Field][number] | null =>
  (CLASS_CHOICES[field] as readonly string[]).includes(typed[field] ?? "")
    ? (typed[field] as (typeof CLASS_CHOICES)[Field][number])
    : null;

interface Limit {
  readonly value: number;
  readonly unit: SpeedUnit;
}

/** A speed as typed, in the unit it names, else in the class's own; null where it is none a class could name. */
function speedOf(typed: string, own: SpeedUnit): Limit | null {
  const bare = readQuantity(typed, null).value;
  const unit: SpeedUnit = Number.isNaN(bare) ? (/mph\s*$/i.test(typed) ? "mph" : "kmh") : own;
  const kmh = Number.isNaN(bare) ? readQuantity(typed, "km/h").value : speedToKmh(bare, own);
  if (!(kmh >= CLASS_SPEED_KMH.min && kmh <= CLASS_SPEED_KMH.max)) return null;
  const value = Number.isNaN(bare) ? (unit === "mph" ? kmhToMph(kmh) : kmh) : bare;
  return { value: Number(value.toPrecision(10)), unit };
}

/** A day as yyyy-mm-dd that there is. */
function isDay(typed: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(typed)) return false;
  const at = new Date(`${typed}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(typed);
}

function problemOf(typed: TypedClass, field: ClassField): ClassProblem | null {
  const text = (typed[field] ?? "").trim();
  if (MAY_BE_EMPTY.has(field) && text === "") return null;
  if (text === "") return { key: "class.missing" };
  const longest = LONGEST_CLASS_TEXT[field];
  if (longest !== undefined && text.length > longest) return { key: "class.too-long", longest };
  switch (field) {
    case "assistSpeed":
    case "acceptedSpeed":
    case "throttleSpeed":
    case "walkSpeed": {
      const unit = chosen(typed, "speedUnit") ?? "kmh";
      return speedOf(text, unit) ? null : { key: "class.not-a-speed", typed: text, unit };
    }
    case "motorW": {
      const { value } = readQuantity(text, "W");
      return value >= CLASS_MOTOR_W.min && value <= CLASS_MOTOR_W.max ? null : { key: "class.not-watts", typed: text };
    }
    case "knownOn":
      return isDay(text) ? null : { key: "class.not-a-day", typed: text };
    case "throttle":
      if (text === "to-assist-limit" && typed.assist === "none") return { key: "class.no-assist-limit" };
      return chosen(typed, field) === null ? { key: "class.missing" } : null;
    case "name":
    case "where":
    case "source":
    case "beyond":
      return null;
    default:
      return chosen(typed, field) === null ? { key: "class.missing" } : null;
  }
}

/** What is typed as a class, or what it still lacks, field by field. */
export function readClass(id: string, typed: TypedClass): ClassReading {
  const problems: Partial<Record<ClassField, ClassProblem>> = {};
  for (const field of fieldsAsked(typed)) {
    const problem = problemOf(typed, field);
    if (problem) problems[field] = problem;
  }
  const speedUnit = chosen(typed, "speedUnit");
  const throttle = throttleOf(typed, speedUnit ?? "kmh");
  if (Object.keys(problems).length > 0 || !speedUnit || !throttle) return { ok: false, problems };
  const text = (field: ClassField): string => (typed[field] ?? "").trim();
  const limit = typed.assist === "limit" ? speedOf(text("assistSpeed"), speedUnit) : null;
  const accepted = limit && speedOf(text("acceptedSpeed"), speedUnit);
  const walk = typed.walk === "limit" ? speedOf(text("walkSpeed"), speedUnit) : null;
  return {
    ok: true,
    rule: {
      id,
      name: text("name"),
      badge: limit ? `${text("name")} · ${limit.value} ${limit.unit === "mph" ? "mph" : "km/h"}` : text("name"),
      where: text("where"),
      speedUnit,
      assist: limit && { ...limit, strict: typed.strict === "yes" },
      acceptedReading: accepted && { value: speedToKmh(accepted.value, accepted.unit), unit: "kmh" },
      throttle,
      walkAssistKmh: walk && speedToKmh(walk.value, walk.unit),
      motor:
        typed.motor === "limit"
          ? {
              limitW: readQuantity(text("motorW"), "W").value,
              strictness: chosen(typed, "motorStrictness") ?? "differs",
              basis: chosen(typed, "motorBasis") ?? "not-stated",
            }
          : null,
      publicRoad: typed.road === "yes",
      source: text("source"),
      knownOn: text("knownOn"),
      beyondTheDisplay: text("beyond")
        .split("\n")
        .map((line) => line.trim())
        .filter((line) => line !== ""),
    },
  };
}

function throttleOf(typed: TypedClass, unit: SpeedUnit): ClassRule["throttle"] | null {
  const kind = chosen(typed, "throttle");
  const limit = speedOf((typed.throttleSpeed ?? "").trim(), unit);
  switch (kind) {
    case null:
      return null;
    case "to-limit":
      return limit && { kind, limit: { ...limit, strict: typed.throttleStrict === "yes" } };
    case "walking-pace":
      return limit && { kind, limitKmh: speedToKmh(limit.value, limit.unit) };
    default:
      return { kind };
  }
}

/** A class written out as it would be typed, to be amended. The day it was known on is asked for anew. */
export function typedFrom(rule: ClassRule): TypedClass {
  const inUnit = (kmh: number): string => (rule.speedUnit === "kmh" ? String(kmh) : `${kmh} km/h`);
  const said = ({ value, unit }: Limit): string =>
    unit === rule.speedUnit ? String(value) : `${value} ${unit === "mph" ? "mph" : "km/h"}`;
  const { assist, acceptedReading, throttle, motor, walkAssistKmh } = rule;
  return {
    name: `${rule.name}, amended`,
    where: rule.where,
    speedUnit: rule.speedUnit,
    assist: assist ? "limit" : "none",
    ...(assist ? { assistSpeed: said(assist), strict: assist.strict ? "yes" : "no" } : {}),
    ...(acceptedReading ? { acceptedSpeed: said(acceptedReading) } : {}),
    throttle: throttle.kind,
    ...(throttle.kind === "to-limit"
      ? { throttleSpeed: said(throttle.limit), throttleStrict: throttle.limit.strict ? "yes" : "no" }
      : {}),
    ...(throttle.kind === "walking-pace" ? { throttleSpeed: inUnit(throttle.limitKmh) } : {}),
    walk: walkAssistKmh === null ? "none" : "limit",
    ...(walkAssistKmh === null ? {} : { walkSpeed: inUnit(walkAssistKmh) }),
    motor: motor ? "limit" : "none",
    ...(motor ? { motorW: String(motor.limitW), motorStrictness: motor.strictness, motorBasis: motor.basis } : {}),
    road: rule.publicRoad ? "yes" : "no",
    source: rule.source,
    beyond: rule.beyondTheDisplay.join("\n"),
  };
}

/** Whether two classes say the same in every word, in whatever order their parts were written down. */
export const sameClass = (a: ClassRule, b: ClassRule): boolean => inOrder(a) === inOrder(b);

const inOrder = (rule: ClassRule): string =>
  JSON.stringify(rule, (_, part: unknown) =>
    typeof part === "object" && part !== null && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => a.localeCompare(b)))
      : part,
  );
