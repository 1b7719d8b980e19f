import type { Paper } from "@/core/record";

/** Whether the class may be named on a label: every line read back, and nothing against it. */
export const isLabelled = ({ standing, workings }: Paper): boolean =>
  standing === "read-back" && workings.against.length === 0;
