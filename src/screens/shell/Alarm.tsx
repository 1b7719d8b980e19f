import type { ReactNode } from "react";

/** A panel at the foot of the page that stays until what it says is put right. */
export const Alarm = ({ children }: { readonly children: ReactNode }) => (
  <div
    role="alert"
    className="no-print fixed inset-x-3 bottom-3 z-50 mx-auto max-w-2xl rounded-lg border-2 border-breach bg-sheet p-4"
  >
    {children}
  </div>
);
