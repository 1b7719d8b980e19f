"use client";
import { useMemo } from "react";
import { withNewParts } from "@/core/facts/newParts";
import type { DisplayProfile } from "@/core/display";
import { fitParts, upgradeOf, type Upgrade } from "@/core/record";
import { Button, Caution, FindingLine, NumberTable, SignShape, useTell } from "@/ui/primitives";
import { CHECK_WORDS, findingText, INTAKE_WORDS, type Voice } from "@/words";
import { NEW_PART_WORDS } from "@/words/figures/newParts";
import { OUTCOMES } from "@/words/outcomes";
import { CarriedOver } from "../job/CarriedOver";
import { voiceOf } from "../job/voice";
import { Bench, Lacks, Part } from "./Bench";
import type { BenchProps } from "./benchProps";
import { FigureFields } from "./FigureFields";
import { NewDisplay, useThoughtOf } from "./NewDisplay";
import * as say from "@/words/screens/numbers/upgradeBench";

/** A part weighed before it is bought: what it changes, whether it fits, and what is to be proven again. */
export function UpgradeBench(props: BenchProps) {
  const { job, workings } = props;
  const thought = useThoughtOf(job);
  const display = thought.kind === "sound" ? thought.profile : null;
  const upgrade = useMemo(() => upgradeOf(job, display), [job, display]);
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
            <NewDisplay job={job} thought={thought} />
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
      {upgrade ? (
        <Weighed {...props} upgrade={upgrade} display={display} voice={voiceOf(workings)} />
      ) : (
        <Lacks>{thought.kind === "loading" ? say.loading : say.typeOne}</Lacks>
      )}
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

interface WeighedProps extends BenchProps {
  readonly upgrade: Upgrade;
  /** Another display than the one on the bike; null where it stays. */
  readonly display: DisplayProfile | null;
  readonly voice: Voice;
}

/** Now, fitted with no line changed, and fitted and planned, side by side. */
function Weighed({ job, change, upgrade, display, voice }: WeighedProps) {
  const tell = useTell();
  const { now, asIs, planned, fits, stale, changed, carried } = upgrade;
  const fit = async () => {
    const after = withNewParts(job.intake);
    const typed: Readonly<Record<string, string>> = job.intake;
    const what = changed
      .map((key) => say.changed(INTAKE_WORDS[key].label, typed[key] ?? "", after[key] ?? ""))
      .join("; ");
    const deed = await change((current) => fitParts(current, display, new Date().toISOString(), what));
    if (deed) tell(say.done, () => void deed.undo(say.undone));
  };
  return (
    <>
      <Part title={say.whatItComesTo}>
        <NumberTable
          caption={say.sideBySide}
          hideCaption
          headings={[say.itComesTo, say.now, carried ? say.carriedAsIs : say.asIs, say.planned]}
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
          [carried ? say.findingsCarried : say.findingsAsIs, asIs],
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
      {carried ? (
        <Part title={say.carried}>
          <CarriedOver outlook={carried} />
        </Part>
      ) : null}
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
      <Button onClick={() => void fit()}>{say.fitted(changed.length, display?.name ?? null)}</Button>
    </>
  );
}
