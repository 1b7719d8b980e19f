/**
 * The display profile, format 1, as it was: read only to bring old files up to format 2 (migrate.ts).
 */
import * as v from "valibot";
import { FORMAT } from "./profileFormat";

const Slug = v.pipe(v.string(), v.regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, "small letters, digits and single hyphens"));
const Text = v.pipe(v.string(), v.minLength(1), v.maxLength(400));
const Mark = v.pipe(v.string(), v.minLength(1), v.maxLength(8));
const Raw = v.pipe(v.number(), v.integer(), v.minValue(-9999), v.maxValue(99999));
const Ms = v.pipe(v.number(), v.integer(), v.minValue(50), v.maxValue(600_000));
const HoldMs = v.pipe(v.number(), v.integer(), v.minValue(400), v.maxValue(30_000));

// ── keys ────────────────────────────────────────────────────────────────────────────────────────────────────────────

const KeySchema = v.strictObject({
  id: Slug,
  /** What is drawn on the key: one or two characters. */
  cap: v.pipe(v.string(), v.minLength(1), v.maxLength(2)),
  /** What the technician calls it aloud. */
  name: Text,
  /** Key of a computer's keyboard that presses it on the simulated display (KeyboardEvent.key). */
  keyboard: v.pipe(v.string(), v.minLength(1), v.maxLength(20)),
});

const RepeatSchema = v.strictObject({
  /** First repeated step after this long, then one every `everyMs`. */
  afterMs: HoldMs,
  everyMs: Ms,
});

const DeedSchema = v.variant("kind", [
  v.strictObject({ kind: v.literal("power-on") }),
  v.strictObject({ kind: v.literal("power-off") }),
  v.strictObject({ kind: v.literal("open-menu") }),
  v.strictObject({ kind: v.literal("next-line") }),
  v.strictObject({ kind: v.literal("step-value"), by: v.picklist([1, -1]), repeat: v.nullable(RepeatSchema) }),
  v.strictObject({ kind: v.literal("save-and-leave") }),
  v.strictObject({ kind: v.literal("leave-without-saving") }),
  v.strictObject({ kind: v.literal("start-walk-assist") }),
  v.strictObject({ kind: v.literal("step-level"), by: v.picklist([1, -1]) }),
  v.strictObject({ kind: v.literal("toggle-lamp") }),
]);

const KeyRuleSchema = v.strictObject({
  /** Screen on which the rule holds. */
  on: v.picklist(["off", "home", "menu"]),
  /** Keys pressed together. */
  keys: v.pipe(v.array(Slug), v.minLength(1), v.maxLength(4)),
  gesture: v.variant("kind", [
    v.strictObject({ kind: v.literal("tap") }),
    v.strictObject({ kind: v.literal("hold"), holdMs: HoldMs }),
  ]),
  does: DeedSchema,
});

// ── encodings ───────────────────────────────────────────────────────────────────────────────────────────────────────

const option = <Value extends v.GenericSchema>(means: Value) => v.strictObject({ raw: Raw, shows: Mark, means });
const options = <Value extends v.GenericSchema>(means: Value) =>
  v.pipe(v.array(option(means)), v.minLength(1), v.maxLength(64));

const ChoiceSchema = v.variant("setting", [
  v.strictObject({
    kind: v.literal("choice"),
    setting: v.literal("throttleMode"),
    options: options(v.picklist(["off", "follows-level", "full"])),
  }),
  v.strictObject({
    kind: v.literal("choice"),
    setting: v.literal("startStrengthShare"),
    options: options(v.pipe(v.number(), v.minValue(0), v.maxValue(1))),
  }),
  v.strictObject({
    kind: v.literal("choice"),
    setting: v.literal("nominalV"),
    options: options(v.pipe(v.number(), v.minValue(6), v.maxValue(120))),
  }),
  v.strictObject({
    kind: v.literal("choice"),
    setting: v.literal("assistLevels"),
    options: options(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(20))),
  }),
  v.strictObject({
    kind: v.literal("choice"),
    setting: v.literal("levelAtPowerOn"),
    options: options(v.union([v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(20)), v.literal("last-used")])),
  }),
  v.strictObject({
    kind: v.literal("choice"),
    setting: v.literal("speedUnit"),
    options: options(v.picklist(["kmh", "mph"])),
  }),
  v.strictObject({
    kind: v.literal("choice"),
    setting: v.literal("batteryReadout"),
    options: options(v.picklist(["percent", "volts"])),
  }),
]);

const OnOffSchema = v.strictObject({
  kind: v.literal("on-off"),
  setting: v.picklist(["throttleFromStandstill", "walkAssistOn"]),
  /** In the order the display steps through them. */
  options: v.pipe(v.array(option(v.boolean())), v.length(2)),
});

