"use client";
import { useMemo } from "react";
import { withNewParts } from "@/core/facts/newParts";
import { fitParts, upgradeOf, type Upgrade } from "@/core/record";
import { Button, Caution, FindingLine, NumberTable, SignShape, useTell } from "@/ui/primitives";
import { CHECK_WORDS, findingText, INTAKE_WORDS, type Voice } from "@/words";
import { NEW_PART_WORDS } from "@/words/figures/newParts";
import { OUTCOMES } from "@/words/outcomes";
import { voiceOf } from "../job/voice";
import { Bench, Lacks, Part } from "./Bench";
import type { BenchProps } from "./benchProps";
import { FigureFields } from "./FigureFields";
import * as say from "@/words/screens/numbers/upgradeBench";

/** A part weighed before it is bought: what it changes, whether it fits, and what is to be proven again. */
export function UpgradeBench(props: BenchProps) {
  const { job, workings } = props;
  const upgrade = useMemo(() => upgradeOf(job), [job]);
  const log = job.events.filter(({ kind }) => kind === "part-changed" || kind === "display-swapped");
  return (
    <Bench
      known={
        <>
          <Part title={say.newParts} hint={say.hint}>
            <FigureFields
              {...props}
              words={NEW_PART_WORDS}
              keys={[
                "newTyre",
                "newPackV",
                "newPackAh",
                "newBmsA",
                "newChemistry",
                "newControllerA",
                "newControllerV",
                "newMotorKind",
                "newMotorRatedW",
              ]}
            />
            <p className="mt-2 text-[0.9rem] text-quiet">{say.display}</p>
          </Part>
          <Part title={say.fit}>
            <FigureFields {...props} words={NEW_PART_WORDS} keys={["plugFits", "protocolFits"]} />
          </Part>
          <Part title={say.money}>
            <FigureFields {...props} words={NEW_PART_WORDS} keys={["partCost", "partDelivery", "partGain"]} />
          </Part>
          <Caution>{say.warranty}</Caution>
        </>
      }
    >
      {upgrade ? <Weighed {...props} upgrade={upgrade} voice={voiceOf(workings)} /> : <Lacks>{say.typeOne}</Lacks>}
      {log.length > 0 ? (
        <Part title={say.log}>
          <ul>
            {log.map(({ at, detail }) => (
              <li key={at + detail} className="border-b border-rule py-1 break-words">
                {say.logged(at, detail)}
              </li>
            ))}
          </ul>
        </Part>
      ) : null}
    </Bench>
  );
}

type WeighedProps = BenchProps & { readonly upgrade: Upgrade; readonly voice: Voice };

/** Now, fitted with no line changed, and fitted and planned, side by side. */
function Weighed({ job, change, upgrade, voice }: WeighedProps) {
  const tell = useTell();
  const { now, asIs, planned, fits, stale, changed } = upgrade;
  const fit = async () => {
    const after = withNewParts(job.intake);
    const typed: Readonly<Record<string, string>> = job.intake;
    const what = changed
      .map((key) => say.changed(INTAKE_WORDS[key].label, typed[key] ?? "", after[key] ?? ""))
      .join("; ");
    const deed = await change((current) => fitParts(current, new Date().toISOString(), what));
    if (deed) tell(say.done, () => void deed.undo(say.undone));
  };
  return (
    <>
      <Part title={say.whatItComesTo}>
        <NumberTable
          caption={say.sideBySide}
          hideCaption
          headings={[say.itComesTo, say.now, say.asIs, say.planned]}
          rows={OUTCOMES.map(({ what, of, working }) => ({
            key: what,
            head: what,
            cells: [now, asIs, planned].map((outcome, i) => (
              <span key={i} className="inline-block max-w-32 whitespace-normal">
                {of(outcome, voice) ?? "—"}
              </span>
            )),
            working: working(planned, voice),
          }))}
        />
      </Part>
      {(
        [
          [say.findingsAsIs, asIs],
          [say.findingsPlanned, planned],
        ] as const
      ).map(([title, outcome]) => {
        const findings = outcome.findings.filter(({ severity }) => severity !== "note");
        return (
          <Part key={title} title={title}>
            {findings.length === 0 ? <p className="text-quiet">{say.noFinding}</p> : null}
            {findings.map((finding) => (
              <FindingLine key={finding.message.key + finding.lines.join()} severity={finding.severity}>
                {findingText(finding.message, voice)}
              </FindingLine>
            ))}
          </Part>
        );
      })}
      <Part title={say.whatMustFit}>
        <ul>
          {fits.map((each) => (
            <li key={each.key} className="flex items-baseline gap-2 border-b border-rule py-1">
              <SignShape sign={each.fits === null ? "unknown" : each.fits ? "done" : "breach"} size={11} />
              <span>
                {say.fitText(each)}: <strong>{say.fitWord(each.fits)}</strong>
              </span>
            </li>
          ))}
        </ul>
      </Part>
      <p>{say.stale(stale.map((id) => CHECK_WORDS[id].title))}</p>
      <Caution>{say.asksMore}</Caution>
      <Button onClick={() => void fit()}>{say.fitted(changed.length)}</Button>
    </>
  );
}
