export {
  canSet,
  appliedCap,
  appliedCurrentA,
  type Counting,
  countingOf,
  decoded,
  type Raws,
  readOut,
  type ReadOut,
  shownUnit,
  speedometer,
  throttleCap,
} from "./applied";
