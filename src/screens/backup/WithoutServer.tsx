"use client";
import { useEffect, useState } from "react";
import * as say from "@/words/screens/backup/withoutServer";

type Copy = "asking" | "ready" | "not-yet" | "insecure" | "cannot";

/** Whether the product is laid by on this device, to work with its server gone. */
async function copyNow(): Promise<Copy> {
  if (!window.isSecureContext) return "insecure";
  if (!("serviceWorker" in navigator)) return "cannot";
  const registration = await navigator.serviceWorker.getRegistration();
  return registration?.active ? "ready" : "not-yet";
}

/** Says whether this device can do without the server, and what it takes where it cannot. */
export function WithoutServer() {
  const [copy, setCopy] = useState<Copy>("asking");
  useEffect(() => {
    let here = true;
    const look = () => void copyNow().then((now) => (here ? setCopy(now) : undefined));
    look();
    navigator.serviceWorker?.addEventListener("controllerchange", look);
    return () => {
      here = false;
      navigator.serviceWorker?.removeEventListener("controllerchange", look);
    };
  }, []);
  if (copy === "asking") return null;
  return (
    <section aria-labelledby="without-server" className="mt-8">
      <h2 id="without-server" className="mb-1 text-[1.35rem]">
        {say.withoutTheServer}
      </h2>
      <p className="max-w-[70ch]">{say.copies[copy]}</p>
    </section>
  );
}
