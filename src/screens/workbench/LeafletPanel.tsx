"use client";
import { lineFromLeaflet, newLine, usualEncoding, withLines, type Line, type SettingKey } from "@/core/display";
import type { LeafletReading, ReadLine } from "@/core/display/leaflet";
import { Button, useKeptState } from "@/ui/primitives";
import { readLeafletText } from "@/workers/textClient";
import { useState } from "react";
import { ReadingProgress, useReading } from "../job/useReading";
import { ReadRow } from "./ReadRow";
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/leafletPanel";

const NOTHING_READ: LeafletReading = { lines: [], leftOver: [] };

/** The leaflet reader: paste the text in whatever shape, look at what was made of it, take it. */
export function LeafletPanel({ profile, change, onDone }: WorkbenchProps & { readonly onDone: () => void }) {
  const [text, setText] = useKeptState(`leaflet.${profile.id}`, "");
  const [corrected, setCorrected] = useState<Readonly<Record<string, SettingKey | "">>>({});
  const progress = useReading(text, readLeafletText);
  const reading = progress.result ?? NOTHING_READ;
  const proposed = reading.lines.map((read): { read: ReadLine; line: Line } => {
    const own = corrected[read.code];
    const line = lineFromLeaflet(read);
    if (own === undefined) return { read, line };
    const encoding = own === "" ? newLine(read.code).encoding : usualEncoding(own);
    return {
      read,
      line: {
        // What the maker sets it to is not known of a line that was read as another one.
        ...newLine(read.code, encoding),
        claims: line.claims,
      },
    };
  });
  const sure = reading.lines.filter((line) => line.sureness === "sure" || corrected[line.code] !== undefined).length;
  const takeAll = () => {
    // Lines the reader only guesses at come in as guesses: what they set stands, as a claim nobody has chosen.
    change((now) => {
      const fresh = proposed.map(({ line }) => line);
      const untouched =
        now.lines.length === 1 && now.lines[0]?.encoding.kind === "reserved" && now.lines[0].claims.length === 0;
      const kept = untouched ? [] : now.lines.filter((line) => !fresh.some((other) => other.code === line.code));
      return withLines(now, [...kept, ...fresh]);
    });
    onDone();
  };
  return (
    <div>
      <label htmlFor="leaflet" className="text-[0.92rem] font-semibold">
        {say.theLeafletsTextIn}
      </label>
      <textarea
        id="leaflet"
        rows={9}
        value={text}
        onChange={(event) => setText(event.target.value)}
        placeholder={
          "h1  Brightness 1-5, default 3\nh2  Low voltage protection 28.0-44.0 V, default 31.5\nh3  Speed limit 10-45 km/h, default 25"
        }
        className="mt-1 w-full rounded-md border-2 border-rule bg-sheet px-3 py-2 font-code text-[0.85rem]"
      />
      <ReadingProgress reading={progress} />
      {text.trim() === "" ? (
        <p className="mt-2 max-w-[60ch] text-quiet">{say.numberedLinesTablesBroken}</p>
      ) : (
        <>
          <div className="my-3 flex flex-wrap items-center justify-between gap-3">
            <p aria-live="polite">{say.lineFoundSureRow(reading.lines.length, sure, reading.leftOver.length)}</p>
            <Button weight="main" disabled={proposed.length === 0} onClick={takeAll}>
              {say.takeTheseLines}
            </Button>
          </div>
          <ul>
            {proposed.map(({ read, line }) => (
              <ReadRow
                key={read.code}
                read={read}
                line={line}
                corrected={corrected[read.code]}
                onSay={(setting) => setCorrected((all) => ({ ...all, [read.code]: setting }))}
              />
            ))}
          </ul>
          <LeftOver reading={reading} />
        </>
      )}
    </div>
  );
}

/** Rows of the text nothing was made of. */
function LeftOver({ reading }: { readonly reading: LeafletReading }) {
  return reading.leftOver.length > 0 ? (
    <details className="mt-4">
      <summary className="min-h-11 font-semibold">{say.rowsNothingWasMade}</summary>
      <ul className="text-quiet">
        {reading.leftOver.map((row) => (
          <li key={row} className="break-words">
            {row}
          </li>
        ))}
      </ul>
    </details>
  ) : null;
}
