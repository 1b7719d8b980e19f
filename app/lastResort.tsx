"use client";
import { ScreenError } from "@/screens/shell/ScreenError";

/** The last resort: the frame around every screen cannot be shown. */
export default function LastResort({ error, reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <html lang="en">
      <body className="p-8">
        <ScreenError error={error} onRetry={reset} />
      </body>
    </html>
  );
}
