"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import type { DisplayProfile } from "@/core/display";
import { isTyping } from "@/ui/primitives/useShortcuts";

/** Keys of a simulated display pressed and held by mouse, touch and keyboard. */
export function usePresses(profile: DisplayProfile, onHold: (keys: readonly string[]) => void) {
  const down = useRef(new Set<string>());
  const [shownDown, setShownDown] = useState<readonly string[]>([]);

  const change = useCallback(
    (keys: readonly string[], isDown: boolean) => {
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
    tabIndex: 0,
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
  return { down: shownDown, pressable };
}
