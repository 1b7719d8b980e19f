// The planner against an independent search: npm packages graphology and graphology-shortest-path (Dijkstra) over the
// full machine, every single tap, hold and wait an edge of its own.
import Graph from "graphology";
import { dijkstra } from "graphology-shortest-path";
import { describe, expect, it } from "vitest";
import { atHome, checkProfile, isShown, linesOf, rawValues, type DisplayProfile, type MenuState } from "../display";
import { planKeys } from "./plan";
import { runCount, USUAL_PACE } from "./pace";
import { play } from "./pressing";
import { strokeMs, type Stroke } from "./strokes";
import { gestures, pick, randomRaws, randomTargets, smallProfile } from "./testing";
import { seeded } from "../units/seeded";

function nameOf(
  profile: DisplayProfile,
  { screen, saved, pending, inForce, lastAt, sincePowerOnMs }: MenuState,
): string {
  const window = Math.max(0, ...profile.rules.map((rule) => rule.sincePowerOn?.ms ?? 0));
  return `${JSON.stringify(screen)}|${profile.menu.pages.map((page, i) => (page.opensAt === "last-visited" ? lastAt[i] : "")).join()}|${saved.join()}|${pending.join()}|${inForce.join()}|${sincePowerOnMs <= window ? sincePowerOnMs : ""}`;
}

/** A stroke by name: equal taps in a row are one run. */
const runName = (stroke: Stroke): string =>
  stroke.kind === "tap" || stroke.kind === "double-tap" ? JSON.stringify(stroke) : "";

/** Whether a stroke only changes the value in hand. */
const staysOn = (before: MenuState, after: MenuState): boolean =>
  before.screen.kind === "menu" &&
  after.screen.kind === "menu" &&
  before.screen.page === after.screen.page &&
  before.screen.at === after.screen.at;

/**
 * The quickest way by Dijkstra over the whole reachable machine, ms; null where the machine is too large to search
 * whole. With `lookMs` each run of equal strokes costs a look: a place is then a state and the stroke that led to it.
 * `begunAnew` are the strokes of that way that go on with the key before them but may begin another deed.
 */
function independentWay(
  profile: DisplayProfile,
  start: MenuState,
  targets: readonly number[],
  lookMs = 0,
): { readonly ms: number; readonly begunAnew: number } | null {
  const graph = new Graph({ type: "directed", allowSelfLoops: false });
  const goal = "goal";
  graph.addNode(goal);
  const first = { run: "", stays: false };
  const frontier = [{ state: start, last: first }];
  const placeOf = (state: MenuState, { run, stays }: typeof first) =>
    nameOf(profile, state) + (lookMs > 0 && run !== "" ? `${run}${stays}` : "");
  graph.addNode(placeOf(start, first));
  const wanted = linesOf(profile).flatMap((line, i) =>
    rawValues(line.encoding).length > 0 && isShown(profile, i, targets) ? [i] : [],
  );
  for (let place = frontier.pop(); place; place = frontier.pop()) {
    if (graph.order > 12_000) return null;
    const { state, last } = place;
    const { saved, inForce, screen } = state;
    const from = placeOf(state, last);
    if (screen.kind === "home" && wanted.every((i) => saved[i] === targets[i] && inForce[i] === targets[i]))
      graph.mergeEdge(from, goal, { ms: 0.001 });
    for (const stroke of gestures(profile, state)) {
      const next = { ...play(profile, state, stroke), idleMs: 0 };
      if (next.screen.kind === "walk-assist" || next.done.length > 0) continue;
      const by = { run: runName(stroke), stays: staysOn(state, next) };
      const to = placeOf(next, by);
      if (to === from) continue;
      if (!graph.hasNode(to)) {
        graph.addNode(to);
        frontier.push({ state: next, last: by });
      }
      const goesOn = by.run !== "" && by.run === last.run;
      const begunAnew = goesOn && !(by.stays && last.stays) ? 1 : 0;
      const edge = { ms: strokeMs(stroke) + (goesOn ? 0 : lookMs), begunAnew };
      if (!graph.hasEdge(from, to)) graph.addEdge(from, to, edge);
      else if (graph.getEdgeAttribute(from, to, "ms") > edge.ms)
        graph.replaceEdgeAttributes(graph.edge(from, to), edge);
    }
  }
  const path = dijkstra.bidirectional(graph, placeOf(start, first), goal, "ms");
  if (!path) return { ms: Infinity, begunAnew: 0 };
  const way = { ms: 0, begunAnew: 0 };
  for (let i = 1; i + 1 < path.length; i++) {
    way.ms += graph.getEdgeAttribute(path[i - 1], path[i], "ms");
    way.begunAnew += graph.getEdgeAttribute(path[i - 1], path[i], "begunAnew");
  }
  return way;
}

/** A menu made by chance, with values to go for from home or from the middle of it; null where none came of it. */
function madeMenu(random: () => number, tried: number) {
  // Every fifth menu has long pages, on which leaving and coming in again may be the shorter way.
  const profile = smallProfile(random, tried % 5 === 0 ? 14 : 3);
  if (checkProfile(profile).length > 0) return null;
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
  return { profile, start, targets };
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
        const made = madeMenu(random, tried);
        if (!made) continue;
        const { profile, start, targets } = made;
        const independent = independentWay(profile, start, targets);
        if (independent === null) continue;
        const plan = planKeys(profile, start, { targets });
        expect(
          plan.ok ? plan.totalMs : Infinity,
          `menu ${tried}: ${JSON.stringify({ ...profile, keys: 0 })} from ` +
            `${nameOf(profile, start)} to ${targets.join()}`,
        ).toBe(independent.ms);
        compared += 1;
      }
      expect(compared).toBe(MENUS);
    },
  );

  it("with a person is that of the same search with a look for each run of strokes", { timeout: 3_600_000 }, () => {
    const random = seeded(99);
    const pace = { ...USUAL_PACE, answerMs: 0 };
    const beyond: number[] = [];
    const readTwice: number[] = [];
    for (let tried = 0; beyond.length < MENUS / 12 && tried < MENUS; tried++) {
      const made = madeMenu(random, tried);
      if (!made) continue;
      const { profile, start, targets } = made;
      const independent = independentWay(profile, start, targets, pace.lookMs);
      if (independent === null || independent.ms === Infinity) continue;
      const plan = planKeys(profile, start, { targets, pace });
      if (!plan.ok) throw new Error(`menu ${tried}: ${plan.problem.key}`);
      const looks = runCount(plan.strokes.map(({ stroke }) => stroke));
      beyond.push(plan.totalMs + looks * pace.lookMs - independent.ms);
      readTwice.push(independent.begunAnew * pace.lookMs);
    }
    // Nothing is quicker than the quickest. Equal keys that end one deed and begin the next are read twice by the plan,
    // as the card has them, and once by the search beside it: it may cost the plan a look for each, and nothing more.
    expect(Math.min(...beyond)).toBeGreaterThanOrEqual(0);
    expect(beyond.filter((ms, i) => ms > (readTwice[i] ?? 0))).toEqual([]);
    expect(beyond.filter((ms) => ms === 0).length / beyond.length).toBeGreaterThan(0.85);
    expect(beyond.length).toBeGreaterThan(MENUS / 20);
  });
});
