export { Intake as Stage } from "./Intake";
