// A technician by script at shipped displays: nothing is saved wrong, slips or not, and the card takes less time.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { atHome } from "../display";
import { allOf, USUAL_PACE } from "../keys";
import { pick, randomRaws, randomTargets } from "../keys/testing";
import { seeded } from "../units/seeded";
import { byTheCard, byTheLeaflet, type KeyJob, type Technician } from "./testingTechnician";

const SURE: Technician = { name: "sure", pace: USUAL_PACE, slips: 0 };

describe.each(SHIPPED_DISPLAYS.map((profile) => [profile.name, profile] as const))("on %s", (_, profile) => {
  const jobs = (seed: number): readonly KeyJob[] => {
    const random = seeded(seed);
    return Array.from({ length: 4 }, () => {
      const from = randomRaws(profile, random);
      const wanted = randomTargets(profile, from, random);
      const targets = from.map((raw, i) => (pick(random, 0, 2) ? raw : (wanted[i] ?? raw)));
      return { profile, start: atHome(profile, from), targets };
    });
  };

  it("a hand that never slips saves nothing wrong", () => {
    for (const job of jobs(31)) expect(byTheCard(job, SURE, seeded(5))).toMatchObject({ slipped: 0, savedWrong: 0 });
  });

  it("a hand that slips often saves nothing wrong either: what a slip leaves unsure is looked at", () => {
    const random = seeded(7);
    const outcomes = jobs(33).map((job) => byTheCard(job, { ...SURE, slips: 0.12 }, random));
    expect(outcomes.reduce((sum, { slipped }) => sum + slipped, 0)).toBeGreaterThan(2);
    expect(outcomes.map(({ savedWrong }) => savedWrong)).toEqual(outcomes.map(() => 0));
  });

  it("takes less time by the card than by the leaflet", () => {
    for (const job of jobs(32).slice(0, 1)) {
      const card = byTheCard(job, SURE, seeded(6));
      const leaflet = byTheLeaflet(job, SURE, seeded(6));
      expect(allOf(card.time)).toBeLessThan(allOf(leaflet.time));
      expect(card.slipped + leaflet.slipped).toBe(0);
    }
  });
});
