"use client";
import { type Reason } from "@/core/decide";
import { capBasisOf, isUnsure } from "@/core/display";
import { definitionsOf, type Sheet, type SheetRow } from "@/core/sheet";
import { cautionsOf } from "@/core/sheet/cautions";
import { Caution, RuledTable, SignShape } from "@/ui/primitives";
import { later } from "@/ui/primitives/later";
import { findingText, lineName, marginText, offBy, reasonWords, valueMeaning, WHO_SETS, type Voice } from "@/words";
import { CAUTION_WORDS } from "@/words/cautionWords";
import type { StageProps } from "../job/stageProps";
import { ByHand } from "./ByHand";
import * as say from "@/words/screens/plan/because";

/** Loaded where a line is a guess, or holds a cap. */
const Unsure = later(() => import("./Unsure").then((module) => module.Unsure));
const CapBasis = later(() => import("./CapBasis").then((module) => module.CapBasis));

interface BecauseProps extends StageProps {
  readonly row: SheetRow;
  readonly sheet: Sheet;
  readonly voice: Voice;
}

/** Why this line should hold this value: the sentence, the working, the alternatives, what it mends. */
export function Because({ job, change, row, sheet, voice }: BecauseProps) {
  const [definition] = definitionsOf(row);
  const reason = reasonWords(row.reason, job.profile?.name ?? say.theDisplay, voice);
  const mended = sheet.mended.filter((finding) => finding.lines.includes(row.code));
  const left = sheet.target.findings.filter((finding) => finding.lines[0] === row.code);
  const held = (value: SheetRow["target"]) => (value ? (valueMeaning(value.means) ?? value.shows) : "unread");
  const title =
    row.changes === true
      ? `${lineName(row.line)} ${held(row.inForce)} → ${held(row.target)}`
      : row.changes === null && row.target
        ? `${lineName(row.line)} → ${held(row.target)}`
        : `${lineName(row.line)} ${held(row.inForce)}`;
  const short =
    row.settings[0] === "circumferenceMm"
      ? row.changes
        ? say.wheelUnread(row.inForce?.shows, row.target?.shows)
        : say.becauseWheelUnread(row.inForce?.shows)
      : title;
  return (
    <section aria-label={say.becauseLine(row.code)} className="rounded-xl bg-sheet p-5">
      <p className="code text-quiet">{say.becauseLine2(row.code)}</p>
      <h3 className="mb-2 text-[1.5rem] break-words">{short}</h3>
      {reason.why.map((sentence) => (
        <p key={sentence} className="mb-2">
          {sentence}
        </p>
      ))}
      {reason.working.length > 0 ? <div className="working my-3">{reason.working.join("\n")}</div> : null}
      {row.reason.key === "reason.wheel" ? <WheelBars reason={row.reason} /> : null}
      {mended.map((finding) => (
        <p
          key={finding.message.key}
          className={`my-3 rounded-md px-3 py-2.5 text-[0.95rem] ${finding.severity === "breach" ? "bg-breach-tint" : "bg-caution-tint"}`}
        >
          <SignShape sign={finding.severity === "note" ? "done" : finding.severity} />
          {say.asItIs} {findingText(finding.message, voice)}{" "}
          {marginText(finding, voice) ? `${marginText(finding, voice)}. ` : ""}
          {say.thePlanMendsIt}
        </p>
      ))}
      {left.map((finding) => (
        <p
          key={finding.message.key}
          className={`my-3 rounded-md px-3 py-2.5 text-[0.95rem] ${finding.severity === "breach" ? "bg-breach-tint" : finding.severity === "caution" ? "bg-caution-tint" : "border border-rule"}`}
        >
          {finding.severity === "note" ? null : <SignShape sign={finding.severity} />}{" "}
          {findingText(finding.message, voice)} {marginText(finding, voice) ? `${marginText(finding, voice)}.` : ""}
        </p>
      ))}
      {cautionsOf(row).map((caution) => (
        <div key={caution} className="mb-2">
          <Caution>{CAUTION_WORDS[caution]}</Caution>
        </div>
      ))}
      {row.line.note ? <p className="mb-2 text-[0.9rem] text-quiet">{row.line.note}</p> : null}
      {definition ? (
        <p className="text-[0.88rem] text-quiet">{say.setBy(WHO_SETS[definition.setBy], definition.safeDirection)}</p>
      ) : null}
      {capBasisOf(row.line.encoding) === null ? null : <CapBasis job={job} change={change} row={row} />}
      {isUnsure(row.line) ? <Unsure job={job} change={change} row={row} /> : null}
      <ByHand job={job} change={change} row={row} />
    </section>
  );
}

function WheelBars({ reason }: { readonly reason: Extract<Reason, { key: "reason.wheel" }> }) {
  const most = Math.max(...reason.options.map((option) => Math.abs(option.r - 1)), 0.01);
  return (
    <div className="my-3">
      <RuledTable
        label={say.whatEachWheelCode}
        headings={[{ hidden: say.code }, { hidden: say.sizeOfTheError }, { hidden: say.readsOffBy }]}
      >
        {reason.options.map((option) => (
          <tr key={option.shows}>
            <th scope="row" className="w-10 text-left font-semibold">
              {option.shows}
            </th>
            <td className="px-2">
              <span
                aria-hidden="true"
                className={`block h-2 rounded-sm ${option.shows === reason.chosen ? "bg-action" : "bg-spoke"}`}
                style={{ width: `${Math.max(2, (100 * Math.abs(option.r - 1)) / most)}%` }}
              />
            </td>
            <td className="w-20 text-right">{offBy(option.r)}</td>
          </tr>
        ))}
      </RuledTable>
    </div>
  );
}
