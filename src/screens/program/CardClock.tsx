"use client";
import { codeOf, LONG_ON_MS, type DisplayProfile, type MenuState } from "@/core/display";
import { chordWindowOf, closingOf, type CardStep } from "@/core/keys";
import { later } from "@/ui/primitives/later";
import { MenuClock } from "./MenuClock";
import * as say from "@/words/screens/program/cardClock";

/** Loaded where a chord has a window of time. */
const ChordClock = later(() => import("./ChordClock").then((module) => module.ChordClock));

/** Loaded where time running out is heard. */
const HeardRunningOut = later(() => import("./HeardRunningOut").then((module) => module.HeardRunningOut));

interface CardClockProps {
  readonly profile: DisplayProfile;
  readonly state: MenuState;
  readonly step: CardStep | null;
  readonly since: number | null;
  /** How loud its last seconds are heard, 0 to 1. */
  readonly volume?: number;
  readonly onRestart?: () => void;
  readonly onClosed?: () => void;
  /** A chord was not pressed in time: the display has been on for long. */
  readonly onLate?: (state: MenuState) => void;
}

/** Time left before the menu closes, and what its closing would cost; before a timed chord, what is left for that. */
export function CardClock(props: CardClockProps) {
  const { profile, state, step, since, volume = 0, onRestart, onClosed, onLate } = props;
  const window = step && state.screen.kind === "home" ? chordWindowOf(profile, step) : null;
  const closesAfterMs = state.screen.kind === "menu" ? profile.menu.idle.closesAfterMs : null;
  const leftMs = window?.leftMs ?? closesAfterMs;
  const heard =
    volume > 0 && leftMs !== null && since !== null ? (
      <HeardRunningOut leftMs={leftMs} since={since} volume={volume} everySecond={window !== null} />
    ) : null;
  if (window && onLate)
    return (
      <>
        <ChordClock window={window} since={since} onLate={() => onLate({ ...state, sincePowerOnMs: LONG_ON_MS })} />
        {heard}
      </>
    );
  if (state.screen.kind !== "menu") return null;
  const { lines, kept } = closingOf(profile, state);
  const codes = lines.map((line) => codeOf(profile, line)).join(", ");
  const cost =
    lines.length === 0 ? say.closingLosesNothing : kept ? say.closingSaves(codes) : say.closingThrowsAway(codes);
  return (
    <>
      <MenuClock
        closesAfterMs={profile.menu.idle.closesAfterMs}
        since={since}
        cost={cost}
        onRestart={onRestart}
        onClosed={onClosed}
      />
      {heard}
    </>
  );
}
