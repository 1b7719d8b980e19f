import type { CalibrationBench } from "@/core/setup/calibrationBench";
import type { Workings } from "@/core/record";
import { Button, Figure, NumberTable } from "@/ui/primitives";
import { count, fixed, offBy, plain, speed } from "@/ui/wording";
import { Part } from "./Bench";

interface LinesProps {
  readonly bench: CalibrationBench;
  readonly workings: Workings;
  /** Takes the rollout the calibration implies into the intake. */
  readonly onRollout: (intake: Readonly<Record<string, string>>) => void;
}

/** What the display's lines would have to hold for it to read right, and the rollout that follows. */
export function LinesThatPutItRight({ bench, workings: { bike, unit }, onRollout }: LinesProps) {
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
          working: bench.best
            ? [
                `calibrated r = ${fixed(bench.best.factor.r, 4)} with the lines as they stand`,
                `r with these lines = ${fixed(bench.best.factor.r, 4)} × new circumference ÷ old × old pulses ÷ new = ${fixed(each.r, 4)}`,
              ]
            : [],
        }))}
      />
      <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
        {bench.percent && bench.best ? (
          <Figure
            label={`Or line ${bench.percent.code} to`}
            value={`${plain(bench.percent.exact, 1)} %`}
            note="rounded up; it multiplies what is shown"
            working={[
              `set ${plain(bench.percent.set, 1)} % ÷ r ${fixed(bench.best.factor.r, 4)} = ${plain(bench.percent.exact, 2)} %`,
            ]}
          />
        ) : null}
        {bench.impliedRollout && bench.best ? (
          <div>
            <Figure
              label="The wheel then rolls"
              value={`${plain(bench.impliedRollout.mm, 0)} mm`}
              note={`±${plain(bench.impliedRollout.uncertaintyMm, 0)}, with ${count(bike.pulsesPerTurn, "pulse")} a turn as counted`}
              working={[
                `the display counts ${plain(bench.impliedRollout.countedMm, 1)} mm for a real turn`,
                `÷ r ${fixed(bench.best.factor.r, 4)} = ${plain(bench.impliedRollout.mm, 1)} mm`,
              ]}
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
