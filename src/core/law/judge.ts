/**
 * Judges a bike as its display will really apply it against a legal class. Findings carry numbers, margins and the
 * class they were checked against; they never say a bike is within the law.
 */
import { labelWatts } from "../battery";
import type { Interval, ReadOutNeed } from "../wheel";
import { assistLimit, throttleLimit, type ClassChoice } from "./classRule";

/** What a cap line comes to on the road. Only a cap on the shown speed can be turned into a true one. */
export type AppliedCap =
  | {
      readonly kind: "true";
      readonly shownKmh: number;
      readonly kmh: Interval;
      /** The unit its number is held in has not been read: taken as miles per hour, the worse of the two. */
      readonly unitOpen: boolean;
    }
  | { readonly kind: "uncapped" }
  | {
      readonly kind: "no-read-out";
      readonly shownKmh: number;
      readonly needs: readonly ReadOutNeed[];
      readonly unitOpen: boolean;
    }
  | { readonly kind: "unmeasured"; readonly basis: "own" | "share" | "unknown" }
  | { readonly kind: "not-read" }
  | { readonly kind: "no-line" };

export type ThrottleMode = "off" | "follows-level" | "full";

/** A bike as its display will really apply it; null means not known. */
export interface AsApplied {
  readonly assistCap: AppliedCap;
  /** Where throttle drive ends: the assist cap where that ends it too, or a cap of its own. */
  readonly throttleCap: AppliedCap;
  readonly throttleFitted: boolean | null;
  readonly throttleMode: ThrottleMode | null;
  /** Whether any line of the display says what the throttle does. */
  readonly throttleHasLine: boolean;
  /** Whether it drives only after pedals were turned, and whether it only walks until they are; null where unknown. */
  readonly throttleAfterPedalling: boolean | null;
  readonly throttleWalkingPace: boolean | null;
  readonly walkAssistOn: boolean | null;
  /** Speed walk assist is set to, km/h; null where no line says. */
  readonly walkAssistKmh: number | null;
  /** What that comes to on the road; null where no line says or how far the display is off is not known. */
  readonly walkAssistTrueKmh: Interval | null;
  readonly motorRatedW: number | null;
  readonly nominalV: number | null;
  readonly currentLimitA: number | null;
}

export type Severity = "breach" | "caution" | "unknown" | "note";

/** What of the bike a finding is about; the sheet hangs it on the lines that set it. */
export type Subject = "assist-cap" | "throttle" | "walk-assist" | "motor";

export type LawMessage =
  | {
      readonly key: "cap.over";
      readonly unitOpen: boolean;
      readonly trueKmh: number;
      readonly shownKmh: number;
      readonly limitKmh: number;
      readonly overKmh: number;
    }
  | { readonly key: "cap.may-be-over"; readonly highKmh: number; readonly trueKmh: number; readonly limitKmh: number }
  | { readonly key: "cap.uncapped"; readonly limitKmh: number }
  | {
      readonly key: "cap.needs-read-out";
      readonly shownKmh: number;
      readonly needs: readonly ReadOutNeed[];
      readonly unitOpen: boolean;
      readonly limitKmh: number;
    }
  | { readonly key: "cap.measure-it"; readonly basis: "own" | "share" | "unknown"; readonly limitKmh: number }
  | { readonly key: "cap.not-read"; readonly limitKmh: number }
  | { readonly key: "cap.no-line"; readonly limitKmh: number }
  | {
      readonly key: "cap.accepted-reading";
      readonly readAsKmh: number;
      readonly aboveTextKmh: number;
      readonly textValue: number;
      readonly textUnit: "kmh" | "mph";
    }
  | { readonly key: "throttle.not-in-class"; readonly rule: "none" | "only-while-pedalling" }
  | { readonly key: "throttle.walking-pace-only"; readonly limitKmh: number }
  | { readonly key: "throttle.over"; readonly trueKmh: number; readonly limitKmh: number; readonly overKmh: number }
  | {
      readonly key: "throttle.may-be-over";
      readonly highKmh: number;
      readonly trueKmh: number;
      readonly limitKmh: number;
    }
  | { readonly key: "throttle.uncapped"; readonly limitKmh: number }
  | { readonly key: "throttle.cap-unknown"; readonly limitKmh: number }
  | { readonly key: "throttle.not-read" }
  | { readonly key: "throttle.no-line" }
  | { readonly key: "throttle.measure-pace"; readonly limitKmh: number }
  | { readonly key: "throttle.try-pedals" }
  | { readonly key: "throttle.off-by-line-only" }
  | { readonly key: "walk.measure"; readonly limitKmh: number }
  | { readonly key: "walk.over"; readonly setKmh: number; readonly trueKmh: number; readonly limitKmh: number }
  | { readonly key: "walk.may-be-over"; readonly setKmh: number; readonly highKmh: number; readonly limitKmh: number }
  | { readonly key: "motor.over"; readonly ratedW: number; readonly limitW: number }
  | { readonly key: "motor.at-limit"; readonly ratedW: number; readonly limitW: number }
  | { readonly key: "motor.not-known"; readonly limitW: number }
  | {
      readonly key: "motor.battery-watts";
      readonly ratedW: number;
      readonly batteryW: number;
      readonly limitW: number;
      readonly basis: "continuous-rated" | "not-stated";
    }
  | { readonly key: "class.private-land" };

