/**
 * What the owner's card says, as rows any paper, screen or message can be made of. What is not read back is told as
 * planned, in the same breath.
 */
import type { DisplayProfile } from "@/core/display";
import type { OwnersFacts, OwnersLevel, Paper, ToldFact } from "@/core/record";
import type { SpeedUnit } from "@/core/units";
import { OWNERS_FACTS, type ComesOff, type OwnersFact, type PaperWords, type Trouble } from "./paperWords";

/** How a row is known: off the display, off the plan, told at the intake, or not at all. */
type ToldAs = ToldFact<unknown>["as"] | "told";

/** A row of the card: what it is about, what is said, and whether that was read back. */
export interface CardRow {
  readonly fact: OwnersFact;
  readonly term: string;
  readonly says: string;
  readonly as: ToldAs;
}

/** A code of the display, and the trouble it stands for; null where no word of its description tells. */
export interface CardCode {
  readonly code: string;
  readonly says: string;
  readonly trouble: Trouble | null;
}

export interface LevelRow {
  readonly level: string;
  readonly steady: string;
  readonly range: string;
}

type Saying = (facts: OwnersFacts, words: PaperWords, unit: SpeedUnit) => Spoken | null;
interface Spoken {
  readonly as: ToldAs;
  readonly says: string;
}

/** A fact in words; with its doubt where it is more plan than fact. */
function spoken<Value>(fact: ToldFact<Value>, words: PaperWords, says: (value: Value) => string): Spoken | null {
  switch (fact.as) {
    case "unknown":
      return null;
    case "read-back":
      return { as: fact.as, says: says(fact.value) };
    case "planned":
      return { as: fact.as, says: words.notReadBack(says(fact.value)) };
    case "not-set":
      return { as: fact.as, says: words.notSet(says(fact.value)) };
  }
}

const SAYINGS: Readonly<Record<OwnersFact, Saying>> = {
  cap: ({ cap }, words, unit) =>
    spoken(cap, words, (value) =>
      value.kind === "true"
        ? words.cap(words.speed(value.kmh.nominal, unit), words.speed(value.shownKmh, unit))
        : value.kind === "uncapped"
          ? words.uncapped
          : words.measured,
    ),
  levels: ({ levels }, words) =>
    spoken(levels, words, ({ least, most, startsIn }) => words.levels(least, most, startsIn)),
  throttle: ({ throttle, throttleFitted }, words) =>
    throttleFitted === false
      ? { as: "told", says: words.noThrottle }
      : spoken(throttle, words, ({ mode, fromStandstill, afterPedalling }) =>
          mode === "off"
            ? words.throttle.off
            : [
                words.throttle[mode],
                ...(afterPedalling === true ? [words.pedalFirst] : []),
                ...(fromStandstill === null ? [] : [fromStandstill ? words.pullsAtOnce : words.rollFirst]),
              ].join(", "),
        ),
  walk: ({ walk }, words, unit) =>
    spoken(walk, words, ({ on, kmh }) =>
      on ? words.walk(kmh === null ? null : words.speed(kmh, unit)) : words.walkOff,
    ),
  cruise: ({ cruise }, words) =>
    spoken(cruise, words, (on) => (on ? `${words.cruise.on}; ${words.cruiseOut}` : words.cruise.off)),
  lamp: ({ lamp }, words) => spoken(lamp, words, (mode) => words.lamp[mode]),
  trip: ({ trip }, words) => spoken(trip, words, (reset) => words.trip[reset]),
  clock: ({ clockLine }, words) => (clockLine === null ? null : { as: "told", says: words.clock(clockLine) }),
  autoOff: ({ autoOff }, words) =>
    spoken(autoOff, words, (minutes) => (minutes === 0 ? words.neverOff : words.autoOff(minutes))),
  lock: ({ lock }, words) => (lock.as === "unknown" || !lock.value ? null : spoken(lock, words, () => words.locked)),
  cutOff: ({ cutOff }, words) => spoken(cutOff, words, (volts) => words.cutOff(volts)),
};

/** Facts a rider looks for: where nobody knows them, the card says where they stand. The others are left out. */
const LOOKED_FOR: ReadonlySet<OwnersFact> = new Set<OwnersFact>(["cap", "levels", "throttle", "cutOff"]);

