"use client";
import { useState } from "react";
import { withLines } from "@/core/display";
import { readLinesCsv, writeLinesCsv } from "@/core/display/profileCsv";
import { readProfileFile } from "@/core/display/readProfile";
import { Button, FilePick, SignShape, useTell } from "@/ui/primitives";
import { saveText } from "@/ui/primitives/saveText";
import { csvProblemText, profileProblemText } from "@/words/profiles";
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/filesPanel";

/**
 * The description as files: the whole as JSON, its lines as a spreadsheet; and the whole as text, for who would rather
 * type.
 */
export function FilesPanel({ profile, change }: WorkbenchProps) {
  const tell = useTell();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [text, setText] = useState<string | null>(null);
  const whole = `${JSON.stringify(profile, null, 1)}\n`;

  const takeLines = async (file: File) => {
    const reading = readLinesCsv(await file.text());
    if (!reading.ok) return setProblems(reading.problems.map(csvProblemText));
    setProblems([]);
    const before = profile;
    change((now) => withLines(now, reading.lines));
    tell(say.lineTakenFrom(reading.lines.length, file.name), () => change(() => before));
  };
  const takeText = () => {
    if (text === null) return;
    const reading = readProfileFile(text);
    if (!reading.ok) return setProblems(reading.problems.map(profileProblemText));
    setProblems([]);
    setText(null);
    const before = profile;
    change(() => reading.profile);
    tell(say.theDescriptionWasTaken, () => change(() => before));
  };

  return (
    <div>
      <div className="mb-4 flex flex-wrap gap-2">
        <Button onClick={() => saveText(`odd-spoke-display-${profile.id}.json`, whole, "application/json")}>
          {say.saveTheDisplayAs}
        </Button>
        <Button onClick={() => saveText(`odd-spoke-lines-${profile.id}.csv`, writeLinesCsv(profile.lines), "text/csv")}>
          {say.saveItsLinesAs}
        </Button>
        <FilePick label={say.linesToImportAs} accept=".csv,text/csv" onPick={(file) => void takeLines(file)}>
          {say.takeLinesFromCsv}
        </FilePick>
      </div>
      {problems.length > 0 ? (
        <div role="alert" className="mb-4 rounded-md bg-breach-tint p-4">
          <p className="font-semibold">{say.notTakenNothingWas}</p>
          <ul className="mt-1">
            {problems.slice(0, 10).map((problem) => (
              <li key={problem} className="flex items-baseline gap-2">
                <SignShape sign="breach" /> <span className="break-words">{problem}</span>
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      <label htmlFor="whole" className="text-[0.92rem] font-semibold">
        {say.theWholeDescriptionAs}
      </label>
      <textarea
        id="whole"
        rows={22}
        spellCheck={false}
        value={text ?? whole}
        onChange={(event) => setText(event.target.value)}
        className="mt-1 w-full rounded-md border-2 border-rule bg-sheet px-3 py-2 font-code text-[0.78rem]"
      />
      <div className="mt-2 flex gap-2">
        <Button weight="main" disabled={text === null} onClick={takeText}>
          {say.takeThisText}
        </Button>
        {text !== null ? <Button onClick={() => setText(null)}>{say.backToWhatIs}</Button> : null}
      </div>
    </div>
  );
}
