"use client";
import { useState } from "react";
import {
  lineFromLeaflet,
  newLine,
  rawValues,
  SETTING_KEYS,
  usualEncoding,
  withLines,
  type Line,
  type SettingKey,
} from "@/core/display";
import type { LeafletReading, ReadLine } from "@/core/display/leaflet";
import { Button, SignShape, useKeptState } from "@/ui/primitives";
import { count, SETTING_NAMES } from "@/ui/wording";
import { DOUBT_WORDS, SURENESS_WORDS } from "@/ui/wording/profiles";
import { readLeafletText } from "@/workers/textClient";
import { ReadingProgress, useReading } from "../job/useReading";
import type { WorkbenchProps } from "./workbenchProps";

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
        ...newLine(read.code, encoding, rawValues(encoding)[0] ?? 0),
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
        The leaflet’s text, in whatever shape it comes
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
        <p className="mt-2 max-w-[60ch] text-quiet">
          Numbered lines, tables, broken English, mixed units: paste it as it is. Every line comes out with how sure the
          reading is. Without a leaflet, begin with the keys.
        </p>
      ) : (
        <>
          <div className="my-3 flex flex-wrap items-center justify-between gap-3">
            <p aria-live="polite">
              {count(reading.lines.length, "line")} found, {sure} sure
              {reading.leftOver.length > 0 ? `, ${count(reading.leftOver.length, "row")} left over` : ""}.
            </p>
            <Button weight="main" disabled={proposed.length === 0} onClick={takeAll}>
              Take these lines
            </Button>
          </div>
          <ul>
            {proposed.map(({ read, line }) => (
              <li
                key={read.code}
                className="grid grid-cols-[4.5rem_minmax(0,1fr)_minmax(0,14rem)] gap-x-4 border-t border-rule py-2 max-sm:grid-cols-[4.5rem_1fr]"
              >
                <strong className="pt-2">{read.code}</strong>
                <span className="min-w-0 pt-2">
                  <span className="line-clamp-2 break-words text-quiet">{read.text}</span>
                  <span className="mt-0.5 flex flex-wrap items-baseline gap-x-3 text-[0.88rem]">
                    <span className="inline-flex items-baseline gap-1.5">
                      <SignShape
                        sign={
                          corrected[read.code] !== undefined
                            ? "done"
                            : read.sureness === "sure"
                              ? "done"
                              : read.sureness === "guess"
                                ? "caution"
                                : "unknown"
                        }
                        size={10}
                      />
                      {corrected[read.code] !== undefined ? "you said so" : SURENESS_WORDS[read.sureness]}
                      {corrected[read.code] === undefined && read.setting
                        ? `, ${Math.round(read.confidence * 100)} %`
                        : ""}
                    </span>
                    {corrected[read.code] === undefined && read.doubts.length > 0 ? (
                      <span className="text-quiet">{read.doubts.map((doubt) => DOUBT_WORDS[doubt]).join("; ")}</span>
                    ) : null}
                  </span>
                </span>
                <label className="max-sm:col-start-2">
                  <span className="sr-only">What line {read.code} sets</span>
                  <select
                    value={corrected[read.code] ?? line.encoding.setting ?? ""}
                    onChange={(event) =>
                      setCorrected((all) => ({ ...all, [read.code]: event.target.value as SettingKey | "" }))
                    }
                    className="min-h-11 w-full rounded-md border-2 border-rule bg-sheet px-2"
                  >
                    <option value="">not known</option>
                    {SETTING_KEYS.map((key) => (
                      <option key={key} value={key}>
                        {SETTING_NAMES[key]}
                      </option>
                    ))}
                  </select>
                </label>
              </li>
            ))}
          </ul>
          {reading.leftOver.length > 0 ? (
            <details className="mt-4">
              <summary className="min-h-11 font-semibold">Rows nothing was made of</summary>
              <ul className="text-quiet">
                {reading.leftOver.map((row) => (
                  <li key={row} className="break-words">
                    {row}
                  </li>
                ))}
              </ul>
            </details>
          ) : null}
        </>
      )}
    </div>
  );
}
