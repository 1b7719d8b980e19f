"use client";
import dynamic from "next/dynamic";
import { useMemo } from "react";
import { pickUpBench, shownUnitOf, wheelBench, type WheelChoice } from "@/core/benches/wheelBench";
import { Button, Figure, FindingLine, NumberTable } from "@/ui/primitives";
import { fixed, offBy, plain, speed, unitName } from "@/ui/wording";
import { PICK_UP_WORDS, SOURCE_WORDS, WHEEL_WORDS } from "@/ui/wording/figures/wheel";
import { SOURCE_WORKING, wheelChoiceWorking } from "@/ui/wording/wheelWorking";
import { voiceOf } from "../job/voice";
import { Bench, Lacks, Part } from "./Bench";
import { FigureFields } from "./FigureFields";
import type { BenchProps } from "./benchProps";

/** Loaded when a sidewall is typed. */
const Sidewall = dynamic(() => import("./Sidewall").then((module) => module.Sidewall), { ssr: false });

const CHOICE_WORDS: Readonly<Record<WheelChoice["what"], string>> = {
  "as-found": "As it stands",
  "best-wheel": "Best wheel line",
  "best-pulses": "Best pulse line",
  "best-pair": "Best of both",
};

const LACKS = {
  display: "Choose the display on the intake to see which of its lines fits.",
  rollout: "Give the tyre or measure the rollout, and the lines that fit are worked out.",
  "wheel-line": "This display has no wheel line.",
  pulses:
    "The pulses are not known: their line has not been read, a preset fixes them, or nobody has counted the pick-up.",
  "as-found": "Write down what the wheel and pulse lines show first.",
} as const;

