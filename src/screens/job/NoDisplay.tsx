import { later } from "@/ui/primitives/later";

/** Stands in for a stage that rests on a display while none is chosen: loaded only then. */
export const NoDisplay = later(() => import("./ChooseDisplay").then((module) => module.ChooseDisplay));
