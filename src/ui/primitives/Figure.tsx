"use client";
import type { ReactNode } from "react";
import * as say from "@/words/ui/primitives/figure";

interface FigureProps {
  readonly label: string;
  /** The number with its unit; null while it cannot be worked out. */
  readonly value: string | null;
  /** What stands beside it, or what is missing. */
  readonly note?: ReactNode;
  /** The formula with this bike's numbers in it, line by line, and where its figures come from. */
  readonly working: readonly string[];
  readonly size?: "large" | "usual";
}

/** A number that opens its working. One that cannot be worked out says what is missing instead. */
export function Figure({ label, value, note, working, size = "usual" }: FigureProps) {
  const figure = (
    <span className={`font-head leading-tight font-bold ${size === "large" ? "text-[2.1rem]" : "text-[1.5rem]"}`}>
      {value ?? "—"}
    </span>
  );
  return (
    <div className="border-t border-rule pt-2">
      <div className="text-[0.9rem] text-quiet">{label}</div>
      {value !== null && working.length > 0 ? (
        <details className="group">
          <summary className="flex min-h-9 list-none flex-wrap items-baseline gap-x-3 [&::-webkit-details-marker]:hidden">
            <span className="sr-only">{label}: </span>
            <span className="underline decoration-rule decoration-dotted decoration-2 underline-offset-[5px] group-hover:decoration-ink group-open:decoration-ink">
              {figure}
            </span>
            {note ? <span className="text-[0.88rem] text-quiet">{note}</span> : null}
            <span className="sr-only">{say.howItIsWorked}</span>
          </summary>
          <div className="working my-2">{working.join("\n")}</div>
        </details>
      ) : (
        <div className="flex min-h-9 flex-wrap items-baseline gap-x-3">
          {figure}
          {note ? <span className="text-[0.88rem] text-quiet">{note}</span> : null}
        </div>
      )}
    </div>
  );
}
