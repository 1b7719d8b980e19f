import type { Paper, PaperCell, PaperLine } from "@/core/record";
import { FindingLine, RuledTable } from "@/ui/primitives";
import { later } from "@/ui/primitives/later";
import { dayAndTime, findingText, lineName, reasonWords } from "@/words";
import { voiceOf } from "../job/voice";
import { Card } from "./Cards";

const RestsOn = later(() => import("./RestsOn").then((module) => module.RestsOn));

const WORDS = { unread: "unread", hidden: "hidden", none: "—" } as const;
const cellWords = (cell: PaperCell): string => (cell.kind === "value" ? cell.value.shows : WORDS[cell.kind]);

function Why({ line, paper }: { readonly line: PaperLine; readonly paper: Paper }) {
  if (line.planned.kind === "hidden") return "Hidden by what another line holds.";
  if (line.changed || line.planned.kind === "none")
    return reasonWords(line.reason, paper.job.profile?.name ?? "The display", voiceOf(paper.workings)).why[0];
  return line.locked ? "Not touched: maker only." : "Not changed.";
}

/** Workshop sheet: every line as found, as planned, as read back, and why. */
export function WorkshopSheet({ paper }: { readonly paper: Paper }) {
  const { job, workings, standing, lines } = paper;
  const { choice, checks, against, leavesThough } = workings;
  const isSet = standing !== "planned-not-set";
  const lastSeal = job.sheets[job.sheets.length - 1];
  const passed = checks.filter(({ verdict }) => verdict === "passed").length;
  return (
    <Card title="Workshop sheet" paper={paper}>
      <RuledTable
        label="Lines as found, as planned and as left"
        headings={[
          "Line",
          "Sets",
          "As found",
          isSet ? "Planned" : "Planned, not set",
          ...(isSet ? ["As left"] : []),
          "Why",
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
        {isSet
          ? `As left is what was read back off the display; what nobody read back stands as unread. Checks passed: ${passed} of ${checks.length}.`
          : "Nothing has been set on the bike: these values are a plan."}
      </p>
      {isSet && against.length > 0 ? (
        <div className="mt-3">
          <p className="font-semibold">Stands against it</p>
          <ul>
            {against.map((finding) => (
              <li key={finding.message.key + finding.lines.join()}>
                <FindingLine severity={finding.severity}>{findingText(finding.message, voiceOf(workings))}</FindingLine>
              </li>
            ))}
          </ul>
          <p>
            {leavesThough
              ? `Decided${job.handedOverAt ? ` ${dayAndTime(job.handedOverAt)}` : ""}: ${leavesThough}`
              : "Nobody has decided in writing that it leaves so."}
          </p>
        </div>
      ) : null}
      {choice ? (
        <p className="mt-2 text-[0.85rem] text-quiet">
          Checked against {choice.rule.name} ({choice.rule.source}, as known on {choice.rule.knownOn}). Not checked by
          any display: {choice.rule.beyondTheDisplay.join("; ")}. Check your local code.
        </p>
      ) : null}
      <RestsOn facts={workings.facts} guessed={workings.intake.guessed} />
      {lastSeal ? (
        <p className="mt-2 text-[0.78rem] break-all text-quiet">
          Last seal {dayAndTime(lastSeal.at)}: <span className="code">{lastSeal.hash}</span>
        </p>
      ) : null}
    </Card>
  );
}