export interface Finding<Message = LawMessage> {
  readonly severity: Severity;
  readonly subject: Subject;
  readonly message: Message;
}

/** Speeds closer than this are the same speed: a tenth of what any cap line can hold. km/h */
const SAME_SPEED_KMH = 1e-6;

const exceeds = (kmh: number, limit: { kmh: number; strict: boolean }): boolean =>
  limit.strict ? kmh >= limit.kmh - SAME_SPEED_KMH : kmh > limit.kmh + SAME_SPEED_KMH;

/** All findings of a class on a bike as applied, gravest first. Speeds in km/h, power in watts. */
export function judge(choice: ClassChoice, applied: AsApplied): readonly Finding[] {
  const findings = [
    ...judgeCap(choice, applied),
    ...judgeThrottle(choice, applied),
    ...judgeWalkAssist(choice, applied),
    ...judgeMotor(choice, applied),
  ];
  if (!choice.rule.publicRoad)
    findings.push({ severity: "caution", subject: "assist-cap", message: { key: "class.private-land" } });
  const gravity: readonly Severity[] = ["breach", "caution", "unknown", "note"];
  return findings.sort((a, b) => gravity.indexOf(a.severity) - gravity.indexOf(b.severity));
}

function judgeCap(choice: ClassChoice, { assistCap }: AsApplied): Finding[] {
  const limit = assistLimit(choice);
  if (!limit) return [];
  const limitKmh = limit.kmh;
  const found = (severity: Severity, message: LawMessage): Finding => ({ severity, subject: "assist-cap", message });
  const reading: Finding[] =
    choice.acceptedKmh === null
      ? []
      : [
          found("note", {
            key: "cap.accepted-reading",
            readAsKmh: limit.kmh,
            aboveTextKmh: limit.aboveTextKmh,
            textValue: limit.textValue,
            textUnit: limit.textUnit,
          }),
        ];
  switch (assistCap.kind) {
    case "true": {
      const { nominal, high } = assistCap.kmh;
      if (exceeds(nominal, limit))
        return [
          found("breach", {
            key: "cap.over",
            unitOpen: assistCap.unitOpen,
            trueKmh: nominal,
            shownKmh: assistCap.shownKmh,
            limitKmh,
            overKmh: nominal - limitKmh,
          }),
          ...reading,
        ];
      if (exceeds(high, limit))
        return [found("caution", { key: "cap.may-be-over", highKmh: high, trueKmh: nominal, limitKmh }), ...reading];
      return reading;
    }
    case "uncapped":
      return [found("breach", { key: "cap.uncapped", limitKmh }), ...reading];
    case "no-read-out": {
      const { shownKmh, needs, unitOpen } = assistCap;
      return [found("unknown", { key: "cap.needs-read-out", shownKmh, needs, unitOpen, limitKmh }), ...reading];
    }
    case "unmeasured":
      return [found("unknown", { key: "cap.measure-it", basis: assistCap.basis, limitKmh }), ...reading];
    case "not-read":
      return [found("unknown", { key: "cap.not-read", limitKmh }), ...reading];
    case "no-line":
      return [found("unknown", { key: "cap.no-line", limitKmh }), ...reading];
  }
}

const isSameCap = (a: AppliedCap, b: AppliedCap): boolean =>
  a.kind === "true" && b.kind === "true" && a.kmh.nominal === b.kmh.nominal && a.kmh.high === b.kmh.high;

