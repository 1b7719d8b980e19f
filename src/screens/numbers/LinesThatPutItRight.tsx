import type { CalibrationBench } from "@/core/benches/calibrationBench";
import type { Workings } from "@/core/record";
import { Button, Figure, NumberTable } from "@/ui/primitives";
import { offBy, plain, speed } from "@/words";
import { impliedRolloutWorking, linesWorking, percentWorking } from "@/words/workings";
import { Part } from "./Bench";
import * as say from "@/words/screens/numbers/linesThatPutItRight";

interface LinesProps {
  readonly bench: CalibrationBench;
  readonly workings: Workings;
  /** Takes the rollout the calibration implies into the intake. */
  readonly onRollout: (intake: Readonly<Record<string, string>>) => void;
}

/** What the display's lines would have to hold for it to read right, and the rollout that follows. */
export function LinesThatPutItRight({ bench, workings: { unit }, onRollout }: LinesProps) {
  if (!bench.settings || bench.settings.choices.length === 0) return null;
  return (
    <Part title={say.linesThatPutIt} hint={say.roundedToWhatThe}>
      <NumberTable
        caption={say.linesAfterCalibration}
        hideCaption
        headings={[say.lines, say.toSet, say.thenReads, say.capToSet, say.itBites]}
        rows={bench.settings.choices.map((each) => ({
          key: each.what,
          head: {
            "as-found": say.asItStands,
            "best-wheel": say.wheelLine,
            "best-pulses": say.pulseLine,
            "best-pair": say.both,
          }[each.what],
          cells: [
            each.changes.map(({ code, to, makerOnly }) => say.lineTo(code, to, makerOnly)).join(", ") || "nothing",
            offBy(each.r),
            each.capToSet?.shown ?? "—",
            each.capToSet ? speed(each.capToSet.trueKmh.nominal, unit, 2) : "—",
          ],
          working: bench.best ? linesWorking(bench.best.factor.r, each.r) : [],
        }))}
      />
      <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
        {bench.percent && bench.best ? (
          <Figure
            label={say.orLineTo(bench.percent.code)}
            value={`${plain(bench.percent.exact, 1)} %`}
            note={say.roundedUpItMultiplies}
            working={percentWorking(bench.percent.set, bench.best.factor.r, bench.percent.exact)}
          />
        ) : null}
        {bench.impliedRollout && bench.best ? (
          <div>
            <Figure
              label={say.theWheelThenRolls}
              value={`${plain(bench.impliedRollout.mm, 0)} mm`}
              note={say.withPulseATurn(bench.impliedRollout.uncertaintyMm, bench.impliedRollout.pulses)}
              working={impliedRolloutWorking(
                bench.impliedRollout.countedMm,
                bench.best.factor.r,
                bench.impliedRollout.mm,
              )}
            />
            <Button
              weight="quiet"
              onClick={() =>
                bench.impliedRollout &&
                onRollout({
                  rolloutMm: plain(bench.impliedRollout.mm, 0),
                  rolloutTurns: "1",
                  tapeErrorMm: plain(bench.impliedRollout.uncertaintyMm, 1),
                })
              }
            >
              {say.takeItAsThe}
            </Button>
          </div>
        ) : null}
      </div>
    </Part>
  );
}
