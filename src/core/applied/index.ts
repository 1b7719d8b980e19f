export {
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
} from "./applied";
