"use client";
import type { Paper, PaperCell, PaperLine } from "@/core/record";
import { FindingLine, RuledTable } from "@/ui/primitives";
import { useKeptState } from "@/ui/primitives/useKeptState";
import { later } from "@/ui/primitives/later";
import { dayAndTime, findingText, lineName, reasonWhy } from "@/words";
import { voiceOf } from "../job/voice";
import { Card } from "./Cards";
import { MeasuredFigures } from "./MeasuredFigures";
import * as say from "@/words/screens/hand-over/workshopSheet";

import type { RestsOnProps } from "./RestsOn";

const RestsOn = later(() => import("./RestsOn").then((module) => module.RestsOn));

const WORDS = { unread: "unread", hidden: "hidden", none: "—" } as const;
const cellWords = (cell: PaperCell): string => (cell.kind === "value" ? cell.value.shows : WORDS[cell.kind]);

function Why({ line, paper }: { readonly line: PaperLine; readonly paper: Paper }) {
  if (line.planned.kind === "hidden") return say.hiddenByWhatAnother;
  if (line.changed || line.planned.kind === "none")
    return reasonWhy(line.reason, paper.job.profile?.name ?? say.theDisplay, voiceOf(paper.workings))[0];
  return line.locked ? say.notTouchedMakerOnly : say.notChanged;
}

/** Workshop sheet: every line as found, as planned, as read back, and why. */
export function WorkshopSheet({ paper }: { readonly paper: Paper }) {
  const { job, workings, standing, lines } = paper;
  const { choice, checks, against, leavesThough } = workings;
  const isSet = standing !== "planned-not-set";
  const lastSeal = job.sheets[job.sheets.length - 1];
  const needed = checks.filter(({ check }) => check.needed);
  const passed = needed.filter(({ verdict }) => verdict === "passed").length;
  return (
    <Card title={say.workshopSheet} paper={paper}>
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
          <tr key={each.line.code} className="border-b border-rule align-top">
            <td className="py-1 pr-2 font-bold">{each.line.code}</td>
            <td className="py-1 pr-2">{lineName(each.line)}</td>
            <td className="py-1 pr-2">{cellWords(each.found)}</td>
            <td className="py-1 pr-2">{cellWords(each.planned)}</td>
            {isSet ? (
              <td className={`py-1 pr-2 ${each.left.kind === "value" && each.changed ? "font-bold" : ""}`}>
                {cellWords(each.left)}
              </td>
            ) : null}
            <td className="py-1 text-quiet">
              <Why line={each} paper={paper} />
            </td>
          </tr>
        ))}
      </RuledTable>
      <p className="mt-2 text-[0.85rem] text-quiet">
        {isSet ? say.asLeftIsWhat(passed, needed.length) : say.nothingHasBeenSet}
      </p>
      {isSet ? <MeasuredFigures job={job} checks={checks} /> : null}
      {isSet && against.length > 0 ? (
        <div className="mt-3">
          <p className="font-semibold">{say.standsAgainstIt}</p>
          <ul>
            {against.map((finding) => (
              <li key={finding.message.key + finding.lines.join()}>
                <FindingLine severity={finding.severity}>{findingText(finding.message, voiceOf(workings))}</FindingLine>
              </li>
            ))}
          </ul>
          <p>{leavesThough ? say.workshopSheetDecided(job.handedOverAt, leavesThough) : say.nobodyHasDecidedIn}</p>
        </div>
      ) : null}
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
      {lastSeal ? (
        <p className="mt-2 text-[0.78rem] break-all text-quiet">
          {say.lastSeal}
          {dayAndTime(lastSeal.at)}: <span className="code">{lastSeal.hash}</span>
        </p>
      ) : null}
    </Card>
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
