"use client";
import type { Paper } from "@/core/record";
import { RuledTable } from "@/ui/primitives";
import { useKeptState } from "@/ui/primitives/useKeptState";
import { later } from "@/ui/primitives/later";
import { sheetLines, sheetNotes } from "@/words/papers/sheetSaid";
import { voiceOf } from "../job/voice";
import type { PaperNeeds } from "@/workers/keys.worker";
import { PaperFrame } from "./PaperFrame";
import { PaperQr } from "./PaperQr";
import { SheetCautions } from "./SheetCautions";
import * as say from "@/words/screens/papers/workshopSheet";

import type { RestsOnProps } from "./RestsOn";

/** Loaded where there is something to tell of it. */
const StandsAgainst = later(() => import("./StandsAgainst").then((module) => module.StandsAgainst));
const MeasuredFigures = later(() => import("./MeasuredFigures").then((module) => module.MeasuredFigures));
const RestsOn = later(() => import("./RestsOn").then((module) => module.RestsOn));

interface ValueProps {
  readonly what: string;
  readonly words: string;
  readonly strong?: boolean;
}

/** Longer than this, a cell may break. */
const KEPT_TOGETHER = 18;
const keptTogether = (words: string): string => (words.length <= KEPT_TOGETHER ? "whitespace-nowrap" : "");

/** A value in its column; on a roll, where there are none, what it is stands before it. */
const Value = ({ what, words, strong = false }: ValueProps) => (
  <td data-what={what} className={`pr-2 ${strong ? "font-bold" : ""} ${keptTogether(words)}`}>
    {words}
  </td>
);

interface WorkshopSheetProps {
  readonly paper: Paper;
  /** What was read back, as a code to be scanned, and what is to be borne in mind; null while they are worked out. */
  readonly needs: Pick<PaperNeeds, "code" | "cautions"> | null;
}

/** Workshop sheet: every line as found, as planned, as read back, and why. */
export function WorkshopSheet({ paper, needs }: WorkshopSheetProps) {
  const { job, workings, standing } = paper;
  const { checks, against } = workings;
  const isSet = standing !== "planned-not-set";
  const said = sheetLines(paper, voiceOf(workings));
  const notes = sheetNotes(paper);
  return (
    <PaperFrame title={say.workshopSheet} paper={paper}>
      <RuledTable
        label={say.linesAsFoundAs}
        headings={[
          say.line,
          say.sets,
          say.asFound,
          isSet ? say.planned : say.plannedNotSet,
          ...(isSet ? [say.asLeft] : []),
          say.why,
        ]}
        widthClass="min-w-[600px] print:min-w-0"
      >
        {said.map((each) => (
          <tr key={each.code} className="border-b border-rule align-top [&>td]:py-1 print:[&>td]:py-[0.4mm]">
            <td className={`pr-2 font-bold ${keptTogether(each.code)}`}>{each.code}</td>
            <td className={`pr-2 ${keptTogether(each.sets)}`}>{each.sets}</td>
            <Value what={say.asFound} words={each.found} />
            <Value what={say.planned} words={each.planned} />
            {isSet ? <Value what={say.asLeft} words={each.left} strong={each.isNews} /> : null}
            <td className="text-quiet">{each.why}</td>
          </tr>
        ))}
      </RuledTable>
      <p className="mt-2 text-[0.85rem] text-quiet">{notes.stands}</p>
      {isSet && checks.some(({ verdict }) => verdict === "passed" || verdict === "failed") ? (
        <MeasuredFigures paper={paper} />
      ) : null}
      {isSet && against.length > 0 ? <StandsAgainst paper={paper} /> : null}
      {notes.against === null ? null : <p className="mt-2 text-[0.85rem] text-quiet">{notes.against}</p>}
      <Rests job={job} guessed={workings.intake.guessed} />
      <SignedOff paper={paper} needs={needs} />
    </PaperFrame>
  );
}

/** What to bear in mind, who looked, every seal of the chain, and the record as a code. */
function SignedOff({ paper, needs }: WorkshopSheetProps) {
  const { checkedBy, seals } = sheetNotes(paper);
  return (
    <div className="mt-2 flex break-inside-avoid flex-wrap items-start gap-x-4 gap-y-2">
      <PaperQr code={needs?.code ?? null} />
      <div className="min-w-[45mm] flex-1">
        {needs ? <SheetCautions cautions={needs.cautions} /> : null}
        <p className="mt-1">{checkedBy}</p>
        {seals.length > 0 ? (
          <ul className="text-quiet">
            {seals.map(({ hash, says }) => (
              <li key={hash}>{says}</li>
            ))}
          </ul>
        ) : null}
      </div>
    </div>
  );
}

/** What the sheet rests on, when it is asked for: it is printed where it stands open. */
function Rests(props: RestsOnProps) {
  const [restsOn, keepRestsOn] = useKeptState("sheet.rests-on", "");
  const isOpen = restsOn === "open";
  return (
    <details className={`mt-3 ${isOpen ? "" : "no-print"}`} open={isOpen}>
      <summary
        className="font-semibold"
        onClick={(event) => {
          event.preventDefault();
          keepRestsOn(isOpen ? "" : "open");
        }}
      >
        {say.whatThisRestsOn}
      </summary>
      {isOpen ? <RestsOn {...props} /> : null}
    </details>
  );
}
