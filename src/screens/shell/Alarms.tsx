"use client";
import dynamic from "next/dynamic";
import { useSyncExternalStore } from "react";
import { failureNow, watchFailure } from "@/store";
import { isStuck, watchStuck } from "@/workers/stuck";

// What is said when something failed is loaded when it does.
const NotKept = dynamic(() => import("./NotKept").then((module) => module.NotKept), { ssr: false });
const WorkerStuck = dynamic(() => import("./WorkerStuck").then((module) => module.WorkerStuck), { ssr: false });

/** Says, once and plainly, what the page could not do, and what to do about it. */
export function Alarms() {
  const failure = useSyncExternalStore(watchFailure, failureNow, () => null);
  const stuck = useSyncExternalStore(watchStuck, isStuck, () => false);
  return (
    <>
      {failure ? <NotKept failure={failure} /> : null}
      {stuck ? <WorkerStuck /> : null}
    </>
  );
}
