/** The keys of a way through a menu, step by step, in whatever language the paper speaks. */
import { linesOf, type DisplayProfile } from "@/core/display";
import type { StrokeRun } from "@/core/keys";
import type { KeyWork } from "@/core/record";
import { keyNames } from "../keys";
import type { PaperWords } from "./paperWords";

export interface SaidStep {
  readonly step: string;
  readonly keys: string;
}

type Way = PaperWords["wayBack"];

const seconds = (ms: number): number => ms / 1000;

function strokeSaid(profile: DisplayProfile, { stroke, count }: StrokeRun, shown: string | null, way: Way): string {
  switch (stroke.kind) {
    case "tap":
      return way.taps(count);
    case "hold":
      return way.hold(seconds(stroke.holdMs));
    case "keep-holding":
      return way.keepHolding(seconds(stroke.holdMs), keyNames(profile, stroke.keep), seconds(stroke.keepMs));
    case "double-tap":
      return way.doubleTap;
    case "repeat":
      return way.holdUntil(shown);
    case "wait":
      return way.wait(seconds(stroke.ms));
  }
}

function runSaid(profile: DisplayProfile, run: StrokeRun, way: Way): string {
  const last = run.views.at(-1);
  const said = strokeSaid(profile, run, last?.kind === "line" ? last.shows : null, way);
  if (run.stroke.kind === "wait") return said;
  const keys = `${keyNames(profile, run.stroke.keys)} ${said}`;
  if (last?.kind === "entry") return `${keys} → ${last.code}`;
  if (last?.kind !== "line" || run.stroke.kind !== "tap") return keys;
  const stays = run.views.every((view) => view.kind === "line" && view.code === last.code);
  return stays ? `${keys} (${way.lineShows(last.code, last.shows)})` : `${keys} ${way.toLine(last.code)}`;
}

/** Every step of the way: what it is for, and its keys. */
export const waySaid = (profile: DisplayProfile, { steps }: KeyWork, { wayBack }: PaperWords): readonly SaidStep[] =>
  steps.map(({ line, kind, page, runs }) => ({
    step:
      (line === null ? null : linesOf(profile)[line]?.code) ??
      (kind === "go" && page !== null ? wayBack.goInto(page) : wayBack.steps[kind]),
    keys: runs.map((run) => runSaid(profile, run, wayBack)).join(wayBack.then),
  }));

/** What the way leads to: its title, how long it takes, and what is to be proven after it. */
export function wayIntro(work: KeyWork, { wayBack }: PaperWords, toRoad: string | undefined) {
  const inSeconds = Math.round(seconds(work.totalMs));
  return toRoad === undefined
    ? {
        title: wayBack.title,
        keys: wayBack.from(work.presses, inSeconds),
        then: `${wayBack.proveAgain} ${wayBack.goesAlong}`,
      }
    : {
        title: wayBack.toRoad(toRoad),
        keys: wayBack.fromToRoad(work.presses, inSeconds),
        then: `${wayBack.proveRoad} ${wayBack.goesAlong}`,
      };
}
