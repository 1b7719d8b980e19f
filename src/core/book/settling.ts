/**
 * A bike worked on at two benches, made one again: what differs, and the record with each difference decided. Keys and
 * seals are one chain of what really happened to the display: they are taken from one side, whole.
 */
import { linesOf, shows } from "../display";
import { sameValue, typedAt, withEvent, withTyped, placeKey, type Job, type TypedPlace } from "../record";
import type { CheckResult } from "../record/job";
import { own } from "../units/limits";
import { joinedWrites } from "./writes";

export type Difference =
  | { readonly kind: "typed"; readonly place: TypedPlace; readonly one: string; readonly other: string }
  | { readonly kind: "check"; readonly id: string; readonly one: string; readonly other: string }
  /** A line set by hand on the plan, as the display would show it; empty where it was not. */
  | { readonly kind: "by-hand"; readonly code: string; readonly one: string; readonly other: string }
  | { readonly kind: "class"; readonly one: string; readonly other: string }
  | { readonly kind: "display"; readonly one: string; readonly other: string }
  /** Keys pressed, sheets sealed, and what was noted: how many of each. */
  | { readonly kind: "keys"; readonly one: KeysSaid; readonly other: KeysSaid };

export interface KeysSaid {
  readonly sheets: number;
  readonly handedOverAt: string | null;
  /** What was noted last, and when. */
  readonly lastAt: string;
}

/** What names a difference among those of a pair. */
export function differenceKey(difference: Difference): string {
  switch (difference.kind) {
    case "typed":
      return `typed ${placeKey(difference.place)}`;
    case "check":
      return `check ${difference.id}`;
    case "by-hand":
      return `by-hand ${difference.code}`;
    default:
      return difference.kind;
  }
}

const keysIn = (...records: readonly (object | undefined)[]): readonly string[] => [
  ...new Set(records.flatMap((record) => Object.keys(record ?? {}))),
];

/** Every place where somebody may have typed in either. */
const placesOf = (one: Job, other: Job): readonly TypedPlace[] => [
  ...keysIn(one.intake, other.intake).map((name): TypedPlace => ({ in: "intake", name })),
  ...keysIn(one.asFound.shown, other.asFound.shown).map((name): TypedPlace => ({ in: "as-found", name })),
  ...keysIn(one.readBack, other.readBack).map((name): TypedPlace => ({ in: "read-back", name })),
  ...keysIn(one.overrideReasons, other.overrideReasons).map((name): TypedPlace => ({ in: "override-reason", name })),
  { in: "waived-reason" },
  { in: "acknowledged" },
  { in: "hand-over-note" },
];

const checkSaid = (result: CheckResult | undefined): string =>
  [result?.answer ?? "", result?.measured ?? "", result?.note ?? ""].filter((said) => said !== "").join(" · ");

function byHandSaid({ profile, overrides }: Job, code: string): string {
  const raw = own(overrides, code);
  const line = profile ? linesOf(profile).find((each) => each.code === code) : undefined;
  return raw === undefined ? "" : line ? shows(line.encoding, raw) : String(raw);
}

const keysSaid = ({ sheets, handedOverAt, events }: Job): KeysSaid => ({
  sheets: sheets.length,
  handedOverAt,
  lastAt: events.at(-1)?.at ?? "",
});

/** What belongs to the chain of what happened to the display. */
const CHAIN = ["program", "rehearsal", "held", "carried", "unlocked", "sheets", "events", "handedOverAt"] as const;
const chainOf = (job: Job) =>
  Object.fromEntries(CHAIN.map((key) => [key, job[key]])) as Pick<Job, (typeof CHAIN)[number]>;

const displaySaid = ({ profile }: Job): string => (profile ? `${profile.name}, ${profile.variant}` : "");

/** Everything in which two records of one bike differ. */
export function differencesOf(one: Job, other: Job): readonly Difference[] {
  const found: Difference[] = [];
  for (const place of placesOf(one, other)) {
    const [mine, theirs] = [typedAt(one, place), typedAt(other, place)];
    if (mine !== theirs) found.push({ kind: "typed", place, one: mine, other: theirs });
  }
  for (const id of keysIn(one.checks, other.checks))
    if (!sameValue(own(one.checks, id), own(other.checks, id)))
      found.push({ kind: "check", id, one: checkSaid(own(one.checks, id)), other: checkSaid(own(other.checks, id)) });
  for (const code of keysIn(one.overrides, other.overrides))
    if (own(one.overrides, code) !== own(other.overrides, code))
      found.push({ kind: "by-hand", code, one: byHandSaid(one, code), other: byHandSaid(other, code) });
  if (!sameValue(one.classChoice.rule, other.classChoice.rule))
    found.push({
      kind: "class",
      one: one.classChoice.rule?.name ?? "",
      other: other.classChoice.rule?.name ?? "",
    });
  if (!sameValue(one.profile, other.profile))
    found.push({ kind: "display", one: displaySaid(one), other: displaySaid(other) });
  if (!sameValue(chainOf(one), chainOf(other)))
    found.push({ kind: "keys", one: keysSaid(one), other: keysSaid(other) });
  return found;
}

const withRecord = <Value>(record: Readonly<Record<string, Value>>, key: string, value: Value | undefined) => {
  const rest = Object.fromEntries(Object.entries(record).filter(([each]) => each !== key));
  return value === undefined ? rest : { ...rest, [key]: value };
};

function taken(job: Job, other: Job, difference: Difference): Job {
  switch (difference.kind) {
    case "typed":
      return difference.place.in === "intake"
        ? withFactOf(job, other, difference.place.name)
        : withTyped(job, difference.place, difference.other);
    case "check":
      return { ...job, checks: withRecord(job.checks, difference.id, own(other.checks, difference.id)) };
    case "by-hand":
      return { ...job, overrides: withRecord(job.overrides, difference.code, own(other.overrides, difference.code)) };
    case "class": {
      const { acknowledged, acknowledgedAt } = job.classChoice;
      return {
        ...job,
        classChoice: { ...other.classChoice, acknowledged, ...(acknowledgedAt ? { acknowledgedAt } : {}) },
      };
    }
    case "display":
      return { ...job, profile: other.profile };
    case "keys":
      return { ...job, ...chainOf(other) };
  }
}

/** A fact of the intake with the time it was typed. */
const withFactOf = (job: Job, other: Job, key: string): Job => ({
  ...job,
  intake: withRecord(job.intake, key, own(other.intake, key)),
  typedAt: withRecord(job.typedAt, key, own(other.typedAt, key)),
});

/**
 * The record of `one` with the chosen differences as the other has them, later than both. A display and the keys
 * pressed on it go together: whoever takes one takes the other.
 * @param takes names of the differences taken from the other
 */
export function settled(one: Job, other: Job, takes: ReadonlySet<string>, at: string): Job {
  const differences = differencesOf(one, other);
  const chosen = differences.filter((each) => takes.has(differenceKey(each)));
  const isChain = ({ kind }: Difference) => kind === "display" || kind === "keys";
  const chain = chosen.some(isChain) ? differences.filter(isChain) : [];
  const made = [...chosen.filter((each) => !isChain(each)), ...chain].reduce(
    (job, difference) => taken(job, other, difference),
    one,
  );
  const names = chosen.map(differenceKey).join(", ");
  return withEvent({ ...made, twinOf: null, writes: joinedWrites(one.writes, other.writes) }, at, "settled", names);
}
