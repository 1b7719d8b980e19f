"use client";
import { useEffect, useMemo, useState } from "react";
import { wayBackTask, type Job, type Paper } from "@/core/record";
import { Button, Choice, useKeptState } from "@/ui/primitives";
import { Chip } from "@/ui/primitives/Chip";
import { later } from "@/ui/primitives/later";
import { papersAsk, workAsk } from "@/workers/keysClient";
import { ENGLISH } from "@/words/papers/english";
import { isLanguage, LANGUAGES } from "@/words/papers/languages";
import type { PaperWords } from "@/words/papers/paperWords";
import { usePlan } from "../job/usePlan";
import { CareSlip } from "./CareSlip";
import { CopyText } from "./CopyText";
import { OwnersCard } from "./OwnersCard";
import type { PaperKind } from "./paperText";
import { WayBackCard } from "./WayBackCard";
import { WorkshopSheet } from "./WorkshopSheet";
import * as say from "@/words/screens/papers/papers";

/** Loaded when somebody wants it: it is stuck on once. */
const ClassLabel = later(() => import("./ClassLabel").then((module) => module.ClassLabel));

const SIZES = ["a4", "letter", "roll"] as const;
const KINDS: readonly PaperKind[] = ["sheet", "card", "way", "road", "label", "care"];

/** The wording of the rider’s papers; English until another is loaded. */
function usePaperWords(kept: string): PaperWords {
  const language = isLanguage(kept) ? kept : "en";
  const [words, setWords] = useState<PaperWords>(ENGLISH);
  useEffect(() => {
    let asked = true;
    void LANGUAGES[language].load().then((loaded) => (asked ? setWords(loaded) : undefined));
    return () => {
      asked = false;
    };
  }, [language]);
  return words;
}

interface PapersProps {
  readonly paper: Paper;
  /** The job as it stands, which its papers are made from. */
  readonly job: Job;
}

/** The papers of a visit, as they are printed: which, on what, and in which language for the rider. */
export function Papers({ paper, job: live }: PapersProps) {
  const { job } = paper;
  const ask = useMemo(() => {
    const task = wayBackTask(job);
    return job.profile && task ? workAsk(job.profile, task.state, task.goal) : null;
  }, [job]);
  const { plan: back, waiting } = usePlan(ask);
  const { roadClass } = job.classChoice;
  const [size, keepSize] = useKeptState("paper-size", "a4");
  const [language, keepLanguage] = useKeptState("owners-language", "en");
  const [left, keepLeft] = useKeptState("papers-left-out", "label");
  const words = usePaperWords(language);
  const { plan: needs, waiting: isReading } = usePlan(useMemo(() => papersAsk(live), [live]));
  const isOn = (kind: PaperKind) => !left.split(" ").includes(kind);
  const toggle = (kind: PaperKind, on: boolean) =>
    keepLeft(KINDS.filter((each) => (each === kind ? !on : !isOn(each))).join(" "));
  const facts = needs?.owners ?? null;
  const road = needs?.road ?? null;
  const show: Readonly<Record<PaperKind, React.ReactNode>> = {
    sheet: <WorkshopSheet paper={paper} needs={needs} />,
    card: facts ? <OwnersCard paper={paper} facts={facts} words={words} /> : null,
    way: back ? <WayBackCard paper={paper} work={back} words={words} /> : null,
    road: road && roadClass ? <WayBackCard paper={paper} work={road} words={words} toRoad={roadClass.name} /> : null,
    label: <ClassLabel paper={paper} />,
    care: <CareSlip paper={paper} words={words} />,
  };
  return (
    <section aria-label={say.papers}>
      <div className="no-print mb-5 flex flex-wrap items-end gap-x-8 gap-y-3 border-t border-rule pt-4">
        <Choice
          label={say.size}
          value={size}
          options={SIZES.map((value) => ({ value, label: say.sizes[value] }))}
          onChoose={keepSize}
        />
        <Choice
          label={say.language}
          value={isLanguage(language) ? language : "en"}
          options={Object.entries(LANGUAGES).map(([value, { name }]) => ({ value, label: name }))}
          onChoose={keepLanguage}
        />
        <fieldset className="flex min-w-0 flex-col gap-1">
          <legend className="mb-1 text-[0.92rem] font-semibold">{say.whichOnes}</legend>
          <div className="flex flex-wrap gap-1.5">
            {KINDS.filter((kind) => kind !== "road" || road).map((kind) => (
              <Chip key={kind} type="checkbox" checked={isOn(kind)} onChange={(on) => toggle(kind, on)}>
                {say.names[kind]}
              </Chip>
            ))}
          </div>
        </fieldset>
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => window.print()} disabled={waiting || isReading}>
            {say.print}
          </Button>
          {needs ? <CopyText texts={{ paper, needs, back, words }} kinds={KINDS.filter(isOn)} /> : null}
        </div>
      </div>
      <div data-paper={SIZES.find((each) => each === size) ?? "a4"} className="papers">
        {KINDS.map((kind) =>
          show[kind] && isOn(kind) ? (
            <div key={kind} className="print-page">
              {show[kind]}
            </div>
          ) : null,
        )}
      </div>
      {back ? null : (
        <p className="no-print mt-6 text-quiet">
          {waiting ? say.theWayBackCard : job.program ? say.noWayBackCard : say.theWayBackCardIs}
        </p>
      )}
    </section>
  );
}
