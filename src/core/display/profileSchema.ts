/**
 * The shape of a display profile, format 3, documented in docs/profile-format.md. Every choice is a tagged variant, so
 * that a further kind of menu, gesture or encoding is added beside these and not instead of one.
 */
import * as v from "valibot";
import { SETTING_KEYS } from "./settings";
import { LONGEST_CODE, RESERVED_NAMES } from "../units/limits";
import { noting, type FieldFacts } from "./fieldFacts";
import { FORMAT, FORMAT_VERSION, MOST_LINES } from "./profileFormat";

const Slug = v.pipe(
  v.string(),
  v.regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, "small letters, digits and single hyphens"),
  v.maxLength(60),
);
/** Names every object has of its own: a line called so could not be told apart. */
const NOT_RESERVED = new RegExp(`^(?!(${RESERVED_NAMES.join("|")})$)`);
const Text = v.pipe(v.string(), v.minLength(1), v.maxLength(400));
const Mark = v.pipe(v.string(), v.minLength(1), v.maxLength(LONGEST_CODE), v.regex(NOT_RESERVED, "another name"));
const Raw = v.pipe(v.number(), v.integer(), v.minValue(-9999), v.maxValue(99999));
const IN_SECONDS: FieldFacts = { typedIn: { unit: "s", per: 1000 } };
const IN_MM: FieldFacts = { typedIn: { unit: "mm", per: 1 } };
const IN_PERCENT: FieldFacts = { typedIn: { unit: "%", per: 0.01 } };
const Ms = noting(v.pipe(v.number(), v.integer(), v.minValue(50), v.maxValue(600_000)), IN_SECONDS);
const HoldMs = noting(v.pipe(v.number(), v.integer(), v.minValue(400), v.maxValue(30_000)), IN_SECONDS);
const Setting = noting(v.picklist(SETTING_KEYS), { names: "setting" });
const Volts = noting(v.number(), { typedIn: { unit: "V", per: 1 } });
const NotNull = v.pipe(
  v.number(),
  v.check((n) => n !== 0, "anything but 0"),
);
// A field that names another part of the description: forms offer what is there.
const PageId = noting(v.pipe(Slug, v.maxLength(60)), { names: "page" });
const KeyId = noting(v.pipe(Slug, v.maxLength(60)), { names: "key" });
const LineCode = noting(v.pipe(Mark, v.maxLength(LONGEST_CODE)), { names: "line" });
const InfoLine = noting(v.pipe(Text, v.maxLength(400)), { names: "info-line" });
const Value = v.union([v.number(), v.boolean(), v.pipe(v.string(), v.maxLength(30))]);

// ── keys and rules ──────────────────────────────────────────────────────────────────────────────────────────────────

export const KeySchema = v.strictObject({
  id: Slug,
  /** What is drawn on the key: one or two characters. */
  cap: v.pipe(v.string(), v.minLength(1), v.maxLength(2)),
  /** What the technician calls it aloud. */
  name: Text,
  /** Key of a computer's keyboard that presses it on the simulated display (KeyboardEvent.key). */
  keyboard: v.pipe(v.string(), v.minLength(1), v.maxLength(20)),
  /** A lever, a throttle or the pedals, where a timed procedure has them held. */
  part: v.picklist(["key", "brake-lever", "throttle", "pedals"]),
});

const RepeatSchema = v.strictObject({
  /** First repeated step after this long, then one every `everyMs`. */
  afterMs: HoldMs,
  everyMs: Ms,
});

const ActionSchema = v.picklist(["restore", "clear-trip", "clear-odometer", "set-pin", "copy-settings"]);
/** What is asked before an action is done: nothing, yes or no, or a pattern to be answered. */
const AsksSchema = v.picklist(["nothing", "yes-no", "pattern"]);
const Changing = v.picklist(["at-once", "select"]);

