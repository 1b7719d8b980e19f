"use client";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { thinned } from "@/core/wheel/thinned";
import type { Track } from "@/core/wheel/track";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { Button, FilePick, NumberTable } from "@/ui/primitives";
import { duration, plain, speed, unitName } from "@/words";
import { trackProblemText } from "@/words/benches";
import type { TrackAnswer } from "@/workers/track.worker";
import { cancelTrack, solveTrackFile } from "@/workers/trackClient";
import { takeTrack } from "@/ui/browser/trackInHand";
import { useEffect, useMemo, useRef, useState } from "react";
import { Part } from "./Bench";
import { ChartTable } from "./ChartTable";
import { SteadyStretches } from "./SteadyStretches";
import { TrackLength } from "./TrackLength";
import * as say from "@/words/screens/numbers/trackPart";

/** Rows of the table behind the pictures. */
const TABLE_POINTS = 24;

type State =
  | { readonly kind: "idle" }
  | { readonly kind: "working"; readonly name: string; readonly share: number }
  | { readonly kind: "done"; readonly name: string; readonly answer: TrackAnswer };

export interface TrackFile {
  readonly state: State;
  readonly take: (file: File) => Promise<void>;
  readonly stop: () => void;
}

/** A GPX file of a job: read and solved in a worker. Nothing of it is kept but its length. */
export function useTrackFile(jobId: string, onLength: (track: Track) => void): TrackFile {
  const [state, setState] = useState<State>({ kind: "idle" });
  const alive = useRef(true);
  useEffect(() => {
    alive.current = true;
    return () => {
      alive.current = false;
      cancelTrack();
    };
  }, [jobId]);
  const take = async (file: File) => {
    setState({ kind: "working", name: file.name, share: 0 });
    const answer = await solveTrackFile(
      file,
      (share) => alive.current && setState((now) => (now.kind === "working" ? { ...now, share } : now)),
    );
    if (!alive.current || !answer) return;
    setState({ kind: "done", name: file.name, answer });
    if (answer.ok) onLength(answer.track);
  };
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  // A ride that was handed over on the way here is read at once.
  useEffect(() => {
    const handed = takeTrack(jobId);
    if (handed) void latest.current(handed);
  }, [jobId]);
  return {
    state,
    take,
    stop: () => {
      cancelTrack();
      setState({ kind: "idle" });
    },
  };
}

/** Where a recorded ride is dropped. */
export function TrackPart({ file: { state, take, stop } }: { readonly file: TrackFile }) {
  const [over, setOver] = useState(false);
  return (
    <Part title={say.aRecordedRide} hint={say.aGpxFileIt}>
      <div
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(event) => {
          event.preventDefault();
          setOver(false);
          const file = event.dataTransfer.files[0];
          if (file) void take(file);
        }}
        className={`flex min-h-20 flex-wrap items-center gap-x-4 gap-y-2 rounded-md border-2 border-dashed px-4 py-3 ${over ? "border-action bg-select" : "border-rule"}`}
      >
        {state.kind === "working" ? (
          <>
            <progress
              aria-label={say.trackPartReading(state.name)}
              value={state.share}
              className="h-2 min-w-40 flex-1 accent-action"
            />
            <span className="text-quiet">{plain(100 * state.share, 0)} %</span>
            <Button onClick={stop}>{say.stop}</Button>
          </>
        ) : (
          <>
            <FilePick
              label={say.gpxFile}
              accept=".gpx,application/gpx+xml,text/xml,application/xml"
              onPick={(file) => void take(file)}
            >
              {say.chooseAGpxFile}
            </FilePick>
            <span className="text-quiet max-sm:hidden">{say.orDropItHere}</span>
          </>
        )}
      </div>
      {state.kind === "done" && !state.answer.ok ? (
        <p className="mt-2 text-[0.95rem] text-breach">
          <span aria-hidden="true">▲ </span>
          {state.name}: {trackProblemText(state.answer.problem)}
        </p>
      ) : null}
    </Part>
  );
}

/** What a recorded ride comes to: length, speed, the way without a map, and stretches of steady speed. */
export function TrackFound({
  file: { state },
  unit,
  onSteady,
}: {
  readonly file: TrackFile;
  readonly unit: SpeedUnit;
  readonly onSteady: (kmh: number) => void;
}) {
  return state.kind === "done" && state.answer.ok ? (
    <Solved track={state.answer.track} fixes={state.answer.fixes} name={state.name} unit={unit} onSteady={onSteady} />
  ) : null;
}

function Solved({
  track,
  fixes,
  name,
  unit,
  onSteady,
}: {
  readonly track: Track;
  readonly fixes: number;
  readonly name: string;
  readonly unit: SpeedUnit;
  readonly onSteady: (kmh: number) => void;
}) {
  const speeds = useMemo(
    (): readonly Series[] => [
      {
        name: "speed",
        colour: "--action",
        points: track.points.map(({ timeS, speedKmh, breaks }) => ({
          x: timeS / 60,
          y: breaks ? Number.NaN : speedFromKmh(speedKmh, unit),
        })),
      },
    ],
    [track, unit],
  );
  const way = useMemo(
    (): readonly Series[] => [
      {
        name: "way",
        colour: "--action",
        points: track.points.map(({ eastM, northM, breaks }) => ({
          x: eastM / 1000,
          y: breaks ? Number.NaN : northM / 1000,
        })),
      },
    ],
    [track],
  );
  return (
    <div className="flex flex-col gap-4">
      <TrackLength name={name} track={track} fixes={fixes} />
      <p className="text-[0.92rem] text-quiet">
        {say.stopsBadFixesGaps(track.stops, track.badFixes, track.gaps, track.gapKm)}
      </p>
      <LineChart
        series={speeds}
        xTitle={say.minutes}
        yTitle={unitName(unit)}
        label={say.speedOverTimeKm(track.lengthKm, track.movingS)}
      />
      <AlongTheWay track={track} unit={unit} />
      <LineChart series={way} xTitle={say.kmEastOfThe} yTitle={say.kmNorth} label={say.theWayRiddenSeen} square />
      <SteadyStretches track={track} unit={unit} onSteady={onSteady} />
    </div>
  );
}

/** Time, way and speed in figures. */
function AlongTheWay({ track, unit }: { readonly track: Track; readonly unit: SpeedUnit }) {
  return (
    <ChartTable>
      <NumberTable
        caption={say.alongTheWay}
        hideCaption
        headings={[say.time, say.way, say.trackPartSpeed]}
        rows={thinned(track.points, TABLE_POINTS).map((point, i) => ({
          key: String(i),
          head: duration(point.timeS * 1000),
          working: [say.wayGeodesicsBetweenSmoothed, say.speedOfTheSmoothed],
          cells: [say.trackPartKm(point.wayM), speed(point.speedKmh, unit)],
        }))}
      />
    </ChartTable>
  );
}
