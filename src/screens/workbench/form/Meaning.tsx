"use client";
import { useState } from "react";
import { acceptedMeanings, SETTINGS, type Line, type SettingKey, type SettingValue } from "@/core/display";
import {
  rewritten,
  saidOf,
  settingsLeft,
  typedMeaning,
  valueAt,
  withMeaning,
  withoutMeaning,
  type Meanings as Said,
} from "@/core/display/editing";
import { Button, KeptField, Pick } from "@/ui/primitives";
import { SETTING_NAMES } from "@/words";
import { settingValueWords } from "@/words/values";
import { fieldLabel } from "@/words/grammar";
import { done, type FieldProps } from "./fieldProps";
import * as say from "@/words/screens/workbench/form/meaning";

/** What the line at a place sets, which says what its values can stand for. */
const settingAt = (props: FieldProps): SettingKey | null =>
  (valueAt(props.profile, props.path.slice(0, 2)) as Line | undefined)?.encoding.setting ?? null;

/** What a value stands for. */
export function Meaning(props: FieldProps) {
  const setting = settingAt(props);
  return setting === null ? null : <MeaningOf {...props} setting={setting} label={fieldLabel(props.path)} />;
}

interface MeaningOfProps extends FieldProps {
  readonly setting: SettingKey;
  readonly label: string;
}

function MeaningOf(props: MeaningOfProps) {
  const { profile, path, setting, label } = props;
  const [refused, setRefused] = useState<string | null>(null);
  const { domain } = SETTINGS[setting];
  const value = valueAt(profile, path) as SettingValue;
  const put = (next: SettingValue) => done(props, (now) => rewritten(now, path, next));
  const words = domain.kind === "flag" ? [true, false] : domain.kind === "choice" ? domain.values : null;
  if (words)
    return (
      <Pick
        label={label}
        value={String(value)}
        options={words.map((each) => ({
          value: String(each),
          label: settingValueWords(setting, each as SettingValue),
        }))}
        onPick={(picked) => {
          const next = words.find((each) => String(each) === picked);
          if (next !== undefined) put(next as SettingValue);
        }}
      />
    );
  return (
    <KeptField
      of={path.join(".")}
      label={label}
      unit={SETTINGS[setting].unit}
      value={refused ?? String(value)}
      onKeep={(typed) => {
        const next = typedMeaning(setting, typed.trim());
        setRefused(next === null ? typed : null);
        if (next !== null) put(next as SettingValue);
      }}
      problem={refused === null ? null : say.giveMeaning(acceptedMeanings(setting))}
    />
  );
}

/** What a value of a preset stands for, of each setting it sets. */
export function Meanings(props: FieldProps) {
  const { profile, path } = props;
  const means = valueAt(profile, path) as Said;
  const settings = Object.keys(means) as SettingKey[];
  const left = settingsLeft(means).map((value) => ({ value, label: SETTING_NAMES[value] }));
  const put = (edit: (said: Said) => Said) =>
    done(props, (now) => rewritten(now, path, edit(valueAt(now, path) as Said)));
  return (
    <fieldset className="grid gap-2 sm:col-span-2">
      <legend className="text-[0.92rem] font-semibold">{fieldLabel(path)}</legend>
      {settings.map((setting) => (
        <div key={setting} className="grid items-end gap-2 sm:grid-cols-[1fr_1fr_auto]">
          <Pick
            label={say.setting}
            value={setting}
            options={[{ value: setting, label: SETTING_NAMES[setting] }, ...left]}
            onPick={(picked) => put((said) => saidOf(said, setting, picked as SettingKey))}
          />
          <MeaningOf {...props} path={[...path, setting]} setting={setting} label={say.standsAt} />
          <Button
            weight="quiet"
            disabled={settings.length < 2}
            onClick={() => put((said) => withoutMeaning(said, setting))}
          >
            {say.notThis}
            <span className="sr-only"> {SETTING_NAMES[setting]}</span>
          </Button>
        </div>
      ))}
      <div>
        <Button disabled={left.length === 0} onClick={() => put(withMeaning)}>
          {say.oneMore}
        </Button>
      </div>
    </fieldset>
  );
}