export const DeedSchema = v.variant("kind", [
  v.strictObject({ kind: v.literal("power-on") }),
  v.strictObject({ kind: v.literal("power-off") }),
  v.strictObject({
    kind: v.literal("open-page"),
    page: PageId,
    code: v.nullable(v.pipe(v.string(), v.regex(/^\d{1,8}$/, "1 to 8 digits"))),
  }),
  v.strictObject({ kind: v.literal("next-entry") }),
  v.strictObject({ kind: v.literal("previous-entry") }),
  /** Opens a page, takes an exit, begins an action, or makes a line's value blink. */
  v.strictObject({ kind: v.literal("select") }),
  /** Up to the page above; from the top page, out of the menu. */
  v.strictObject({ kind: v.literal("back") }),
  v.strictObject({ kind: v.literal("step-value"), by: v.picklist([1, -1]), repeat: v.nullable(RepeatSchema) }),
  /** Steps one decimal digit of the value: 0 the ones, 1 the tens. */
  v.strictObject({ kind: v.literal("step-digit"), place: v.picklist([0, 1, 2]) }),
  /** Takes the blinking value over, and stays on the line or goes on to the next entry. */
  v.strictObject({ kind: v.literal("confirm-value"), then: v.picklist(["stays", "next-entry"]) }),
  v.strictObject({ kind: v.literal("cancel-value") }),
  v.strictObject({ kind: v.literal("save-and-leave") }),
  v.strictObject({ kind: v.literal("leave-without-saving") }),
  v.strictObject({ kind: v.literal("next-digit") }),
  v.strictObject({ kind: v.literal("run-action"), action: ActionSchema, asks: AsksSchema }),
  /** A procedure that sets a line no menu shows, or one that it does: held so long, it holds this value. */
  v.strictObject({ kind: v.literal("set-value"), line: LineCode, raw: Raw }),
  v.strictObject({ kind: v.literal("start-walk-assist") }),
  /** One level up or down; round the ring of levels, or stopping at its ends. */
  v.strictObject({ kind: v.literal("step-level"), by: v.picklist([1, -1]), around: v.boolean() }),
  /** The next of the modes of the home screen. */
  v.strictObject({ kind: v.literal("next-mode") }),
  v.strictObject({ kind: v.literal("toggle-lamp") }),
  v.strictObject({ kind: v.literal("toggle-hazard-lamp") }),
  v.strictObject({ kind: v.literal("next-info") }),
  v.strictObject({ kind: v.literal("open-monitor") }),
  v.strictObject({ kind: v.literal("start-cruise") }),
  v.strictObject({ kind: v.literal("end-cruise") }),
  /** Brightness until power-off, whatever the menu says. */
  v.strictObject({ kind: v.literal("step-backlight"), by: v.picklist([1, -1]) }),
]);

export const KeyRuleSchema = v.strictObject({
  /** Screen on which the rule holds. */
  on: v.picklist(["off", "home", "menu", "code", "confirm", "monitor"]),
  /** In the menu: only on these pages. */
  pages: v.nullable(v.pipe(v.array(PageId), v.minLength(1))),
  /** In the menu: only while a value blinks, or only while none does. */
  editing: v.nullable(v.boolean()),
  /** At home: only while the info line shows this. */
  infoLine: v.nullable(InfoLine),
  /** Only within so long of power-on, or only later. */
  sincePowerOn: v.nullable(v.strictObject({ kind: v.picklist(["within", "after"]), ms: Ms })),
  /** Only while the wheel is still. */
  wheelStill: v.boolean(),
  /** Keys pressed together. */
  keys: v.pipe(v.array(KeyId), v.minLength(1), v.maxLength(4)),
  gesture: v.variant("kind", [
    v.strictObject({ kind: v.literal("tap") }),
    v.strictObject({ kind: v.literal("double-tap") }),
    v.strictObject({ kind: v.literal("hold"), holdMs: HoldMs }),
    /** The keys stay down for so long after `released`, held with them before, have come up again. */
    v.strictObject({
      kind: v.literal("keep-holding"),
      released: v.pipe(v.array(KeyId), v.minLength(1), v.maxLength(3)),
      holdMs: HoldMs,
    }),
  ]),
  does: DeedSchema,
});

// ── encodings ───────────────────────────────────────────────────────────────────────────────────────────────────────

const Option = v.strictObject({ raw: Raw, shows: Mark, means: Value });
const SpecialSchema = v.array(v.strictObject({ raw: Raw, shows: v.nullable(Mark), means: Value }));
const Uncertainty = noting(v.pipe(v.number(), v.minValue(0), v.maxValue(0.2)), IN_PERCENT);

