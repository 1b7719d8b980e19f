"use client";
import { later } from "@/ui/primitives/later";
import { useEffect, useState, useSyncExternalStore, type ReactNode } from "react";
import { healthNow, isAnythingLaidBy, isSeeded, openStorage, watchHealth, type Health } from "@/store";

const NoStorage = later(() => import("./NoStorage").then((module) => module.NoStorage));

const OPEN: Health = { kind: "open" };

/** Lets the screens in once the browser's storage is open, and says why where it is not. */
export function StorageGate({ children }: { readonly children: ReactNode }) {
  const health = useSyncExternalStore(watchHealth, healthNow, () => OPEN);
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let gone = false;
    const open = async () => {
      const { kind } = await openStorage();
      if (kind !== "open") return;
      // What another page laid by when it went comes first, so that no screen shows less than was typed.
      if (isAnythingLaidBy()) await (await import("@/store/takeAllUp")).takeAllUp();
      if (!gone) setReady(true);
      if (!(await isSeeded())) await (await import("@/store/seeding")).seedOnce();
    };
    void open();
    return () => {
      gone = true;
    };
  }, []);
  if (health.kind !== "open") return <NoStorage health={health} />;
  return ready ? children : null;
}
