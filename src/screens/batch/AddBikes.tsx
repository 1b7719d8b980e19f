"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useId, useState } from "react";
import { readNames } from "@/core/batch";
import type { Batch } from "@/core/record/job";
import { bikesForBatch, MOST_ADDED, type Added } from "@/store/batches";
import { Button, FindingLine, useKeptState } from "@/ui/primitives";
import { Chip } from "@/ui/primitives/Chip";
import { nameProblemText } from "@/words/batches";
import * as say from "@/words/screens/batch/addBikes";
import * as names from "@/words/screens/batch/bikeTable";
import { ticketNumber } from "@/core/units/ticketNumber";

interface AddBikesProps {
  readonly batch: Batch;
  /** What the deed is called. */
  readonly label: string;
  /** Adds them; what was typed stays where nothing came of it. */
  readonly onAdd: (added: Added) => Promise<boolean>;
}

/** Bikes shown before somebody asks for all. */
const FIRST_SHOWN = 12;

/** Which bikes the sheet goes onto: new ones by their names, and some of those already in the book. */
export function AddBikes({ batch, label, onAdd }: AddBikesProps) {
  const waiting = useLiveQuery(() => bikesForBatch(batch), [batch.id]);
  // What is typed outlives a reload.
  const [typed, setTyped] = useKeptState(`batch-names.${batch.id}`, "");
  const [picked, setPicked] = useState<ReadonlySet<string>>(new Set());
  const [refused, setRefused] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const [adding, setAdding] = useState(false);
  const hint = useId();
  const read = readNames(typed, MOST_ADDED);
  const problem = read.problem ? nameProblemText(read.problem) : refused;

  const pick = (id: string, on: boolean) => {
    setRefused(null);
    setPicked(new Set(on ? [...picked, id] : [...picked].filter((each) => each !== id)));
  };
  const add = async () => {
    if (read.problem) return;
    if (read.names.length + picked.size === 0) return setRefused(say.chooseOne);
    setAdding(true);
    const isDone = await onAdd({ names: read.names, picked: [...picked] }).finally(() => setAdding(false));
    if (!isDone) return;
    setTyped("");
    setPicked(new Set());
  };

  return (
    <div className="flex max-w-[70ch] flex-col gap-4">
      <label className="flex flex-col gap-1">
        <span className="text-[0.92rem] font-semibold">{say.newBikes}</span>
        <textarea
          value={typed}
          rows={4}
          spellCheck={false}
          aria-describedby={hint}
          aria-invalid={problem ? true : undefined}
          onChange={(event) => {
            setRefused(null);
            setTyped(event.target.value);
          }}
          className="rounded-md border-2 border-rule bg-sheet px-3 py-2 text-lg hover:border-quiet focus:border-action"
        />
        <span id={hint} className="text-[0.85rem] text-quiet">
          {say.newBikesHint}
        </span>
      </label>
      <fieldset>
        <legend className="mb-1 text-[0.92rem] font-semibold">{say.fromTheBook}</legend>
        {waiting?.length === 0 ? <p className="text-quiet">{say.noneToTake}</p> : null}
        <div className="flex flex-wrap gap-2">
          {(all ? waiting : waiting?.slice(0, FIRST_SHOWN))?.map(({ id, number, intake }) => (
            <Chip key={id} type="checkbox" checked={picked.has(id)} onChange={(on) => pick(id, on)}>
              <span className="code mr-2">{ticketNumber(number)}</span>
              <span className="min-w-0 break-words">{intake.nickname || names.newBike}</span>
            </Chip>
          ))}
        </div>
        {!all && waiting && waiting.length > FIRST_SHOWN ? (
          <Button weight="quiet" onClick={() => setAll(true)}>
            {say.show(waiting.length)}
          </Button>
        ) : null}
      </fieldset>
      <p className="text-[0.92rem] text-quiet">{say.alike}</p>
      {problem === null ? null : (
        <div role="alert">
          <FindingLine severity="caution">{problem}</FindingLine>
        </div>
      )}
      <div>
        <Button weight="main" onClick={() => void add()} disabled={adding || read.problem !== null}>
          {label}
        </Button>
      </div>
    </div>
  );
}
