"use client";
import type { CalibrationBench } from "@/core/benches/calibrationBench";
import { runCells, runRows, withRunCell, withRunsPasted } from "@/core/facts/lists";
import { keepTyped, typedNow } from "@/store";
import { KeptField, RuledTable } from "@/ui/primitives";
import { listProblemText } from "@/words/benches";
import type { BenchProps } from "./benchProps";
import * as say from "@/words/screens/numbers/runTable";

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
      <div className="max-w-sm">
        <RuledTable label={say.runs} headings={[say.run, say.runTableTrue(bench.trueUnit), say.runTableShown(unit)]}>
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
                      label={say.runTrue(row, column)}
                      value={cells[column]}
                      onKeep={(value) => edit((now) => withRunCell(now, row, column, value))}
                    />
                  </td>
                ))}
              </tr>
            );
          })}
        </RuledTable>
      </div>
      {unfinished.length > 0 ? (
        <p className="mt-1 text-[0.9rem] text-quiet">
          {say.runTheOtherSpeed(unfinished.length, unfinished.join(", "))}
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
