/**
 * Legal classes shipped with the product. All from memory, with the text they follow and the day they were last known
 * to stand; the product defers to the local code and, where needed, a licensed inspector.
 */
import type { ClassRule } from "@/core/law";

const KNOWN_ON = "2026-11-01";
const US_MOTOR = { limitW: 750, strictness: "differs", basis: "not-stated" } as const;

export const CLASSES: readonly ClassRule[] = [
  {
    id: "us-class-1",
    name: "US class 1",
    badge: "US class 1 · 20 mph",
    where: "United States, three-class model text",
    speedUnit: "mph",
    assist: { value: 20, unit: "mph", strict: false },
    acceptedReading: null,
    throttle: { kind: "none" },
    walkAssistKmh: null,
    motor: US_MOTOR,
    publicRoad: true,
    source: "Three-class model text, e.g. California Vehicle Code §312.5",
    knownOn: KNOWN_ON,
    beyondTheDisplay: [
      "A class label on the bike",
      "Assist only while pedalling",
      "Whether the state says at most 750 W or below 750 W",
    ],
  },
  {
    id: "us-class-2",
    name: "US class 2",
    badge: "US class 2 · 20 mph",
    where: "United States, three-class model text",
    speedUnit: "mph",
    assist: { value: 20, unit: "mph", strict: false },
    acceptedReading: null,
    throttle: { kind: "to-assist-limit" },
    walkAssistKmh: null,
    motor: US_MOTOR,
    publicRoad: true,
    source: "Three-class model text, e.g. California Vehicle Code §312.5",
    knownOn: KNOWN_ON,
    beyondTheDisplay: [
      "A class label on the bike",
      "Pedals that work",
      "Whether the state says at most 750 W or below 750 W",
    ],
  },
  {
    id: "us-class-3",
    name: "US class 3, model text",
    badge: "US class 3 · 28 mph",
    where: "United States, three-class model text",
    speedUnit: "mph",
    assist: { value: 28, unit: "mph", strict: false },
    acceptedReading: null,
    throttle: { kind: "only-while-pedalling" },
    walkAssistKmh: null,
    motor: US_MOTOR,
    publicRoad: true,
    source: "Three-class model text, e.g. California Vehicle Code §312.5",
    knownOn: KNOWN_ON,
    beyondTheDisplay: [
      "A class label and a speedometer on the bike",
      "Age and helmet rules",
      "Some states read the throttle rule otherwise: check the state",
    ],
  },
  {
    id: "eu-epac",
    name: "EU EPAC",
    badge: "EU EPAC · 25 km/h",
    where: "European Union",
    speedUnit: "kmh",
    assist: { value: 25, unit: "kmh", strict: true },
    acceptedReading: null,
    throttle: { kind: "walking-pace", limitKmh: 6 },
    walkAssistKmh: 6,
    motor: { limitW: 250, strictness: "at-most", basis: "continuous-rated" },
    publicRoad: true,
    source: "Regulation (EU) No 168/2013 Art. 2(2)(h); EN 15194",
    knownOn: KNOWN_ON,
    beyondTheDisplay: [
      "Help that tapers and stops when pedalling stops",
      "Anti-tamper and marking clauses of EN 15194",
      "The type-test tolerance of EN 15194 is never a target",
    ],
  },
  {
    id: "uk-eapc",
    name: "UK EAPC",
    badge: "UK EAPC · 15.5 mph",
    where: "Great Britain",
    speedUnit: "mph",
    assist: { value: 15.5, unit: "mph", strict: false },
    acceptedReading: { value: 25, unit: "kmh" },
    throttle: { kind: "walking-pace", limitKmh: 6 },
    walkAssistKmh: 6,
    motor: { limitW: 250, strictness: "at-most", basis: "continuous-rated" },
    publicRoad: true,
    source: "Electrically Assisted Pedal Cycles Regulations 1983 as amended 2015",
    knownOn: KNOWN_ON,
    beyondTheDisplay: [
      "A plate with the maker, the voltage and the motor's power",
      "Rider of 14 years or more",
      "A throttle beyond walking pace needs approval",
    ],
  },
  {
    id: "private-land",
    name: "Private land",
    badge: "Private land",
    where: "With the landowner's leave, not on public roads",
    speedUnit: "kmh",
    assist: null,
    acceptedReading: null,
    throttle: { kind: "any" },
    walkAssistKmh: null,
    motor: null,
    publicRoad: false,
    source: "No road class applies; it does not cure a law against tampering",
    knownOn: KNOWN_ON,
    beyondTheDisplay: [
      "Brakes, frame and tyres for the speed",
      "Insurance and warranty",
      "The way back to a road sheet is always kept ready",
    ],
  },
];

/** A shipped class by its id, or null. */
export const classById = (id: string): ClassRule | null => CLASSES.find((rule) => rule.id === id) ?? null;
