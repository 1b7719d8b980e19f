export { AsFound as Stage } from "./AsFound";
