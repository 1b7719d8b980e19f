"use client";
import type { Line } from "@/core/display";
import { rewritten, valueAt } from "@/core/display/editing";
import { rawValues, shows } from "@/core/display";
import { fieldLabel } from "@/words/grammar";
import { ChordKeys } from "../ChordKeys";
import { done, type FieldProps } from "./fieldProps";

/** Values of the other line at which a condition holds, as that line shows them. */
export function ConditionValues(props: FieldProps) {
  const { profile, path } = props;
  const { line: code } = valueAt(profile, path.slice(0, -1)) as { readonly line: string };
  const line: Line | undefined = profile.lines.find((each) => each.code === code);
  const chosen = valueAt(profile, path) as readonly number[];
  const known = line ? rawValues(line.encoding) : [];
  // One the other line cannot show any more is shown by its number, so that it can be taken out.
  const all = [...known, ...chosen.filter((raw) => !known.includes(raw))];
  return (
    <ChordKeys
      label={fieldLabel(path)}
      keys={all.map((raw) => ({
        value: String(raw),
        label: line && known.includes(raw) ? shows(line.encoding, raw) : String(raw),
      }))}
      chosen={chosen.map(String)}
      most={all.length}
      onChoose={(next) => (next.length > 0 ? done(props, (now) => rewritten(now, path, next.map(Number))) : undefined)}
    />
  );
}
