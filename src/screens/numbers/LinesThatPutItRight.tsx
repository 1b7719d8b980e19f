import type { CalibrationBench } from "@/core/benches/calibrationBench";
import type { Workings } from "@/core/record";
import { Button, Figure, NumberTable } from "@/ui/primitives";
import { count, offBy, plain, speed } from "@/words";
import { impliedRolloutWorking, linesWorking, percentWorking } from "@/words/workings";
import { Part } from "./Bench";

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
    <Part title="Lines that put it right" hint="Rounded to what the display can hold; every pair was tried.">
      <NumberTable
        caption="Lines after calibration"
        hideCaption
        headings={["Lines", "To set", "Then reads", "Cap to set", "It bites"]}
        rows={bench.settings.choices.map((each) => ({
          key: each.what,
          head: {
            "as-found": "As it stands",
            "best-wheel": "Wheel line",
            "best-pulses": "Pulse line",
            "best-pair": "Both",
          }[each.what],
          cells: [
            each.changes
              .map(({ code, to, makerOnly }) => `${code}: ${to}${makerOnly ? " (maker only)" : ""}`)
              .join(", ") || "nothing",
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
            label={`Or line ${bench.percent.code} to`}
            value={`${plain(bench.percent.exact, 1)} %`}
            note="rounded up; it multiplies what is shown"
            working={percentWorking(bench.percent.set, bench.best.factor.r, bench.percent.exact)}
          />
        ) : null}
        {bench.impliedRollout && bench.best ? (
          <div>
            <Figure
              label="The wheel then rolls"
              value={`${plain(bench.impliedRollout.mm, 0)} mm`}
              note={`±${plain(bench.impliedRollout.uncertaintyMm, 0)}, with ${count(bench.impliedRollout.pulses, "pulse")} a turn as counted`}
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
              Take it as the rollout
            </Button>
          </div>
        ) : null}
      </div>
    </Part>
  );
}
