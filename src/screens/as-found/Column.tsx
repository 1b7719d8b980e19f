"use client";
import { useRef } from "react";
import { linesOf } from "@/core/display";
import { typedAt } from "@/core/record";
import { keepTyped } from "@/store";
import { useDraft } from "@/ui/primitives";
import { count, lineName } from "@/words";
import type { DisplayStageProps } from "../job/stageProps";
import * as say from "@/words/screens/as-found/column";

/** The whole column typed as numbers, one a line. Only rows that were typed in are kept, each with its own line. */
export function Column({ job, profile }: DisplayStageProps) {
  const lines = linesOf(profile).filter((line) => line.encoding.kind !== "read-only");
  const kept = lines
    .map((line) => typedAt(job, { in: "as-found", name: line.code }))
    .join("\n")
    .replace(/\n+$/, "");
  const before = useRef(kept);
  const draft = useDraft(say.columnColumn(job.id), kept, (text) => {
    const was = before.current.split("\n");
    const rows = text.split("\n");
    before.current = text;
    lines.forEach(({ code }, i) => {
      const row = rows[i] ?? "";
      if (row !== (was[i] ?? "")) keepTyped(job.id, { in: "as-found", name: code }, row);
    });
  });
  const extra = draft.text.replace(/\n+$/, "").split("\n").length - lines.length;
  return (
    <div>
      <label htmlFor="column" className="font-semibold">
        {say.oneValueALine}
        {lines[0]?.code}
        {say.to}
        {lines[lines.length - 1]?.code}
      </label>
      <div className="mt-2 flex gap-4">
        <ol aria-hidden="true" className="min-w-0 pt-2 text-right leading-8 text-quiet">
          {lines.map((line) => (
            <li key={line.code} className="h-8 truncate">
              {line.code} {lineName(line)}
            </li>
          ))}
        </ol>
        <textarea
          id="column"
          rows={lines.length + 1}
          value={draft.text}
          onFocus={() => {
            before.current = draft.text;
          }}
          onChange={(event) => draft.type(event.target.value)}
          className="w-36 shrink-0 rounded-md border-2 border-rule bg-sheet px-3 py-2 font-head text-lg leading-8 font-bold"
        />
      </div>
      {extra > 0 ? (
        <p role="status" className="mt-2 text-[0.9rem] text-breach">
          <span aria-hidden="true">▲ </span>
          {count(extra, "row")}
          {say.moreThanTheDisplay}
          {extra === 1 ? say.itIs : say.theyAre}
          {say.notKeptWhichLine}
        </p>
      ) : null}
    </div>
  );
}
