/** What the key rules of a display do, how and when, in words. */
import type { Deed, DisplayProfile, KeyRule } from "@/core/display";
import { ACTION_WORDS } from "./keys";
import { secondsOf } from "./speak";

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
  "start-walk-assist": "starts walk assist: the motor runs while held",
  "step-level": "steps the level",
  "toggle-lamp": "switches the lamp",
  "toggle-hazard-lamp": "switches the hazard lamp",
  "next-info": "shows the next figure",
  "open-monitor": "opens the read-only monitor",
  "start-cruise": "starts cruise: the motor holds the speed",
  "end-cruise": "ends cruise",
  "step-backlight": "steps the brightness until power-off",
};

/** What a deed does, with what it is about named. */
export function deedWords(profile: DisplayProfile, { does }: KeyRule): string {
  if (does.kind === "open-page")
    return `opens ${profile.menu.pages.find((page) => page.id === does.page)?.name ?? does.page}${does.code ? `, code ${does.code}` : ""}`;
  if (does.kind === "run-action") return ACTION_WORDS[does.action];
  if (does.kind === "step-value" || does.kind === "step-level" || does.kind === "step-backlight")
    return `${DEED_WORDS[does.kind]} ${does.by === 1 ? "up" : "down"}`;
  if (does.kind === "step-digit") return `steps the ${["ones", "tens", "hundreds"][does.place] ?? "next digit"}`;
  return DEED_WORDS[does.kind];
}

/** How its keys are pressed: "held 2 s". */
export const gestureWords = ({ gesture }: KeyRule): string =>
  gesture.kind === "hold"
    ? `held ${secondsOf(gesture.holdMs)} s`
    : gesture.kind === "double-tap"
      ? "tapped twice"
      : "tapped";

/** When and where a rule holds, beyond its screen. */
export function ruleConditions(profile: DisplayProfile, rule: KeyRule): string | null {
  const parts = [
    rule.pages
      ? `on ${rule.pages.map((id) => profile.menu.pages.find((page) => page.id === id)?.name ?? id).join(", ")}`
      : null,
    rule.editing === true ? "while the value blinks" : null,
    rule.infoLine ? `while it shows ${rule.infoLine}` : null,
    rule.sincePowerOn
      ? `${rule.sincePowerOn.kind === "within" ? "within" : "later than"} ${secondsOf(rule.sincePowerOn.ms)} s of power-on`
      : null,
    rule.wheelStill ? "wheel still" : null,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(", ") : null;
}
