"use client";
import { useState, type RefObject } from "react";
import { likelySlips, shownChoices, type CardStep, type Slip } from "@/core/keys";
import { readingOf, type Act, type KeyEvent, type Session } from "@/core/programming";
import { useSettings, type Settings } from "@/ui/besideTheBike/settings";
import { useAwake } from "@/ui/besideTheBike/useAwake";
import { useHands } from "@/ui/besideTheBike/useHands";
import { readingAloud, stepAloud } from "@/words/aloud";
import type { KeysStageProps } from "../job/stageProps";
import { useCallAlong, type Count } from "./useCallAlong";
import { useOffer } from "./useOffer";
import type { Session as Keyed } from "./useSession";
import { useStepTime } from "./useStepTime";

/** Slips offered beside Done: as many as are taken in at a glance. */
const SLIPS_SHOWN = 4;

export interface KeyCardProps extends KeysStageProps {
  readonly keyed: Keyed;
  readonly session: Session;
  readonly step: CardStep | null;
  readonly tell: (event: KeyEvent) => void;
}

type Picked = Pick<Slip, "state" | "how">;
export interface ValueShown {
  readonly raw: number;
  readonly shows: string;
}

export interface Card {
  readonly settings: Settings;
  /** The step whose keys are known; null while new ones are worked out, or a line is to be read. */
  readonly inHand: CardStep | null;
  readonly slips: readonly Slip[];
  readonly reading: { readonly line: number; readonly suggested: number } | null;
  /** What a line nobody has read may show, the suggested value first. */
  readonly choices: readonly ValueShown[];
  readonly count: Count | null;
  readonly said: { readonly words: string; readonly again: () => void } | null;
  /** With one key alone: which of what can be said a press takes now, going back last. */
  readonly offered: number | null;
  readonly isBackOffered: boolean;
  readonly asking: boolean;
  /** While it is asked what the display shows: which of the likely answers a press takes. */
  readonly marked: number;
  readonly setAsking: (asking: boolean) => void;
  /** Buttons on screen: pressed together with a pedal they are one press. */
  readonly press: {
    readonly done: () => void;
    readonly other: (slip: Picked) => void;
    readonly read: (raw: number) => void;
    readonly ask: () => void;
    readonly back: (() => void) | null;
  };
}

/** What the card has in hand, and what can be said of it by any hand or foot. */
export function useCard(props: KeyCardProps, place: RefObject<HTMLElement | null>): Card {
  const { profile, program, keyed, session, step, tell } = props;
  const settings = useSettings();
  const { unread } = program;
  const reading = readingOf(profile, session, unread);
  const inHand = reading || keyed.stale ? null : step;
  const words = reading ? readingAloud(profile, reading.line) : inHand ? stepAloud(profile, inHand, unread) : "";
  const likely = inHand ? likelySlips(profile, inHand) : [];
  const slips = likely.slice(0, SLIPS_SHOWN);
  const choices = reading ? choicesOf(profile, reading) : [];

  useAwake(!program.done);
  const { count, again } = useCallAlong(inHand, words, keyed.pace, settings);
  const { took, spoilt } = useStepTime(inHand);
  const { asking, marked, ask, answers, setAsking } = useAsking(likely.length, spoilt);

  const done = () => {
    took();
    tell({ kind: "done" });
  };
  const other = (slip: Picked) => {
    setAsking(false);
    spoilt();
    tell({ kind: "shows-other", slip });
  };
  const read = (raw: number) => tell({ kind: "read", raw });
  const sayAgain = () => {
    spoilt();
    again();
  };
  const back = session.past.length > 0 ? () => tell({ kind: "back" }) : null;

  const sayable = reading
    ? choices.map(
        ({ raw }) =>
          () =>
            read(raw),
      )
    : [done, ...slips.map((slip) => () => other(slip)), ...(back ? [back] : [])];
  const { offered, taken } = useOffer(words, sayable.length, inHand, keyed.pace, settings);
  const deeds: Readonly<Record<Act, () => void>> = asking
    ? { ...answers, again: sayAgain, done: () => void likely.slice(marked, marked + 1).forEach(other) }
    : {
        done: () => (offered === null ? (reading ? tell({ kind: "done" }) : done()) : sayable[taken()]?.()),
        other: ask,
        again: sayAgain,
        back: () => tell({ kind: "back" }),
      };
  const once = useHands({
    taught: settings.taught,
    active: !program.done,
    underSheet: asking,
    place,
    onAct: (act) => deeds[act](),
  });

  return {
    settings,
    inHand,
    slips,
    reading,
    choices,
    count,
    said: settings.speaks ? { words, again: () => once("again", sayAgain) } : null,
    offered,
    isBackOffered: !reading && back !== null && offered === sayable.length - 1,
    asking,
    marked,
    setAsking,
    press: {
      done: () => once("done", done),
      other: (slip) => once(`other ${slip.how}`, () => other(slip)),
      read: (raw) => once(`read ${raw}`, () => read(raw)),
      ask,
      back: back && (() => once("back", back)),
    },
  };
}

/**
 * While it is asked what the display shows: the same again for the next of the likely answers, done to take it, back to
 * leave it.
 */
function useAsking(count: number, onAsk: () => void) {
  const [asking, setAsking] = useState(false);
  const [marked, setMarked] = useState(0);
  return {
    asking,
    marked,
    setAsking,
    ask: () => {
      onAsk();
      setMarked(0);
      setAsking(true);
    },
    answers: {
      other: () => setMarked((marked + 1) % Math.max(1, count)),
      back: () => setAsking(false),
    },
  };
}

function choicesOf(
  profile: KeyCardProps["profile"],
  { line, suggested }: { readonly line: number; readonly suggested: number },
): readonly ValueShown[] {
  const all = shownChoices(profile, line);
  return [...all.filter(({ raw }) => raw === suggested), ...all.filter(({ raw }) => raw !== suggested)];
}
