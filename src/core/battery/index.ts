export { type Chemistry, fullPackV } from "./chemistry";
export { cutOffFloor, labelWatts } from "./pack";