/** What a cap is compared with: the speed shown, the controller's own measure, or nobody knows. */
const CapBasisSchema = v.picklist(["shown", "own", "unknown"]);
/** What a cap written in another way than `speed-cap` says beside: for a line that sets a cap. */
const OfACap = { basis: v.optional(CapBasisSchema), endsThrottle: v.optional(v.boolean()) };

export const ChoiceSchema = v.strictObject({
  kind: v.literal("choice"),
  setting: Setting,
  /** In the order the display steps through them. */
  options: v.pipe(v.array(Option), v.minLength(1), v.maxLength(64)),
  ...OfACap,
});

/** One line that sets several things at once. */
export const BundleSchema = v.strictObject({
  kind: v.literal("bundle"),
  setting: v.null(),
  options: v.pipe(
    v.array(v.strictObject({ raw: Raw, shows: Mark, means: v.pipe(v.record(Setting, Value), v.minEntries(1)) })),
    v.minLength(1),
    v.maxLength(64),
  ),
  ...OfACap,
});

export const NumberSchema = v.strictObject({
  kind: v.literal("number"),
  setting: Setting,
  rawMin: Raw,
  rawMax: Raw,
  /** Distance between two raw values. */
  rawStep: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(1000)),
  /** value = offset + raw · perRaw, in the setting's unit; below 0 where the line runs backwards. */
  perRaw: NotNull,
  offset: v.number(),
  /** The display writes `raw · shownPer`, with `decimals`. */
  shownPer: NotNull,
  shownOffset: v.number(),
  decimals: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(2)),
  /** Raw values that stand for something of their own: 0 for never. */
  special: SpecialSchema,
  ...OfACap,
});

/** A step number around a default that follows the nominal volts. */
export const AroundDefaultSchema = v.strictObject({
  kind: v.literal("around-default"),
  setting: v.literal("cutOffV"),
  rawMin: Raw,
  rawMax: Raw,
  /** Raw value at which it holds the default: 0 for a step number, the default's own number where that is shown. */
  defaultRaw: Raw,
  perRaw: NotNull,
  /** Default of the line, V, by nominal volts. */
  defaults: v.pipe(v.array(v.strictObject({ nominalV: Volts, valueV: Volts })), v.minLength(1)),
});

export const WheelCodeSchema = v.strictObject({
  kind: v.literal("wheel-code"),
  setting: v.literal("circumferenceMm"),
  codes: v.pipe(
    v.array(
      v.strictObject({
        raw: Raw,
        shows: Mark,
        inch: noting(v.pipe(v.number(), v.minValue(5), v.maxValue(40)), { typedIn: { unit: "in", per: 1 } }),
        /** Circumference the display takes the code for, mm; null: nominal inch × 25.4 × π. */
        circumferenceMm: v.nullable(noting(v.pipe(v.number(), v.minValue(400), v.maxValue(3200)), IN_MM)),
      }),
    ),
    v.minLength(1),
    v.maxLength(64),
  ),
  /** Relative: 0 once proven on a bike, 0.03 while assumed. */
  circumferenceUncertainty: Uncertainty,
});

/** Wheel in inches to a tenth, or in millimetres. */
export const WheelSizeSchema = v.strictObject({
  kind: v.literal("wheel-size"),
  setting: v.literal("circumferenceMm"),
  heldIn: v.picklist(["tenth-inch", "mm"]),
  rawMin: Raw,
  rawMax: Raw,
  circumferenceUncertainty: Uncertainty,
});

export const SpeedCapSchema = v.strictObject({
  kind: v.literal("speed-cap"),
  setting: v.picklist(["assistCapKmh", "throttleCapKmh"]),
  /** Unit the number is held in; "shown" follows the unit the rider sees. */
  heldIn: v.picklist(["kmh", "mph", "shown"]),
  rawMin: Raw,
  rawMax: Raw,
  /** Raw value that stands for "no cap", or null. */
  uncappedRaw: v.nullable(Raw),
  uncappedShows: v.nullable(Mark),
  basis: CapBasisSchema,
  /** Whether throttle drive ends at it too. */
  endsThrottle: v.boolean(),
  /** Whether a lower cap takes power as well as speed. */
  lowersPower: v.boolean(),
});

