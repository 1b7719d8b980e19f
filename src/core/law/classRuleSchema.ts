/** The shape of a legal class as data, for shipped ones and for those users add. */
import * as v from "valibot";

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
    v.strictObject({ kind: v.literal("to-limit"), limit: SpeedLimitSchema }),
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
