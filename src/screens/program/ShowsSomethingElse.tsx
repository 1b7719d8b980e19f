"use client";
import { useEffect, useState } from "react";
import { linesOf, type DisplayProfile, type MenuState } from "@/core/display";
import { likelySlips, shownChoices, stateFromShown, type CardStep, type Slip } from "@/core/keys";
import { Button, isTyping } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import { lineName, viewWords } from "@/ui/wording";

interface ShowsSomethingElseProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly profile: DisplayProfile;
  readonly step: CardStep;
  readonly tracked: MenuState;
  readonly onPick: (slip: Pick<Slip, "state" | "how">) => void;
}

const HOW: Readonly<Record<Slip["how"], string>> = {
  "one-too-few": "one step short",
  "one-too-many": "one step too far",
  "other-key": "another key",
  "menu-closed": "the menu closed by itself",
  "saved-already": "saved already",
  "nothing-yet": "nothing pressed yet",
};

/** Lost is normal: say what it shows, and the plan goes on from there. */
export function ShowsSomethingElse({ open, onOpenChange, profile, step, tracked, onPick }: ShowsSomethingElseProps) {
  const slips = open ? likelySlips(profile, step) : [];
  const [line, setLine] = useState<number | null>(null);
  const chosen = line ?? step.line ?? 0;
  const choices = shownChoices(profile, chosen);

  const places = profile.menu.pages.flatMap(({ entries }, page) =>
    entries.flatMap((entry, at) => (entry.kind === "line" ? [] : [{ page, at, code: entry.code }])),
  );

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
    <Panel
      open={open}
      onOpenChange={onOpenChange}
      title="What does it show?"
      description="Pick it, and the card goes on from there."
    >
      <ul className="grid gap-2 sm:grid-cols-2">
        {slips.map((slip, i) => (
          <li key={slip.how + viewWords(slip.view)}>
            <button
              type="button"
              onClick={() => onPick(slip)}
              className="flex min-h-14 w-full items-center gap-3 rounded-lg border-2 border-rule px-4 text-left hover:border-quiet"
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
      <div className="mt-5 flex flex-col gap-3 border-t border-rule pt-4">
        <label className="flex flex-wrap items-center gap-3">
          <span className="font-semibold">Or line</span>
          <select
            value={chosen}
            onChange={(event) => setLine(Number(event.target.value))}
            className="min-h-11 rounded-md border-2 border-rule bg-sheet px-2"
          >
            {linesOf(profile).map((each, i) => (
              <option key={each.code} value={i}>
                {each.code} {lineName(each)}
              </option>
            ))}
          </select>
          <span>which shows</span>
        </label>
        <div
          className="flex max-h-52 flex-wrap gap-1.5 overflow-y-auto"
          role="group"
          aria-label="Value it shows"
          tabIndex={0}
        >
          {choices.map(({ raw, shows }) => (
            <button
              key={raw}
              type="button"
              onClick={() =>
                onPick({
                  state: stateFromShown(profile, tracked, { kind: "line", line: chosen, raw }),
                  how: "other-key",
                })
              }
              className="min-h-11 min-w-12 rounded-md border-2 border-rule px-2 font-semibold hover:border-quiet"
            >
              {shows}
            </button>
          ))}
        </div>
        {places.length > 0 ? (
          <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="Or it stands on">
            <span className="text-quiet">Or it stands on</span>
            {places.map(({ page, at, code }) => (
              <button
                key={`${page}.${at}`}
                type="button"
                onClick={() =>
                  onPick({ state: stateFromShown(profile, tracked, { kind: "entry", page, at }), how: "other-key" })
                }
                className="min-h-11 rounded-md border-2 border-rule px-2 font-semibold hover:border-quiet"
              >
                {code}
              </button>
            ))}
          </div>
        ) : null}
        <div className="flex flex-wrap gap-2">
          <Button
            onClick={() =>
              onPick({ state: stateFromShown(profile, tracked, { kind: "home", saved: false }), how: "menu-closed" })
            }
          >
            Home screen, nothing saved
          </Button>
          <Button
            onClick={() =>
              onPick({ state: stateFromShown(profile, tracked, { kind: "home", saved: true }), how: "saved-already" })
            }
          >
            Home screen, saved
          </Button>
          <Button
            onClick={() => onPick({ state: stateFromShown(profile, tracked, { kind: "off" }), how: "other-key" })}
          >
            Dark
          </Button>
        </div>
      </div>
    </Panel>
  );
}
