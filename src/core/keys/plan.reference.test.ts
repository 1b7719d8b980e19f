// The planner against an independent search: npm packages graphology and graphology-shortest-path (Dijkstra) over the
// full machine, every single tap, hold and wait an edge of its own.
import Graph from "graphology";
import { dijkstra } from "graphology-shortest-path";
import { describe, expect, it } from "vitest";
import { atHome, checkProfile, movesTheBike, type DisplayProfile, type MenuState } from "../display";
import { planKeys } from "./plan";
import { play, strokeMs, waitForClose, type Stroke } from "./strokes";
import { pick, randomRaws, seeded, smallProfile } from "./testing";

/** All gestures a hand can make on this display, whatever screen is up; those that move the bike are left out by their rule. */
function gestures(profile: DisplayProfile): Stroke[] {
  const strokes: Stroke[] = [waitForClose(profile)];
  for (const rule of profile.rules) {
    if (movesTheBike(rule.does)) continue;
    if (rule.gesture.kind === "hold") strokes.push({ kind: "hold", keys: rule.keys, holdMs: rule.gesture.holdMs });
    else strokes.push({ kind: "tap", keys: rule.keys });
    if (rule.does.kind === "step-value" && rule.does.repeat)
      for (let steps = 2; steps <= 9; steps++) strokes.push({ kind: "repeat", keys: rule.keys, steps, ...rule.does.repeat });
  }
  return strokes;
}

const nameOf = (profile: DisplayProfile, { screen, saved, pending, inForce, lastLine }: MenuState): string =>
  `${screen.kind}${screen.kind === "menu" ? screen.line : ""}|${profile.menu.opensAt === "last-visited" ? lastLine : ""}|${saved.join()}|${pending.join()}|${inForce.join()}`;

/** Time of the quickest way by Dijkstra over the whole reachable machine, ms. */
function independentMs(profile: DisplayProfile, start: MenuState, targets: readonly number[]): number {
  const graph = new Graph({ type: "directed", allowSelfLoops: false });
  const strokes = gestures(profile);
  const goal = "goal";
  graph.addNode(goal);
  const frontier = [start];
  graph.addNode(nameOf(profile, start));
  for (let state = frontier.pop(); state; state = frontier.pop()) {
    const from = nameOf(profile, state);
    if (state.screen.kind === "home" && state.saved.join() === targets.join() && state.inForce.join() === targets.join()) graph.mergeEdge(from, goal, { ms: 0.001 });
    for (const stroke of strokes) {
      const next = { ...play(profile, state, stroke), idleMs: 0 };
      if (next.screen.kind === "walk-assist") continue;
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

describe("least time", () => {
  it("equals an independent Dijkstra over the machine on generated menus, from home and from the middle of a menu", { timeout: 240_000 }, () => {
    const random = seeded(4242);
    let compared = 0;
    for (let i = 0; i < 50; i++) {
      const profile = smallProfile(random);
      if (checkProfile(profile).length > 0) continue;
      const targets = randomRaws(profile, random);
      const home = atHome(profile, randomRaws(profile, random));
      const inMenu = random() < 0.6;
      const start: MenuState = inMenu ? { ...home, screen: { kind: "menu", line: pick(random, 0, profile.menu.lines.length - 1) }, pending: randomRaws(profile, random) } : home;
      const plan = planKeys(profile, start, { targets });
      expect(plan.ok && plan.totalMs, `menu ${i}`).toBe(independentMs(profile, start, targets));
      compared += 1;
    }
    expect(compared).toBeGreaterThan(40);
  });
});
