"use client";
import type { Paper, PaperCell, PaperLine } from "@/core/record";
import { RuledTable } from "@/ui/primitives";
import { useKeptState } from "@/ui/primitives/useKeptState";
import { later } from "@/ui/primitives/later";
import { lineName, reasonWhy, shownWith, valueMeaning } from "@/words";
import { own } from "@/core/units/limits";
import { voiceOf } from "../job/voice";
import type { PaperNeeds } from "@/workers/keys.worker";
import { PaperFrame } from "./PaperFrame";
import { PaperQr } from "./PaperQr";
import * as say from "@/words/screens/papers/workshopSheet";

import type { RestsOnProps } from "./RestsOn";

/** Loaded where there is something to tell of it. */
const StandsAgainst = later(() => import("./StandsAgainst").then((module) => module.StandsAgainst));
const Raised = later(() => import("./Raised").then((module) => module.Raised));
const MeasuredFigures = later(() => import("./MeasuredFigures").then((module) => module.MeasuredFigures));
const RestsOn = later(() => import("./RestsOn").then((module) => module.RestsOn));

const WORDS = { unread: "unread", hidden: "hidden", none: "—" } as const;

/** As the display shows it, with what it stands for where the number does not say it. */
function cellWords(cell: PaperCell): string {
  if (cell.kind !== "value") return WORDS[cell.kind];
  const { shows, means } = cell.value;
  return shownWith(shows, valueMeaning(means));
}

function Why({ line, paper }: { readonly line: PaperLine; readonly paper: Paper }) {
  if (line.planned.kind === "hidden") return say.hiddenByWhatAnother;
  const byHand = own(paper.job.overrideReasons ?? {}, line.line.code)?.trim();
  if (line.reason.key === "reason.by-hand" && byHand) return say.byHand(byHand);
  if (line.changed || line.planned.kind === "none")
    return reasonWhy(line.reason, paper.job.profile?.name ?? say.theDisplay, voiceOf(paper.workings))[0];
  return line.locked ? say.notTouchedMakerOnly : say.notChanged;
}

interface ValueProps {
  readonly what: string;
  readonly cell: PaperCell;
  readonly strong?: boolean;
}

/** Longer than this, a cell may break. */
const KEPT_TOGETHER = 18;
const keptTogether = (words: string): string => (words.length <= KEPT_TOGETHER ? "whitespace-nowrap" : "");

/** A value in its column; on a roll, where there are none, what it is stands before it. */
function Value({ what, cell, strong = false }: ValueProps) {
  const words = cellWords(cell);
  return (
    <td data-what={what} className={`pr-2 ${strong ? "font-bold" : ""} ${keptTogether(words)}`}>
      {words}
    </td>
  );
}

interface WorkshopSheetProps {
  readonly paper: Paper;
  /** What was read back, as a code to be scanned, and what was raised; null while they are worked out. */
  readonly needs: Pick<PaperNeeds, "code" | "raised"> | null;
}

/** Workshop sheet: every line as found, as planned, as read back, and why. */
export function WorkshopSheet({ paper, needs }: WorkshopSheetProps) {
  const { job, workings, standing, lines } = paper;
  const { choice, checks, against } = workings;
  const isSet = standing !== "planned-not-set";
  const needed = checks.filter(({ check }) => check.needed);
  const passed = needed.filter(({ verdict }) => verdict === "passed").length;
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
        {lines.map((each) => (
          <tr key={each.line.code} className="border-b border-rule align-top [&>td]:py-1 print:[&>td]:py-[0.4mm]">
            <td className={`pr-2 font-bold ${keptTogether(each.line.code)}`}>{each.line.code}</td>
            <td className={`pr-2 ${keptTogether(lineName(each.line))}`}>{lineName(each.line)}</td>
            <Value what={say.asFound} cell={each.found} />
            <Value what={say.planned} cell={each.planned} />
            {isSet ? (
              <Value what={say.asLeft} cell={each.left} strong={each.left.kind === "value" && each.changed} />
            ) : null}
            <td className="text-quiet">
              <Why line={each} paper={paper} />
            </td>
          </tr>
        ))}
      </RuledTable>
      <p className="mt-2 text-[0.85rem] text-quiet">
        {isSet ? say.asLeftIsWhat(passed, needed.length) : say.nothingHasBeenSet}
      </p>
      {isSet && checks.some(({ verdict }) => verdict === "passed" || verdict === "failed") ? (
        <MeasuredFigures job={job} checks={checks} />
      ) : null}
      {isSet && against.length > 0 ? <StandsAgainst paper={paper} /> : null}
      {choice ? (
        <p className="mt-2 text-[0.85rem] text-quiet">
          {say.checkedAgainstAsKnown(
            choice.rule.name,
            choice.rule.source,
            choice.rule.knownOn,
            choice.rule.beyondTheDisplay.join("; "),
          )}
        </p>
      ) : null}
      <Rests job={job} guessed={workings.intake.guessed} />
      {needs && needs.raised.length > 0 ? <Raised settings={needs.raised} /> : null}
      <SignedOff paper={paper} needs={needs} />
    </PaperFrame>
  );
}

/** Who looked, every seal of the chain, and the record as a code. */
function SignedOff({ paper, needs }: WorkshopSheetProps) {
  const { job } = paper;
  const initials = (job.intake.checkedBy ?? "").trim();
  return (
    <div className="mt-2 flex break-inside-avoid items-start gap-x-4">
      <PaperQr code={needs?.code ?? null} />
      <div className="min-w-0 flex-1">
        <p>{initials ? say.checkedBy(initials) : say.checkedByNobody}</p>
        {job.sheets.length > 0 ? (
          <ul className="text-quiet">
            {job.sheets.map(({ kind, at, hash }) => (
              <li key={hash}>{say.seal(kind, at, hash)}</li>
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
