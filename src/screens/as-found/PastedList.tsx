"use client";
import { useState } from "react";
import { linesOf, type DisplayProfile } from "@/core/display";
import { Button } from "@/ui/primitives";
import { readList } from "@/workers/textClient";
import { ReadingProgress, useReading } from "../job/useReading";
import * as say from "@/words/screens/as-found/pastedList";

interface PastedListProps {
  readonly profile: DisplayProfile;
  readonly onTake: (shown: Readonly<Record<string, string>>) => void;
}

/** The list as it was written on a phone or a scrap: "31 = 0", one a row, read by code. */
export function PastedList({ profile, onTake }: PastedListProps) {
  const [text, setText] = useState("");
  const reading = useReading(text, (whole, tell) => readList(profile, whole, tell));
  const codes = Object.keys(reading.result?.shown ?? {});
  const unknown = reading.result?.unknown ?? [];
  return (
    <div>
      <label htmlFor="pasted" className="font-semibold">
        {say.lineAndValueOne}
        {linesOf(profile)[0]?.code} = 0
      </label>
      <textarea
        id="pasted"
        rows={8}
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="mt-2 w-full rounded-md border-2 border-rule bg-sheet px-3 py-2 font-code text-[0.95rem]"
      />
      <ReadingProgress reading={reading} />
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <Button
          weight="main"
          disabled={codes.length === 0}
          onClick={() => {
            if (!reading.result) return;
            onTake(reading.result.shown);
            setText(unknown.join("\n"));
          }}
        >
          {say.takeValue(codes.length)}
        </Button>
        {unknown.length > 0 ? <span className="text-quiet">{say.rowNotUnderstoodThey(unknown.length)}</span> : null}
      </div>
    </div>
  );
}
