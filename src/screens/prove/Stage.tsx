export { Prove as Stage } from "./Prove";
