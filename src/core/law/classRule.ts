/**
 * Legal classes as data: what a class asks of a bike, with its source and the day it was last known to stand.
 * Everything here is from memory unless the source names otherwise; users can add classes. Check the local code.
 */
import type { InferOutput } from "valibot";
import { speedToKmh, type SpeedUnit } from "../units";
import type { ClassRuleSchema } from "./classRuleSchema";

export type ClassRule = InferOutput<typeof ClassRuleSchema>;

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

/** Where a throttle may drive the bike to, or null where the class lets it not drive at all, or sets no limit. */
export function throttleLimit(choice: ClassChoice): AssistLimit | null {
  const { throttle } = choice.rule;
  switch (throttle.kind) {
    case "to-assist-limit":
      return assistLimit(choice);
    case "to-limit": {
      const { value, unit, strict } = throttle.limit;
      const kmh = speedToKmh(value, unit);
      return { kmh, strict, aboveTextKmh: 0, textKmh: kmh, textValue: value, textUnit: unit };
    }
    case "any":
    case "none":
    case "only-while-pedalling":
    case "walking-pace":
      return null;
  }
}

/** The assist limit in force for a choice, or null where the class sets none. */
export function assistLimit({ rule, acceptedKmh }: ClassChoice): AssistLimit | null {
  if (!rule.assist) return null;
  const textKmh = speedToKmh(rule.assist.value, rule.assist.unit);
  const text = { textKmh, textValue: rule.assist.value, textUnit: rule.assist.unit };
  if (acceptedKmh === null) return { kmh: textKmh, strict: rule.assist.strict, aboveTextKmh: 0, ...text };
  return { kmh: acceptedKmh, strict: false, aboveTextKmh: acceptedKmh - textKmh, ...text };
}
