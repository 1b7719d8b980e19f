"use client";
import { useState } from "react";
import { blinksSomewhere, linesOf, type DisplayProfile, type MenuState } from "@/core/display";
import { closedByItself, stateFromShown, type Slip } from "@/core/keys";
import { Button } from "@/ui/primitives";
import { lineName } from "@/words";
import * as say from "@/words/screens/program/anythingElse";

/** Any line and value, entry or screen it may show instead. */
export function AnythingElse({
  chosen,
  setLine,
  profile,
  choices,
  onPick,
  tracked,
  places,
}: {
  readonly chosen: number;
  readonly setLine: (next: number | null) => void;
  readonly profile: DisplayProfile;
  readonly choices: readonly { raw: number; shows: string }[];
  readonly onPick: (state: MenuState, how: Slip["how"]) => void;
  readonly tracked: MenuState;
  readonly places: { page: number; at: number; code: string }[];
}) {
  const [blinks, setBlinks] = useState(false);
  return (
    <div className="mt-5 flex flex-col gap-3 border-t border-rule pt-4">
      <label className="flex flex-wrap items-center gap-3">
        <span className="font-semibold">{say.orLine}</span>
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
        <span>{say.whichShows}</span>
      </label>
      {blinksSomewhere(profile) ? (
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            checked={blinks}
            onChange={(event) => setBlinks(event.target.checked)}
            className="size-5"
          />
          {say.itBlinks}
        </label>
      ) : null}
      <Values
        choices={choices}
        onPick={(raw) =>
          onPick(stateFromShown(profile, tracked, { kind: "line", line: chosen, raw, blinks }), "other-key")
        }
      />
      {places.length > 0 ? (
        <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label={say.orItStandsOn}>
          <span className="text-quiet">{say.orItStandsOn}</span>
          {places.map(({ page, at, code }) => (
            <button
              key={`${page}.${at}`}
              type="button"
              onClick={() => onPick(stateFromShown(profile, tracked, { kind: "entry", page, at }), "other-key")}
              className="min-h-11 rounded-md border-2 border-rule px-2 font-semibold hover:border-quiet"
            >
              {code}
            </button>
          ))}
        </div>
      ) : null}
      <OtherScreens onPick={onPick} profile={profile} tracked={tracked} />
    </div>
  );
}

/** Screens without a line: home, saved or not, and dark. */
function OtherScreens({
  onPick,
  profile,
  tracked,
}: {
  readonly onPick: (state: MenuState, how: Slip["how"]) => void;
  readonly profile: DisplayProfile;
  readonly tracked: MenuState;
}) {
  return (
    <div className="flex flex-wrap gap-2">
      <Button onClick={() => onPick(stateFromShown(profile, tracked, { kind: "home", saved: false }), "menu-closed")}>
        {say.homeScreenNothingSaved}
      </Button>
      <Button onClick={() => onPick(stateFromShown(profile, tracked, { kind: "home", saved: true }), "saved-already")}>
        {say.homeScreenSaved}
      </Button>
      <Button onClick={() => onPick(stateFromShown(profile, tracked, { kind: "off" }), "other-key")}>{say.dark}</Button>
      <Button onClick={() => onPick(closedByItself(profile, tracked), "menu-closed")}>
        {say.leftAloneUntilHome(profile.menu.idle.closesAfterMs)}
      </Button>
    </div>
  );
}

/** Values a line may show, as keys. */
function Values({
  choices,
  onPick,
}: {
  readonly choices: readonly { raw: number; shows: string }[];
  readonly onPick: (raw: number) => void;
}) {
  return (
    <div
      className="flex max-h-52 flex-wrap gap-1.5 overflow-y-auto"
      role="group"
      aria-label={say.valueItShows}
      tabIndex={0}
    >
      {choices.map(({ raw, shows }) => (
        <button
          key={raw}
          type="button"
          onClick={() => onPick(raw)}
          className="min-h-11 min-w-12 rounded-md border-2 border-rule px-2 font-semibold hover:border-quiet"
        >
          {shows}
        </button>
      ))}
    </div>
  );
}
