export { Program as Stage } from "./Program";
