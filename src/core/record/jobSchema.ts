/**
 * The shape of a job as stored and as exported, checked field by field. Kept apart from the job itself so that screens
 * do not load a validator to show a bike.
 */
import * as v from "valibot";
import { DisplayProfileSchema } from "../display/profileSchema";
import { ClassRuleSchema } from "../law/classRuleSchema";
import { LARGEST_JOB_NUMBER, LONGEST_CODE, LONGEST_TYPED } from "../units/limits";
import { JOB_FORMAT, JOB_VERSION } from "./format";
import { STAGES } from "./stages";

const Typed = v.pipe(v.string(), v.maxLength(LONGEST_TYPED));
/** Says what was done, in words that may quote a whole field. */
const Told = v.pipe(v.string(), v.maxLength(LONGEST_TYPED + 1000));
const Code = v.pipe(v.string(), v.minLength(1), v.maxLength(LONGEST_CODE));
const Moment = v.pipe(v.string(), v.isoTimestamp());
const Raw = v.pipe(v.number(), v.integer());
const Hash = v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/, "64 hexadecimal digits"));

const Index = v.pipe(v.number(), v.integer(), v.minValue(0));

const PlaceSchema = v.strictObject({ page: Index, at: Index });
const ActionSchema = v.picklist(["restore", "clear-trip", "clear-odometer", "set-pin", "copy-settings"]);

const ScreenSchema = v.variant("kind", [
  v.strictObject({ kind: v.literal("off") }),
  v.strictObject({ kind: v.literal("home") }),
  v.strictObject({ kind: v.literal("menu"), page: Index, at: Index, draft: v.nullable(Raw) }),
  v.strictObject({
    kind: v.literal("code"),
    for: v.variant("kind", [
      v.strictObject({ kind: v.literal("page"), page: Index, code: v.string() }),
      v.strictObject({ kind: v.literal("new-pin"), first: v.nullable(v.string()), from: v.nullable(PlaceSchema) }),
      v.strictObject({ kind: v.literal("start") }),
    ]),
    digits: v.array(Index),
    at: Index,
  }),
  v.strictObject({
    kind: v.literal("confirm"),
    action: ActionSchema,
    asks: v.picklist(["yes-no", "pattern"]),
    from: v.nullable(PlaceSchema),
    yes: v.boolean(),
  }),
  v.strictObject({ kind: v.literal("monitor") }),
  v.strictObject({ kind: v.literal("walk-assist") }),
]);

const MenuStateSchema = v.strictObject({
  screen: ScreenSchema,
  saved: v.array(Raw),
  pending: v.array(Raw),
  inForce: v.array(Raw),
  lastAt: v.array(Index),
  idleMs: v.number(),
  sincePowerOnMs: v.number(),
  held: v.null(),
  tapped: v.null(),
  wheelTurns: v.boolean(),
  level: v.number(),
  mode: Index,
  lampOn: v.boolean(),
  hazardOn: v.boolean(),
  cruising: v.boolean(),
  info: Index,
  brightness: v.number(),
  /** A PIN stays with its owner: a job only knows that one was set in the simulation. */
  pin: v.null(),
  done: v.array(ActionSchema),
});

/** Keys under way, on the bike or on the simulated display: where they stand and where they lead. */
const KeysSchema = v.strictObject({
  state: MenuStateSchema,
  /** Raw values the keys head for, fixed when they start; null: as it is read on the way. */
  targets: v.array(v.nullable(Raw)),
  /** Lines to be looked at on the way because nobody knows what they hold: never read, or doubtful since a slip. */
  unread: v.array(Index),
  done: v.boolean(),
  /** Last thing that went off the plan, for the notice on the card. */
  notice: v.nullable(
    v.strictObject({
      kind: v.picklist(["menu-closed-discarded", "menu-closed-saved", "off-plan", "power-lost"]),
      lines: v.array(Code),
    }),
  ),
});

