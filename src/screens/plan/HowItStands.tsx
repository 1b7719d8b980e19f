"use client";
import type { Sheet, SheetCounts, SheetRow } from "@/core/sheet";
import { codesFit } from "@/ui/dial/codesFit";
import { SpokeDial, type Spoke } from "@/ui/dial/SpokeDial";
import { count, MARK_NAMES } from "@/words";
import type { StageProps } from "../job/stageProps";
import { spokesOf } from "../job/spokes";
import { isOffRoad } from "@/core/record";
import { later } from "@/ui/primitives/later";
import { Newer } from "./Newer";
import { Tally, TrueCap } from "./Standing";
import * as say from "@/words/screens/plan/howItStands";

/** Loaded where the bike is not for the road. */
const OffRoad = later(() => import("../job/OffRoad").then((module) => module.OffRoad));

/** The dial, the tally of what stands out, and the true cap. */
export function HowItStands(
  props: StageProps & { readonly counts: SheetCounts; readonly selected: SheetRow | undefined; readonly sheet: Sheet },
) {
  const { job, workings, setLine, counts, selected, sheet } = props;
  const spokes = spokesOf(job, workings);
  return (
    <section aria-label={say.howItStands} className="max-lg:grid max-lg:gap-4 sm:max-lg:grid-cols-[252px_1fr]">
      <div>
        <SpokeDial
          spokes={spokes}
          size={252}
          showCodes
          centre={{ figure: String(counts.odd), word: "odd" }}
          selected={selected?.code}
          onSelect={setLine}
        />
        {codesFit(spokes.map(({ code }) => code)) ? null : <Codes spokes={spokes} selected={selected} />}
      </div>
      <div>
        <ul className="mt-3 flex flex-col gap-0.5 text-[0.95rem]">
          <Tally sign="odd" when={counts.odd > 0} text={count(counts.odd, say.oddLine)} />
          <Tally
            sign="breach"
            when={counts.breaches > 0}
            text={say.breachAsItIs(
              counts.breaches,
              sheet.target.findings.some((finding) => finding.severity === "breach"),
            )}
          />
          <Tally sign="caution" when={counts.cautions > 0} text={count(counts.cautions, "caution")} />
          <Tally sign="unknown" when={counts.unknown > 0} text={say.lineUnread(counts.unknown)} />
          <Tally sign="unknown" when={counts.unsure > 0} text={say.linesUnsure(counts.unsure)} />
          <Tally sign="left-alone" when={counts.leftAlone > 0} text={say.leftAlone(counts.leftAlone)} />
        </ul>
        {isOffRoad(job) ? <OffRoad job={job} change={props.change} /> : null}
        <TrueCap workings={workings} />
        {workings.newer.length > 0 ? <Newer {...props} /> : null}
      </div>
    </section>
  );
}

/** Where codes are too long to stand at their spokes: the chosen one, and those that stand out. */
function Codes({ spokes, selected }: { readonly spokes: readonly Spoke[]; readonly selected: SheetRow | undefined }) {
  const out = spokes.filter(({ mark }) => mark !== "same" && mark !== "left-alone" && mark !== "unknown");
  return (
    <div className="max-w-[252px] text-center">
      {selected ? <p className="font-head font-bold break-words">{selected.code}</p> : null}
      {out.length > 0 ? (
        <p className="text-[0.9rem] break-words text-quiet">
          {out.map(({ code, mark }) => `${code} ${MARK_NAMES[mark]}`).join(" · ")}
        </p>
      ) : null}
    </div>
  );
}
