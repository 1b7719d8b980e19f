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