const ClassChoiceSchema = v.strictObject({
  rule: v.nullable(ClassRuleSchema),
  /** Whether the rounded reading is accepted in place of the exact limit, and as what, as typed. */
  acceptReading: v.boolean(),
  acceptedKmh: Typed,
  /** Written acknowledgement where the class asks for one, and when it was last written. */
  acknowledged: Typed,
  acknowledgedAt: v.optional(Moment),
  /** The road class a bike for private land goes back to. */
  roadClass: v.optional(ClassRuleSchema),
});

const CheckResultSchema = v.strictObject({
  answer: v.picklist(["", "yes", "no"]),
  /** A speed as typed, in the unit it was asked in unless it names another. */
  measured: Typed,
  askedIn: v.picklist(["kmh", "mph"]),
  note: Typed,
  /** Raw values of the lines it rests on when it was done, by code: when one changes, the check is due again. */
  rests: v.record(Code, Raw),
  /** Facts of the bike it rests on as they stood then, by key; missing on checks answered before this was kept. */
  facts: v.optional(v.record(v.string(), Typed)),
});

const JobId = v.pipe(v.string(), v.regex(/^[a-z0-9-]{4,64}$/));
/** Number on the ticket. */
const TicketNumber = v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(LARGEST_JOB_NUMBER));
const IntakeTextSchema = v.record(v.string(), Typed);
/** When each fact of the intake was typed last. */
const TypedAtSchema = v.record(v.string(), Moment);
const OverridesSchema = v.record(Code, Raw);
const UnlockedSchema = v.record(Code, Typed);
const TypedByCodeSchema = v.record(Code, Typed);
const ChecksSchema = v.record(v.string(), CheckResultSchema);

/** Everything a sheet rests on, as it stood when the sheet was sealed. */
const SealedFactsSchema = v.strictObject({
  intake: IntakeTextSchema,
  classChoice: ClassChoiceSchema,
  overrides: OverridesSchema,
  unlocked: UnlockedSchema,
  waivedReason: Typed,
  readBack: TypedByCodeSchema,
  checks: ChecksSchema,
  handOverNote: Typed,
  /** Missing on sheets sealed before format 4. */
  typedAt: v.optional(TypedAtSchema),
  carried: v.optional(OverridesSchema),
  overrideReasons: v.optional(TypedByCodeSchema),
  /** How many events had been noted by then, and the hash over them. */
  events: v.strictObject({ count: Index, hash: Hash }),
});

const SheetLineSchema = v.strictObject({ code: Code, raw: v.nullable(Raw), shows: v.nullable(v.string()) });

export const SealedSheetSchema = v.strictObject({
  kind: v.picklist(["as-found", "target", "read-back", "as-left"]),
  at: Moment,
  display: v.strictObject({ id: v.string(), revision: v.number() }),
  className: v.nullable(v.string()),
  lines: v.array(SheetLineSchema),
  note: v.string(),
  /** Missing on sheets sealed before format 3. */
  facts: v.optional(SealedFactsSchema),
  /** Hash of the sheet before it in the chain; null on the first. */
  previous: v.nullable(Hash),
  hash: Hash,
});

export const EventSchema = v.strictObject({
  at: Moment,
  kind: v.picklist([
    "created",
    "imported",
    "baseline-kept",
    "baseline-waived",
    "plan-sealed",
    "line-unlocked",
    "menu-closed",
    "recovered",
    "programmed",
    "rehearsed",
    "set-aside",
    "read-back",
    "check",
    "handed-over",
    "reopened",
    "exported",
    "display-swapped",
    "back-to-road",
    "part-changed",
    "set-by-hand",
    "sealed",
    "undone",
    "visit-begun",
    "as-we-left-it",
    "settled",
    "batch-joined",
    "batch-left",
    "as-in-batch",
  ]),
  detail: Told,
});

