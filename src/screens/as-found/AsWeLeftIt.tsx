"use client";
import { driftedCodes } from "@/core/book/drift";
import { expectedShown, restAsExpected, stillExpected } from "@/core/book/visits";
import { linesOf } from "@/core/display";
import { typedAt } from "@/core/record";
import { Button, SignShape, useTell } from "@/ui/primitives";
import { lineName } from "@/words";
import type { DisplayStageProps } from "../job/stageProps";
import * as say from "@/words/screens/as-found/asWeLeftIt";

/** A bike that has been here before: what differs from what we left, and the rest told in one go. */
export function AsWeLeftIt({ job, change, profile, setLine }: DisplayStageProps) {
  const tell = useTell();
  if (!job.lastVisit) return null;
  const { number, leftAt, display } = job.lastVisit;
  const drifted = driftedCodes(job) ?? [];
  const rest = stillExpected(job).length;
  const names = new Map(linesOf(profile).map((line) => [line.code, lineName(line)]));
  const takeRest = async () => {
    const deed = await change((now) => restAsExpected(now, new Date().toISOString()));
    if (deed) tell(say.written(rest), () => void deed.undo(say.theRest));
  };
  return (
    <section aria-label={say.beenHere} className="mb-5 rounded-xl bg-sheet p-4">
      <p className="font-semibold">{say.lastVisit(String(number).padStart(4, "0"), leftAt)}</p>
      {display.id === profile.id ? null : <p>{say.anotherDisplay}</p>}
      {drifted.length > 0 ? (
        <>
          <p className="mt-1">{say.differ(drifted.length)}</p>
          <ul>
            {drifted.map((code) => (
              <li key={code}>
                <button
                  type="button"
                  onClick={() => setLine(code)}
                  className="flex min-h-9 items-center gap-2 text-left hover:underline"
                >
                  <SignShape sign="odd" size={11} />
                  <span>
                    <strong className="code">{code}</strong> {names.get(code)}
                    {": "}
                    {say.leftAndShows(
                      expectedShown(job, code) ?? "",
                      typedAt(job, { in: "as-found", name: code }).trim(),
                    )}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </>
      ) : null}
      {rest > 0 ? (
        <div className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-1">
          <Button onClick={() => void takeRest()}>{say.theOthersShow(rest)}</Button>
          <p className="max-w-[44ch] text-[0.88rem] text-quiet">{say.onlyOnceLooked}</p>
        </div>
      ) : null}
    </section>
  );
}
