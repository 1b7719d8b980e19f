"use client";
import { useMemo, useState } from "react";
import { differenceKey, differencesOf } from "@/core/book/settling";
import type { Job } from "@/core/record";
import { keepBoth, settleTwins } from "@/store/book";
import { Button, RuledTable, useTell } from "@/ui/primitives";
import * as say from "@/words/screens/bike/twins";
import { ticketNumber } from "@/core/units/ticketNumber";

interface TwinsProps {
  readonly job: Job;
  readonly twin: Job;
}

/** Two records of one visit, side by side: each difference is decided, and one is made of them. */
export function Twins({ job, twin }: TwinsProps) {
  const tell = useTell();
  const differences = useMemo(() => differencesOf(job, twin), [job, twin]);
  const [takes, setTakes] = useState<ReadonlySet<string>>(new Set());
  const take = (keys: readonly string[], on: boolean) =>
    setTakes((now) => new Set(on ? [...now, ...keys] : [...now].filter((key) => !keys.includes(key))));
  const every = differences.map(differenceKey);
  const settle = async () => {
    const undo = await settleTwins(job.id, twin.id, takes);
    if (undo) tell(say.madeOne, () => void undo());
  };
  const leave = async () => {
    const { undo } = await keepBoth(twin.id);
    tell(say.bothKept, () => void undo(say.keepBoth));
  };
  return (
    <section aria-labelledby={`twin-${twin.id}`} className="mb-8 rounded-xl border-2 border-odd bg-sheet p-5">
      <h2 id={`twin-${twin.id}`} className="text-[1.4rem]">
        {say.title(ticketNumber(job.number))}
      </h2>
      <p className="mb-3 max-w-[70ch] text-quiet">{say.whatItIs}</p>
      {differences.length === 0 ? (
        <p className="mb-3">{say.noDifference}</p>
      ) : (
        <RuledTable
          label={say.whatItIs}
          headings={[
            say.what,
            `${say.thisOne}, ${say.workedOn(job.updatedAt)}`,
            `${say.theOther}, ${say.workedOn(twin.updatedAt)}`,
          ]}
          widthClass="min-w-[560px]"
        >
          {differences.map((difference) => {
            const key = differenceKey(difference);
            return (
              <tr key={key} className="border-b border-rule align-top">
                <th scope="row" className="py-2 pr-3 text-left font-semibold">
                  {say.named(difference)}
                </th>
                {(["one", "other"] as const).map((side) => (
                  <td key={side} className="py-1 pr-2">
                    <label className="flex min-h-11 cursor-pointer items-center gap-2.5 break-words">
                      <input
                        type="radio"
                        name={`${twin.id} ${key}`}
                        checked={takes.has(key) === (side === "other")}
                        onChange={() => take([key], side === "other")}
                        className="size-5 shrink-0 accent-action"
                      />
                      <span className="min-w-0 break-words">{say.saidOf(difference, side)}</span>
                    </label>
                  </td>
                ))}
              </tr>
            );
          })}
        </RuledTable>
      )}
      <div className="mt-4 flex flex-wrap gap-3">
        <Button weight="main" onClick={() => void settle()}>
          {say.makeOne}
        </Button>
        {differences.length > 1 ? (
          <>
            <Button onClick={() => take(every, false)}>{say.takeAll(say.thisOne)}</Button>
            <Button onClick={() => take(every, true)}>{say.takeAll(say.theOther)}</Button>
          </>
        ) : null}
        <Button weight="quiet" onClick={() => void leave()}>
          {say.keepBoth}
        </Button>
      </div>
    </section>
  );
}