/** The rows of the card. */
export const ownersRows = (facts: OwnersFacts, words: PaperWords, unit: SpeedUnit): readonly CardRow[] =>
  OWNERS_FACTS.flatMap((fact): readonly CardRow[] => {
    const term = words.facts[fact];
    const row = SAYINGS[fact](facts, words, unit);
    if (row) return [{ fact, term, ...row }];
    return LOOKED_FOR.has(fact) ? [{ fact, term, says: words.elsewhere, as: "unknown" }] : [];
  });

/** What the table of levels is headed with: planned is never told as set. */
export function levelsHead({ eachLevel }: OwnersFacts, words: PaperWords): string {
  if (eachLevel.as === "planned") return words.notReadBack(words.eachLevel);
  return eachLevel.as === "not-set" ? words.notSet(words.eachLevel) : words.eachLevel;
}

/** Each level with its speed and range; none while the ride is not known. */
export function levelRows({ eachLevel }: OwnersFacts, words: PaperWords, unit: SpeedUnit): readonly LevelRow[] {
  if (eachLevel.as === "unknown") return [];
  return eachLevel.value.map((level: OwnersLevel) => ({
    level: level.name === null ? String(level.level) : `${level.level} ${level.name}`,
    steady: `${words.speed(level.kmh, unit)}, ${words.from[level.from]}`,
    range: level.rangeKm === null ? "—" : words.distance(level.rangeKm, unit),
  }));
}

/** What a code means and what to do first, in the reader's own words where they are known. */
export function codeWords({ code, says, trouble }: CardCode, words: PaperWords): readonly [string, string, string] {
  const known = trouble && words.trouble[trouble];
  return [code, known ? known.means : says, known ? known.first : words.otherCode];
}

export interface CardStanding {
  /** Whether every value was read back. */
  readonly isSet: boolean;
  readonly publicRoad: boolean;
  /** Whether a throttle may answer at power-on. */
  readonly isLive: boolean;
  readonly comesOff: ComesOff;
}

/** What stands under the card, whoever rides. */
export const cardNotes = (
  { takeAlong, whileRiding, notForRoads, throttleLive, heldFor }: PaperWords,
  { isSet, publicRoad, isLive, comesOff }: CardStanding,
): readonly string[] => [
  ...(isLive ? [throttleLive] : []),
  whileRiding,
  ...(publicRoad ? [] : [notForRoads]),
  takeAlong[comesOff],
  heldFor(isSet),
];

/** How a card stands, of a paper and what its rider is told. */
export const cardStanding = ({ job, workings, standing }: Paper, { throttleLive }: OwnersFacts): CardStanding => ({
  isSet: standing === "read-back",
  publicRoad: workings.choice?.rule.publicRoad !== false,
  isLive: throttleLive,
  comesOff: job.profile?.comesOff ?? "not-said",
});

/** The class the bike leaves in: its name, and what stands before and behind it. */
export interface ClassSaid {
  readonly before: string;
  /** Null where none is named. */
  readonly name: string | null;
  readonly behind: string;
}

/** What a card says of the class; null while none is chosen. A bike something stands against names none. */
export function classSaid(
  { workings, standing, left: { cap } }: Paper,
  words: PaperWords,
  unit: SpeedUnit,
): ClassSaid | null {
  const { choice, bike, against } = workings;
  if (!choice) return null;
  const isRead = standing === "read-back";
  if (against.length > 0 && standing !== "planned-not-set")
    return { before: words.noLabel, name: null, behind: isRead ? "" : words.notProven };
  const rating = bike.motorRatedW ? ` · ${bike.motorRatedW} W` : "";
  const ends = cap.kind === "true" ? ` · ${words.speed(cap.kmh.nominal, unit)}` : "";
  return {
    before: words.label,
    name: choice.rule.name,
    behind: `${rating}${ends}. ${isRead ? words.checked : words.notProven}`,
  };
}

/** Which parts a display's home screen has. */
export const screenPartsOf = ({ infoLines, modes }: DisplayProfile) =>
  (["speed", "battery", "level", "info", "signs", "mode"] as const).filter(
    (part) => (part !== "info" || infoLines.length > 0) && (part !== "mode" || modes.length > 0),
  );
