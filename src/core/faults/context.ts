/** What is known of a bike on the stand before anything is looked at. */
import { linesOf, settingsOf, type DisplayProfile, type SettingKey } from "../display";
import type { Bike } from "../facts";
import type { FaultCause, FaultContext, FaultData, FittedPart } from "./faults";

const lacks = (bike: Pick<Bike, "throttleFitted" | "brakeCutOff">, part: FittedPart): boolean =>
  (part === "throttle" ? bike.throttleFitted : bike.brakeCutOff) === false;

/** Settings a display has a line for. */
const settingsIn = (profile: DisplayProfile): ReadonlySet<SettingKey> =>
  new Set(linesOf(profile).flatMap((line) => settingsOf(line)));

/** Causes a bike cannot have: of a part it is known to lack, of a line its display is known not to have. */
export function cannotBe(
  { causes }: FaultData,
  bike: Pick<Bike, "throttleFitted" | "brakeCutOff"> | null,
  profile: DisplayProfile | null,
): ReadonlySet<string> {
  const lines = profile && settingsIn(profile);
  // A description with a line nobody knows the meaning of may have any.
  const isWhole = profile !== null && linesOf(profile).every((line) => line.encoding.kind !== "reserved");
  const isOut = ({ onlyWith, settings }: FaultCause): boolean =>
    (onlyWith !== null && bike !== null && lacks(bike, onlyWith)) ||
    (settings.length > 0 && lines !== null && isWhole && !settings.some((setting) => lines.has(setting)));
  return new Set(causes.filter(isOut).map(({ id }) => id));
}

/** A line of a sheet as far as it tells of faults: what it says, and whether it holds what it should. */
export interface HeldLine {
  readonly settings: readonly SettingKey[];
  /** Null where it has not been read, or nothing is planned for it. */
  readonly isAsPlanned: boolean | null;
}

/** What a sheet says of causes that are lines. */
export function linesSay({ causes }: FaultData, held: readonly HeldLine[]): FaultContext["lines"] {
  const said = causes.flatMap(({ id, settings }): [string, "differs" | "agrees"][] => {
    const own = held.filter((line) => line.settings.some((setting) => settings.includes(setting)));
    if (own.some(({ isAsPlanned }) => isAsPlanned === false)) return [[id, "differs"]];
    return own.length > 0 && own.every(({ isAsPlanned }) => isAsPlanned === true) ? [[id, "agrees"]] : [];
  });
  return Object.fromEntries(said);
}

/** Causes that rest on what was changed last: a line's own setting, or a part with its lead. */
export const changedCauses = ({ causes }: FaultData, changed: readonly string[]): ReadonlySet<string> =>
  new Set(
    causes
      .filter(({ id, settings }) =>
        changed.some((each) => PART_CAUSES[each]?.includes(id) || settings.some((s) => s === each)),
      )
      .map(({ id }) => id),
  );

/** What comes of work on a part: its own plugs, and the lines that rest on it. Common practice, no source. */
export const PART_CAUSES: Readonly<Record<string, readonly string[]>> = {
  tyre: ["wheel-line", "magnet-moved", "calibration-line"],
  wheel: ["wheel-line", "magnet-moved", "speed-lead-loose", "phase-loose", "hall-lead-loose", "pulses-line"],
  motor: ["phase-loose", "hall-lead-loose", "motor-preset-line", "pulses-line", "motor-bad"],
  controller: ["phase-loose", "hall-lead-loose", "controller-bad", "current-line", "protocol-line"],
  pack: ["volts-line", "cut-off-line", "pack-lead-loose", "pack-weak", "pack-empty"],
  display: ["display-lead-loose", "display-bad", "protocol-line", "wheel-line", "pulses-line", "other-way-in"],
  brakes: ["lever-resting", "brake-sensor-stuck", "brake-wiring", "brake-unplugged", "brake-switch-late"],
  throttle: ["throttle-lead-loose", "throttle-bad", "throttle-mode-line", "throttle-rule-line"],
  cranks: ["crank-lead-loose", "crank-ring-turned", "crank-pulses-line"],
};
