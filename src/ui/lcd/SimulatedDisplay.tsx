"use client";
import { contextOf, levelsInForce, viewOf, type DisplayProfile, type MenuState, type View } from "@/core/display";
import type { RigReadings } from "@/core/rig";
import { keyNames } from "@/words";
import { KeyGlyph } from "../keys/KeyCap";
import { Lcd } from "./Lcd";
import { usePresses } from "./usePresses";
import * as say from "@/words/ui/lcd/simulatedDisplay";

interface SimulatedDisplayProps {
  readonly profile: DisplayProfile;
  readonly state: MenuState;
  /** Keys to press next, lit up. */
  readonly lit?: readonly string[];
  /** What the rig behind it gives, where there is one. */
  readonly readings?: RigReadings;
  /** Called with the keys that are down from now on; absent where the display only follows along. */
  readonly onHold?: (keys: readonly string[]) => void;
}

const words = (view: View): string => {
  switch (view.kind) {
    case "off":
      return "off";
    case "home":
      return say.homeScreenLevel(view.level, view.info);
    case "walk-assist":
      return say.walkAssistTheMotor;
    case "line":
      return say.lineShowsBlinking(view.code, view.shows, view.blinks);
    case "entry":
      return say.simulatedDisplayAt(view.code);
    case "code":
      return say.codeDigit(view.shows, view.at);
    case "confirm":
      return say.asks(view.code, view.shows);
    case "monitor":
      return say.monitorPage;
  }
};

/**
 * A display of our own look with keys that press and hold by mouse, touch and keyboard. The state lives with its owner.
 */
export function SimulatedDisplay({ profile, state, lit = [], readings, onHold }: SimulatedDisplayProps) {
  const view = viewOf(profile, state);
  const { down, pressable } = usePresses(profile, onHold);
  const chords = profile.rules.filter((rule) => rule.keys.length > 1);
  const chordSets = chords.filter(
    (rule, i) => chords.findIndex((other) => [...other.keys].sort().join() === [...rule.keys].sort().join()) === i,
  );

  return (
    <div className="w-full select-none">
      <div
        role="group"
        aria-label={say.simulatedDisplaySimulated(profile.name, words(view))}
        className="rounded-[1.9rem] rounded-b-[3rem] bg-case p-5 text-case-ink"
      >
        <Lcd
          view={view}
          glass={profile.glass}
          levels={levelsInForce(profile, state)}
          unit={unitInForce(profile, state)}
          readings={readings ?? null}
        />
        <div
          className="mt-4 grid gap-2.5"
          style={{
            gridTemplateColumns: `repeat(${profile.keys.length <= 5 ? profile.keys.length : 4}, minmax(0, 1fr))`,
          }}
        >
          {profile.keys.map((key) => {
            const isLit = lit.includes(key.id) && !down.includes(key.id);
            const isDown = down.includes(key.id);
            return (
              <button
                key={key.id}
                type="button"
                {...pressable([key.id], say.keyOfTheSimulated(key.name))}
                className={`flex h-13 touch-none items-center justify-center rounded-xl ${isDown ? "translate-y-0.5 bg-case-ink text-case" : isLit ? "bg-[#82d2de] text-[#062127]" : "bg-case-key text-case-ink"}`}
              >
                <KeyGlyph cap={key.cap} size={22} />
              </button>
            );
          })}
        </div>
      </div>
      {onHold ? (
        <div className="mt-2.5 flex flex-wrap gap-2">
          {chordSets.map((rule) => (
            <button
              key={rule.keys.join()}
              type="button"
              {...pressable(rule.keys, say.togetherOnTheSimulated(keyNames(profile, rule.keys)))}
              className="min-h-11 flex-1 touch-none rounded-lg border-2 border-rule px-3 text-[0.92rem] whitespace-nowrap hover:border-quiet"
            >
              {say.simulatedDisplayTogether(keyNames(profile, rule.keys))}
            </button>
          ))}
        </div>
      ) : null}
    </div>
  );
}

const unitInForce = (profile: DisplayProfile, state: MenuState): string =>
  contextOf(profile, state.inForce).shownUnit === "mph" ? "mph" : "km/h";
