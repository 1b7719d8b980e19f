"use client";
import { useState } from "react";
import { rawValues, shows, type DisplayProfile, type Line } from "@/core/display";
import { isOutcome, OUTCOMES, triableLines, type LineTrial, type Outcome } from "@/core/record/lineTrial";
import { beginTrial } from "@/store";
import { Button, Chip, Choice, Pick } from "@/ui/primitives";
import { lineName } from "@/words";
import * as say from "@/words/screens/prove/newTrial";

const UNSET = "";

interface Option {
  readonly value: string;
  readonly label: string;
}

const NONE: Option = { value: UNSET, label: say.choose };
const lineOptions = (lines: readonly Line[]): readonly Option[] => [
  NONE,
  ...lines.map((line) => ({ value: line.code, label: say.lineOption(line.code, lineName(line)) })),
];
const valueOptions = (line: Line | undefined): readonly Option[] => [
  NONE,
  ...(line ? rawValues(line.encoding).map((raw) => ({ value: String(raw), label: shows(line.encoding, raw) })) : []),
];
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
        <div className="sm:col-span-2">
          <Pick label={say.whichLine} value={code} options={lineOptions(lines)} onPick={chooseLine} />
        </div>
        <Pick label={say.valueA} value={a} options={values} onPick={setA} />
        <Pick label={say.valueB} value={b} options={values} onPick={setB} />
        <div className="sm:col-span-2">
          <Pick
            label={say.whatIsMeasured}
            value={outcome}
            options={OUTCOME_OPTIONS}
            onPick={(chosen) => (isOutcome(chosen) ? setOutcome(chosen) : undefined)}
          />
        </div>
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
