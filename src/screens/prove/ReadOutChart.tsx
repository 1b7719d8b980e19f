"use client";
import { useMemo } from "react";
import type { DisplayProfile } from "@/core/display";
import { assistLimit } from "@/core/law";
import type { Keys, Workings } from "@/core/record";
import { speedometer } from "@/core/applied";
import { speedFromKmh, speedToKmh } from "@/core/units";
import { readOutCurve } from "@/core/wheel/readOutCurve";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { NumberTable } from "@/ui/primitives";
import { fixed, plain, unitName } from "@/words";
import * as say from "@/words/screens/prove/readOutChart";

interface ReadOutChartProps {
  readonly profile: DisplayProfile;
  readonly program: Keys;
  readonly workings: Workings;
}

/** True speeds drawn, in the unit shown: past any class a bicycle is set for, in round steps. */
const AXIS = { kmh: { upTo: 50, step: 5, tellAt: 20 }, mph: { upTo: 32, step: 4, tellAt: 12 } } as const;

/**
 * Shown speed against true speed, as found and as planned, with the class limit: a picture, and its table behind it.
 */
export function ReadOutChart({ profile, program, workings }: ReadOutChartProps) {
  const { bike, choice, sheet, unit } = workings;
  const { upTo, step, tellAt } = AXIS[unit];
  const found = useMemo(() => speedometer(profile, sheet?.found.raws ?? [], bike), [profile, sheet, bike]);
  const planned = useMemo(() => speedometer(profile, program.targets, bike), [profile, program.targets, bike]);
  const limitKmh = choice ? (assistLimit(choice)?.kmh ?? null) : null;
  const curves = useMemo(() => {
    const curve = (meter: typeof found) =>
      meter
        ? readOutCurve(meter.r, speedToKmh(upTo, unit), speedToKmh(step, unit)).map(({ trueKmh, shownKmh }) => ({
            x: speedFromKmh(trueKmh, unit),
            y: speedFromKmh(shownKmh, unit),
          }))
        : null;
    return { planned: curve(planned), found: curve(found) };
  }, [planned, found, unit, upTo, step]);
  const series = useMemo((): readonly Series[] => {
    const limit = limitKmh === null ? null : speedFromKmh(limitKmh, unit);
    return [
      ...(curves.planned ? [{ name: say.asPlanned, colour: "--action", points: curves.planned } satisfies Series] : []),
      ...(curves.found
        ? [{ name: say.asFound, colour: "--spoke", dashed: true, points: curves.found } satisfies Series]
        : []),
      ...(limit !== null
        ? [
            {
              name: say.classLimitTrue,
              colour: "--breach",
              dashed: true,
              points: [
                { x: limit, y: 0 },
                { x: limit, y: upTo },
              ],
            } satisfies Series,
          ]
        : []),
    ];
  }, [curves, limitKmh, unit, upTo]);
  if (!planned || !curves.planned) return null;
  const name = unitName(unit);
  return (
    <section aria-labelledby="read-out" className="mt-8">
      <h3 id="read-out" className="mb-2 text-[1.1rem]">
        {say.whatItShowsAt}
      </h3>
      <LineChart
        series={series}
        xTitle={say.readOutChartTrue(name)}
        yTitle={say.readOutChartShown(name)}
        label={say.shownSpeedAgainstTrue(planned.r.nominal, tellAt, name)}
      />
      <details className="mt-2">
        <summary className="min-h-11 font-semibold">{say.theSameAsA}</summary>
        <NumberTable
          caption={say.shownSpeedAgainstTrueSpeed}
          hideCaption
          headings={[say.readOutChartTrue2(name), ...(curves.found ? [say.asFoundShows] : []), say.asPlannedShows]}
          rows={curves.planned.map(({ x, y }, i) => ({
            key: String(i),
            head: plain(x),
            cells: [...(curves.found ? [fixed(curves.found[i]?.y ?? 0)] : []), fixed(y)],
          }))}
        />
      </details>
    </section>
  );
}
