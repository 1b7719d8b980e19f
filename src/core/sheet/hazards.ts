/**
 * What can be hurt by these values on this bike, law aside: cells run flat, a controller fed the wrong volts, current
 * past what the pack or controller bears, a bike that moves when it is switched on. Common practice, no source.
 */
import { cutOffFloor } from "../battery";
import { sparedSeries } from "../decide/battery";
import type { CurrentPart } from "../battery/current";
import {
  decodeAll,
  lineSetting,
  linesOf,
  matters,
  PLAIN_CONTEXT,
  rawValues,
  settingsOf,
  type DisplayProfile,
  type SettingKey,
} from "../display";
import type { Severity } from "../law";
import { appliedCurrentA, canSet, decoded, type Raws } from "../applied/applied";
import type { Chemistry } from "../battery/chemistry";
import type { Bike } from "../facts/bike";
import type { MotorKind } from "../facts/intake";
import { isOver, partAmps } from "../decide/currentBounds";
import { diagnose, type SpeedometerMistake } from "../decide/diagnose";
import { readingMisfit, type ReadingMisfit } from "../decide/reading";

export type HazardMessage =
  | {
      readonly key: "hazard.pack-not-taken";
      readonly packV: number;
      readonly acceptsV: readonly number[];
      readonly by: "controller" | "display";
    }
  | { readonly key: "hazard.nominal-too-low"; readonly nominalV: number; readonly packV: number }
  | { readonly key: "hazard.nominal-too-high"; readonly nominalV: number; readonly packV: number }
  | {
      readonly key: "hazard.cut-off-too-low";
      readonly cutOffV: number;
      readonly leastV: number;
      readonly series: number;
    }
  | {
      readonly key: "hazard.current-over";
      readonly currentA: number;
      readonly allowedA: number;
      readonly by: CurrentPart;
    }
  | { readonly key: "hazard.moves-at-power-on"; readonly level: number | "last-used" }
  | { readonly key: "hazard.throttle-live" }
  | ({ readonly key: "hazard.speedometer-mistake" } & SpeedometerMistake)
  | ({ readonly key: "hazard.reading-misfit" } & ReadingMisfit)
  | { readonly key: "hazard.crank-pulses-misfit"; readonly code: string; readonly set: number; readonly given: number }
  | {
      readonly key: "hazard.motor-preset-misfit";
      readonly code: string;
      readonly set: MotorKind;
      readonly fitted: MotorKind;
      readonly locked: boolean;
    }
  | {
      readonly key: "hazard.pack-preset-misfit";
      readonly code: string;
      readonly set: Chemistry;
      readonly fitted: Chemistry;
    }
  /** The label on the bike names another speed than the class it must leave in. */
  | { readonly key: "hazard.label-not-class"; readonly labelKmh: number; readonly limitKmh: number }
  /** It names a speed that drive really passes; null where nothing ends it. */
  | { readonly key: "hazard.label-not-cap"; readonly labelKmh: number; readonly trueKmh: number | null }
  /** The line that caps speed takes power away as well. */
  | { readonly key: "hazard.cap-lowers-power"; readonly code: string }
  | { readonly key: "hazard.cruise-on" }
  | { readonly key: "hazard.pin-on" }
  | { readonly key: "hazard.regeneration" }
  | { readonly key: "hazard.no-brake-cut-off" };

export type HazardSubject =
  | "battery"
  | "speedometer"
  | "cut-off"
  | "nominal"
  | "current"
  | "power-on"
  | "cruise"
  | "pin"
  | "regeneration"
  | "crank-sensor"
  | "motor-preset"
  | "label"
  | "power-cap"
  | "pack-preset"
  | "brakes";

export interface HazardFinding {
  readonly severity: Severity;
  readonly subject: HazardSubject;
  readonly message: HazardMessage;
}

/**
 * Hazards of these raw values on this bike, gravest first. Volts and amps.
 * @param readWith the values a reading of the speedometer was taken with: what it does not fit stands until it is seen
 *   to, whatever is planned
 */
export function hazards(
  profile: DisplayProfile,
  raws: Raws,
  bike: Bike,
  readWith: Raws | null = null,
): readonly HazardFinding[] {
  return [
    ...packHazards(profile, raws, bike),
    ...speedometerHazards(profile, raws, bike),
    ...readingHazards(profile, readWith, bike),
    ...currentHazards(profile, raws, bike),
    ...misfits(profile, raws, bike),
    ...powerCaps(profile, raws),
    ...ridingHazards(profile, raws, bike),
  ].sort((a, b) => Number(a.severity !== "breach") - Number(b.severity !== "breach"));
}

