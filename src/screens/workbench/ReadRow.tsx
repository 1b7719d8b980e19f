"use client";
import { SETTING_KEYS, type Line, type SettingKey } from "@/core/display";
import type { ReadLine } from "@/core/display/leaflet";
import { SignShape } from "@/ui/primitives";
import { SETTING_NAMES } from "@/words";
import { DOUBT_WORDS, SURENESS_WORDS } from "@/words/profiles";
import * as say from "@/words/screens/workbench/readRow";

/** One line as it was read, how sure, and what the technician says it is. */
export function ReadRow({
  read,
  corrected,
  line,
  onSay,
}: {
  readonly read: ReadLine;
  readonly corrected: SettingKey | "" | undefined;
  readonly line: Line;
  readonly onSay: (setting: SettingKey | "") => void;
}) {
  return (
    <li className="grid grid-cols-[4.5rem_minmax(0,1fr)_minmax(0,14rem)] gap-x-4 border-t border-rule py-2 max-sm:grid-cols-[4.5rem_1fr]">
      <strong className="pt-2">{read.code}</strong>
      <span className="min-w-0 pt-2">
        <span className="line-clamp-2 break-words text-quiet">{read.text}</span>
        <span className="mt-0.5 flex flex-wrap items-baseline gap-x-3 text-[0.88rem]">
          <span className="inline-flex items-baseline gap-1.5">
            <SignShape
              sign={
                corrected !== undefined
                  ? "done"
                  : read.sureness === "sure"
                    ? "done"
                    : read.sureness === "guess"
                      ? "caution"
                      : "unknown"
              }
              size={10}
            />
            {corrected !== undefined ? say.youSaidSo : SURENESS_WORDS[read.sureness]}
            {corrected === undefined && read.setting ? `, ${Math.round(read.confidence * 100)} %` : ""}
          </span>
          {corrected === undefined && read.doubts.length > 0 ? (
            <span className="text-quiet">{read.doubts.map((doubt) => DOUBT_WORDS[doubt]).join("; ")}</span>
          ) : null}
        </span>
      </span>
      <label className="max-sm:col-start-2">
        <span className="sr-only">{say.whatLineSets(read.code)}</span>
        <select
          value={corrected ?? line.encoding.setting ?? ""}
          onChange={(event) => onSay(event.target.value as SettingKey | "")}
          className="min-h-11 w-full rounded-md border-2 border-rule bg-sheet px-2"
        >
          <option value="">{say.notKnown}</option>
          {SETTING_KEYS.map((key) => (
            <option key={key} value={key}>
              {SETTING_NAMES[key]}
            </option>
          ))}
        </select>
      </label>
    </li>
  );
}
