/** The rider's wishes in the plan: granted on what it holds without them, and told as the reason of the lines moved. */
import type { Raws } from "../applied";
import type { ByHand, ProposedLine } from "../decide";
import { linesOf } from "../display";
import { own } from "../units/limits";
import { grantWishes, type Granting } from "../wishes";
import { findingsOn, sameFinding, type Judged, type SheetFinding } from "./findings";

/**
 * What becomes of the wishes on a plan that holds these raw values without them. `stood`: what a line stood at before a
 * wish first moved it, where the plan keeps what it holds since; null elsewhere.
 */
export function granted(
  judged: Judged,
  { overrides, unlocked }: ByHand,
  { raws, stood }: { readonly raws: Raws; readonly stood: Raws },
): Granting<SheetFinding> {
  const { profile, bike } = judged;
  const isLocked = ({ code, makerOnly }: { readonly code: string; readonly makerOnly: boolean }): boolean =>
    makerOnly && own(unlocked, code) === undefined;
  return grantWishes({
    profile,
    bike,
    raws,
    stood,
    byHand: new Set(Object.keys(overrides)),
    locked: new Set(linesOf(profile).flatMap((line) => (isLocked(line) ? [line.code] : []))),
    speaksAgainst: (tried) => findingsOn(judged, tried).filter(({ severity }) => severity !== "note"),
    isSame: sameFinding,
  });
}

/** A line as the wishes leave it. */
export function wished(proposed: ProposedLine, { raws, granted }: Granting<SheetFinding>): ProposedLine {
  const asked = granted.flatMap(({ wish, setting, fate }) =>
    fate.kind === "moved" && fate.code === proposed.line.code ? [{ wish, setting, from: fate.from, to: fate.to }] : [],
  );
  const raw = raws[proposed.index] ?? null;
  return asked.length === 0 ? proposed : { ...proposed, raw, reason: { key: "reason.wish", asked } };
}
