/**
 * Legal classes as data: what a class asks of a bike, with its source and the day it was last known to stand.
 * Everything here is from memory unless the source names otherwise; users can add classes. Check the local code.
 */
import * as v from "valibot";
import { speedToKmh, type SpeedUnit } from "../units";

const SpeedLimitSchema = v.strictObject({
  value: v.pipe(v.number(), v.gtValue(0), v.maxValue(200)),
  unit: v.picklist(["kmh", "mph"]),
  /** True where the text says "less than" or "before": the limit itself is not allowed. */
  strict: v.boolean(),
});

export const ClassRuleSchema = v.strictObject({
  id: v.pipe(v.string(), v.regex(/^[a-z0-9-]+$/)),
  name: v.string(),
  /** The few words that stand on a badge. */
  badge: v.string(),
  where: v.string(),
  /** Unit the class speaks in, and the rider reads. */
  speedUnit: v.picklist(["kmh", "mph"]),
  /** Speed at which assist must have ended; null where the class sets none. */
  assist: v.nullable(SpeedLimitSchema),
  /** A rounded reading of the limit some accept in its place; offered, never assumed. */
  acceptedReading: v.nullable(v.strictObject({ value: v.number(), unit: v.picklist(["kmh", "mph"]) })),
  throttle: v.variant("kind", [
    v.strictObject({ kind: v.literal("any") }),
    v.strictObject({ kind: v.literal("none") }),
    v.strictObject({ kind: v.literal("only-while-pedalling") }),
    v.strictObject({ kind: v.literal("to-assist-limit") }),
    v.strictObject({ kind: v.literal("walking-pace"), limitKmh: v.number() }),
  ]),
  /** Fastest walking aid, km/h; null where the class is silent. */
  walkAssistKmh: v.nullable(v.number()),
  motor: v.nullable(
    v.strictObject({
      limitW: v.number(),
      /** "differs": some texts say at most, others below, so a motor exactly at the limit is a caution. */
      strictness: v.picklist(["at-most", "below", "differs"]),
      basis: v.picklist(["continuous-rated", "not-stated"]),
    }),
  ),
  publicRoad: v.boolean(),
  source: v.string(),
  knownOn: v.pipe(v.string(), v.isoDate()),
  /** What the class also asks, which no display can set. */
  beyondTheDisplay: v.array(v.string()),
});

export type ClassRule = v.InferOutput<typeof ClassRuleSchema>;

/** Which class a bike must leave in, and how its limit is read. */
export interface ClassChoice {
  readonly rule: ClassRule;
  /** A reading the technician has accepted in place of the exact limit, km/h; null for the limit as written. */
  readonly acceptedKmh: number | null;
}

export interface AssistLimit {
  readonly kmh: number;
  readonly strict: boolean;
  /** How far the accepted reading lies above the limit as written, km/h; 0 when the text is taken exactly. */
  readonly aboveTextKmh: number;
  readonly textKmh: number;
  readonly textValue: number;
  readonly textUnit: SpeedUnit;
}

/** The assist limit in force for a choice, or null where the class sets none. */
export function assistLimit({ rule, acceptedKmh }: ClassChoice): AssistLimit | null {
  if (!rule.assist) return null;
  const textKmh = speedToKmh(rule.assist.value, rule.assist.unit);
  const text = { textKmh, textValue: rule.assist.value, textUnit: rule.assist.unit };
  if (acceptedKmh === null) return { kmh: textKmh, strict: rule.assist.strict, aboveTextKmh: 0, ...text };
  return { kmh: acceptedKmh, strict: false, aboveTextKmh: acceptedKmh - textKmh, ...text };
}