const ScaledSchema = v.strictObject({
  kind: v.literal("scaled"),
  setting: v.picklist(["currentLimitA", "cutOffV"]),
  rawMin: Raw,
  rawMax: Raw,
  /** value = offset + raw · perRaw, in the setting's unit. */
  perRaw: v.pipe(v.number(), v.gtValue(0)),
  offset: v.number(),
  /** Decimals the display writes. */
  decimals: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(2)),
});

const CountSchema = v.strictObject({
  kind: v.literal("count"),
  setting: v.picklist(["startPulses", "pulsesPerTurn", "autoOffMin", "assistLevels"]),
  rawMin: Raw,
  rawMax: Raw,
});

const WheelCodeSchema = v.strictObject({
  kind: v.literal("wheel-code"),
  setting: v.literal("circumferenceMm"),
  codes: v.pipe(
    v.array(
      v.strictObject({
        raw: Raw,
        shows: Mark,
        inch: v.pipe(v.number(), v.minValue(5), v.maxValue(40)),
        /** Circumference the display takes the code for, mm; null: nominal inch × 25.4 × π. */
        circumferenceMm: v.nullable(v.pipe(v.number(), v.minValue(400), v.maxValue(3200))),
      }),
    ),
    v.minLength(1),
    v.maxLength(64),
  ),
  /** Relative: 0 once proven on a bike, 0.03 while assumed. */
  circumferenceUncertainty: v.pipe(v.number(), v.minValue(0), v.maxValue(0.2)),
});

const SpeedCapSchema = v.strictObject({
  kind: v.literal("speed-cap"),
  setting: v.literal("assistCapKmh"),
  /** Unit the number is held in, whatever unit the rider sees. */
  heldIn: v.picklist(["kmh", "mph"]),
  rawMin: Raw,
  rawMax: Raw,
  /** Raw value that stands for "no cap", or null. */
  uncappedRaw: v.nullable(Raw),
  /**
   * What the cap is compared with: the speed shown, the controller's own measure, a share of power, or nobody knows.
   */
  basis: v.picklist(["shown", "own", "share", "unknown"]),
  /** Whether throttle drive ends at it too. */
  endsThrottle: v.boolean(),
});

const ReadOnlySchema = v.strictObject({ kind: v.literal("read-only"), setting: v.null(), shows: Mark });
const ReservedSchema = v.strictObject({ kind: v.literal("reserved"), setting: v.null(), rawMin: Raw, rawMax: Raw });

const EncodingSchema = v.union([
  ChoiceSchema,
  OnOffSchema,
  ScaledSchema,
  CountSchema,
  WheelCodeSchema,
  SpeedCapSchema,
  ReadOnlySchema,
  ReservedSchema,
]);

// ── menu ────────────────────────────────────────────────────────────────────────────────────────────────────────────

const LineSchema = v.strictObject({
  /** As the display writes it. */
  code: Mark,
  encoding: EncodingSchema,
  atEnds: v.picklist(["wrap", "stop"]),
  /** Value the maker ships it with. */
  factoryRaw: Raw,
  /** Left as found unless unlocked with a written reason. */
  makerOnly: v.boolean(),
  note: v.nullable(Text),
});

const MenuSchema = v.variant("kind", [
  v.strictObject({
    kind: v.literal("flat"),
    movement: v.variant("kind", [v.strictObject({ kind: v.literal("ring"), way: v.literal("one-way") })]),
    opensAt: v.picklist(["first-line", "last-visited"]),
    idle: v.strictObject({
      closesAfterMs: v.pipe(v.number(), v.integer(), v.minValue(3000), v.maxValue(600_000)),
      pending: v.picklist(["save", "discard"]),
    }),
    lines: v.pipe(v.array(LineSchema), v.minLength(1), v.maxLength(120)),
  }),
]);

export const DisplayProfileSchema1 = v.strictObject({
  format: v.literal(FORMAT),
  version: v.literal(1),
  id: Slug,
  /** Raised with every edit; a job keeps the revision it was planned with. */
  revision: v.pipe(v.number(), v.integer(), v.minValue(1)),
  name: Text,
  /** Which variant of the display this describes: line count, marks, firmware. */
  variant: Text,
  keys: v.pipe(v.array(KeySchema), v.minLength(1), v.maxLength(8)),
  rules: v.pipe(v.array(KeyRuleSchema), v.minLength(1), v.maxLength(80)),
  menu: MenuSchema,
  inForce: v.picklist(["at-once", "after-power-cycle"]),
  /** Volts the display and its controller run on. */
  acceptsNominalV: v.pipe(v.array(v.number()), v.minLength(1)),
  source: Text,
});
