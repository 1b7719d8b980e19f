"use client";
import { SignShape } from "@/ui/primitives";
import * as say from "@/words/screens/displays/refusedFile";

/** Why a file was not taken in. */
export function RefusedFile({ refused }: { readonly refused: readonly string[] }) {
  return refused.length > 0 ? (
    <div role="alert" className="mb-4 rounded-md bg-breach-tint p-4">
      <p className="font-semibold">{say.thisFileWasNot}</p>
      <ul className="mt-1">
        {refused.slice(0, 5).map((text) => (
          <li key={text} className="flex items-baseline gap-2">
            <SignShape sign="breach" /> <span className="break-words">{text}</span>
          </li>
        ))}
      </ul>
    </div>
  ) : null;
}
