export type { ProposalContext, ProposedLine, ByHand } from "./context";
export { propose } from "./propose";
export type { Reason, WheelOption } from "./reason";
export { readingMisfit, type ReadingCause, type ReadingMisfit } from "./reading";
export { diagnose, type MistakeCause, type SpeedometerMistake } from "./diagnose";
