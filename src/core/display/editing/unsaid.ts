/** Keys nobody has said anything of that can hurt when they are pressed by mistake: what is asked for by itself. */
import { dangerOf } from "../danger";
import type { DisplayProfile, KeyRule } from "../profile";
import { held, plainRule } from "../rules";
import { withRule } from "./structure";

/** A deed that hurts, of which no key is described. */
export type Unsaid = "walk-assist" | "restore";

const DOES: { readonly [What in Unsaid]: KeyRule["does"] } = {
  "walk-assist": { kind: "start-walk-assist" },
  restore: { kind: "run-action", action: "restore", asks: "yes-no" },
};

/** Deeds that hurt and are done by no key and no entry of the menu, as far as it is described. */
export function unsaidOf(profile: DisplayProfile): readonly Unsaid[] {
  const dangers = new Set([
    ...profile.rules.map(({ does }) => (does.kind === "start-cruise" ? null : dangerOf(does))),
    ...profile.menu.pages.flatMap(({ entries }) =>
      entries.map((entry) => (entry.kind === "action" && entry.action === "restore" ? "erases-settings" : null)),
    ),
  ]);
  return [
    ...(dangers.has("bike-moves") ? [] : (["walk-assist"] as const)),
    ...(dangers.has("erases-settings") ? [] : (["restore"] as const)),
  ];
}

/** The same with a rule that does it, for somebody to say which keys: its last key, held. */
export function withSaid(profile: DisplayProfile, what: Unsaid): DisplayProfile {
  const keys = profile.keys.filter(({ part }) => part === "key").map(({ id }) => id);
  const pressed = what === "restore" ? keys.slice(-2) : keys.slice(-1);
  return withRule(profile, plainRule("home", pressed, held(what === "restore" ? 5000 : 2500), DOES[what]));
}
