/** What each deed of a display's keys does. */
import type { Deed } from "@/core/display";

/** What each deed does, as a sentence goes on after its keys. */
export const DEED_WORDS: Readonly<Record<Deed["kind"], string>> = {
  "power-on": "switches on",
  "power-off": "switches off",
  "open-page": "opens the menu",
  "next-entry": "goes to the next line",
  "previous-entry": "goes to the line before",
  select: "goes in, or makes the value blink",
  back: "goes back",
  "step-value": "steps the value",
  "step-digit": "steps one digit",
  "confirm-value": "confirms the value",
  "cancel-value": "drops the change",
  "save-and-leave": "saves and leaves",
  "leave-without-saving": "leaves without saving",
  "next-digit": "goes to the next digit",
  "run-action": "does what the line says",
  "set-value": "sets a line",
  "start-walk-assist": "starts walk assist: the motor runs while held",
  "step-level": "steps the level",
  "next-mode": "goes to the next mode",
  "toggle-lamp": "switches the lamp",
  "toggle-hazard-lamp": "switches the hazard lamp",
  "next-info": "shows the next figure",
  "open-monitor": "opens the read-only monitor",
  "start-cruise": "starts cruise: the motor holds the speed",
  "end-cruise": "ends cruise",
  "step-backlight": "steps the brightness until power-off",
};