/** Wheel and pick-up: how big it really is, which lines fit, and which pick-up it must be. */
export function WheelBench(props: BenchProps) {
  const { job, workings, change, figures, raws } = props;
  const { bike, choice } = workings;
  const { profile } = job;
  const voice = voiceOf(workings);
  const bench = useMemo(
    () => wheelBench({ bike, figures, profile, raws, choice }),
    [bike, figures, profile, raws, choice],
  );
  const pickUp = useMemo(
    () => pickUpBench({ bike, figures, profile, raws, choice }),
    [bike, figures, profile, raws, choice],
  );
  const shown = unitName(shownUnitOf(profile, raws).unit);
  const best = bench.sources[0];
  const now = bench.choices.find((each) => each.what === "as-found");
  const takeRollout = (mm: number, off: number) =>
    change((job) => ({
      ...job,
      intake: { ...job.intake, rolloutMm: plain(mm, 0), rolloutTurns: "1", tapeErrorMm: plain(off, 0) },
    }));
  return (
    <Bench
      known={
        <>
          <Part title="The wheel" hint="A measured rollout beats the tape across, and that the sidewall.">
            <FigureFields
              {...props}
              words={WHEEL_WORDS}
              keys={["rolloutMm", "rolloutTurns", "tapeErrorMm", "outerDiameterMm", "sidewall"]}
            />
            {figures.text("sidewall") === "" ? null : <Sidewall {...props} typed={figures.text("sidewall")} />}
          </Part>
          <Part title="The pick-up" hint="One steady reading tells which of these it is.">
            <FigureFields
              {...props}
              words={WHEEL_WORDS}
              keys={[
                "pulsesPerTurn",
                "spokeMagnets",
                "motorPoles",
                "gearRatio",
                "oneTrueKmh",
                "oneTrueErrorKmh",
                "oneShown",
              ]}
              units={{ oneShown: shown }}
            />
          </Part>
        </>
      }
    >
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <Figure
          label="Rollout"
          size="large"
          value={bike.rollout ? `${plain(bike.rollout.mm, 0)} mm` : null}
          note={
            bike.rollout
              ? `±${plain(bike.rollout.uncertaintyMm, 0)}, ${bike.rollout.from === "measured" ? "measured" : "from the sidewall"}`
              : "needs the tyre or a measured rollout"
          }
          working={
            bike.rollout?.from === "measured"
              ? [
                  `${job.intake.rolloutMm ?? ""} mm ÷ ${bike.rolloutTurns} = ${plain(bike.rollout.mm, 1)} mm`,
                  `tape ÷ turns = ±${plain(bike.rollout.uncertaintyMm, 1)} mm`,
                ]
              : bike.rollout && bike.tyre
                ? [
                    `π × (${bike.tyre.beadSeatMm} + 2h·${bike.tyre.widthMm}) less what a rider presses flat = ${plain(bike.rollout.mm, 0)} mm`,
                    "Bead seat: ISO 5775-1. Height and squash: from memory, ±1.5 %.",
                  ]
                : []
          }
        />
        <Figure
          label="It reads now"
          size="large"
          value={now ? offBy(now.r) : null}
          note={
            now
              ? now.r < 1
                ? "low: the bike is faster than it says"
                : "high: it robs the rider of speed and range"
              : "needs display, rollout and the lines as found"
          }
          working={now ? wheelChoiceWorking(now, voice.unit) : []}
        />
      </div>
      {bench.choices.length > 0 ? (
        <NumberTable
          caption="Lines that fit"
          headings={["Lines", "To set", "Reads", "Cap bites now", "Cap to set", "It then bites"]}
          rows={bench.choices.map((each) => ({
            key: each.what,
            head: CHOICE_WORDS[each.what],
            cells: [
              each.changes.length === 0
                ? "nothing"
                : each.changes
                    .map(({ code, to, makerOnly }) => `${code}: ${to}${makerOnly ? " (maker only)" : ""}`)
                    .join(", "),
              <span key="reads">
                {offBy(each.r)}{" "}
                <span className="text-quiet">{each.r < 0.9995 ? "low" : each.r > 1.0005 ? "high" : "true"}</span>
              </span>,
              each.capNow ? speed(each.capNow.nominal, voice.unit) : "—",
              each.capToSet?.shown ?? "—",
              each.capToSet ? speed(each.capToSet.trueKmh.nominal, voice.unit, 2) : "—",
            ],
            working: wheelChoiceWorking(each, voice.unit),
          }))}
        />
      ) : bench.lacks ? (
        <Lacks>{LACKS[bench.lacks]}</Lacks>
      ) : null}
      {bench.better ? (
        <p>
          Every pair the display can hold was tried.{" "}
          {bench.better.changes
            .map(({ code, from, to }) => `Line ${code} from ${from ?? "unread"} to ${to}`)
            .join(", ")}{" "}
          leaves {offBy(bench.better.r)}. The plan proposes the wheel line; a maker-only line stays unless you unlock it
          there.
        </p>
      ) : null}
      {bench.sources.length > 0 ? (
        <NumberTable
          caption="Where the size comes from"
          headings={["Source", "Rollout", "May be off by", "Against the best", "Use"]}
          rows={bench.sources.map((source) => ({
            key: source.source,
            head: SOURCE_WORDS[source.source],
            working: [
              ...SOURCE_WORKING[source.source],
              `= ${plain(source.mm, 1)} mm ±${plain(source.uncertaintyMm, 1)}`,
            ],
            cells: [
              `${plain(source.mm, 0)} mm`,
              `±${plain(source.uncertaintyMm, 0)} mm`,
              source === best ? "best" : source.agrees ? "agrees" : `${offBy(1 + source.off)}, disagrees`,
              source.source === "rollout" ? (
                "in use"
              ) : source.source === "sidewall" ? (
                bike.rollout?.from === "tyre" ? (
                  "in use"
                ) : (
                  "—"
                )
              ) : (
                <Button key="take" weight="quiet" onClick={() => takeRollout(source.mm, source.uncertaintyMm)}>
                  Take it
                </Button>
              ),
            ],
          }))}
        />
      ) : null}
      {bench.sources.some(({ agrees }) => !agrees) ? (
        <FindingLine severity="caution">
          Two sources cannot both be right. Roll it out once more: a missed turn and a wrong sidewall look just like
          this.
        </FindingLine>
      ) : null}
      {pickUp ? (
        <Part title="Which pick-up it is">
          <Figure
            label="Pulses per wheel turn, worked back"
            value={plain(pickUp.pulses, 2)}
            note={`±${plain(pickUp.uncertainty, 2)}`}
            working={[
              `shown ÷ true × pulses set × rollout ÷ circumference set = ${fixed(pickUp.pulses, 2)}`,
              "The half-width adds GPS, the display’s step and the rollout.",
            ]}
          />
          <NumberTable
            caption="Held against what it could be"
            hideCaption
            headings={["Meaning", "Pulses", "Off by", "Verdict"]}
            rows={pickUp.ranked.map((each) => ({
              key: each.meaning,
              head: PICK_UP_WORDS[each.meaning],
              working: [
                `${plain(each.pulses)} ÷ ${plain(pickUp.pulses, 2)} worked back = ${offBy(1 + each.off)}`,
                `possible within ±${plain(pickUp.uncertainty, 2)}`,
              ],
              cells: [
                plain(each.pulses),
                offBy(1 + each.off),
                each.possible ? <strong key="v">possible</strong> : "ruled out",
              ],
              quiet: !each.possible,
            }))}
          />
        </Part>
      ) : null}
    </Bench>
  );
}
