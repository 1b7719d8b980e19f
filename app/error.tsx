"use client";
import { later } from "@/ui/primitives/later";

/** Loaded when it is needed; should even that fail, the last resort takes over, which is always there. */
const ScreenError = later(() => import("@/screens/shell/ScreenError").then((module) => module.ScreenError));

/** A screen that cannot be shown takes nothing else with it. */
export default function RouteError({ error, reset }: { readonly error: Error; readonly reset: () => void }) {
  return <ScreenError error={error} onRetry={reset} />;
}
