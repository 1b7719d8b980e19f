export { HandOver as Stage } from "./HandOver";
