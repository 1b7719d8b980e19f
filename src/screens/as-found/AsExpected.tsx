"use client";
import { expectedShown, restAsExpected, stillExpected, unexpectedCodes } from "@/core/book/visits";
import { linesOf } from "@/core/display";
import { typedAt, type Job } from "@/core/record";
import { Button, SignShape, useTell } from "@/ui/primitives";
import { lineName } from "@/words";
import type { DisplayStageProps } from "../job/stageProps";
import * as say from "@/words/screens/as-found/asExpected";
import { ticketNumber } from "@/core/units/ticketNumber";

/** What the expectation rests on: the visit before, or the first of the batch. */
function Whence({ lastVisit, batch, profile }: Job) {
  if (lastVisit)
    return (
      <>
        <p className="font-semibold">{say.lastVisit(ticketNumber(lastVisit.number), lastVisit.leftAt)}</p>
        {lastVisit.display.id === profile?.id ? null : <p>{say.anotherDisplay}</p>}
      </>
    );
  return <p className="font-semibold">{say.firstOfBatch(ticketNumber(batch?.from.number ?? 0))}</p>;
}

/**
 * A bike that has been here before, or one of a batch: what differs from what is expected, and the rest told in one go.
 */
export function AsExpected({ job, change, profile, setLine }: DisplayStageProps) {
  const tell = useTell();
  if (!job.lastVisit && !job.batch) return null;
  const words = job.lastVisit ? say.visit : say.batch;
  const others = unexpectedCodes(job);
  const rest = stillExpected(job).length;
  const names = new Map(linesOf(profile).map((line) => [line.code, lineName(line)]));
  const takeRest = async () => {
    const deed = await change((now) => restAsExpected(now, new Date().toISOString()));
    if (deed) tell(words.written(rest), () => void deed.undo(words.theRest));
  };
  return (
    <section aria-label={words.title} className="mb-5 rounded-xl bg-sheet p-4">
      <Whence {...job} />
      {others.length > 0 ? (
        <>
          <p className="mt-1">{words.differ(others.length)}</p>
          <ul>
            {others.map((code) => (
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
                    {words.expectedAndShows(
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
          <Button onClick={() => void takeRest()}>{words.theOthersShow(rest)}</Button>
          <p className="max-w-[44ch] text-[0.88rem] text-quiet">{words.onlyOnceLooked}</p>
        </div>
      ) : null}
    </section>
  );
}
