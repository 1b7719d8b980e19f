/** What the key rules of a display do, how and when, in words. */
import type { DisplayProfile, KeyRule } from "@/core/display";
import { DEED_WORDS } from "./deedNames";
import { keyNames } from "./keys";
import { ACTION_WORDS } from "./keyTrouble";
import { secondsOf } from "./speak";

/** What a deed does, with what it is about named. */
export function deedWords(profile: DisplayProfile, { does }: KeyRule): string {
  if (does.kind === "open-page")
    return (
      "opens " +
      `${profile.menu.pages.find((page) => page.id === does.page)?.name ?? does.page}${does.code ? `, code ${does.code}` : ""}`
    );
  if (does.kind === "set-value") return `sets line ${does.line}`;
  if (does.kind === "run-action") return ACTION_WORDS[does.action];
  if (does.kind === "step-value" || does.kind === "step-level" || does.kind === "step-backlight")
    return `${DEED_WORDS[does.kind]} ${does.by === 1 ? "up" : "down"}`;
  if (does.kind === "step-digit") return `steps the ${["ones", "tens", "hundreds"][does.place] ?? "next digit"}`;
  return DEED_WORDS[does.kind];
}

/** How its keys are pressed: "held 2 s". */
export function gestureWords(profile: DisplayProfile, { gesture }: KeyRule): string {
  switch (gesture.kind) {
    case "hold":
      return `held ${secondsOf(gesture.holdMs)} s`;
    case "keep-holding":
      return `held ${secondsOf(gesture.holdMs)} s on, after letting go of ${keyNames(profile, gesture.released)}`;
    case "double-tap":
      return "tapped twice";
    case "tap":
      return "tapped";
  }
}

/** When and where a rule holds, beyond its screen. */
export function ruleConditions(profile: DisplayProfile, rule: KeyRule): string | null {
  const parts = [
    rule.pages
      ? `on ${rule.pages.map((id) => profile.menu.pages.find((page) => page.id === id)?.name ?? id).join(", ")}`
      : null,
    rule.editing === true ? "while the value blinks" : null,
    rule.infoLine ? `while it shows ${rule.infoLine}` : null,
    rule.sincePowerOn
      ? `${rule.sincePowerOn.kind === "within" ? "within" : "later than"} ${secondsOf(rule.sincePowerOn.ms)} s of ` +
        "power-on"
      : null,
    rule.wheelStill ? "wheel still" : null,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(", ") : null;
}
