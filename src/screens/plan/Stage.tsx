export { Plan as Stage } from "./Plan";
