/** Parts thought of and not yet bought: what is asked of each, and the fact of the bike it would take the place of. */
import { CHEMISTRY_IDS } from "../battery/chemistry";
import { number, option, text, type IntakeField } from "./fields";
import type { IntakeKey } from "./intake";

export const NEW_PART_FIELDS = {
  /** A display by its id; it takes the place of no fact: what it holds is carried over. */
  newDisplay: text(80),
  newTyre: { kind: "tyre" },
  newPackV: number("V", 12, 120),
  newPackAh: number("Ah", 1, 100),
  newBmsA: number("A", 1, 200),
  newChemistry: option(CHEMISTRY_IDS),
  newControllerA: number("A", 1, 200),
  newControllerV: { kind: "volts-list" },
  newMotorKind: option(["geared-hub", "direct-drive-hub", "mid-drive"]),
  newMotorRatedW: number("W", 50, 8000),
  plugFits: option(["yes", "no"]),
  protocolFits: option(["yes", "no"]),
  partCost: text(60),
  partDelivery: text(60),
  partGain: text(200),
} as const satisfies Record<string, IntakeField>;

export type NewPartKey = keyof typeof NEW_PART_FIELDS;

/** The fact of the bike each figure of a new part takes the place of. */
export const TAKES_PLACE_OF = {
  newTyre: "tyre",
  newPackV: "packV",
  newPackAh: "packAh",
  newBmsA: "bmsA",
  newChemistry: "chemistry",
  newControllerA: "controllerA",
  newControllerV: "controllerV",
  newMotorKind: "motorKind",
  newMotorRatedW: "motorRatedW",
} as const satisfies Partial<Record<NewPartKey, IntakeKey>>;

/** What was measured of a part that goes, and says nothing of the one that comes. */
const GOES_WITH: Readonly<Partial<Record<keyof typeof TAKES_PLACE_OF, readonly string[]>>> = {
  newTyre: ["rolloutMm", "outerDiameterMm", "sidewall", "oneTrueKmh", "oneShown", "runs", "measuredSpeeds"],
  newPackV: ["chargerV", "series", "cellMilliohm", "measuredSpeeds", "offGroundKmh"],
  newMotorKind: ["kvRpmPerV", "motorMilliohm", "noLoadA", "phaseA", "offGroundKmh", "measuredSpeeds", "motorV"],
  newMotorRatedW: ["kvRpmPerV", "motorMilliohm", "noLoadA", "phaseA", "offGroundKmh", "measuredSpeeds", "motorV"],
  newControllerA: ["measuredSpeeds"],
};

type Typed = Readonly<Record<string, string>>;
const NEW_KEYS = Object.keys(TAKES_PLACE_OF) as readonly (keyof typeof TAKES_PLACE_OF)[];

/** Facts of the bike that new parts would change, as typed so far. */
export const changedByParts = (typed: Typed): readonly IntakeKey[] =>
  NEW_KEYS.flatMap((key) => {
    const part = (typed[key] ?? "").trim();
    const fact = TAKES_PLACE_OF[key];
    return part === "" || part === (typed[fact] ?? "").trim() ? [] : [fact];
  });

/** The facts of the bike with the new parts fitted; what was measured of the old ones is gone. */
export function withNewParts(typed: Typed): Typed {
  const changed = new Set<string>(changedByParts(typed));
  const fitted = NEW_KEYS.filter((key) => changed.has(TAKES_PLACE_OF[key]));
  const gone = new Set(fitted.flatMap((key) => GOES_WITH[key] ?? []));
  // A motor stays the one it was made for: a pack alone changes what drives it, not what it is.
  const madeFor = changed.has("packV") && !changed.has("motorKind") && !changed.has("motorRatedW");
  return {
    ...Object.fromEntries(Object.entries(typed).filter(([key]) => !gone.has(key) && !(key in NEW_PART_FIELDS))),
    ...(madeFor && !(typed.motorV ?? "").trim() ? { motorV: typed.packV ?? "" } : {}),
    ...Object.fromEntries(fitted.map((key) => [TAKES_PLACE_OF[key], (typed[key] ?? "").trim()])),
  };
}
