export { type CapBasis, capBasisOf, endsThrottle, withCapBasis } from "./caps";
export { checkProfile } from "./check";
export {
  contextOf,
  decodeAll,
  type Decoded,
  type Encoded,
  encodeLine,
  type EncodeProblem,
  type EncodingContext,
  PLAIN_CONTEXT,
  rankOf,
  rawValues,
  readShown,
  type ShownProblem,
  shows,
  stepOf,
} from "./encoding";
export {
  atHome,
  entryOf,
  entryShown,
  levelsInForce,
  lineAt,
  LONG_ON_MS,
  type MenuState,
  OFF,
  type Screen,
  switchedOff,
} from "./menuState";
export { closes, elapse, hold, msToNextEvent, press, stepDigit, stepRaw, stepTo } from "./machine";
export { ruleActs, rulesFor, rulesOn, waitsForSecondTap } from "./machine/acting";
export { perform } from "./machine/deeds";
export { closeIdle, entryBeside, moveTo } from "./machine/pages";
export {
  actsAtOnce,
  blinksEverywhere,
  blinksOn,
  blinksSomewhere,
  savesIdle,
  savesTogether,
  savingOf,
} from "./machine/manners";
export { sameView, type View, viewOf } from "./view";
export { type Danger, dangerOf, dangerOfAction } from "./danger";
export {
  type Claim,
  codeOf,
  entryCode,
  type Condition,
  type Conditions,
  type Asks,
  type Deed,
  type DisplayKey,
  type DisplayProfile,
  type Encoding,
  type Entry,
  factoryRaws,
  standInRaws,
  FORMAT,
  FORMAT_VERSION,
  isShown,
  type KeyRule,
  layoutOf,
  type Line,
  lineIndex,
  lineSetting,
  linesOf,
  holds,
  matters,
  MOST_LINES,
  type Page,
  type PagePlace,
  settingsOf,
} from "./profile";
export {
  type Hazard,
  LEVEL_SHARES,
  SETTING_KEYS,
  type SettingKey,
  type Settings,
  SETTINGS,
  type SettingUnit,
  type SettingValue,
  type Setup,
  type WhoSets,
} from "./settings";
export { chooseClaim, CLAIM_CONFIDENCE, claimState } from "./claims";
export { isUnsure } from "./unsure";
export { meaning, meaningless, newProfile, usualEncoding, withLineAt } from "./draft";
export { plainRule } from "./rules";
export { withTaken, type TakenLine } from "./taking";
export {
  acceptedMeanings,
  type CellField,
  type CellProblem,
  cellsOf,
  measuredText,
  withCell,
  withMeasured,
} from "./lineCells";
export { type Look, nextLook, partsOf } from "./variants";
export { newLine, withLines } from "./lines";
