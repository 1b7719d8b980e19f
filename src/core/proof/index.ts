export {
  CHECK_IDS,
  type CheckId,
  type DueCheck,
  dueChecks,
  type Expectation,
  isCheck,
  type Place,
  PLACE_OF,
  TAKES_TWO,
} from "./checks";
export { CHECK_RESTS_ON, CHECK_RESTS_ON_FACTS } from "./restsOn";
export { levelsTold, MOST_SECONDS, MOST_VOLTS, readLevelSpeeds, type Verdict, verdictOn } from "./verdicts";
export { readBack, type ReadBackVerdict } from "./readBack";