/** Counts pulses of one pick-up; one value hands the counting over to the other pick-up. */
export const PulsesOrOtherSchema = v.strictObject({
  kind: v.literal("pulses-or-other"),
  setting: v.picklist(["pulsesPerTurn", "motorPulses"]),
  rawMin: Raw,
  rawMax: Raw,
  /** Raw value at which the other pick-up counts. */
  handsOverRaw: Raw,
});

/** The time of day, minutes since midnight: no setting of the bike. */
export const ClockSchema = v.strictObject({ kind: v.literal("clock"), setting: v.null() });

/** A line whose setting is known and whose scale is not, until somebody measures it. */
export const UnknownScaleSchema = v.strictObject({
  kind: v.literal("unknown-scale"),
  setting: Setting,
  rawMin: Raw,
  rawMax: Raw,
  /** What a larger number does. */
  larger: v.picklist(["more", "less", "unknown"]),
  /** Raw value that stands for "none": no cap. */
  noneRaw: v.nullable(Raw),
  /**
   * What somebody has measured, raw to value; of a speed, on which bike: its rollout, mm, and what its display showed
   * over true, null where that was not known. A speed nobody says the bike of is to be measured again.
   */
  measured: v.array(
    v.strictObject({
      raw: Raw,
      value: v.number(),
      on: v.optional(v.strictObject({ rolloutMm: noting(v.number(), IN_MM), r: v.nullable(v.number()) })),
    }),
  ),
});

/** What cannot be changed: a fixed mark, or null for something that varies, such as the last faults. */
export const ReadOnlySchema = v.strictObject({
  kind: v.literal("read-only"),
  setting: v.null(),
  shows: v.nullable(Mark),
});
/** Takes values nobody can give a meaning. What it shows for them may be known all the same. */
export const ReservedSchema = v.strictObject({
  kind: v.literal("reserved"),
  setting: v.null(),
  rawMin: Raw,
  rawMax: Raw,
  /** Missing: it shows the raw number. */
  shown: v.optional(
    v.variant("kind", [
      /** It writes `offset + raw · per`, with `decimals`; some values have a mark of their own. */
      v.strictObject({
        kind: v.literal("scaled"),
        per: NotNull,
        offset: v.number(),
        decimals: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(2)),
        special: v.pipe(v.array(v.strictObject({ raw: Raw, shows: Mark })), v.maxLength(8)),
      }),
      /** A mark for each raw value, from `rawMin` on. */
      v.strictObject({ kind: v.literal("listed"), marks: v.pipe(v.array(Mark), v.minLength(1), v.maxLength(120)) }),
    ]),
  ),
});

export const EncodingSchema = v.variant("kind", [
  ChoiceSchema,
  BundleSchema,
  NumberSchema,
  AroundDefaultSchema,
  WheelCodeSchema,
  WheelSizeSchema,
  SpeedCapSchema,
  UnknownScaleSchema,
  PulsesOrOtherSchema,
  ClockSchema,
  ReadOnlySchema,
  ReservedSchema,
]);

// ── menu ────────────────────────────────────────────────────────────────────────────────────────────────────────────

/** Holds while another line has one of these raw values. */
const ConditionSchema = v.strictObject({ line: LineCode, raws: v.pipe(v.array(Raw), v.minLength(1)) });
/** Holds while all of these hold. */
const ConditionsSchema = v.pipe(v.array(ConditionSchema), v.minLength(1), v.maxLength(4));

export const ClaimSchema = v.strictObject({
  from: v.picklist(["leaflet", "seller", "maker", "video", "other-line", "seen-here", "own-trial"]),
  /** Day it was said or seen, as 2026-05-01; null where nobody noted it. */
  on: v.nullable(v.pipe(v.string(), v.isoDate())),
  /** 0 to 1. */
  confidence: noting(v.pipe(v.number(), v.minValue(0), v.maxValue(1)), IN_PERCENT),
  says: Text,
  setting: v.nullable(Setting),
  chosen: v.boolean(),
});

