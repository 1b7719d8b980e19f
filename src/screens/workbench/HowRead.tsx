"use client";
import type { ReadLine } from "@/core/display/leaflet";
import { meaningText } from "@/words/profiles";
import * as say from "@/words/screens/workbench/howRead";

/** How one line was read, step by step, where somebody asks. */
export function HowRead({ read }: { readonly read: ReadLine }) {
  const { tokens, considered } = read;
  const steps: readonly (readonly [string, string])[] = [
    [say.itsText, read.text],
    [say.itsName, tokens.name.trim()],
    [say.itsUnits, say.unitsText(tokens)],
    [say.leftOver, tokens.unread.map(({ value }) => value).join(", ")],
    [say.couldMean, considered.map((each) => say.readingText(meaningText(each.meaning), each)).join("; ")],
  ];
  return (
    <details className="mt-0.5 text-[0.88rem]">
      <summary className="min-h-11 py-2 text-quiet underline sm:min-h-0 sm:py-0">{say.howItWasRead}</summary>
      <dl className="mt-1 grid grid-cols-[minmax(5rem,8rem)_minmax(0,1fr)] gap-x-3 gap-y-0.5">
        {steps.map(([what, says]) => (
          <div key={what} className="contents">
            <dt className="text-quiet">{what}</dt>
            <dd className="min-w-0 break-words">{says === "" ? say.nothing : says}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
