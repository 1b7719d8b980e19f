import type { ReactNode } from "react";
import * as say from "@/words/screens/numbers/chartTable";

/** The table behind a chart. */
export function ChartTable({ children }: { readonly children: ReactNode }) {
  return (
    <details className="mt-1">
      <summary className="flex min-h-11 items-center font-semibold underline decoration-rule decoration-2 underline-offset-4">
        {say.theSameAsA}
      </summary>
      {children}
    </details>
  );
}
