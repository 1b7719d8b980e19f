"use client";
import type { AllowedCurrent, CurrentBound } from "@/core/battery/current";
import type { BatteryWatts } from "@/core/battery/watts";
import type { currentSense } from "@/core/benches/ladderBench";
import type { DisplayProfile } from "@/core/display/profileTypes";
import type { Bike } from "@/core/facts";
import type { ClassChoice } from "@/core/law";
import type { Workings } from "@/core/record";
import { Figure } from "@/ui/primitives";
import { PART_WORDS, partInSentence, plain, speed } from "@/words";
import { wattsWorking } from "@/words/workings";

/** Which amps and which watts are which. */
export function CurrentFigures({
  allowed,
  setA,
  profile,
  over,
  sense,
  watts,
  bike,
  flowingA,
  peak,
  workings,
  choice,
  classW,
}: {
  readonly allowed: AllowedCurrent | null;
  readonly setA: number | null;
  readonly profile: DisplayProfile | null;
  readonly over: CurrentBound | null;
  readonly sense: ReturnType<typeof currentSense> | null;
  readonly watts: BatteryWatts | null;
  readonly bike: Bike;
  readonly flowingA: number | null;
  readonly peak: { readonly mechanicalW: number; readonly kmh: number } | null;
  readonly workings: Workings;
  readonly choice: ClassChoice | null;
  readonly classW: number | null;
}) {
  return (
    <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      <Amps allowed={allowed} setA={setA} profile={profile} over={over} sense={sense} />
      <Figure
        label="Label watts"
        value={watts ? `${plain(watts.labelW, 0)} W` : null}
        note="nominal volts × amps"
        working={watts && bike.packV !== null && flowingA !== null ? wattsWorking(watts, bike.packV, flowingA) : []}
      />
      <Figure
        label="From a full pack"
        value={watts ? `${plain(watts.fullW, 0)} W` : null}
        note={watts ? `${plain(watts.saggedW, 0)} W nearly empty` : "needs pack and amps"}
        working={watts && bike.packV !== null && flowingA !== null ? wattsWorking(watts, bike.packV, flowingA) : []}
      />
      <Figure
        label="At the wheel, at most"
        value={peak ? `${plain(peak.mechanicalW, 0)} W` : null}
        note={peak ? `at ${speed(peak.kmh, workings.unit)}` : "needs motor, pack and controller"}
        working={["largest of force × speed over all speeds, full level, no cap", "Machine facts from memory."]}
      />
      <Figure
        label="Rating against the class"
        value={bike.motorRatedW === null ? null : `${plain(bike.motorRatedW, 0)} W`}
        note={
          choice
            ? classW === null
              ? `${choice.rule.name} sets none`
              : `${choice.rule.name} says ${plain(classW, 0)} W`
            : "no class chosen"
        }
        working={[
          "The rating is what the motor bears for long, from its plate.",
          "Battery watts and peak watts are something else and may be several times as much.",
        ]}
      />
    </div>
  );
}

/** What the parts allow, and what the display lets through. */
function Amps({
  allowed,
  setA,
  profile,
  over,
  sense,
}: {
  readonly allowed: AllowedCurrent | null;
  readonly setA: number | null;
  readonly profile: DisplayProfile | null;
  readonly over: CurrentBound | null;
  readonly sense: ReturnType<typeof currentSense> | null;
}) {
  return (
    <>
      <Figure
        label="Battery amps allowed"
        size="large"
        value={allowed ? `${plain(allowed.allowedA)} A` : null}
        note={allowed ? `the ${partInSentence(allowed.by)} sets it` : "needs one part’s rating"}
        working={
          allowed
            ? [
                `min(${allowed.bounds.map(({ part, amps }) => `${PART_WORDS[part]} ${plain(amps)}`).join(", ")}) = ${plain(allowed.allowedA)} A`,
              ]
            : []
        }
      />
      <Figure
        label="The display lets through"
        size="large"
        value={setA === null ? null : `${plain(setA)} A`}
        note={
          setA === null
            ? profile
              ? "no current line, or not read"
              : "no display yet"
            : over
              ? "more than the parts bear"
              : "within the parts"
        }
        working={sense && "line" in sense ? [`line ${sense.line.code}`] : []}
      />
    </>
  );
}
