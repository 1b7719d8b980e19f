"use client";
import { useState } from "react";
import { meaning, meaningless, SETTING_KEYS, type SettingKey } from "@/core/display";
import { SETTING_NAMES } from "@/words";
import type { LineProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/settingField";

const BY_NAME: ReadonlyMap<string, SettingKey> = new Map(
  SETTING_KEYS.map((key) => [SETTING_NAMES[key].toLowerCase(), key]),
);

/** What a line sets, by type-ahead over everything a line can mean; empty is not known. */
export function SettingField({ line, onPut }: LineProps) {
  const name = line.encoding.setting ? SETTING_NAMES[line.encoding.setting] : "";
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? name;
  const unknown = typed !== null && typed.trim() !== "" && !BY_NAME.has(typed.trim().toLowerCase());
  if (line.encoding.kind === "bundle" || line.encoding.kind === "read-only")
    return (
      <p className="min-h-11 py-2.5">{line.encoding.kind === "bundle" ? say.severalSettings : say.nothingReadOnly}</p>
    );
  return (
    <label className="block">
      <span className="sr-only">{say.whatLineSets(line.code)}</span>
      <input
        list={say.settingsKnown}
        value={shown}
        aria-invalid={unknown ? true : undefined}
        placeholder={say.notKnown}
        className={`min-h-11 w-full rounded-md border-2 bg-sheet px-3 ${unknown ? "border-breach" : "border-rule hover:border-quiet"}`}
        onBlur={() => (unknown ? undefined : setTyped(null))}
        onChange={(event) => {
          const text = event.target.value;
          setTyped(text);
          const setting = BY_NAME.get(text.trim().toLowerCase());
          if (text.trim() === "") onPut(meaningless(line));
          else if (setting && setting !== line.encoding.setting) onPut(meaning(line, setting));
        }}
      />
      {unknown ? <span className="block text-[0.85rem] text-breach">{say.noSettingOfThat}</span> : null}
    </label>
  );
}

/** All a line can mean, for the type-ahead of every such field on the screen. */
export const SettingsKnown = () => (
  <datalist id={say.settingsKnown}>
    {SETTING_KEYS.map((key) => (
      <option key={key} value={SETTING_NAMES[key]} />
    ))}
  </datalist>
);
