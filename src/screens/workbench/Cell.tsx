"use client";
import { useState } from "react";
import { withCell, type CellField } from "@/core/display";
import { sameParts } from "@/core/display/editing";
import { KeptField } from "@/ui/primitives";
import { whatIsKept } from "@/words/grammar";
import { cellProblemText } from "@/words/profiles";
import type { LineProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/cell";

/** A cell that keeps what is typed, right or wrong, until it can be taken. */
export function Cell({
  line,
  field,
  text,
  onPut,
}: LineProps & { readonly field: CellField; readonly text: string | null }) {
  const [typed, setTyped] = useState<string | null>(null);
  if (text === null) return <p className="min-h-11 py-2.5 text-quiet">{field === "factory" ? "" : "—"}</p>;
  const edit = typed === null ? null : withCell(line, field, typed);
  // "34" stands as it was typed while the line holds what it says; it is not made "34.0" under the hand.
  const stands = edit !== null && (!edit.ok || sameParts(edit.line, line));
  return (
    <KeptField
      of={`${line.code} ${field}`}
      label={say.lineFactory(line.code, field)}
      hideLabel
      numeric={field !== "options"}
      value={stands && typed !== null ? typed : text}
      onKeep={(now) => {
        const next = withCell(line, field, now);
        setTyped(now);
        if (next.ok) onPut(next.line);
      }}
      problem={stands && edit && !edit.ok ? `${cellProblemText(edit.problem, line)} ${whatIsKept(text)}` : null}
    />
  );
}
