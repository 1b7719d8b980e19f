import { useId } from "react";
import * as say from "@/words/screens/batch/nameField";

/** Longest name a list of batches has room for, characters. */
const LONGEST_NAME = 80;

interface NameFieldProps {
  readonly name: string;
  readonly onName: (name: string) => void;
}

/** What a batch is called. */
export function NameField({ name, onName }: NameFieldProps) {
  const id = useId();
  return (
    <div className="flex min-w-0 max-w-[34rem] flex-1 flex-col gap-1">
      <label htmlFor={id} className="text-[0.92rem] font-semibold">
        {say.whatItIsCalled}
      </label>
      <input
        id={id}
        value={name}
        maxLength={LONGEST_NAME}
        autoComplete="off"
        onChange={(event) => onName(event.target.value)}
        className={FIELD}
      />
    </div>
  );
}

const FIELD = "min-h-12 rounded-md border-2 border-rule bg-sheet px-3 text-lg hover:border-quiet focus:border-action";