/** What the visit before this one left, as it is expected to be found: kept here, so that a job can travel alone. */
const LastVisitSchema = v.strictObject({
  jobId: JobId,
  number: TicketNumber,
  leftAt: Moment,
  odometerKm: Typed,
  display: v.strictObject({ id: v.string(), revision: v.number() }),
  /** Last seal of its record; null where it never was sealed. */
  seal: v.nullable(Hash),
  /** Raw values as they were left, by code. */
  left: OverridesSchema,
  /** Raw values lines stood at before its wishes moved them, by code; missing on jobs from before this was kept. */
  stood: v.optional(OverridesSchema),
  /** The facts of the bike it rested on. */
  intake: IntakeTextSchema,
});

/** One sheet for several like bikes, as each of them keeps it, so that a job can travel alone. */
const BatchSchema = v.strictObject({
  id: JobId,
  name: Typed,
  begunAt: Moment,
  /** Place in the row in which the bikes are worked through, from 1. */
  place: v.pipe(v.number(), v.integer(), v.minValue(1)),
  /** The bike the sheet was made on, and how far it was proven there. */
  from: v.strictObject({
    jobId: JobId,
    number: TicketNumber,
    nickname: Typed,
    display: v.strictObject({ id: v.string(), revision: v.number() }),
    standing: v.picklist(["planned", "read-back", "as-left"]),
    /** Last seal of its record; null where it never was sealed. */
    seal: v.nullable(Hash),
    className: v.nullable(v.string()),
  }),
  /** Raw values of the sheet, by code. */
  sheet: OverridesSchema,
  /** Lines of it that were set by hand there, each with why. */
  byHand: TypedByCodeSchema,
  /** What its display was found at, as typed. */
  found: TypedByCodeSchema,
  /** The facts of the bike it was made on. */
  intake: IntakeTextSchema,
});

export const JobSchema = v.strictObject({
  format: v.literal(JOB_FORMAT),
  version: v.literal(JOB_VERSION),
  id: JobId,
  /** The bike, the same in every visit of it. */
  bikeId: JobId,
  number: TicketNumber,
  /** How often each copy of the book has written this record: which of two is the later, or that neither is. */
  writes: v.record(JobId, Index),
  /** The record this one was told apart from when both had been worked on; null for one that stands alone. */
  twinOf: v.nullable(JobId),
  /** The visit before this one; null on the first. */
  lastVisit: v.nullable(LastVisitSchema),
  /** The batch this visit belongs to; null for a bike on its own. */
  batch: v.nullable(BatchSchema),
  createdAt: Moment,
  updatedAt: Moment,
  /** True for the made-up bikes of the first start. */
  demo: v.boolean(),
  onTheStand: v.boolean(),
  stage: v.picklist(STAGES),
  intake: IntakeTextSchema,
  typedAt: TypedAtSchema,
  /** The display as it was described when this job chose it; later edits of the library do not reach it. */
  profile: v.nullable(DisplayProfileSchema),
  classChoice: ClassChoiceSchema,
  asFound: v.strictObject({ shown: TypedByCodeSchema, waivedReason: Typed }),
  overrides: OverridesSchema,
  /** Why a line was set by hand, by code; missing on jobs from before this was kept. */
  overrideReasons: v.optional(TypedByCodeSchema),
  /** Raw values carried over from the display before a swap: what the plan starts from, not what anybody asked for. */
  carried: OverridesSchema,
  unlocked: UnlockedSchema,
  /** What the display was last known to hold when keys were set aside or are to be planned anew; null until then. */
  held: v.nullable(v.record(Code, v.nullable(Raw))),
  /** Keys pressed on the bike, as the technician told. */
  program: v.nullable(KeysSchema),
  /** Keys pressed on the simulated display: nothing of it ever counts for the bike. */
  rehearsal: v.nullable(KeysSchema),
  readBack: TypedByCodeSchema,
  checks: ChecksSchema,
  handedOverAt: v.nullable(Moment),
  handOverNote: Typed,
  sheets: v.array(SealedSheetSchema),
  events: v.array(EventSchema),
});

export { CheckResultSchema, ClassChoiceSchema, KeysSchema, SealedFactsSchema };
