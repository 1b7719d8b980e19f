export { CHECK_WORDS } from "./checks";
export { CHEMISTRY_NAMES } from "./chemistries";
export { deedWords, gestureWords, ruleConditions } from "./deeds";
export { INTAKE_WORDS } from "./fields";
export { PART_WORDS, partInSentence } from "./parts";
export { findingText, marginText, type Voice } from "./findings";
export { READ_OUT_NEEDS } from "./readOutNeeds";
export { keyNames, keyOf, stepRunWords, strokeWords, viewWords } from "./keys";
export { missWords, planProblemText } from "./keyTrouble";
export { MARK_NAMES } from "./names";
export { encodeProblemText } from "./encodeProblems";
export { disagreementText, fieldProblemText, fileProblemText, shownProblemText } from "./problems";
export { reasonWhy } from "./reasons";
export { motorAmpsWorking, reasonWords } from "./reasonWorking";
export { sealFaultText } from "./seals";
export { lineName, SETTING_NAMES } from "./settings";
export {
  count,
  day,
  dayAndTime,
  distance,
  duration,
  fixed,
  offBy,
  plain,
  secondsOf,
  speed,
  unitName,
  whPer,
} from "./speak";
export { STAGE_CAPTIONS, STAGE_NAMES, BESIDE_NAMES, type Beside } from "./stages";
export { settingValueWords, valueMeaning, shownWith, WHO_SETS } from "./values";
