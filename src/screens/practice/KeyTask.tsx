"use client";
import { useState } from "react";
import { isShown, linesOf, rawValues, shows } from "@/core/display";
import type { KeyExercise, Named } from "@/core/practice";
import { Button, Choice, Pick } from "@/ui/primitives";
import { lineName } from "@/words";
import * as say from "@/words/screens/practice/keyPractice";

interface KeyTaskProps {
  readonly exercise: KeyExercise;
  readonly onName: (named: Named) => void;
}

/** What is to be done, as somebody at the counter would say it. */
export function KeyTask({ exercise, onName }: KeyTaskProps) {
  const { kind, tells, pin } = exercise;
  const [tell] = tells;
  switch (kind) {
    case "odd-line":
      return (
        <>
          {tell ? <p className="mt-3 text-[1.15rem]">{say.COMPLAINTS[tell]}</p> : null}
          <NameLine exercise={exercise} onName={onName} />
        </>
      );
    case "which-line-lies":
      return <NameLine exercise={exercise} onName={onName} />;
    case "fewest-presses":
      return <ToHold exercise={exercise} title={say.setThese} only={exercise.lines} />;
    case "rescue":
      return (
        <>
          {pin === null ? null : <p className="mt-3 text-[1.15rem] font-semibold">{say.thePin(pin)}</p>}
          <ToHold exercise={exercise} title={say.bringHome} only={null} />
        </>
      );
  }
}

/** Lines with what each is to show; all of the menu's, or only some. */
function ToHold({
  exercise: { bike, right },
  title,
  only,
}: {
  readonly exercise: KeyExercise;
  readonly title: string;
  readonly only: readonly number[] | null;
}) {
  const rows = linesOf(bike.profile).flatMap((line, i) =>
    (only ? only.includes(i) : isShown(bike.profile, i, right) && rawValues(line.encoding).length > 0)
      ? [{ line, raw: right[i] ?? 0 }]
      : [],
  );
  return (
    <div className="mt-3">
      <h3 className="text-[1.05rem]">{title}</h3>
      <table className="w-full">
        <tbody>
          {rows.map(({ line, raw }) => (
            <tr key={line.code} className="border-b border-rule">
              <th scope="row" className="py-1 pr-3 text-left font-bold">
                {line.code}
              </th>
              <td className="py-1 pr-3 text-quiet">{lineName(line)}</td>
              <td className="py-1 text-right text-[1.1rem] font-semibold">{shows(line.encoding, raw)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Naming the line that is odd, or the one that lies and how. */
function NameLine({ exercise, onName }: KeyTaskProps) {
  const { bike, among, right, kind } = exercise;
  const [code, setCode] = useState("");
  const [lie, setLie] = useState("");
  const lines = linesOf(bike.profile);
  const asked = kind === "which-line-lies";
  const options = lines.flatMap((line, i) =>
    (asked ? among.includes(i) : isShown(bike.profile, i, right) && rawValues(line.encoding).length > 1)
      ? [{ value: line.code, label: `${line.code} ${lineName(line)}` }]
      : [],
  );
  const named = lie === "does-nothing" || lie === "runs-backwards" ? lie : null;
  return (
    <div className="mt-4 grid gap-3">
      <Pick
        label={say.itIsLine}
        value={code}
        options={[{ value: "", label: say.notYet }, ...options]}
        onPick={setCode}
      />
      {asked ? (
        <Choice
          label={say.howItLies}
          value={lie}
          options={[
            { value: "does-nothing", label: say.LIES["does-nothing"] },
            { value: "runs-backwards", label: say.LIES["runs-backwards"] },
          ]}
          onChoose={setLie}
        />
      ) : null}
      <div>
        <Button
          weight="main"
          disabled={code === "" || (asked && named === null)}
          onClick={() => onName({ line: lines.findIndex((line) => line.code === code), lie: named })}
        >
          {say.sayIt}
        </Button>
      </div>
    </div>
  );
}
