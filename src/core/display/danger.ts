/** What the deeds of a display can hurt. */
import type { Action, Deed } from "./profile";

export type Danger = "bike-moves" | "erases-settings" | "erases-distance" | "locks-out";

const ACTION_DANGERS: Readonly<Record<Action, Danger | null>> = {
  restore: "erases-settings",
  "clear-trip": null,
  "clear-odometer": "erases-distance",
  "set-pin": "locks-out",
  "copy-settings": "erases-settings",
};

/** What a deed can hurt. Plans keep off dangerous ones; the screen cautions about them. */
export function dangerOf(deed: Deed): Danger | null {
  if (deed.kind === "start-walk-assist" || deed.kind === "start-cruise") return "bike-moves";
  return deed.kind === "run-action" ? ACTION_DANGERS[deed.action] : null;
}

/** What an action of the menu can hurt. */
export const dangerOfAction = (action: Action): Danger | null => ACTION_DANGERS[action];
