"use client";
import { useState } from "react";
import { withCell, type CellField } from "@/core/display";
import { KeptField } from "@/ui/primitives";
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
  const [kept, setKept] = useState<string | null>(null);
  if (text === null) return <p className="min-h-11 py-2.5 text-quiet">{field === "factory" ? "" : "—"}</p>;
  const edit = kept === null ? null : withCell(line, field, kept);
  return (
    <KeptField
      of={`${line.code} ${field}`}
      label={say.lineFactory(line.code, field)}
      hideLabel
      numeric={field !== "options"}
      value={kept ?? text}
      onKeep={(typed) => {
        const next = withCell(line, field, typed);
        setKept(next.ok ? null : typed);
        if (next.ok) onPut(next.line);
      }}
      problem={edit && !edit.ok ? cellProblemText(edit.problem, line) : null}
    />
  );
}
