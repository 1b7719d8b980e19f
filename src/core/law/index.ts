export { assistLimit, throttleLimit, type AssistLimit, type ClassChoice, type ClassRule } from "./classRule";
export {
  type AppliedCap,
  type AsApplied,
  type Finding,
  judge,
  type LawMessage,
  type Severity,
  type Subject,
  type ThrottleMode,
} from "./judge";
export {
  CLASS_CHOICES,
  CLASS_MOTOR_W,
  CLASS_SPEED_KMH,
  type ChosenField,
  type ClassField,
  type ClassProblem,
  type ClassReading,
  fieldsAsked,
  LONGEST_CLASS_TEXT,
  readClass,
  sameClass,
  type TypedClass,
  typedFrom,
} from "./ownClass";
