export {
  CHECK_IDS,
  CHECK_RESTS_ON,
  type CheckId,
  type DueCheck,
  dueChecks,
  type Expectation,
  isCheck,
  type Verdict,
  verdictOn,
} from "./checks";
export { readBack, type ReadBackVerdict } from "./readBack";
