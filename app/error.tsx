"use client";
import { ScreenError } from "@/screens/shell/ScreenError";

/** A screen that cannot be shown takes nothing else with it. */
export default function RouteError({ error, reset }: { readonly error: Error; readonly reset: () => void }) {
  return <ScreenError error={error} onRetry={reset} />;
}
