"use client";
import { later } from "@/ui/primitives/later";
import { useSyncExternalStore } from "react";
import { failureNow, watchFailure } from "@/store";
import { isStuck, watchStuck } from "@/workers/stuck";

// What is said when something failed is loaded when it does.
const AlarmPanels = later(() => import("./AlarmPanels").then((module) => module.AlarmPanels));

/** Says, once and plainly, what the page could not do. */
export function Alarms() {
  const failure = useSyncExternalStore(watchFailure, failureNow, () => null);
  const stuck = useSyncExternalStore(watchStuck, isStuck, () => false);
  return failure || stuck ? <AlarmPanels failure={failure} stuck={stuck} /> : null;
}
