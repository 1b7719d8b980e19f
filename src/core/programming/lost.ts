/** The key card's session where the display stands elsewhere than planned: what is told, and what is not sure. */
import { codeOf } from "../display";
import { closedByItself, closingOf, doubtfulOnceClosed, unsureOf, type Slip } from "../keys";
import {
  moved,
  readingOf,
  SAID_DONE,
  type AtHand,
  type LostEvent,
  type Notice,
  type Said,
  type Session,
  type Told,
  type Turn,
} from "./session";

/** Where it stands instead, and what of it nobody can be sure of any more. */
type Lost = Pick<Slip, "state" | "how"> & Pick<Told, "doubtful">;

/** What follows when it is said that the display stands elsewhere. */
export const lostTurn = (session: Session, event: LostEvent, at: AtHand): Turn =>
  slipped(
    session,
    event.kind === "closed" ? closedUnderHand(session, at) : { ...event.slip, ...unsureSlip(event.slip, at) },
    at,
  );

const unsureSlip = ({ state }: Pick<Slip, "state">, { profile, step }: AtHand): Pick<Lost, "state" | "doubtful"> =>
  step ? unsureOf(profile, step, state) : { state, doubtful: [] };

/** The menu has closed by itself, before the keys of the step or among them. */
const closedUnderHand = ({ state }: Session, { profile, step }: AtHand): Lost => ({
  state: closedByItself(profile, state),
  how: "menu-closed",
  doubtful: step ? doubtfulOnceClosed(profile, step) : [],
});

/** It stands elsewhere than the plan had it: what that cost is noticed, and the card goes on from there. */
function slipped(session: Session, { state, how, doubtful }: Lost, at: AtHand): Turn {
  const { profile, unread } = at;
  // Where nothing was pressed the time since the last key runs on.
  const told = (said: Said): Turn => {
    const next = moved(session, state, { ...said, doubtful }, at);
    return how === "nothing-yet" ? { ...next, session: { ...next.session, sinceMs: session.sinceMs } } : next;
  };
  const reading = readingOf(profile, { state }, unread);
  if (reading) return told({ ...SAID_DONE, read: { line: reading.line, raw: reading.suggested } });
  const inMenu = session.state.screen.kind === "menu";
  const { lines, kept } = closingOf(profile, session.state);
  const codes = lines.map((line) => codeOf(profile, line));
  const recovered = { kind: "recovered", detail: how } as const;
  if (inMenu && how === "menu-closed")
    return told({
      ...SAID_DONE,
      notice: { kind: kept ? "menu-closed-saved" : "menu-closed-discarded", lines: codes },
      events: [{ kind: "menu-closed", detail: codes.join(" ") }, recovered],
    });
  const notice: Notice =
    inMenu && state.screen.kind === "off" ? { kind: "power-lost", lines: codes } : { kind: "off-plan", lines: [] };
  return told({ ...SAID_DONE, notice, events: [recovered] });
}
