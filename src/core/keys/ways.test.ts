// Ways over the pages of a menu against npm package graphology-shortest-path (Dijkstra) on the machine itself.
import Graph from "graphology";
import { dijkstra } from "graphology-shortest-path";
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { PINFOLD } from "@/catalog/displays/pinfold";
import { SKERRY } from "@/catalog/displays/skerry";
import { TARN } from "@/catalog/displays/tarn";
import { WINDROW } from "@/catalog/displays/windrow";
import { atHome, entryShown, standInRaws, layoutOf, type DisplayProfile, type MenuState } from "../display";
import { seeded } from "../units/seeded";
import { play } from "./pressing";
import { strokeMs } from "./strokes";
import { gestures, pick } from "./testing";
import { outMs, walkMs, waysOf } from "./ways";

/** At home; just switched on where the menu opens only then. */
const home = (profile: DisplayProfile): MenuState => ({
  ...atHome(profile, standInRaws(profile)),
  ...(profile.rules.some(({ sincePowerOn }) => sincePowerOn?.kind === "within") ? { sincePowerOnMs: 0 } : {}),
});
const nameOf = (profile: DisplayProfile, { screen, lastAt }: MenuState): string =>
  `${JSON.stringify(screen)}|${profile.menu.pages.map(({ opensAt }, i) => (opensAt === "first" ? "" : lastAt[i])).join()}`;

interface Charted {
  readonly graph: Graph;
  readonly states: ReadonlyMap<string, MenuState>;
}

/**
 * Every screen that can be reached from the home screen without changing a value or switching off, and the strokes
 * between them.
 */
function chart(profile: DisplayProfile): Charted {
  const start = home(profile);
  const graph = new Graph({ type: "directed", allowSelfLoops: false });
  const states = new Map([[nameOf(profile, start), start]]);
  const frontier = [start];
  graph.addNode(nameOf(profile, start));
  for (let state = frontier.pop(); state; state = frontier.pop()) {
    for (const stroke of gestures(profile, state)) {
      const next = { ...play(profile, state, stroke), idleMs: 0, sincePowerOnMs: start.sincePowerOnMs };
      const navigates = next.screen.kind === "home" || (next.screen.kind === "menu" && next.screen.draft === null);
      const [from, to] = [nameOf(profile, state), nameOf(profile, next)];
      if (!navigates || from === to || next.pending.some((raw, i) => raw !== start.pending[i])) continue;
      if (!graph.hasNode(to)) {
        graph.addNode(to);
        states.set(to, next);
        frontier.push(next);
      }
      const ms = strokeMs(stroke);
      if (!graph.hasEdge(from, to)) graph.addEdge(from, to, { ms });
      else graph.updateEdgeAttribute(from, to, "ms", (known: number | undefined) => Math.min(known ?? ms, ms));
    }
  }
  return { graph, states };
}

/** Least time from one screen to the nearest of some, ms. */
function leastMs({ graph, states }: Charted, from: string, reached: (state: MenuState) => boolean): number {
  const paths = dijkstra.singleSource(graph, from, "ms");
  const lengths = [...states].flatMap(([name, state]) => {
    const path = reached(state) ? paths[name] : undefined;
    return path
      ? [path.slice(1).reduce((sum, to, i) => sum + Number(graph.getEdgeAttribute(path[i], to, "ms")), 0)]
      : [];
  });
  return Math.min(Infinity, ...lengths);
}

const UNCODED = SHIPPED_DISPLAYS.filter(
  ({ rules }) => !rules.some((rule) => rule.does.kind === "open-page" && rule.does.code !== null),
);

