/** What can be seen on a display. */
import { shows } from "./encoding";
import { entryOf, type MenuState } from "./menuState";
import { layoutOf, linesOf, standInRaws, type DisplayProfile } from "./profile";

export type View =
  | { readonly kind: "off" }
  | {
      readonly kind: "home";
      readonly level: number;
      /** What the level is called; null where it is a number only. */
      readonly levelName: string | null;
      readonly mode: string | null;
      readonly lampOn: boolean;
      readonly hazardOn: boolean;
      readonly cruising: boolean;
      readonly info: string | null;
      readonly brightness: number;
    }
  | { readonly kind: "walk-assist" }
  | {
      readonly kind: "line";
      readonly line: number;
      readonly code: string;
      readonly shows: string;
      readonly blinks: boolean;
      readonly page: string;
    }
  /** A group, an exit, an action: what stands there in words or numbers. */
  | { readonly kind: "entry"; readonly code: string; readonly page: string; readonly does: "page" | "exit" | "action" }
  | { readonly kind: "code"; readonly shows: string; readonly at: number }
  | { readonly kind: "confirm"; readonly code: string; readonly shows: string }
  | { readonly kind: "monitor" };

/** What can be seen on the display in a state. */
export function viewOf(profile: DisplayProfile, state: MenuState): View {
  const { screen } = state;
  switch (screen.kind) {
    case "off":
    case "walk-assist":
    case "monitor":
      return { kind: screen.kind };
    case "home":
      return {
        kind: "home",
        level: state.level,
        levelName: profile.levels.names[state.level - profile.levels.lowest] ?? null,
        mode: profile.modes[state.mode] ?? null,
        lampOn: state.lampOn,
        hazardOn: state.hazardOn,
        cruising: state.cruising,
        info: profile.infoLines[state.info] ?? null,
        brightness: state.brightness,
      };
    case "code":
      return { kind: "code", shows: screen.digits.join(""), at: screen.at };
    case "confirm": {
      const { from, asks, yes } = screen;
      const entry = from ? layoutOf(profile).pages[from.page]?.entries[from.at]?.entry : undefined;
      return {
        kind: "confirm",
        code: entry && "code" in entry ? entry.code : "",
        shows: asks === "pattern" ? "= = =" : yes ? "YES" : "NO",
      };
    }
    case "menu": {
      const place = entryOf(profile, state);
      const page = profile.menu.pages[screen.page]?.name ?? "";
      if (!place) throw new RangeError(`entry ${screen.at} of page ${screen.page} is not in profile ${profile.id}`);
      const line = linesOf(profile)[place.line];
      if (!line)
        return {
          kind: "entry",
          code: "code" in place.entry ? place.entry.code : "",
          page,
          does: place.entry.kind === "line" ? "action" : place.entry.kind,
        };
      const raw = screen.draft ?? state.pending[place.line] ?? standInRaws(profile)[place.line] ?? 0;
      return {
        kind: "line",
        line: place.line,
        code: line.code,
        shows: shows(line.encoding, raw),
        blinks: screen.draft !== null,
        page,
      };
    }
  }
}

/** Whether two views look the same to the technician; level, lamp and the like of the home screen do not matter. */
export function sameView(a: View, b: View): boolean {
  if (a.kind === "line" && b.kind === "line") return a.code === b.code && a.shows === b.shows && a.blinks === b.blinks;
  if (a.kind === "entry" && b.kind === "entry") return a.code === b.code && a.page === b.page;
  if (a.kind === "code" && b.kind === "code") return a.shows === b.shows && a.at === b.at;
  if (a.kind === "confirm" && b.kind === "confirm") return a.code === b.code && a.shows === b.shows;
  return a.kind === b.kind;
}
