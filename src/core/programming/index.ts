export { lostTurn } from "./lost";
export {
  canBeLookedAt,
  isLost,
  readIn,
  readingOf,
  sessionAt,
  turn,
  type AtHand,
  type PlannedEvent,
  type KeyEvent,
  type LostEvent,
  type Notice,
  type Session,
  type Told,
  type Turn,
} from "./session";
