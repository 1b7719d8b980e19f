"use client";
import { capBasisOf, cellsOf, measuredText, withCapBasis, withMeasured, type Line } from "@/core/display";
import { useState, type ReactNode } from "react";
import { Choice, KeptField } from "@/ui/primitives";
import { AT_ENDS, CAP_BASES, EFFECTS, HELD_IN, LARGER_IS, WHO_MAY_SET, YES_OR_NO } from "@/words/choices";
import { Cell } from "./Cell";
import { LineClaims } from "./LineClaims";
import { LONGEST_NOTE, type LineProps } from "./workbenchProps";

/** One line in full: its values, its manners, its note, and who says so. */
export function LineDetail({ line, onPut }: LineProps) {
  const cells = cellsOf(line);
  const { encoding } = line;
  const basis = capBasisOf(encoding);
  return (
    <section aria-label={`Line ${line.code} in full`} className="rounded-xl bg-sheet p-5">
      <h2 className="mb-3 text-[1.3rem]">Line {line.code}</h2>
      <div className="grid gap-4 sm:grid-cols-2">
        {cells.options !== null ? (
          <div className="sm:col-span-2">
            <Labelled
              label={encoding.kind === "wheel-code" ? "Wheel codes, as shown = inches" : "Values, as shown = meaning"}
            >
              <Cell line={line} field="options" text={cells.options} onPut={onPut} />
            </Labelled>
          </div>
        ) : null}
        {cells.step !== null ? (
          <Labelled label="Step">
            <Cell line={line} field="step" text={cells.step} onPut={onPut} />
          </Labelled>
        ) : null}
        <Choice
          label="At the ends"
          value={line.atEnds}
          options={AT_ENDS}
          onChoose={(atEnds) => onPut({ ...line, atEnds })}
        />
        <Choice
          label="Who may set it"
          value={line.makerOnly ? "maker" : "technician"}
          options={WHO_MAY_SET}
          onChoose={(who) => onPut({ ...line, makerOnly: who === "maker" })}
        />
        <Choice
          label="Does it do anything?"
          value={line.effect}
          options={EFFECTS}
          onChoose={(effect) => onPut({ ...line, effect })}
        />
        <OfItsKind encoding={encoding} onPut={onPut} line={line} basis={basis} />
        <div className="sm:col-span-2">
          <KeptField
            of={`${line.code} note`}
            label="Note"
            longest={LONGEST_NOTE}
            value={line.note ?? ""}
            onKeep={(note) => onPut({ ...line, note: note.trim() === "" ? null : note })}
          />
        </div>
      </div>
      <LineClaims line={line} onPut={onPut} />
    </section>
  );
}

/** What only lines of this kind have. */
function OfItsKind({
  encoding,
  onPut,
  line,
  basis,
}: {
  readonly encoding: Line["encoding"];
  readonly onPut: (line: Line) => void;
  readonly line: Line;
  readonly basis: "shown" | "own" | "unknown" | null;
}) {
  return (
    <>
      {encoding.kind === "speed-cap" ? (
        <>
          <Choice
            label="Held in"
            value={encoding.heldIn}
            options={HELD_IN}
            onChoose={(heldIn) => onPut({ ...line, encoding: { ...encoding, heldIn } })}
          />
          <Choice
            label="Top value means no cap"
            value={encoding.uncappedRaw === encoding.rawMax ? "yes" : "no"}
            options={YES_OR_NO}
            onChoose={(yes) =>
              onPut({ ...line, encoding: { ...encoding, uncappedRaw: yes === "yes" ? encoding.rawMax : null } })
            }
          />
        </>
      ) : null}
      {basis !== null ? (
        <Choice
          label="Compared with"
          value={basis}
          hint="Only a cap on the speed shown is ever turned into a true speed. Leave it unknown until you have tried it."
          options={CAP_BASES}
          onChoose={(next) => onPut({ ...line, encoding: withCapBasis(encoding, next) })}
        />
      ) : null}
      {encoding.kind === "unknown-scale" ? (
        <>
          <Choice
            label="A larger number is"
            value={encoding.larger}
            options={LARGER_IS}
            onChoose={(larger) => onPut({ ...line, encoding: { ...encoding, larger } })}
          />
          <Measured line={line} onPut={onPut} />
        </>
      ) : null}
    </>
  );
}

/** What was measured on a line whose scale nobody has stated: only what stands here is ever aimed for. */
function Measured({ line, onPut }: LineProps) {
  const [kept, setKept] = useState<string | null>(null);
  return (
    <KeptField
      of={`${line.code} measured`}
      label="Measured, as shown = value"
      value={kept ?? measuredText(line)}
      hint={
        line.encoding.setting === "assistCapKmh"
          ? "True km/h where help ended: 12=24.4, 10=26.1. Nothing else is aimed for."
          : "For example 12=24.4, 10=26.1. Nothing else is aimed for."
      }
      onKeep={(typed) => {
        const next = withMeasured(line, typed);
        setKept(next ? null : typed);
        if (next) onPut(next);
      }}
      problem={kept !== null ? "Give pairs of what it shows and what was measured, such as 12=24.4." : null}
    />
  );
}

function Labelled({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div>
      <span className="text-[0.92rem] font-semibold">{label}</span>
      {children}
    </div>
  );
}
