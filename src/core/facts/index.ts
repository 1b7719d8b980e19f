export {
  INTAKE_FIELDS,
  readIntake,
  type Bike,
  type IntakeKey,
  type IntakeReading,
  type IntakeText,
  type MotorKind,
  type PickUp,
  type Rider,
  type VisitReason,
} from "./bike";
export { fieldProblem, takenAs, type FieldProblem, type IntakeField } from "./fields";
