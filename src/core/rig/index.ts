export { AT_REST, readingsOf, rigAfter, type RigReadings, type RigState } from "./rig";
