export { readBike, readIntake, type Bike, type IntakeReading } from "./bike";
export {
  INTAKE_FIELDS,
  type IntakeKey,
  type IntakeText,
  type MotorKind,
  type PickUp,
  type Rider,
  type VisitReason,
} from "./intake";
export { readFacts, type Fact, type Facts, type Source } from "./facts";
export { FACT_FIELDS, FACT_KEYS, type FactKey } from "./keys";
export { fieldProblem, takenAs, type FieldProblem, type IntakeField } from "./fields";
