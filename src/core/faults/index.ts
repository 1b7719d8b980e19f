export { beliefsOf, likelyCauses, sharesOf, type Likely } from "./beliefs";
export { causeFound, countsOf, type FaultCase, signOfCode } from "./case";
export { cannotBe, changedCauses, type HeldLine, linesSay, PART_CAUSES } from "./context";
export { type Expected, expectedReading } from "./expected";
export {
  causeById,
  checkById,
  type FaultAnswer,
  type FaultCheck,
  type FaultContext,
  type FaultData,
  type Spare,
  SPARES,
  type Tool,
  TOOLS,
} from "./faults";
export { type CaseStanding, standingOf, type NextCheck } from "./standing";
