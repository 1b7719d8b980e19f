"use client";
import { useMemo } from "react";
import type { DisplayProfile } from "@/core/display";
import { assistLimit } from "@/core/law";
import type { Program, Workings } from "@/core/record";
import { speedometer } from "@/core/setup";
import { readOutCurve } from "@/core/wheel";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { fixed, plain } from "@/ui/wording";

interface ReadOutChartProps {
  readonly profile: DisplayProfile;
  readonly program: Program;
  readonly workings: Workings;
}

/** True speeds drawn, km/h: past any class a bicycle is set for. */
const UP_TO_KMH = 50;
const STEP_KMH = 5;

/** Shown speed against true speed, as found and as left, with the class limit: a picture, and its table behind it. */
export function ReadOutChart({ profile, program, workings }: ReadOutChartProps) {
  const { bike, choice, foundRaws } = workings;
  const found = useMemo(() => speedometer(profile, foundRaws, bike), [profile, foundRaws, bike]);
  const left = useMemo(() => speedometer(profile, program.targets, bike), [profile, program.targets, bike]);
  const limitKmh = choice ? (assistLimit(choice)?.kmh ?? null) : null;
  const series = useMemo((): readonly Series[] => {
    const curve = (
      name: string,
      r: NonNullable<typeof left>["r"],
      colour: Series["colour"],
      dashed: boolean,
    ): Series => ({
      name,
      colour,
      dashed,
      points: readOutCurve(r, UP_TO_KMH, STEP_KMH).map(({ trueKmh, shownKmh }) => ({ x: trueKmh, y: shownKmh })),
    });
    return [
      ...(left ? [curve("as left", left.r, "--action", false)] : []),
      ...(found ? [curve("as found", found.r, "--spoke", true)] : []),
      ...(limitKmh !== null
        ? [
            {
              name: "class limit, true",
              colour: "--breach",
              dashed: true,
              points: [
                { x: limitKmh, y: 0 },
                { x: limitKmh, y: UP_TO_KMH },
              ],
            } satisfies Series,
          ]
        : []),
    ];
  }, [left, found, limitKmh]);
  if (!left) return null;
  const rows = readOutCurve(left.r, UP_TO_KMH, STEP_KMH);
  return (
    <section aria-labelledby="read-out" className="mt-8">
      <h3 id="read-out" className="mb-2 text-[1.1rem]">
        What it shows at what speed
      </h3>
      <LineChart
        series={series}
        xTitle="true km/h"
        yTitle="shown km/h"
        label={`Shown speed against true speed. As left it shows ${fixed(left.r.nominal * 20)} at a true 20 km/h.`}
      />
      <details className="mt-2">
        <summary className="min-h-11 font-semibold">The same as a table</summary>
        <table className="w-full max-w-md text-[0.95rem]">
          <thead className="text-left text-[0.85rem] text-quiet">
            <tr className="border-b border-rule">
              <th className="py-1 font-semibold">True km/h</th>
              {found ? <th className="py-1 font-semibold">As found shows</th> : null}
              <th className="py-1 font-semibold">As left shows</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ trueKmh, shownKmh }, i) => (
              <tr key={trueKmh} className="border-b border-rule">
                <td className="py-1">{plain(trueKmh)}</td>
                {found ? (
                  <td className="py-1">{fixed(readOutCurve(found.r, UP_TO_KMH, STEP_KMH)[i]?.shownKmh ?? 0)}</td>
                ) : null}
                <td className="py-1">{fixed(shownKmh)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
