"use client";
import { capBasisOf, cellsOf, measuredText, withCapBasis, withMeasured, type Line } from "@/core/display";
import { useState, type ReactNode } from "react";
import { Choice, KeptField } from "@/ui/primitives";
import { AT_ENDS, CAP_BASES, EFFECTS, HELD_IN, LARGER_IS, WHO_MAY_SET, YES_OR_NO } from "@/words/choices";
import { Cell } from "./Cell";
import { LineClaims } from "./LineClaims";
import { LONGEST_NOTE, type LineProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/lineDetail";

/** One line in full: its values, its manners, its note, and who says so. */
export function LineDetail({ line, onPut }: LineProps) {
  const cells = cellsOf(line);
  const { encoding } = line;
  const basis = capBasisOf(encoding);
  return (
    <section aria-label={say.lineInFull(line.code)} className="rounded-xl bg-sheet p-5">
      <h2 className="mb-3 text-[1.3rem]">{say.lineDetailLine(line.code)}</h2>
      <div className="grid gap-4 sm:grid-cols-2">
        {cells.options !== null ? (
          <div className="sm:col-span-2">
            <Labelled label={encoding.kind === "wheel-code" ? say.wheelCodesAsShown : say.valuesAsShownMeaning}>
              <Cell line={line} field="options" text={cells.options} onPut={onPut} />
            </Labelled>
          </div>
        ) : null}
        {cells.step !== null ? (
          <Labelled label={say.step}>
            <Cell line={line} field="step" text={cells.step} onPut={onPut} />
          </Labelled>
        ) : null}
        <Choice
          label={say.atTheEnds}
          value={line.atEnds}
          options={AT_ENDS}
          onChoose={(atEnds) => onPut({ ...line, atEnds })}
        />
        <Choice
          label={say.whoMaySetIt}
          value={line.makerOnly ? "maker" : "technician"}
          options={WHO_MAY_SET}
          onChoose={(who) => onPut({ ...line, makerOnly: who === "maker" })}
        />
        <Choice
          label={say.doesItDoAnything}
          value={line.effect}
          options={EFFECTS}
          onChoose={(effect) => onPut({ ...line, effect })}
        />
        <OfItsKind encoding={encoding} onPut={onPut} line={line} basis={basis} />
        <div className="sm:col-span-2">
          <KeptField
            of={`${line.code} note`}
            label={say.note}
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
            label={say.heldIn}
            value={encoding.heldIn}
            options={HELD_IN}
            onChoose={(heldIn) => onPut({ ...line, encoding: { ...encoding, heldIn } })}
          />
          <Choice
            label={say.topValueMeansNo}
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
          label={say.comparedWith}
          value={basis}
          hint={say.onlyACapOn}
          options={CAP_BASES}
          onChoose={(next) => onPut({ ...line, encoding: withCapBasis(encoding, next) })}
        />
      ) : null}
      {encoding.kind === "unknown-scale" ? (
        <>
          <Choice
            label={say.aLargerNumberIs}
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
      label={say.measuredAsShownValue}
      value={kept ?? measuredText(line)}
      hint={line.encoding.setting === "assistCapKmh" ? say.trueKmHWhere : say.forExample1224}
      onKeep={(typed) => {
        const next = withMeasured(line, typed);
        setKept(next ? null : typed);
        if (next) onPut(next);
      }}
      problem={kept !== null ? say.givePairsOfWhat : null}
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
