"use client";
import type { DisplayProfile, MenuState } from "@/core/display";
import { likelySlips, shownChoices, type CardStep, type Slip } from "@/core/keys";
import { isTyping } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import { viewWords } from "@/words";
import { useEffect, useRef, useState } from "react";
import { AnythingElse } from "./AnythingElse";
import * as say from "@/words/screens/program/showsSomethingElse";

interface ShowsSomethingElseProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly profile: DisplayProfile;
  readonly step: CardStep;
  readonly tracked: MenuState;
  /** Which of the likely answers a pedal or a pad would take now. */
  readonly marked: number;
  readonly onPick: (slip: Pick<Slip, "state" | "how">) => void;
}

const HOW: Readonly<Record<Slip["how"], string>> = {
  "one-too-few": say.oneStepShort,
  "one-too-many": say.oneStepTooFar,
  "other-key": say.anotherKey,
  "menu-closed": say.theMenuClosedBy,
  "saved-already": say.savedAlready,
  "nothing-yet": say.nothingPressedYet,
  "too-late": say.tooLate,
};

const ANSWER = [
  "flex min-h-14 w-full items-center gap-3 rounded-lg border-2 border-rule px-4",
  "text-left hover:border-quiet",
].join(" ");

/** Lost is normal: say what it shows, and the plan goes on from there. */
export function ShowsSomethingElse(props: ShowsSomethingElseProps) {
  const { open, onOpenChange, profile, step, tracked, marked, onPick } = props;
  const list = useRef<HTMLUListElement>(null);
  const slips = open ? likelySlips(profile, step) : [];
  const [line, setLine] = useState<number | null>(null);
  const chosen = line ?? step.line ?? 0;
  const choices = shownChoices(profile, chosen);

  const places = profile.menu.pages.flatMap(({ entries }, page) =>
    entries.flatMap((entry, at) => (entry.kind === "line" ? [] : [{ page, at, code: entry.code }])),
  );

  // What a pedal would take has the focus: Space and Enter take the same.
  useEffect(() => {
    list.current?.querySelectorAll("button")[marked]?.focus();
  }, [marked]);

  useEffect(() => {
    if (!open) return;
    const onKey = (event: KeyboardEvent) => {
      const slip = likelySlips(profile, step)[Number(event.key) - 1];
      if (!slip || isTyping(event.target)) return;
      event.preventDefault();
      onPick(slip);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [open, profile, step, onPick]);

  return (
    <Panel open={open} onOpenChange={onOpenChange} title={say.whatDoesItShow} description={say.pickItAndThe}>
      <ul ref={list} className="grid gap-2 sm:grid-cols-2">
        {slips.map((slip, i) => (
          <li key={slip.how + viewWords(slip.view)}>
            <button
              type="button"
              onClick={() => onPick(slip)}
              data-offered={i === marked || undefined}
              className={ANSWER}
            >
              <kbd className="code text-quiet">{i + 1}</kbd>
              <span>
                <span className="block text-lg font-bold">{viewWords(slip.view)}</span>
                <span className="block text-[0.88rem] text-quiet">{HOW[slip.how]}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      <AnythingElse
        chosen={chosen}
        setLine={setLine}
        profile={profile}
        choices={choices}
        onPick={(state, how) => onPick({ state, how })}
        tracked={tracked}
        places={places}
      />
    </Panel>
  );
}
