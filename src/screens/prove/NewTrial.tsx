"use client";
import { useId, useState } from "react";
import { rawValues, shows, type DisplayProfile, type Line } from "@/core/display";
import { isOutcome, OUTCOMES, triableLines, type LineTrial, type Outcome } from "@/core/record/lineTrial";
import { beginTrial } from "@/store";
import { Button, Chip, Choice } from "@/ui/primitives";
import { lineName } from "@/words";
import * as say from "@/words/screens/prove/newTrial";

const UNSET = "";

interface Option {
  readonly value: string;
  readonly label: string;
}

const lineOptions = (lines: readonly Line[]): readonly Option[] =>
  lines.map((line) => ({ value: line.code, label: say.lineOption(line.code, lineName(line)) }));
const valueOptions = (line: Line | undefined): readonly Option[] =>
  line ? rawValues(line.encoding).map((raw) => ({ value: String(raw), label: shows(line.encoding, raw) })) : [];
const OUTCOME_OPTIONS = Object.entries(OUTCOMES).map(([id, unit]) => ({
  value: id,
  label: say.outcomeOption(id, unit),
}));

/** What is to be compared, and what of. */
export function NewTrial({ jobId, profile }: { readonly jobId: string; readonly profile: DisplayProfile }) {
  const lines = triableLines(profile);
  const [code, setCode] = useState(UNSET);
  const [a, setA] = useState(UNSET);
  const [b, setB] = useState(UNSET);
  const [outcome, setOutcome] = useState<Outcome>("top-speed");
  const [expected, setExpected] = useState<LineTrial["expected"]>("more");
  const [blind, setBlind] = useState(false);
  const values = valueOptions(lines.find((each) => each.code === code));
  const isReady = a !== UNSET && b !== UNSET && a !== b;
  const chooseLine = (chosen: string) => {
    setCode(chosen);
    setA(UNSET);
    setB(UNSET);
  };
  const begin = async () => {
    await beginTrial({ jobId, code, a: Number(a), b: Number(b), outcome, expected, blind });
    chooseLine(UNSET);
  };
  return (
    <details className="mt-3">
      <summary className="min-h-11 py-2 font-semibold">{say.tryALine}</summary>
      <div className="grid max-w-2xl gap-4 sm:grid-cols-2">
        <Pick label={say.whichLine} value={code} options={lineOptions(lines)} onPick={chooseLine} isWide />
        <Pick label={say.valueA} value={a} options={values} onPick={setA} />
        <Pick label={say.valueB} value={b} options={values} onPick={setB} />
        <Pick
          label={say.whatIsMeasured}
          value={outcome}
          options={OUTCOME_OPTIONS}
          onPick={(chosen) => (isOutcome(chosen) ? setOutcome(chosen) : undefined)}
          isWide
        />
        <Choice
          label={say.whatBGives}
          value={expected}
          options={[
            { value: "more", label: say.more },
            { value: "less", label: say.less },
          ]}
          onChoose={setExpected}
        />
        <div className="self-end">
          <Chip type="checkbox" checked={blind} onChange={setBlind}>
            {say.blind}
          </Chip>
        </div>
      </div>
      <div className="mt-4">
        <Button weight="main" disabled={!isReady} onClick={() => void begin()}>
          {say.begin}
        </Button>
      </div>
    </details>
  );
}

/** One of many, by name. */
function Pick({
  label,
  value,
  options,
  onPick,
  isWide = false,
}: {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Option[];
  readonly onPick: (value: string) => void;
  readonly isWide?: boolean;
}) {
  const id = useId();
  return (
    <div className={isWide ? "sm:col-span-2" : ""}>
      <label htmlFor={id} className="text-[0.92rem] font-semibold">
        {label}
      </label>
      <select
        id={id}
        className="mt-1 min-h-11 w-full rounded-md border-2 border-rule bg-sheet px-2"
        value={value}
        disabled={options.length === 0}
        onChange={({ target }) => onPick(target.value)}
      >
        <option value={UNSET}>{say.choose}</option>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </div>
  );
}
