"use client";
import type { CalibrationBench } from "@/core/benches/calibrationBench";
import { runCells, runRows, withRunCell, withRunsPasted } from "@/core/facts/lists";
import { keepTyped, typedNow } from "@/store";
import { KeptField } from "@/ui/primitives";
import { unitName } from "@/words";
import { listProblemText } from "@/words/benches";
import type { BenchProps } from "./benchProps";

const RUNS = { in: "intake", name: "runs" } as const;

/** Paired readings, a row each; kept as the text they are typed as. */
export function RunTable({
  job,
  unit,
  bench,
}: Pick<BenchProps, "job"> & { readonly unit: string; readonly bench: CalibrationBench }) {
  const typed = job.intake.runs ?? "";
  const { problems, unfinished } = bench.runs;
  const edit = (runs: (now: string) => string) => keepTyped(job.id, RUNS, runs(typedNow(job, RUNS)));
  return (
    <>
      <table className="w-full max-w-sm">
        <thead className="text-left text-[0.82rem] text-quiet">
          <tr>
            <th scope="col" className="w-10 font-semibold">
              Run
            </th>
            <th scope="col" className="font-semibold">
              True, {unitName(bench.trueUnit)}
            </th>
            <th scope="col" className="font-semibold">
              Shown, {unit}
            </th>
          </tr>
        </thead>
        <tbody>
          {runRows(typed).map((line, row) => {
            const cells = runCells(line);
            return (
              <tr key={row}>
                <th scope="row" className="py-0.5 text-left font-semibold">
                  {row + 1}
                </th>
                {([0, 1] as const).map((column) => (
                  <td
                    key={column}
                    className="py-0.5 pr-2"
                    onPasteCapture={(event) => {
                      const text = event.clipboardData.getData("text");
                      if (!/\n|\t/.test(text)) return;
                      event.preventDefault();
                      edit((now) => withRunsPasted(now, row, text));
                    }}
                  >
                    <KeptField
                      of={`run ${row} ${column}`}
                      hideLabel
                      numeric
                      label={`Run ${row + 1}, ${column === 0 ? "true" : "shown"}`}
                      value={cells[column]}
                      onKeep={(value) => edit((now) => withRunCell(now, row, column, value))}
                    />
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
      {unfinished.length > 0 ? (
        <p className="mt-1 text-[0.9rem] text-quiet">
          {unfinished.length === 1 ? "Run" : "Runs"} {unfinished.join(", ")}: the other speed is still to come.
        </p>
      ) : null}
      {problems
        .filter(({ key }, i) => key === "list.not-a-pair" && i < 3)
        .map((problem) => (
          <p key={listProblemText(problem)} className="mt-1 text-[0.9rem] text-breach">
            <span aria-hidden="true">▲ </span>
            {listProblemText(problem)}
          </p>
        ))}
    </>
  );
}