describe.each(UNCODED.map((profile) => [profile.name, profile] as const))("on %s", (_, profile) => {
  const ways = waysOf(profile);
  const charted = chart(profile);
  const inMenu = [...charted.states].flatMap(([name, { screen }]) =>
    screen.kind === "menu" ? [{ name, screen }] : [],
  );
  const random = seeded(31);
  it("the whole menu is charted", () =>
    expect(new Set(inMenu.map(({ screen }) => screen.page)).size).toBeGreaterThanOrEqual(
      Math.ceil(profile.menu.pages.length / 2),
    ));
  const some = Array.from({ length: 40 }, () => inMenu[pick(random, 0, inMenu.length - 1)]).filter(
    (each) => each !== undefined,
  );
  it("no walk over a page is told longer than it is, and none half as long", () => {
    for (const { name, screen } of some) {
      const entries = layoutOf(profile).pages[screen.page]?.entries ?? [];
      const there = entries.flatMap((entry, at) => (entryShown(entry, home(profile).pending) ? [at] : []));
      const to = there[pick(random, 0, there.length - 1)] ?? 0;
      const real = leastMs(
        charted,
        name,
        ({ screen: other }) => other.kind === "menu" && other.page === screen.page && other.at === to,
      );
      const told = walkMs(profile, screen.page, screen.at, [to], ways);
      expect(told, `${name} to ${to}`).toBeLessThanOrEqual(real + 1e-6);
      // A line that comes and goes may have to be stepped over or not; there is no other doubt.
      if (entries.every((entry) => entry.shownWhen === null))
        expect(told, `${name} to ${to}`).toBeGreaterThanOrEqual(0.5 * real - 1e-6);
    }
  });
  it("no way out is told longer than it is, and none half as long", () => {
    for (const { name, screen } of some) {
      const real = leastMs(charted, name, (state) => state.screen.kind === "home");
      const told = outMs(profile, screen.page, [screen.at], false, ways);
      expect(told, name).toBeLessThanOrEqual(real + 1e-6);
      expect(told, name).toBeGreaterThanOrEqual(0.5 * real - 1e-6);
    }
  });
});

describe("the ways that count", () => {
  const page = (profile: DisplayProfile, id: string) => profile.menu.pages.findIndex((each) => each.id === id);
  const at = (profile: DisplayProfile, id: string, code: string) =>
    profile.menu.pages[page(profile, id)]?.entries.findIndex(
      (entry) => (entry.kind === "line" ? entry.line : "code" in entry ? entry.code : "") === code,
    ) ?? -1;
  it("up from a group and in again is taken where it is shorter than walking back", () => {
    const grip = page(WINDROW, "grip");
    // Three steps back to the first line, or one up and one in.
    expect(walkMs(WINDROW, grip, 3, [0], waysOf(WINDROW))).toBe(700);
    expect(walkMs(WINDROW, grip, 2, [0], waysOf(WINDROW))).toBe(700);
    expect(walkMs(WINDROW, grip, 1, [0], waysOf(WINDROW))).toBe(350);
  });
  it("a ring is walked whichever way is shorter, and over its end", () => {
    expect(walkMs(TARN, 0, 0, [0], waysOf(TARN))).toBe(0);
    const one = walkMs(TARN, 0, 0, [1], waysOf(TARN));
    expect(walkMs(TARN, 0, 0, [1, 2], waysOf(TARN))).toBe(2 * one);
  });
  it("an exit is walked to before it is pressed; keys that lead out at once need no walk", () => {
    const keep = page(WINDROW, "keep");
    const ways = waysOf(WINDROW);
    const done = at(WINDROW, "keep", "Done");
    expect(outMs(WINDROW, keep, [done], false, ways)).toBe(350);
    // Once back to it over the end, and pressed: as long as up and out.
    expect(outMs(WINDROW, keep, [0], false, ways)).toBe(700);
    expect(outMs(WINDROW, page(WINDROW, "grip"), [0], false, ways)).toBe(3 * 350);
    expect(outMs(SKERRY, page(SKERRY, "supply"), [0], false, waysOf(SKERRY))).toBeGreaterThan(
      outMs(SKERRY, 0, [0], false, waysOf(SKERRY)),
    );
  });
  it("a way out that throws away does not count where something must be saved", () => {
    const ways = waysOf(PINFOLD);
    // Holding C leaves unsaved; waiting saves but takes nine seconds; holding D goes back, saving.
    expect(outMs(PINFOLD, 0, [0], true, ways)).toBeGreaterThanOrEqual(outMs(PINFOLD, 0, [0], false, ways));
    expect(outMs(PINFOLD, page(PINFOLD, "bars"), [0], true, ways)).toBe(2 * outMs(PINFOLD, 0, [0], true, ways));
  });
});
