/**
 * The shape of a job as stored and as exported, checked field by field. Kept apart from the job itself so that screens do not
 * load a validator to show a bike.
 */
import * as v from "valibot";
import { DisplayProfileSchema } from "../display/profileSchema";
import { ClassRuleSchema } from "../law/classRuleSchema";
import { JOB_FORMAT, JOB_VERSION, STAGES } from "./format";

const Typed = v.pipe(v.string(), v.maxLength(2000));
const Code = v.pipe(v.string(), v.minLength(1), v.maxLength(24));
const Moment = v.pipe(v.string(), v.isoTimestamp());
const Raw = v.pipe(v.number(), v.integer());
const Hash = v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/, "64 hexadecimal digits"));

const Index = v.pipe(v.number(), v.integer(), v.minValue(0));

const ScreenSchema = v.variant("kind", [
  v.strictObject({ kind: v.literal("off") }),
  v.strictObject({ kind: v.literal("home") }),
  v.strictObject({ kind: v.literal("menu"), page: Index, at: Index, draft: v.nullable(Raw) }),
  v.strictObject({
    kind: v.literal("code"),
    for: v.variant("kind", [
      v.strictObject({ kind: v.literal("page"), page: Index, code: v.string() }),
      v.strictObject({ kind: v.literal("new-pin"), first: v.nullable(v.string()), page: Index, at: Index }),
      v.strictObject({ kind: v.literal("start") }),
    ]),
    digits: v.array(Index),
    at: Index,
  }),
  v.strictObject({ kind: v.literal("confirm"), page: Index, at: Index, yes: v.boolean() }),
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
  lampOn: v.boolean(),
  hazardOn: v.boolean(),
  cruising: v.boolean(),
  info: Index,
  brightness: v.number(),
  /** A PIN stays with its owner: a job only knows that one was set in the simulation. */
  pin: v.null(),
  done: v.array(v.picklist(["restore", "clear-trip", "clear-odometer", "set-pin", "copy-settings"])),
});

const SheetLineSchema = v.strictObject({ code: Code, raw: v.nullable(Raw), shows: v.nullable(v.string()) });

export const SealedSheetSchema = v.strictObject({
  kind: v.picklist(["as-found", "target", "as-left"]),
  at: Moment,
  display: v.strictObject({ id: v.string(), revision: v.number() }),
  className: v.nullable(v.string()),
  lines: v.array(SheetLineSchema),
  note: v.string(),
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
    "read-back",
    "check",
    "handed-over",
    "reopened",
    "exported",
    "display-swapped",
  ]),
  detail: v.pipe(v.string(), v.maxLength(2000)),
});

export const JobSchema = v.strictObject({
  format: v.literal(JOB_FORMAT),
  version: v.literal(JOB_VERSION),
  id: v.pipe(v.string(), v.regex(/^[a-z0-9-]{4,64}$/)),
  /** Number on the ticket. */
  number: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(999999)),
  createdAt: Moment,
  updatedAt: Moment,
  /** True for the made-up bikes of the first start. */
  demo: v.boolean(),
  onTheStand: v.boolean(),
  stage: v.picklist(STAGES),
  intake: v.record(v.string(), Typed),
  /** The display as it was described when this job chose it; later edits of the library do not reach it. */
  profile: v.nullable(DisplayProfileSchema),
  classChoice: v.strictObject({
    rule: v.nullable(ClassRuleSchema),
    /** Whether the rounded reading is accepted in place of the exact limit, and as what, as typed. */
    acceptReading: v.boolean(),
    acceptedKmh: Typed,
    /** Written acknowledgement where the class asks for one. */
    acknowledged: Typed,
  }),
  asFound: v.strictObject({ shown: v.record(Code, Typed), waivedReason: Typed }),
  overrides: v.record(Code, Raw),
  unlocked: v.record(Code, Typed),
  program: v.nullable(
    v.strictObject({
      state: MenuStateSchema,
      /** Raw values the plan heads for, sealed when programming starts. */
      targets: v.array(Raw),
      /** Lines to be looked at on the way because nobody knows what they hold. */
      unread: v.array(v.pipe(v.number(), v.integer(), v.minValue(0))),
      keysOn: v.picklist(["bike", "simulated"]),
      done: v.boolean(),
      /** Last thing that went off the plan, for the notice on the card. */
      notice: v.nullable(
        v.strictObject({
          kind: v.picklist(["menu-closed-discarded", "menu-closed-saved", "off-plan", "power-lost"]),
          lines: v.array(Code),
        }),
      ),
    }),
  ),
  readBack: v.record(Code, Typed),
  checks: v.record(v.string(), v.strictObject({ answer: v.picklist(["", "yes", "no"]), measured: Typed, note: Typed })),
  handedOverAt: v.nullable(Moment),
  handOverNote: Typed,
  sheets: v.array(SealedSheetSchema),
  events: v.array(EventSchema),
});
