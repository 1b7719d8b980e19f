"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import { contextOf, levelsInForce, viewOf, type DisplayProfile, type MenuState, type View } from "@/core/display";
import type { RigReadings } from "@/core/rig";
import { isTyping } from "@/ui/primitives/useShortcuts";
import { keyNames } from "@/ui/wording";
import { KeyGlyph } from "../keys/KeyCap";
import { Lcd } from "./Lcd";

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
      return `home screen, level ${view.level}${view.info ? `, ${view.info}` : ""}`;
    case "walk-assist":
      return "walk assist: the motor runs";
    case "line":
      return `line ${view.code} shows ${view.shows}${view.blinks ? ", blinking" : ""}`;
    case "entry":
      return `at ${view.code}`;
    case "code":
      return `code ${view.shows}, digit ${view.at + 1}`;
    case "confirm":
      return `${view.code} asks: ${view.shows}`;
    case "monitor":
      return "monitor page";
  }
};

/**
 * A display of our own look with keys that press and hold by mouse, touch and keyboard. The state lives with its owner.
 */
export function SimulatedDisplay({ profile, state, lit = [], readings, onHold }: SimulatedDisplayProps) {
  const view = viewOf(profile, state);
  const down = useRef(new Set<string>());
  const [shownDown, setShownDown] = useState<readonly string[]>([]);

  const change = useCallback(
    (keys: readonly string[], isDown: boolean) => {
      if (!onHold) return;
      for (const key of keys) {
        if (isDown) down.current.add(key);
        else down.current.delete(key);
      }
      const now = [...down.current];
      setShownDown(now);
      onHold(now);
    },
    [onHold],
  );

  useEffect(() => {
    if (!onHold) return;
    const keyFor = (event: KeyboardEvent) => profile.keys.find((key) => key.keyboard === event.key);
    const onDown = (event: KeyboardEvent) => {
      const key = keyFor(event);
      if (
        !key ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        isTyping(event.target) ||
        document.querySelector('[role="dialog"]')
      )
        return;
      event.preventDefault();
      if (!event.repeat) change([key.id], true);
    };
    const onUp = (event: KeyboardEvent) => {
      const key = keyFor(event);
      if (key && down.current.has(key.id)) change([key.id], false);
    };
    const letGo = () => {
      if (down.current.size > 0) change([...down.current], false);
    };
    window.addEventListener("keydown", onDown);
    window.addEventListener("keyup", onUp);
    window.addEventListener("blur", letGo);
    return () => {
      window.removeEventListener("keydown", onDown);
      window.removeEventListener("keyup", onUp);
      window.removeEventListener("blur", letGo);
    };
  }, [change, onHold, profile.keys]);

  const pressable = (keys: readonly string[], label: string) => ({
    "aria-label": label,
    "aria-disabled": onHold ? undefined : true,
    tabIndex: onHold ? 0 : -1,
    onPointerDown: (event: React.PointerEvent<HTMLButtonElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      change(keys, true);
    },
    onPointerUp: () => change(keys, false),
    onPointerCancel: () => change(keys, false),
    onContextMenu: (event: React.MouseEvent) => event.preventDefault(),
    onKeyDown: (event: React.KeyboardEvent) => {
      if ((event.key === " " || event.key === "Enter") && !event.repeat) change(keys, true);
    },
    onKeyUp: (event: React.KeyboardEvent) => {
      if (event.key === " " || event.key === "Enter") change(keys, false);
    },
  });

  const chords = profile.rules.filter((rule) => rule.keys.length > 1);
  const chordSets = chords.filter(
    (rule, i) => chords.findIndex((other) => [...other.keys].sort().join() === [...rule.keys].sort().join()) === i,
  );

  return (
    <div className="w-full select-none">
      <div
        role="group"
        aria-label={`Simulated ${profile.name}: ${words(view)}`}
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
            const isLit = lit.includes(key.id) && !shownDown.includes(key.id);
            const isDown = shownDown.includes(key.id);
            return (
              <button
                key={key.id}
                type="button"
                {...pressable([key.id], `${key.name} key of the simulated display`)}
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
              {...pressable(rule.keys, `${keyNames(profile, rule.keys)} together on the simulated display`)}
              className="min-h-11 flex-1 touch-none rounded-lg border-2 border-rule px-3 text-[0.92rem] whitespace-nowrap hover:border-quiet"
            >
              {keyNames(profile, rule.keys)} together
            </button>
          ))}
        </div>
      ) : null}
    </div>
  );
}

const unitInForce = (profile: DisplayProfile, state: MenuState): string =>
  contextOf(profile, state.inForce).shownUnit === "mph" ? "mph" : "km/h";