export const LineSchema = v.strictObject({
  /** As the display writes it. */
  code: Mark,
  encoding: EncodingSchema,
  atEnds: v.picklist(["wrap", "stop"]),
  /** Value the maker ships it with; null where nobody has stated it. */
  factoryRaw: v.nullable(Raw),
  /** Left as found unless unlocked with a written reason. */
  makerOnly: v.boolean(),
  note: v.nullable(Text),
  /** The line is in the menu only while this holds. */
  shownWhen: v.nullable(ConditionsSchema),
  /** The line does something only while this holds. */
  mattersWhen: v.nullable(ConditionsSchema),
  /** "none": the menu takes a value and this firmware does nothing with it. */
  effect: v.picklist(["works", "none", "not-tried"]),
  claims: v.pipe(v.array(ClaimSchema), v.maxLength(20)),
});

const EntrySchema = v.variant("kind", [
  v.strictObject({ kind: v.literal("line"), line: LineCode }),
  v.strictObject({ kind: v.literal("page"), code: Mark, page: PageId }),
  v.strictObject({ kind: v.literal("exit"), code: Mark, saves: v.boolean() }),
  /** Something done, not set. It asks yes or no, wants a confirmation pattern answered, or does it at once. */
  v.strictObject({
    kind: v.literal("action"),
    code: Mark,
    action: ActionSchema,
    asks: AsksSchema,
  }),
]);

export const PageSchema = v.strictObject({
  id: Slug,
  name: Text,
  entries: v.pipe(v.array(EntrySchema), v.minLength(1), v.maxLength(300)),
  /** A ring comes round; a list stops at its ends. */
  atEnds: v.picklist(["wrap", "stop"]),
  opensAt: v.picklist(["first", "last-visited"]),
  /** How a value is changed on this page; null: as everywhere in the menu. */
  changing: v.nullable(Changing),
});

export const DisplayProfileSchema = v.strictObject({
  format: v.literal(FORMAT),
  version: v.literal(FORMAT_VERSION),
  id: Slug,
  /** Raised with every edit; a job keeps the revision it was planned with. */
  revision: v.pipe(v.number(), v.integer(), v.minValue(1)),
  name: Text,
  /** Which variant of the display this describes: line count, marks, firmware. */
  variant: Text,
  glass: v.picklist(["segment", "colour"]),
  /** How it comes off the bar without tools, or that it does not; left out where nobody has said. */
  comesOff: v.optional(v.picklist(["slides-off", "turns-off", "stays"])),
  keys: v.pipe(v.array(KeySchema), v.minLength(1), v.maxLength(10)),
  /** Two taps within this are a double tap, ms. */
  doubleTapMs: noting(v.pipe(v.number(), v.integer(), v.minValue(150), v.maxValue(1500)), IN_SECONDS),
  rules: v.pipe(v.array(KeyRuleSchema), v.minLength(1), v.maxLength(100)),
  /** What the info line can show at home, in the order its key steps through. */
  infoLines: v.pipe(v.array(Text), v.maxLength(12)),
  /** Assist levels of the home screen: the lowest of the ring, and what each is called where they have names. */
  levels: v.strictObject({ lowest: v.picklist([0, 1]), names: v.pipe(v.array(Mark), v.maxLength(21)) }),
  /** Modes the mode key goes through, in its order; none where it has no such key. */
  modes: v.pipe(v.array(Mark), v.maxLength(12)),
  /** Digits of a start PIN. */
  pinDigits: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(8)),
  menu: v.strictObject({
    /** The first page is the one a key plan calls "the menu". */
    pages: v.pipe(v.array(PageSchema), v.minLength(1), v.maxLength(40)),
    idle: v.strictObject({
      closesAfterMs: noting(v.pipe(v.number(), v.integer(), v.minValue(3000), v.maxValue(600_000)), IN_SECONDS),
      pending: v.picklist(["save", "discard"]),
    }),
    /** A value changes at once under the keys, or blinks first and is confirmed. */
    changing: Changing,
    saves: v.picklist(["each-change", "leaving-line", "leaving-menu"]),
  }),
  /** All value lines, in the order the menu shows them when everything is shown. */
  lines: v.pipe(v.array(LineSchema), v.minLength(1), v.maxLength(MOST_LINES)),
  inForce: v.picklist(["at-once", "after-power-cycle"]),
  /** Packs it takes, nominal volts; none where nobody has said. */
  acceptsNominalV: v.array(Volts),
  faultCodes: v.pipe(v.array(v.strictObject({ code: Mark, says: Text })), v.maxLength(60)),
  source: Text,
});
