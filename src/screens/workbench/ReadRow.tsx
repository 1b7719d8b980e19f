"use client";
import { SETTING_KEYS, shows, type SettingKey } from "@/core/display";
import type { ReadLine } from "@/core/display/leaflet";
import { actionOf } from "@/core/display/leaflet/readLine";
import { SignShape } from "@/ui/primitives";
import { SETTING_NAMES } from "@/words";
import { DOUBT_WORDS, FOREIGN_WORDS, SURENESS_WORDS } from "@/words/profiles";
import { ACTION_WORDS } from "@/words/keyTrouble";
import * as say from "@/words/screens/workbench/readRow";
import { HowRead } from "./HowRead";

const COLUMNS = "sm:grid-cols-[minmax(4.5rem,9rem)_minmax(0,1fr)_minmax(0,14rem)]";
const SIGNS = { sure: "done", guess: "caution", unknown: "unknown" } as const;

/** What a line is held for, and how surely. */
const heldFor = (read: ReadLine): string =>
  actionOf(read)
    ? say.anAction
    : read.foreign
      ? say.noSettingHere(FOREIGN_WORDS[read.foreign])
      : SURENESS_WORDS[read.sureness];

/** One line as it was read, how sure, and what the technician says it is. */
export function ReadRow({
  read,
  isSaid,
  onSay,
}: {
  readonly read: ReadLine;
  readonly isSaid: boolean;
  readonly onSay: (setting: SettingKey | "") => void;
}) {
  const { code, text, setting, sureness, likely, doubts, because, encoding, factoryRaw } = read;
  const action = actionOf(read);
  return (
    <li className={`grid gap-x-4 border-t border-rule py-2 max-sm:grid-cols-1 ${COLUMNS}`}>
      <strong className="min-w-0 pt-2 hyphens-auto break-words">{code}</strong>
      <div className="min-w-0 pt-2">
        <p className="line-clamp-2 break-words text-quiet">{text}</p>
        <p className="mt-0.5 break-words">
          {action ? ACTION_WORDS[action] : say.valuesText(read.tokens)}
          {factoryRaw === null ? "" : `; ${say.makersValue(shows(encoding, factoryRaw))}`}
        </p>
        <p className="mt-0.5 flex flex-wrap items-baseline gap-x-3 text-[0.88rem]">
          <span className="inline-flex items-baseline gap-1.5">
            <SignShape sign={isSaid ? "done" : SIGNS[sureness]} size={10} />
            {isSaid ? say.youSaidSo : heldFor(read)}
            {!isSaid && setting ? `, ${say.ofSuch(likely)}` : ""}
          </span>
          {!isSaid && because.length > 0 ? (
            <span className="text-quiet">{say.restsOn(because.slice(0, 3))}</span>
          ) : null}
          {doubts.length > 0 && !action ? (
            <span className="text-quiet">{doubts.map((doubt) => DOUBT_WORDS[doubt]).join("; ")}</span>
          ) : null}
        </p>
        <HowRead read={read} />
      </div>
      <label className="max-sm:mt-1">
        <span className="sr-only">{say.whatLineSets(code)}</span>
        <select
          value={setting ?? ""}
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
