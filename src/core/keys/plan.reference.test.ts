// The planner against an independent search: npm packages graphology and graphology-shortest-path (Dijkstra) over the
// full machine, every single tap, hold and wait an edge of its own.
import Graph from "graphology";
import { dijkstra } from "graphology-shortest-path";
import { describe, expect, it } from "vitest";
import { atHome, checkProfile, isShown, linesOf, rawValues, type DisplayProfile, type MenuState } from "../display";
import { planKeys } from "./plan";
import { play, strokeMs } from "./strokes";
import { gestures, pick, randomRaws, randomTargets, smallProfile } from "./testing";
import { seeded } from "../units/seeded";

function nameOf(
  profile: DisplayProfile,
  { screen, saved, pending, inForce, lastAt, sincePowerOnMs }: MenuState,
): string {
  const window = Math.max(0, ...profile.rules.map((rule) => rule.sincePowerOn?.ms ?? 0));
  return `${JSON.stringify(screen)}|${profile.menu.pages.map((page, i) => (page.opensAt === "last-visited" ? lastAt[i] : "")).join()}|${saved.join()}|${pending.join()}|${inForce.join()}|${sincePowerOnMs <= window ? sincePowerOnMs : ""}`;
}

/**
 * Time of the quickest way by Dijkstra over the whole reachable machine, ms; null where the machine is too large to
 * search whole.
 */
function independentMs(profile: DisplayProfile, start: MenuState, targets: readonly number[]): number | null {
  const graph = new Graph({ type: "directed", allowSelfLoops: false });
  const goal = "goal";
  graph.addNode(goal);
  const frontier = [start];
  graph.addNode(nameOf(profile, start));
  const wanted = linesOf(profile).flatMap((line, i) =>
    rawValues(line.encoding).length > 0 && isShown(profile, i, targets) ? [i] : [],
  );
  for (let state = frontier.pop(); state; state = frontier.pop()) {
    if (graph.order > 12_000) return null;
    const { saved, inForce, screen } = state;
    const from = nameOf(profile, state);
    if (screen.kind === "home" && wanted.every((i) => saved[i] === targets[i] && inForce[i] === targets[i]))
      graph.mergeEdge(from, goal, { ms: 0.001 });
    for (const stroke of gestures(profile, state)) {
      const next = { ...play(profile, state, stroke), idleMs: 0 };
      if (next.screen.kind === "walk-assist" || next.done.length > 0) continue;
      const to = nameOf(profile, next);
      if (to === from) continue;
      if (!graph.hasNode(to)) {
        graph.addNode(to);
        frontier.push(next);
      }
      const ms = strokeMs(stroke);
      if (!graph.hasEdge(from, to)) graph.addEdge(from, to, { ms });
      else if (graph.getEdgeAttribute(from, to, "ms") > ms) graph.setEdgeAttribute(from, to, "ms", ms);
    }
  }
  const path = dijkstra.bidirectional(graph, nameOf(profile, start), goal, "ms");
  if (!path) return Infinity;
  let total = 0;
  for (let i = 1; i + 1 < path.length; i++) total += graph.getEdgeAttribute(path[i - 1], path[i], "ms");
  return total;
}

/** How many menus are compared: 500 are promised, fewer are enough to notice a mutant. */
const MENUS = Number(process.env.MENUS ?? 500);

describe("least time", () => {
  it(
    `equals an independent Dijkstra over the machine on ${MENUS} generated menus of all shapes, from home and from ` +
      "the middle of a menu",
    { timeout: 3_600_000 },
    () => {
      const random = seeded(4242);
      let compared = 0;
      let tried = 0;
      for (; compared < MENUS && tried < 3 * MENUS; tried++) {
        // Every fifth menu has long pages, on which leaving and coming in again may be the shorter way.
        const profile = smallProfile(random, tried % 5 === 0 ? 14 : 3);
        if (checkProfile(profile).length > 0) continue;
        const home = atHome(profile, randomRaws(profile, random));
        const targets = randomTargets(profile, home.saved, random);
        const page = pick(random, 0, profile.menu.pages.length - 1);
        const place = profile.menu.pages[page];
        const inMenu = random() < 0.5 && place;
        const pending = profile.menu.saves === "leaving-menu" ? randomRaws(profile, random) : home.saved;
        const at = place ? pick(random, 0, place.entries.length - 1) : 0;
        const entry = place?.entries[at];
        const shown =
          entry?.kind !== "line" ||
          isShown(
            profile,
            linesOf(profile).findIndex((line) => line.code === entry.line),
            pending,
          );
        const start: MenuState =
          inMenu && shown ? { ...home, screen: { kind: "menu", page, at, draft: null }, pending } : home;
        const independent = independentMs(profile, start, targets);
        if (independent === null) continue;
        const plan = planKeys(profile, start, { targets });
        expect(
          plan.ok ? plan.totalMs : Infinity,
          `menu ${tried}: ${JSON.stringify({ ...profile, keys: 0 })} from ` +
            `${nameOf(profile, start)} to ${targets.join()}`,
        ).toBe(independent);
        compared += 1;
      }
      expect(compared).toBe(MENUS);
    },
  );
});
