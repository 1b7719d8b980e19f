"use client";
import { later } from "@/ui/primitives/later";
import { useEffect, useState, useSyncExternalStore } from "react";
import { failureNow, isNearlyFull, watchFailure } from "@/store";
import { isStuck, watchStuck } from "@/workers/stuck";

// What is said when something failed is loaded when it does.
const AlarmPanels = later(() => import("./AlarmPanels").then((module) => module.AlarmPanels));

/** Whether the browser's room is nearly used up: looked at once a page. */
function useShortOfRoom(): boolean {
  const [isShort, setShort] = useState(false);
  useEffect(() => {
    void navigator.storage
      ?.estimate?.()
      .then(({ usage = 0, quota = 0 }) => setShort(isNearlyFull(usage, quota)))
      .catch(() => undefined);
  }, []);
  return isShort;
}

/** Says, once and plainly, what the page could not do, or soon cannot. */
export function Alarms() {
  const failure = useSyncExternalStore(watchFailure, failureNow, () => null);
  const stuck = useSyncExternalStore(watchStuck, isStuck, () => false);
  const isShort = useShortOfRoom();
  return failure || stuck || isShort ? <AlarmPanels failure={failure} stuck={stuck} isShort={isShort} /> : null;
}
