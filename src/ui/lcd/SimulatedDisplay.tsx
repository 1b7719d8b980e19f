import { contextOf, levelsInForce, viewOf, type DisplayProfile, type MenuState, type View } from "@/core/display";
import type { RigReadings } from "@/core/rig";
import type { ButtonHTMLAttributes, ReactNode } from "react";
import { KeyGlyph } from "../keys/KeyCap";
import { Lcd } from "./Lcd";
import * as say from "@/words/ui/lcd/simulatedDisplay";

export interface SimulatedDisplayProps {
  readonly profile: DisplayProfile;
  readonly state: MenuState;
  /** Keys to press next, lit up. */
  readonly lit?: readonly string[];
  /** What the rig behind it gives, where there is one. */
  readonly readings?: RigReadings;
}

/** What makes a key of it one that can be pressed. */
export type KeyProps = (keys: readonly string[], label: string) => ButtonHTMLAttributes<HTMLButtonElement>;

interface DisplayFaceProps extends SimulatedDisplayProps {
  readonly down: readonly string[];
  readonly keyProps: KeyProps;
  /** What stands below it. */
  readonly children?: ReactNode;
}

const ONLY_FOLLOWS: KeyProps = (_, label) => ({ "aria-label": label, "aria-disabled": true, tabIndex: -1 });
const NONE: readonly string[] = [];

/** A display of our own look that follows along: its keys are drawn, and not pressed. */
export const SimulatedDisplay = (props: SimulatedDisplayProps) => (
  <DisplayFace {...props} down={NONE} keyProps={ONLY_FOLLOWS} />
);

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

/** The glass and the keys. The state lives with its owner. */
export function DisplayFace({ profile, state, lit = NONE, readings, down, keyProps, children }: DisplayFaceProps) {
  const view = viewOf(profile, state);
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
                {...keyProps([key.id], say.keyOfTheSimulated(key.name))}
                className={`flex h-13 touch-none items-center justify-center rounded-xl ${isDown ? "translate-y-0.5 bg-case-ink text-case" : isLit ? "bg-[#82d2de] text-[#062127]" : "bg-case-key text-case-ink"}`}
              >
                <KeyGlyph cap={key.cap} size={22} />
              </button>
            );
          })}
        </div>
      </div>
      {children}
    </div>
  );
}

const unitInForce = (profile: DisplayProfile, state: MenuState): string =>
  contextOf(profile, state.inForce).shownUnit === "mph" ? "mph" : "km/h";
