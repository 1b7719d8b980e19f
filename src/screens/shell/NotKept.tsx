"use client";
import dynamic from "next/dynamic";
import { useSyncExternalStore } from "react";
import { failureNow, watchFailure, type WriteFailure } from "@/store";

const WayOut = dynamic(() => import("./WayOut").then((module) => module.WayOut), { ssr: false });

const WHY: Readonly<Record<WriteFailure["kind"], string>> = {
  full: "The browser has no room left for it.",
  gone: "It is no longer on this machine: another window has taken it off.",
  failed: "The browser refused to write.",
};

/** Says, once and plainly, that something could not be kept, and what to do. */
export function NotKept() {
  const failure = useSyncExternalStore(watchFailure, failureNow, () => null);
  if (!failure) return null;
  return (
    <div
      role="alert"
      className="no-print fixed inset-x-3 bottom-3 z-50 mx-auto max-w-2xl rounded-lg border-2 border-breach bg-sheet p-4"
    >
      <p className="font-semibold">The last change is not kept. {WHY[failure.kind]}</p>
      <p className="mb-3 text-[0.95rem]">
        What you typed still stands in its field. Save it as a file now, make room, then try again.
        <span className="code block text-[0.8rem] break-words text-quiet">{failure.detail}</span>
      </p>
      <div className="flex flex-wrap gap-3">
        <WayOut failure={failure} />
      </div>
    </div>
  );
}