/** Both directions are a fault: low hides speed, high robs the rider of it. */
function speedometerHazards(profile: DisplayProfile, raws: Raws, bike: Bike): HazardFinding[] {
  const mistake = diagnose(profile, raws, bike);
  return mistake
    ? [
        {
          severity: mistake.r < 1 ? "breach" : "caution",
          subject: "speedometer",
          message: { key: "hazard.speedometer-mistake", ...mistake },
        },
      ]
    : [];
}

function readingHazards(profile: DisplayProfile, readWith: Raws | null, bike: Bike): HazardFinding[] {
  const misfit = readWith && readingMisfit(profile, readWith, bike);
  return misfit
    ? [{ severity: "caution", subject: "speedometer", message: { key: "hazard.reading-misfit", ...misfit } }]
    : [];
}

/** Packs the display takes: as described, else as its own volts line has them; none where neither says. */
function voltsTaken(profile: DisplayProfile): readonly number[] {
  if (profile.acceptsNominalV.length > 0) return profile.acceptsNominalV;
  const line = lineSetting(profile, "nominalV");
  if (!line) return [];
  return rawValues(line.encoding).flatMap((raw) => {
    const { nominalV } = decodeAll(line, raw, PLAIN_CONTEXT);
    return typeof nominalV === "number" ? [nominalV] : [];
  });
}

/**
 * Facts of the bike that what the display holds does not fit. What nobody has said fits everything, and a preset of
 * the shop's own stands for no kind.
 */
function misfits(profile: DisplayProfile, raws: Raws, bike: Bike): HazardFinding[] {
  return [crankMisfit, motorMisfit, packMisfit].flatMap((misfit) => {
    const found = misfit(profile, raws, bike);
    return found ? [{ severity: "caution", ...found }] : [];
  });
}

type Misfit = (profile: DisplayProfile, raws: Raws, bike: Bike) => Omit<HazardFinding, "severity"> | null;

const crankMisfit: Misfit = (profile, raws, { crankPulses: given, crankPulsesSaid }) => {
  const set = decoded(profile, raws, "crankPulses");
  const code = lineSetting(profile, "crankPulses")?.code;
  return crankPulsesSaid && code !== undefined && set !== null && set !== given
    ? { subject: "crank-sensor", message: { key: "hazard.crank-pulses-misfit", code, set, given } }
    : null;
};

const motorMisfit: Misfit = (profile, raws, { motorKind: fitted }) => {
  const set = decoded(profile, raws, "motorPresetKind");
  const line = lineSetting(profile, "motorPresetKind");
  if (!line || set === null || set === "own" || fitted === null || set === fitted) return null;
  const { code, makerOnly: locked } = line;
  return { subject: "motor-preset", message: { key: "hazard.motor-preset-misfit", code, set, fitted, locked } };
};

const packMisfit: Misfit = (profile, raws, { chemistry: fitted, chemistrySaid }) => {
  const set = decoded(profile, raws, "packChemistry");
  const code = lineSetting(profile, "packChemistry")?.code;
  if (code === undefined || set === null || set === "own" || !chemistrySaid || set === fitted) return null;
  return { subject: "pack-preset", message: { key: "hazard.pack-preset-misfit", code, set, fitted } };
};

/** Settings that hold power down. */
const POWER: readonly SettingKey[] = ["currentLimitA", "currentShare"];

/** A cap that is a share of power, or comes with one: the bike is weaker on every hill, not only at its end. */
function powerCaps(profile: DisplayProfile, raws: Raws): HazardFinding[] {
  const share = decoded(profile, raws, "capPowerShare");
  const code =
    typeof share === "number" && share < 1
      ? lineSetting(profile, "capPowerShare")?.code
      : linesOf(profile).find((line, i) => {
          const settings = settingsOf(line);
          return (
            settings.includes("assistCapKmh") &&
            settings.some((setting) => POWER.includes(setting)) &&
            matters(profile, i, raws) &&
            typeof decoded(profile, raws, "assistCapKmh") === "number"
          );
        })?.code;
  return code === undefined
    ? []
    : [{ severity: "note", subject: "power-cap", message: { key: "hazard.cap-lowers-power", code } }];
}

