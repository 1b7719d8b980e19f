"use client";
import { TWIN } from "@/core/assist";
import type { Ladder, LadderBench } from "@/core/benches/ladderBench";
import type { Ride } from "@/core/benches/rideOf";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { Figure, FindingLine } from "@/ui/primitives";
import { unitName } from "@/words";
import { useMemo } from "react";
import type { StageProps } from "../job/stageProps";
import { Part } from "./Bench";
import { IntoPlan } from "./IntoPlan";
import { LadderTable } from "./LadderTable";
import * as into from "@/words/screens/numbers/intoPlan";
import * as say from "@/words/screens/numbers/ladders";

interface LaddersProps extends Pick<StageProps, "job" | "workings" | "change"> {
  readonly bench: LadderBench;
  readonly ride: Ride;
}

const FROM = {
  display: say.fromTheDisplaysLines,
  usual: say.asSuchDisplaysUsually,
  measured: "measured",
} as const;

/** The ladder as it is beside a better one. */
export function Ladders(props: LaddersProps) {
  const { bench, ride, workings } = props;
  const { unit } = workings;
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
      speeds(present, say.asItIsFlat, { colour: "--spoke", dashed: true }, "flat"),
      speeds(designed, say.betterLadderFlat, { colour: "--action" }, "flat"),
      speeds(present, say.asItIs5, { colour: "--spoke", dash: [2, 4] }, "hill"),
      speeds(designed, say.betterLadder5, { colour: "--action", dash: [10, 3, 2, 3] }, "hill"),
    ];
  }, [present, designed, unit]);
  return (
    <>
      <RealLevels present={present} from={from} unit={unit} designed={designed} bench={bench} />
      {present.rows
        .filter((row) => row.twinOf !== null)
        .map((row) => (
          <FindingLine key={row.level} severity="caution">
            {say.level}
            {row.level}
            {say.isReallyLevel}
            {row.twinOf}
            {say.again}
          </FindingLine>
        ))}
      {present.rows.some((row) => !row.explained) ? <p className="text-quiet">{say.someMeasuredSpeedsAre}</p> : null}
      {present.rows.some((row) => row.level > 0 && row.measuredKmh !== null) &&
      present.rows[0]?.measuredKmh === null ? (
        <p className="text-quiet">{say.level0WasNot}</p>
      ) : null}
      <LadderTable title={say.asItIs} ladder={present} ride={ride} unit={unit} />
      <LadderTable title={say.betterLadder} ladder={designed} ride={ride} unit={unit} />
      {bench.lines === null || bench.lines.kind === "no-share-lines" ? (
        <p className="text-quiet">{say.thisDisplayHasNo}</p>
      ) : bench.lines.kind === "levels-not-held" ? (
        <p className="text-quiet">{into.levelsNotHeld(bench.lines.levels)}</p>
      ) : (
        <IntoPlan {...props} values={bench.lines.values} bench={say.bench} />
      )}
      <Part title={say.speedOfEachLevel}>
        <LineChart
          series={lines}
          wholeX
          xTitle={say.laddersLevel}
          yTitle={unitName(unit)}
          label={say.steadySpeedOfEach(designed.rows.length)}
        />
      </Part>
      {ride.capUnknown ? <p className="text-[0.92rem] text-quiet">{say.whereAssistEndsIs}</p> : null}
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
        label={say.realLevelsNow}
        size="large"
        value={say.ofAll(present.real - 1, present.rows.length - 1)}
        note={FROM[from]}
        working={[say.twoLevelsAreTwins(TWIN.speedKmh, unit, TWIN.powerShare), say.onTheFlatAnd, say.theLimitsAreFrom]}
      />
      <Figure
        label={say.realLevelsOfThe}
        size="large"
        value={say.ofAll(designed.real - 1, designed.rows.length - 1)}
        note={say.heldInStepsOf(bench.grid.step)}
        working={designed.rows.slice(1).map((row) => say.levelHas(row.level, row.share))}
      />
    </div>
  );
}
