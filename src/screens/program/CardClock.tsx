"use client";
import { codeOf, LONG_ON_MS, type DisplayProfile, type MenuState } from "@/core/display";
import { chordWindowOf, closedByItself, type CardStep } from "@/core/keys";
import { later } from "@/ui/primitives/later";
import { MenuClock } from "./MenuClock";
import * as say from "@/words/screens/program/cardClock";

/** Loaded where a chord has a window of time. */
const ChordClock = later(() => import("./ChordClock").then((module) => module.ChordClock));

interface CardClockProps {
  readonly profile: DisplayProfile;
  readonly state: MenuState;
  readonly step: CardStep | null;
  readonly since: number | null;
  readonly onRestart?: () => void;
  readonly onClosed?: () => void;
  /** A chord was not pressed in time: the display has been on for long. */
  readonly onLate?: (state: MenuState) => void;
}

/** Time left before the menu closes, and what its closing would cost; before a timed chord, what is left for that. */
export function CardClock({ profile, state, step, since, onRestart, onClosed, onLate }: CardClockProps) {
  const window = step && state.screen.kind === "home" ? chordWindowOf(profile, step) : null;
  if (window && onLate)
    return <ChordClock window={window} since={since} onLate={() => onLate({ ...state, sincePowerOnMs: LONG_ON_MS })} />;
  if (state.screen.kind !== "menu") return null;
  const { lines, kept } = closedByItself(profile, state);
  const codes = lines.map((line) => codeOf(profile, line)).join(", ");
  const cost =
    lines.length === 0 ? say.closingLosesNothing : kept ? say.closingSaves(codes) : say.closingThrowsAway(codes);
  return (
    <MenuClock
      closesAfterMs={profile.menu.idle.closesAfterMs}
      since={since}
      cost={cost}
      onRestart={onRestart}
      onClosed={onClosed}
    />
  );
}
