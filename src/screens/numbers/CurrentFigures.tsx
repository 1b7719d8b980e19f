"use client";
import type { AllowedCurrent, CurrentBound } from "@/core/battery/current";
import type { BatteryWatts } from "@/core/battery/watts";
import type { currentSense } from "@/core/benches/ladderBench";
import type { DisplayProfile } from "@/core/display/profileTypes";
import type { Bike } from "@/core/facts";
import type { ClassChoice } from "@/core/law";
import type { Workings } from "@/core/record";
import { Figure } from "@/ui/primitives";
import { PART_WORDS, plain } from "@/words";
import { wattsWorking } from "@/words/workings";
import * as say from "@/words/screens/numbers/currentFigures";

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
        label={say.labelWatts}
        value={watts ? `${plain(watts.labelW, 0)} W` : null}
        note={say.nominalVoltsAmps}
        working={watts && bike.packV !== null && flowingA !== null ? wattsWorking(watts, bike.packV, flowingA) : []}
      />
      <Figure
        label={say.fromAFullPack}
        value={watts ? `${plain(watts.fullW, 0)} W` : null}
        note={watts ? say.wNearlyEmpty(watts.saggedW) : say.needsPackAndAmps}
        working={watts && bike.packV !== null && flowingA !== null ? wattsWorking(watts, bike.packV, flowingA) : []}
      />
      <Figure
        label={say.atTheWheelAt}
        value={peak ? `${plain(peak.mechanicalW, 0)} W` : null}
        note={peak ? say.currentFiguresAt(peak.kmh, workings.unit) : say.needsMotorPackAnd}
        working={[say.largestOfForceSpeed, say.machineFactsFromMemory]}
      />
      <Figure
        label={say.ratingAgainstTheClass}
        value={bike.motorRatedW === null ? null : `${plain(bike.motorRatedW, 0)} W`}
        note={
          choice
            ? classW === null
              ? say.setsNone(choice.rule.name)
              : say.saysW(choice.rule.name, classW)
            : say.noClassChosen
        }
        working={[say.theRatingIsWhat, say.batteryWattsAndPeak]}
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
        label={say.batteryAmpsAllowed}
        size="large"
        value={allowed ? `${plain(allowed.allowedA)} A` : null}
        note={allowed ? say.theSetsIt(allowed.by) : say.needsOnePartsRating}
        working={
          allowed
            ? [
                say.minA(
                  allowed.bounds.map(({ part, amps }) => `${PART_WORDS[part]} ${plain(amps)}`).join(", "),
                  allowed.allowedA,
                ),
              ]
            : []
        }
      />
      <Figure
        label={say.theDisplayLetsThrough}
        size="large"
        value={setA === null ? null : `${plain(setA)} A`}
        note={
          setA === null
            ? profile
              ? say.noCurrentLineOr
              : say.noDisplayYet
            : over
              ? say.moreThanTheParts
              : say.withinTheParts
        }
        working={sense && "line" in sense ? [say.currentFiguresLine(sense.line.code)] : []}
      />
    </>
  );
}
