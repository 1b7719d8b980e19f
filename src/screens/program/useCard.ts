"use client";
import { useState } from "react";
import { nearestFirst, shownChoices, type CardStep, type Slip } from "@/core/keys";
import { readingOf, type KeyEvent, type Session } from "@/core/programming/session";
import type { Act } from "@/core/programming/acts";
import { useSettings, type Settings } from "@/ui/besideTheBike/settings";
import { useOnce } from "@/ui/besideTheBike/useOnce";
import { useShortcuts } from "@/ui/primitives";
import { useRested } from "@/ui/primitives/useRested";
import type { KeysStageProps } from "../job/stageProps";
import type { Count } from "./count";
import type { Offer } from "./OneKey";
import type { Session as Keyed } from "./useSession";
import { useSlips } from "./useSlips";
import { useStepTime } from "./useStepTime";

/** The card is shown first: hands besides the keyboard, and what may go wrong, are looked for once it stands, ms. */
const SHOWN_MS = 600;

/** Slips offered beside Done: as many as are taken in at a glance. */
const SLIPS_SHOWN = 4;

export interface KeyCardProps extends KeysStageProps {
  readonly keyed: Keyed;
  readonly session: Session;
  readonly step: CardStep | null;
  readonly tell: (event: KeyEvent) => void;
}

type Picked = Pick<Slip, "state" | "how">;
interface ValueShown {
  readonly raw: number;
  readonly shows: string;
}

export interface Card {
  readonly settings: Settings;
  /** The step whose keys are known; null while new ones are worked out, or a line is to be read. */
  readonly inHand: CardStep | null;
  readonly slips: readonly Slip[];
  readonly reading: { readonly line: number; readonly suggested: number } | null;
  /** What a line nobody is sure of may show. */
  readonly choices: readonly ValueShown[];
  readonly count: Count | null;
  readonly setCount: (count: Count | null) => void;
  /** How often the step was to be said and counted anew. */
  readonly round: number;
  /** With one key alone: which of what can be said a press takes now, going back last. */
  readonly offered: number | null;
  /** The value of a line a press takes now, where it is not the suggested one by itself. */
  readonly offeredRaw: number | null;
  readonly isBackOffered: boolean;
  /** What is offered to it in turn; null where each has a key of its own. */
  readonly oneKey: {
    readonly of: object | null;
    readonly count: number;
    readonly onOffer: (offer: Offer) => void;
  } | null;
  readonly asking: boolean;
  /** While it is asked what the display shows: which of the likely answers a press takes. */
  readonly marked: number;
  readonly setAsking: (asking: boolean) => void;
  /** Whether the card has stood for long enough to be read. */
  readonly isShown: boolean;
  /** Whether hands besides the keyboard are there by now. */
  readonly handsThere: boolean;
  /** What a hand or foot says, and that those besides the keyboard are there. */
  readonly hands: {
    readonly underSheet: boolean;
    readonly onAct: (act: Act) => void;
    readonly onHeld: () => void;
    readonly onThere: (there: boolean) => void;
  };
  /** Buttons on screen: pressed together with a pedal they are one press. */
  readonly press: {
    readonly done: () => void;
    readonly other: (slip: Picked) => void;
    readonly read: (raw: number) => void;
    readonly ask: () => void;
    readonly again: () => void;
    readonly back: (() => void) | null;
  };
}

/** What the card has in hand, and what can be said of it by any hand or foot. */
export function useCard({ profile, program, keyed, session, step, tell }: KeyCardProps): Card {
  const settings = useSettings();
  const reading = readingOf(profile, session, program.unread);
  const inHand = reading || keyed.stale ? null : step;
  const isShown = useRested(SHOWN_MS);
  const likely = useSlips(profile, inHand, isShown);
  const { choices, nearest } = valuesOf(profile, reading);

  const [count, setCount] = useState<Count | null>(null);
  const [round, setRound] = useState(0);
  const [handsThere, setHandsThere] = useState(false);
  const { took, spoilt } = useStepTime(inHand);
  const { asking, marked, ask, answers, setAsking } = useAsking(likely.length, spoilt);
  const { once, held } = useOnce();

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
  const again = () => {
    spoilt();
    setRound((n) => n + 1);
  };
  const back = session.past.length > 0 ? () => tell({ kind: "back" }) : null;

  const inTurn = reading ? keyed.state : inHand;
  const sayable = reading
    ? [...nearest.map(({ raw }) => read.bind(null, raw)), ...(back ? [back] : [])]
    : [done, ...likely.slice(0, SLIPS_SHOWN).map((slip) => () => other(slip)), ...(back ? [back] : [])];
  const { markAt, markNext } = useMark(inTurn, choices.length);
  const [offer, setOffer] = useState<Offer | null>(null);
  const here = offer?.of === inTurn ? offer : null;
  const offered = settings.oneKey ? (here?.index ?? 0) : null;
  const deeds: Readonly<Record<Act, () => void>> = asking
    ? { ...answers, again, done: () => void likely.slice(marked, marked + 1).forEach(other) }
    : {
        done: () => sayable[offered === null ? markAt : (here?.taken() ?? 0)]?.(),
        other: () => (reading ? markNext() : ask()),
        again,
        back: () => tell({ kind: "back" }),
      };
  const act = (of: Act) => once(of, () => deeds[of]());
  // Until the hands are there, the keys every card has had.
  useShortcuts({ " ": () => act("done"), e: () => act("other") }, !handsThere && !program.done);

  return {
    settings,
    inHand,
    slips: likely.slice(0, SLIPS_SHOWN),
    reading,
    choices,
    count,
    setCount,
    round,
    offered,
    offeredRaw: nearest[offered ?? (markAt > 0 ? markAt : -1)]?.raw ?? null,
    oneKey: settings.oneKey ? { of: inTurn, count: sayable.length, onOffer: setOffer } : null,
    isBackOffered: back !== null && offered === sayable.length - 1,
    asking,
    marked,
    setAsking,
    isShown,
    handsThere,
    hands: { underSheet: asking, onAct: act, onHeld: held, onThere: setHandsThere },
    press: {
      done: () => once("done", done),
      other: (slip) => once(`other ${slip.how}`, () => other(slip)),
      read: (raw) => once(`read ${raw}`, () => read(raw)),
      ask,
      again: () => once("again", again),
      back: back && (() => once("back", back)),
    },
  };
}

/** Without a key for each value of a line: something else goes on to the next one, and done takes it. */
function useMark(of: object | null, count: number) {
  const [mark, setMark] = useState<{ readonly of: object | null; readonly at: number } | null>(null);
  const markAt = mark?.of === of ? mark.at : 0;
  return { markAt, markNext: () => setMark({ of, at: (markAt + 1) % Math.max(1, count) }) };
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

/** Values of the line that is read, and the same with those nearest to the suggested one first. */
function valuesOf(profile: KeyCardProps["profile"], reading: Card["reading"]) {
  if (!reading) return { choices: [], nearest: [] };
  const choices = shownChoices(profile, reading.line);
  return { choices, nearest: nearestFirst(choices, reading.suggested) };
}
