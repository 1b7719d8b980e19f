"use client";
import { useEffect, useRef } from "react";

const SINGLE_KEYS = "odd-spoke.single-keys";

/** Whether single keys act as shortcuts; they can be switched off for those who speak to their computer. */
export const singleKeysOn = (): boolean => typeof localStorage === "undefined" || localStorage.getItem(SINGLE_KEYS) !== "off";

export const setSingleKeys = (on: boolean): void => localStorage.setItem(SINGLE_KEYS, on ? "on" : "off");

const typing = (target: EventTarget | null): boolean => target instanceof HTMLElement && (target.isContentEditable || ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName));

export type Shortcuts = Readonly<Record<string, (event: KeyboardEvent) => void>>;

/** Keys that act anywhere on the screen, but never while somebody types or a sheet lies over it. */
export function useShortcuts(shortcuts: Shortcuts, active = true): void {
  const latest = useRef(shortcuts);
  useEffect(() => {
    latest.current = shortcuts;
  });
  useEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent) => {
      const withCommand = event.ctrlKey || event.metaKey;
      const name = withCommand ? `Ctrl-${event.key.toLowerCase()}` : event.key;
      const act = latest.current[name];
      if (!act || event.altKey || event.defaultPrevented) return;
      if (!withCommand && (typing(event.target) || !singleKeysOn())) return;
      if (document.querySelector('[role="dialog"]') && !withCommand) return;
      if (event.key === " " && event.target instanceof HTMLElement && event.target.closest("button, a, [role=radio], summary")) return;
      event.preventDefault();
      act(event);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [active]);
}
