export { readIntake, type Bike, type IntakeReading } from "./bike";
export {
  INTAKE_FIELDS,
  type IntakeKey,
  type IntakeText,
  type MotorKind,
  type PickUp,
  type Rider,
  type VisitReason,
} from "./intake";
export { fieldProblem, saysTheSame, takenAs, type FieldProblem, type IntakeField } from "./fields";
export { readWinners, readWishes, SAYS, USES, WISH_IDS, type Winner, type WishId } from "./wishIds";
export { withWinner, withWish } from "./wishEdits";
