/** A display that stands elsewhere than expected: what can be said of it, and what state that makes. */
import {
  layoutOf,
  linesOf,
  rawValues,
  shows,
  type DisplayProfile,
  type MenuState,
  actsAtOnce,
  savingOf,
} from "../display";

export type Shown =
  | { readonly kind: "off" }
  | { readonly kind: "home"; readonly saved: boolean }
  | { readonly kind: "line"; readonly line: number; readonly raw: number; readonly blinks?: boolean }
  | { readonly kind: "entry"; readonly page: number; readonly at: number };

/**
 * The state of a display that shows `shown`, given what was last known of it. On a line, everything else pending is
 * kept as tracked; at home the menu has closed, saved or not as told; off, nothing unsaved has survived.
 */
export function stateFromShown(profile: DisplayProfile, tracked: MenuState, shown: Shown): MenuState {
  const rested: MenuState = { ...tracked, held: null, tapped: null, idleMs: 0 };
  switch (shown.kind) {
    case "off":
      return { ...rested, screen: { kind: "off" }, pending: rested.saved };
    case "home": {
      const saved = shown.saved ? rested.pending : rested.saved;
      return {
        ...rested,
        screen: { kind: "home" },
        saved,
        pending: saved,
        inForce: shown.saved && actsAtOnce(profile) ? saved : rested.inForce,
      };
    }
    case "entry":
      return { ...rested, screen: { kind: "menu", page: shown.page, at: shown.at, draft: null } };
    case "line": {
      const place = layoutOf(profile).placeOfLine[shown.line];
      if (!place) return rested;
      if (shown.blinks) return { ...rested, screen: { kind: "menu", ...place, draft: shown.raw } };
      const pending = rested.pending.with(shown.line, shown.raw);
      // Where every change is saved at once, what it shows is what it holds.
      const saved = savingOf(profile).onChange ? pending : rested.saved;
      return {
        ...rested,
        screen: { kind: "menu", ...place, draft: null },
        pending,
        saved,
        inForce: savingOf(profile).onChange && actsAtOnce(profile) ? saved : rested.inForce,
      };
    }
  }
}

/** Values a technician can be offered for a line, as the display shows them. */
export const shownChoices = (profile: DisplayProfile, index: number): readonly { raw: number; shows: string }[] => {
  const line = linesOf(profile)[index];
  return line ? rawValues(line.encoding).map((raw) => ({ raw, shows: shows(line.encoding, raw) })) : [];
};

/** The same values, those nearest to one of them first: what a slip most likely left. */
export function nearestFirst<Choice extends { readonly raw: number }>(
  choices: readonly Choice[],
  raw: number,
): readonly Choice[] {
  const at = choices.findIndex((choice) => choice.raw === raw);
  const away = new Map(choices.map((choice, i) => [choice, Math.abs(i - at)]));
  return choices.toSorted((a, b) => (away.get(a) ?? 0) - (away.get(b) ?? 0));
}
