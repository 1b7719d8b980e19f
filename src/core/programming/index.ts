export {
  canBeLookedAt,
  readIn,
  readingOf,
  sessionAt,
  turn,
  type AtHand,
  type KeyEvent,
  type Notice,
  type Session,
  type Told,
  type Turn,
} from "./session";
