"use client";
import { useLayoutEffect, useRef } from "react";
import * as say from "@/words/ui/primitives/useShortcuts";

const SINGLE_KEYS = "odd-spoke.single-keys";

/** Whether single keys act as shortcuts; they can be switched off for those who speak to their computer. */
export const singleKeysOn = (): boolean =>
  typeof localStorage === "undefined" || localStorage.getItem(SINGLE_KEYS) !== "off";

export const setSingleKeys = (on: boolean): void => localStorage.setItem(SINGLE_KEYS, on ? "on" : "off");

/** Whether keys pressed there are text, and not shortcuts; a radio button takes none but its own. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || (target.matches("input, textarea, select") && !target.matches("input[type=radio]")));

/** Keys with Ctrl that a field where somebody types takes for itself: they take back what was typed. */
const OF_A_FIELD: ReadonlySet<string> = new Set(["z", "y"]);

export type Shortcuts = Readonly<Record<string, (event: KeyboardEvent) => void>>;

/**
 * Keys that act anywhere on the screen, but never while somebody types or a sheet lies over it. A held key acts once.
 */
export function useShortcuts(shortcuts: Shortcuts, active = true): void {
  const latest = useRef(shortcuts);
  useLayoutEffect(() => {
    latest.current = shortcuts;
  });
  useLayoutEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent) => {
      const withCommand = event.ctrlKey || event.metaKey;
      const name = withCommand ? say.useShortcutsCtrl(event.key.toLowerCase()) : event.key;
      const act = latest.current[name];
      if (!act || event.altKey || event.defaultPrevented) return;
      if (event.repeat) {
        // Nothing more, and nothing of the browser's own either: a held Space does not scroll the page away.
        if (!isTyping(event.target)) event.preventDefault();
        return;
      }
      if (withCommand && isTyping(event.target) && OF_A_FIELD.has(event.key.toLowerCase())) return;
      if (!withCommand && (isTyping(event.target) || !singleKeysOn())) return;
      if (document.querySelector('[role="dialog"]') && !withCommand) return;
      if (event.key === " " && event.target instanceof HTMLElement && event.target.closest("button, a, summary, input"))
        return;
      event.preventDefault();
      act(event);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [active]);
}
