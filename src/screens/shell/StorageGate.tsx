"use client";
import { later } from "@/ui/primitives/later";
import { useEffect, useState, useSyncExternalStore, type ReactNode } from "react";
import { healthNow, isAnythingLaidBy, isSeeded, openStorage, watchHealth, type Health } from "@/store";

const NoStorage = later(() => import("./NoStorage").then((module) => module.NoStorage));

const OPEN: Health = { kind: "open" };

/** Opened as soon as this code is there, while the page around it is still being brought to life. */
const opened = typeof window === "undefined" ? null : openStorage();

/** Lists what the book lacks; where it cannot, the next page tries again. */
const count = () => void import("@/store/listMissing").then(({ listMissing }) => listMissing()).catch(() => undefined);

/** Time the screen has to itself before the whole book is counted, ms. */
const COUNT_AFTER_MS = 1500;

/** Lets the screens in once the browser's storage is open, and says why where it is not. */
export function StorageGate({ children }: { readonly children: ReactNode }) {
  const health = useSyncExternalStore(watchHealth, healthNow, () => OPEN);
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let gone = false;
    let counting: ReturnType<typeof setTimeout> | undefined;
    const open = async () => {
      if ((await opened)?.kind !== "open") return;
      // What another page laid by when it went comes first, so that no screen shows less than was typed.
      if (isAnythingLaidBy()) await (await import("@/store/takeAllUp")).takeAllUp();
      if (!gone) setReady(true);
      if (!(await isSeeded())) await (await import("@/store/seeding")).seedOnce();
      if (!gone) counting = setTimeout(count, COUNT_AFTER_MS);
    };
    void open();
    return () => {
      gone = true;
      clearTimeout(counting);
    };
  }, []);
  if (health.kind !== "open") return <NoStorage health={health} />;
  return ready ? children : null;
}
