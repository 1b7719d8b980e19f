"use client";
import { useDeferredValue, useMemo } from "react";
import type { Job, Workings } from "@/core/record";
import { feelOf, noticed, type Feel as Felt } from "@/core/rig/feel";
import { missingForRide } from "@/core/benches/rideOf";
import { speedFromKmh, type SpeedUnit } from "@/core/units";
import { LineChart, type Series } from "@/ui/charts/LineChart";
import { NumberTable } from "@/ui/primitives";
import { INTAKE_WORDS, unitName } from "@/words";
import { capText } from "@/words/outcomes";
import { voiceOf } from "../../job/voice";
import * as say from "@/words/screens/plan/rider/feel";

interface FeelProps {
  readonly job: Job;
  readonly workings: Workings;
}

/** What the rider will notice: as it is beside as planned, in words, a picture and a table of the levels. */
export function Feel({ job, workings }: FeelProps) {
  const { profile } = job;
  const { bike, unit } = workings;
  const sheet = useDeferredValue(workings.sheet);
  const felt = useMemo(() => {
    if (!profile || !sheet) return null;
    const now = feelOf(profile, job.intake, sheet.inForce, sheet.inForce.raws);
    const then = feelOf(profile, job.intake, sheet.target, sheet.inForce.raws);
    return now && then ? { now, then } : null;
  }, [profile, sheet, job.intake]);
  return (
    <section aria-label={say.asItWillFeel} className="flex min-w-0 flex-col gap-3">
      <h4 className="text-[1.25rem]">{say.asItWillFeel}</h4>
      {felt && sheet ? (
        <>
          <p className="text-[1.1rem] font-semibold">
            {capText(sheet.inForce.cap, sheet.target.cap, voiceOf(workings))}
          </p>
          <Told {...felt} unit={unit} />
          <StartChart {...felt} unit={unit} />
          <Levels {...felt} unit={unit} />
          <p className="text-[0.88rem] text-quiet">
            {say.climbNote} {felt.then.usual.length > 0 ? say.takenAsUsual(felt.then.usual) : ""}
          </p>
        </>
      ) : (
        <p className="text-quiet">
          {say.needs(
            missingForRide(bike)
              .map((key) => INTAKE_WORDS[key].label.toLowerCase())
              .join(", "),
          )}
        </p>
      )}
    </section>
  );
}

interface BothProps {
  readonly now: Felt;
  readonly then: Felt;
  readonly unit: SpeedUnit;
}

function Told({ now, then, unit }: BothProps) {
  const sentences = say.told(noticed(now, then), unit);
  return (
    <ul className="flex flex-col gap-0.5">
      {(sentences.length > 0 ? sentences : [say.theSame]).map((sentence) => (
        <li key={sentence}>{sentence}</li>
      ))}
    </ul>
  );
}

function StartChart({ now, then, unit }: BothProps) {
  const lines = useMemo((): readonly Series[] => {
    const points = ({ start }: Felt) => start.points.map(({ s, kmh }) => ({ x: s, y: speedFromKmh(kmh, unit) }));
    return [
      { name: say.before, points: points(now), colour: "--spoke", dashed: true },
      { name: say.after, points: points(then), colour: "--action" },
    ];
  }, [now, then, unit]);
  return (
    <figure>
      <figcaption className="text-[0.92rem] font-semibold">{say.speedOverTheFirstSeconds}</figcaption>
      <LineChart
        series={lines}
        xTitle={say.seconds}
        yTitle={unitName(unit)}
        label={say.speedChart(now.start, then.start)}
      />
    </figure>
  );
}

function Levels({ now, then, unit }: BothProps) {
  return (
    <NumberTable
      caption={say.levelByLevel}
      hideCaption
      headings={[say.level, say.steady(unit), say.climbs, say.range(unit)]}
      rows={then.levels.map((level) => {
        const was = now.levels.find((each) => each.level === level.level);
        const both = (of: (felt: Felt["levels"][number]) => string) => say.change(was ? of(was) : "—", of(level));
        return {
          key: String(level.level),
          head: String(level.level),
          cells: [
            both(({ kmh, measured }) => say.figure(kmh, unit, measured)),
            both(({ climbs }) => say.perCent(climbs)),
            both(({ rangeKm }) => say.far(rangeKm, unit)),
          ],
        };
      })}
    />
  );
}