function packHazards(profile: DisplayProfile, raws: Raws, bike: Bike): HazardFinding[] {
  const { packV, chemistry, controllerV } = bike;
  if (packV === null) return [];
  const findings: HazardFinding[] = [];
  const refuse = (acceptsV: readonly number[], by: "controller" | "display") => {
    if (acceptsV.length > 0 && !acceptsV.includes(packV))
      findings.push({
        severity: "breach",
        subject: "battery",
        message: { key: "hazard.pack-not-taken", packV, acceptsV, by },
      });
  };
  refuse(controllerV, "controller");
  refuse(voltsTaken(profile), "display");
  const nominalV = decoded(profile, raws, "nominalV");
  if (nominalV !== null && nominalV < packV)
    findings.push({
      severity: "breach",
      subject: "nominal",
      message: { key: "hazard.nominal-too-low", nominalV, packV },
    });
  if (nominalV !== null && nominalV > packV)
    findings.push({
      severity: "caution",
      subject: "nominal",
      message: { key: "hazard.nominal-too-high", nominalV, packV },
    });
  const cutOffV = decoded(profile, raws, "cutOffV");
  // The pack that would suffer is judged.
  const series = sparedSeries(bike);
  if (cutOffV !== null && series !== null) {
    const { leastV } = cutOffFloor(series, chemistry, 0.5);
    if (cutOffV < leastV - 1e-9)
      findings.push({
        severity: "breach",
        subject: "cut-off",
        message: { key: "hazard.cut-off-too-low", cutOffV, leastV, series },
      });
  }
  return findings;
}

/**
 * How grave it is to pass what a part bears. What the motor bears is from memory: a note, never a reason to change.
 */
const HURT = {
  bms: "breach",
  connector: "breach",
  wire: "caution",
  motor: "note",
  controller: "caution",
} as const satisfies Record<CurrentPart, Severity>;
const BY_WEIGHT: readonly CurrentPart[] = ["bms", "connector", "wire", "motor", "controller"];

function currentHazards(profile: DisplayProfile, raws: Raws, bike: Bike): HazardFinding[] {
  const currentA = appliedCurrentA(profile, raws, bike);
  const parts = partAmps(bike);
  if (currentA === null) return [];
  // What flows is what the line lets through, and never more than the controller gives.
  const flowingA = Math.min(currentA, parts.controller ?? Infinity);
  const passed = (part: CurrentPart, amps: number) =>
    isOver(part === "controller" ? currentA : flowingA, { part, amps });
  const gravest = BY_WEIGHT.flatMap((part) =>
    parts[part] !== null && passed(part, parts[part]) ? [{ part, amps: parts[part] }] : [],
  ).slice(0, 1);
  return gravest.map(({ part, amps }) => ({
    severity: HURT[part],
    subject: "current",
    message: {
      key: "hazard.current-over",
      currentA: part === "controller" ? currentA : flowingA,
      allowedA: amps,
      by: part,
    },
  }));
}

function ridingHazards(
  profile: DisplayProfile,
  raws: Raws,
  { throttleFitted, brakeCutOff, motorKind }: Bike,
): HazardFinding[] {
  const findings: HazardFinding[] = [];
  const level = decoded(profile, raws, "levelAtPowerOn");
  const liveThrottle =
    throttleFitted === true &&
    decoded(profile, raws, "throttleMode") !== "off" &&
    decoded(profile, raws, "throttleFromStandstill") !== false;
  if (level !== null && level !== 0 && liveThrottle)
    findings.push({ severity: "caution", subject: "power-on", message: { key: "hazard.moves-at-power-on", level } });
  else if (level === null && liveThrottle && !canSet(profile, "levelAtPowerOn"))
    findings.push({ severity: "caution", subject: "power-on", message: { key: "hazard.throttle-live" } });
  if (decoded(profile, raws, "cruiseOn") === true)
    findings.push({ severity: "caution", subject: "cruise", message: { key: "hazard.cruise-on" } });
  if (decoded(profile, raws, "startPinOn") === true)
    findings.push({ severity: "caution", subject: "pin", message: { key: "hazard.pin-on" } });
  const regen = decoded(profile, raws, "regenShare");
  if (regen !== null && regen > 0 && motorKind !== "direct-drive-hub")
    findings.push({ severity: "caution", subject: "regeneration", message: { key: "hazard.regeneration" } });
  if (brakeCutOff === false)
    findings.push({ severity: "caution", subject: "brakes", message: { key: "hazard.no-brake-cut-off" } });
  return findings;
}
