/** Whether a display's cap line can hold what a class asks for at all, before any bike is in sight. */
import { capBasisOf, encodeLine, linesOf, PLAIN_CONTEXT, type DisplayProfile, type EncodeProblem } from "../display";
import { assistLimit, type ClassRule } from "../law";

export interface NotHeld {
  readonly code: string;
  readonly className: string;
  readonly problem: EncodeProblem;
}

/** Classes whose limit a cap line cannot hold, or holds only far below, line by line. */
export function classesNotHeld(profile: DisplayProfile, rules: readonly ClassRule[]): readonly NotHeld[] {
  return linesOf(profile).flatMap((line) =>
    line.encoding.kind === "bundle" || capBasisOf(line.encoding) === null
      ? []
      : rules.flatMap((rule): NotHeld[] => {
          const limit = assistLimit({ rule, acceptedKmh: null });
          if (!limit) return [];
          const encoded = encodeLine(line.encoding, limit.kmh, limit.strict, PLAIN_CONTEXT);
          const problem = encoded.ok ? encoded.beyond : encoded.problem;
          return problem ? [{ code: line.code, className: rule.name, problem }] : [];
        }),
  );
}
