export { nextOfferMs, offeredAt, takenAt } from "./offer";
export {
  ACTS,
  actOf,
  isNewPress,
  TAUGHT_AT_FIRST,
  withoutSignal,
  withTaught,
  type Act,
  type LastPress,
  type Signal,
  type Taught,
} from "./acts";
export {
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
