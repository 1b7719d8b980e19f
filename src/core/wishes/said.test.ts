// Owners’ words and the wishes they may stand for: some of the texts no word was chosen for.
import { describe, expect, it } from "vitest";
import { SAID } from "@/catalog/wishes/said";
import { WISH_IDS } from "../facts";
import { wishesSaid } from "./said";
import { HELD_OUT, NO_WISH, SEEN, type SaidCase } from "./said.cases";

const isHeard = ({ said, wishes }: SaidCase): boolean => wishesSaid(SAID, said).some((wish) => wishes.includes(wish));

describe("wishes in an owner’s words", () => {
  it("are heard in the texts the words were chosen for", () => {
    expect(SEEN.filter((each) => !isHeard(each)).map(({ said }) => said)).toEqual([]);
  });
  it("are heard in four of five texts no word was chosen for", () => {
    expect(HELD_OUT.filter(isHeard).length / HELD_OUT.length).toBeGreaterThanOrEqual(0.8);
  });
  it("are few: what is offered beside the right one stays under one in two texts", () => {
    const others = [...SEEN, ...HELD_OUT].flatMap(({ said, wishes }) =>
      wishesSaid(SAID, said).filter((wish) => !wishes.includes(wish)),
    );
    expect(others.length / (SEEN.length + HELD_OUT.length)).toBeLessThan(0.5);
  });
  it("are none where a setting has nothing to do with it", () => {
    for (const said of NO_WISH) expect(wishesSaid(SAID, said), said).toEqual([]);
  });
  it("can be any of them, and capitals and a typesetter’s apostrophe make no difference", () => {
    expect(new Set(SAID.map(({ wish }) => wish))).toEqual(new Set(WISH_IDS));
    expect(wishesSaid(SAID, "CAN’T GET UP THE HILL")).toEqual(wishesSaid(SAID, "can't get up the hill"));
    expect(wishesSaid(SAID, "Can’t get up the hill")).toContain("weak-on-hills");
  });
});
