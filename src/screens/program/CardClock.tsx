"use client";
import { codeOf, type DisplayProfile, type MenuState } from "@/core/display";
import { closedByItself } from "@/core/keys";
import { MenuClock } from "./MenuClock";
import * as say from "@/words/screens/program/cardClock";

interface CardClockProps {
  readonly profile: DisplayProfile;
  readonly state: MenuState;
  readonly since: number | null;
  readonly onRestart?: () => void;
  readonly onClosed?: () => void;
}

/** Time left before the menu closes, and what its closing would cost. */
export function CardClock({ profile, state, since, onRestart, onClosed }: CardClockProps) {
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
