"use client";
import { TWIN } from "@/core/assist";
import type { Ladder, LadderBench } from "@/core/benches/ladderBench";
import type { Ride } from "@/core/benches/rideOf";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { Figure, FindingLine } from "@/ui/primitives";
import { count, plain, speed, unitName } from "@/words";
import { useMemo } from "react";
import { Part } from "./Bench";
import { LadderTable } from "./LadderTable";

interface LaddersProps {
  readonly bench: LadderBench;
  readonly ride: Ride;
  readonly unit: SpeedUnit;
}

const FROM = {
  display: "from the display’s lines",
  usual: "as such displays usually come",
  measured: "measured",
} as const;

/** The ladder as it is beside a better one. */
export function Ladders({ bench, ride, unit }: LaddersProps) {
  const { present, designed } = bench;
  const from = present.rows.some((row) => row.from === "measured") ? "measured" : (present.rows[1]?.from ?? "usual");
  const lines = useMemo((): readonly Series[] => {
    const speeds = (
      ladder: Ladder,
      name: string,
      rest: Pick<Series, "colour" | "dashed" | "dash">,
      on: "flat" | "hill",
    ): Series => ({
      name,
      ...rest,
      points: ladder.rows
        .filter((row) => on === "flat" || row.explained)
        .map((row) => ({
          x: row.level,
          y: speedFromKmh(on === "flat" ? (row.measuredKmh ?? row.flat.speedKmh) : row.hill.speedKmh, unit),
        })),
    });
    return [
      speeds(present, "as it is, flat", { colour: "--spoke", dashed: true }, "flat"),
      speeds(designed, "better ladder, flat", { colour: "--action" }, "flat"),
      speeds(present, "as it is, 5 %", { colour: "--spoke", dash: [2, 4] }, "hill"),
      speeds(designed, "better ladder, 5 %", { colour: "--action", dash: [10, 3, 2, 3] }, "hill"),
    ];
  }, [present, designed, unit]);
  return (
    <>
      <RealLevels present={present} from={from} unit={unit} designed={designed} bench={bench} />
      {present.rows
        .filter((row) => row.twinOf !== null)
        .map((row) => (
          <FindingLine key={row.level} severity="caution">
            Level {row.level} is really level {row.twinOf} again.
          </FindingLine>
        ))}
      {present.rows.some((row) => !row.explained) ? (
        <p className="text-quiet">
          Some measured speeds are not what the model makes of this rider and road: usually the rider’s power on the
          Ride bench is not theirs. The measured speeds stand; power and range of those levels are left out.
        </p>
      ) : null}
      {present.rows.some((row) => row.level > 0 && row.measuredKmh !== null) &&
      present.rows[0]?.measuredKmh === null ? (
        <p className="text-quiet">Level 0 was not measured, so whether level 1 adds anything is not judged.</p>
      ) : null}
      <LadderTable title="As it is" ladder={present} ride={ride} unit={unit} />
      <LadderTable title="Better ladder" ladder={designed} ride={ride} unit={unit} />
      {bench.toSet.length > 0 ? (
        <p>To set: {bench.toSet.map(({ code, shows }) => `${code} ${shows}`).join(", ")}.</p>
      ) : (
        <p className="text-quiet">
          This display has no line for each level’s share. The better ladder is a yardstick: change how many levels
          there are, or the kit.
        </p>
      )}
      <Part title="Speed of each level">
        <LineChart
          series={lines}
          wholeX
          xTitle="level"
          yTitle={unitName(unit)}
          label={`Steady speed of each level on the flat and on 5 %, as it is and with the better ladder, ${count(designed.rows.length - 1, "level")}`}
        />
      </Part>
      {ride.capUnknown ? (
        <p className="text-[0.92rem] text-quiet">
          Where assist ends is not known on this display, so speeds are shown without a cap.
        </p>
      ) : null}
    </>
  );
}

/** How many of the levels differ at all, as it is and with the better ladder. */
function RealLevels({
  present,
  from,
  unit,
  designed,
  bench,
}: {
  readonly present: Ladder;
  readonly from: "display" | "usual" | "measured";
  readonly unit: SpeedUnit;
  readonly designed: Ladder;
  readonly bench: LadderBench;
}) {
  return (
    <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      <Figure
        label="Real levels now"
        size="large"
        value={`${present.real - 1} of ${present.rows.length - 1}`}
        note={FROM[from]}
        working={[
          `two levels are twins where speed differs under ${speed(TWIN.speedKmh, unit)} and battery power under ${plain(100 * TWIN.powerShare, 0)} % of the largest,`,
          "on the flat and on 5 % alike, after the cap",
          "The limits are from memory.",
        ]}
      />
      <Figure
        label="Real levels of the better ladder"
        size="large"
        value={`${designed.real - 1} of ${designed.rows.length - 1}`}
        note={`held in steps of ${plain(100 * bench.grid.step, 1)} %`}
        working={designed.rows.slice(1).map((row) => `level ${row.level}: ${plain(100 * row.share, 1)} %`)}
      />
    </div>
  );
}
