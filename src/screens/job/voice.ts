import type { Workings } from "@/core/record";

/** The unit the class speaks in, and its name: what sentences about a bike are said with. */
export const voiceOf = ({ choice }: Workings) => ({
  unit: choice?.rule.speedUnit ?? ("kmh" as const),
  className: choice?.rule.name ?? "the class",
});
