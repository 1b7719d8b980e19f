import type { ReactNode } from "react";

/** Where the figures of a table come from. */
export function Source({ children }: { readonly children: ReactNode }) {
  return <p className="mt-3 text-[0.9rem] text-quiet">{children}</p>;
}
