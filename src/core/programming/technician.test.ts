// A technician by script at shipped displays: without a slip nothing is saved wrong, and the card takes less time.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { atHome } from "../display";
import { allOf, USUAL_PACE } from "../keys";
import { pick, randomRaws, randomTargets } from "../keys/testing";
import { seeded } from "../units/seeded";
import { byTheCard, byTheLeaflet, type Technician } from "./testingTechnician";

const SURE: Technician = { name: "sure", pace: USUAL_PACE, slips: 0 };

describe.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))("on %s", (_, profile) => {
  const jobs = (seed: number) => {
    const random = seeded(seed);
    return Array.from({ length: 4 }, () => {
      const from = randomRaws(profile, random);
      const wanted = randomTargets(profile, from, random);
      return {
        home: atHome(profile, from),
        targets: from.map((raw, i) => (pick(random, 0, 2) ? raw : (wanted[i] ?? raw))),
      };
    });
  };

  it("a hand that never slips saves nothing wrong", () => {
    for (const { home, targets } of jobs(31))
      expect(byTheCard(profile, home, targets, SURE, seeded(5))).toMatchObject({ slipped: 0, savedWrong: 0 });
  });

  it("takes less time by the card than by the leaflet", () => {
    const [random, again] = [seeded(6), seeded(6)];
    const [{ home, targets } = { home: null, targets: [] }] = jobs(32);
    if (!home) throw new Error("no job");
    const card = byTheCard(profile, home, targets, SURE, random);
    const leaflet = byTheLeaflet(profile, home, targets, SURE, again);
    expect(allOf(card.time)).toBeLessThan(allOf(leaflet.time));
    expect(card.slipped + leaflet.slipped).toBe(0);
  });
});
