/** The types a display profile and its parts have, as the schema says. */
import type { InferOutput } from "valibot";
import type * as schema from "./profileSchema";

export type DisplayProfile = InferOutput<typeof schema.DisplayProfileSchema>;
export type DisplayKey = InferOutput<typeof schema.KeySchema>;
export type KeyRule = InferOutput<typeof schema.KeyRuleSchema>;
export type Deed = InferOutput<typeof schema.DeedSchema>;
export type Line = InferOutput<typeof schema.LineSchema>;
export type Claim = InferOutput<typeof schema.ClaimSchema>;
export type Page = InferOutput<typeof schema.PageSchema>;
export type Entry = Page["entries"][number];
export type Action = Extract<Entry, { kind: "action" }>["action"];
/** All of them hold, or it does not. */
export type Conditions = NonNullable<Line["shownWhen"]>;
export type Condition = Conditions[number];
export type Asks = Extract<Entry, { kind: "action" }>["asks"];
export type Encoding = InferOutput<typeof schema.EncodingSchema>;
export type WheelCodeEncoding = InferOutput<typeof schema.WheelCodeSchema>;
export type WheelSizeEncoding = InferOutput<typeof schema.WheelSizeSchema>;
export type SpeedCapEncoding = InferOutput<typeof schema.SpeedCapSchema>;
