"use client";
import { type Reason } from "@/core/decide";
import { capBasisOf } from "@/core/display";
import { definitionsOf, type Sheet, type SheetRow } from "@/core/sheet";
import { SignShape } from "@/ui/primitives";
import { findingText, lineName, marginText, offBy, reasonWords, valueMeaning, WHO_SETS, type Voice } from "@/words";
import type { StageProps } from "../job/stageProps";
import { ByHand } from "./ByHand";
import { CapBasis } from "./CapBasis";

interface BecauseProps extends StageProps {
  readonly row: SheetRow;
  readonly sheet: Sheet;
  readonly voice: Voice;
}

const SAFE_SIDES = { down: "smaller", up: "larger" } as const;

/** Why this line should hold this value: the sentence, the working, the alternatives, what it mends. */
export function Because({ job, change, row, sheet, voice }: BecauseProps) {
  const [definition] = definitionsOf(row);
  const reason = reasonWords(row.reason, job.profile?.name ?? "The display", voice);
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
        ? `Wheel ${row.inForce?.shows ?? "unread"} → ${row.target?.shows}`
        : `Wheel ${row.inForce?.shows ?? "unread"}`
      : title;
  return (
    <section aria-label={`Because: line ${row.code}`} className="rounded-xl bg-sheet p-5">
      <p className="code text-quiet">Line {row.code}</p>
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
          <SignShape sign={finding.severity === "note" ? "done" : finding.severity} /> As it is:{" "}
          {findingText(finding.message, voice)} {marginText(finding, voice) ? `${marginText(finding, voice)}. ` : ""}The
          plan mends it.
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
      {row.line.note ? <p className="mb-2 text-[0.9rem] text-quiet">{row.line.note}</p> : null}
      {definition ? (
        <p className="text-[0.88rem] text-quiet">
          Set by {WHO_SETS[definition.setBy]}
          {definition.safeDirection ? ` · safe side: ${SAFE_SIDES[definition.safeDirection]}` : ""}
        </p>
      ) : null}
      {capBasisOf(row.line.encoding) === null ? null : <CapBasis job={job} change={change} row={row} />}
      <ByHand job={job} change={change} row={row} />
    </section>
  );
}

function WheelBars({ reason }: { readonly reason: Extract<Reason, { key: "reason.wheel" }> }) {
  const most = Math.max(...reason.options.map((option) => Math.abs(option.r - 1)), 0.01);
  return (
    <table className="my-3 w-full text-[0.9rem]">
      <caption className="sr-only">What each wheel code would make of the speed shown</caption>
      <thead className="sr-only">
        <tr>
          <th>Code</th>
          <th>Size of the error</th>
          <th>Reads off by</th>
        </tr>
      </thead>
      <tbody>
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
      </tbody>
    </table>
  );
}