function judgeThrottle(choice: ClassChoice, applied: AsApplied): Finding[] {
  const { rule } = choice;
  if (rule.throttle.kind === "any" || applied.throttleFitted === false) return [];
  const found = (severity: Severity, message: LawMessage): Finding => ({ severity, subject: "throttle", message });
  if (!applied.throttleHasLine) return [found("unknown", { key: "throttle.no-line" })];
  if (applied.throttleMode === null) return [found("unknown", { key: "throttle.not-read" })];
  if (applied.throttleMode === "off")
    return rule.throttle.kind === "to-assist-limit" ? [] : [found("note", { key: "throttle.off-by-line-only" })];
  switch (rule.throttle.kind) {
    case "none":
      return [found("breach", { key: "throttle.not-in-class", rule: rule.throttle.kind })];
    case "only-while-pedalling":
      return applied.throttleAfterPedalling === true
        ? [found("caution", { key: "throttle.try-pedals" })]
        : [found("breach", { key: "throttle.not-in-class", rule: rule.throttle.kind })];
    case "walking-pace": {
      const { limitKmh } = rule.throttle;
      return applied.throttleWalkingPace === true
        ? [found("note", { key: "throttle.measure-pace", limitKmh })]
        : [found("breach", { key: "throttle.walking-pace-only", limitKmh })];
    }
    case "to-limit":
    case "to-assist-limit":
      return judgeThrottleCap(choice, applied);
  }
}

/** Where throttle drive ends, against where the class lets it. */
function judgeThrottleCap(choice: ClassChoice, { throttleCap: cap, assistCap }: AsApplied): Finding[] {
  const limit = throttleLimit(choice);
  if (!limit) return [];
  const limitKmh = limit.kmh;
  const found = (severity: Severity, message: LawMessage): Finding => ({ severity, subject: "throttle", message });
  if (cap.kind === "uncapped")
    // One line that caps neither drive is said once, of the assist.
    return assistCap.kind === "uncapped" && limitKmh === assistLimit(choice)?.kmh
      ? []
      : [found("breach", { key: "throttle.uncapped", limitKmh })];
  if (cap.kind !== "true") return [found("unknown", { key: "throttle.cap-unknown", limitKmh })];
  const { nominal, high } = cap.kmh;
  if (exceeds(nominal, limit))
    return [found("breach", { key: "throttle.over", trueKmh: nominal, limitKmh, overKmh: nominal - limitKmh })];
  // One cap that ends both drives is said once, of the assist.
  return exceeds(high, limit) && !(isSameCap(cap, assistCap) && limitKmh === assistLimit(choice)?.kmh)
    ? [found("caution", { key: "throttle.may-be-over", highKmh: high, trueKmh: nominal, limitKmh })]
    : [];
}

function judgeWalkAssist({ rule }: ClassChoice, applied: AsApplied): Finding[] {
  const { walkAssistOn, walkAssistKmh: setKmh, walkAssistTrueKmh } = applied;
  const limitKmh = rule.walkAssistKmh;
  if (limitKmh === null || walkAssistOn === false || (walkAssistOn === null && setKmh === null)) return [];
  const found = (severity: Severity, message: LawMessage): Finding => ({ severity, subject: "walk-assist", message });
  if (setKmh !== null) {
    const { nominal, high } = walkAssistTrueKmh ?? { nominal: setKmh, high: setKmh };
    const limit = { kmh: limitKmh, strict: false };
    if (exceeds(nominal, limit)) return [found("breach", { key: "walk.over", setKmh, trueKmh: nominal, limitKmh })];
    if (exceeds(high, limit)) return [found("caution", { key: "walk.may-be-over", setKmh, highKmh: high, limitKmh })];
  }
  return [found("note", { key: "walk.measure", limitKmh })];
}

function judgeMotor({ rule }: ClassChoice, { motorRatedW, nominalV, currentLimitA }: AsApplied): Finding[] {
  if (!rule.motor) return [];
  const { limitW, strictness, basis } = rule.motor;
  const found = (severity: Severity, message: LawMessage): Finding => ({ severity, subject: "motor", message });
  if (motorRatedW === null) return [found("unknown", { key: "motor.not-known", limitW })];
  const findings: Finding[] = [];
  if (motorRatedW > limitW || (motorRatedW === limitW && strictness === "below"))
    findings.push(found("breach", { key: "motor.over", ratedW: motorRatedW, limitW }));
  else if (motorRatedW === limitW && strictness === "differs")
    findings.push(found("caution", { key: "motor.at-limit", ratedW: motorRatedW, limitW }));
  if (nominalV !== null && currentLimitA !== null && labelWatts(nominalV, currentLimitA) > limitW)
    findings.push(
      found("note", {
        key: "motor.battery-watts",
        ratedW: motorRatedW,
        batteryW: labelWatts(nominalV, currentLimitA),
        limitW,
        basis,
      }),
    );
  return findings;
}
