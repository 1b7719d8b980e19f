// Every shipped display, planned and replayed on the machine: what the planner promises, the machine must do. First
// half.
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { testShipped } from "./testingShipped";

const HEAVY: ReadonlySet<string> = new Set(["Windrow", "Lathe", "Quillon"]);
testShipped(SHIPPED_DISPLAYS.filter(({ name }) => !HEAVY.has(name)));
