import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import type { DisplayProfile } from "../profile";
import { couldBe } from "./couldBe";
import { Technician } from "./testingTechnician";
import { startWalk } from "./walk";

/** A walk of so many questions on a display. */
function walked(profile: DisplayProfile, questions: number) {
  const technician = new Technician(profile);
  const walk = startWalk(technician.setup);
  let question = walk.next();
  for (let i = 0; question && i < questions; i++) question = walk.next(technician.answer(question));
  return walk.model;
}

const named = (profiles: readonly DisplayProfile[]) => profiles.map(({ name }) => name);

describe("which display it could be", () => {
  it("nobody says before a few lines are seen", () =>
    expect(couldBe(SHIPPED_DISPLAYS, walked(SHIPPED_DISPLAYS[0] as DisplayProfile, 5))).toEqual([]));
  it.each(["Tarn", "Bracken", "Ostler", "Lathe"])("%s is known by its lines, at first and at the end", (name) => {
    const profile = SHIPPED_DISPLAYS.find((each) => each.name === name) as DisplayProfile;
    expect(named(couldBe(SHIPPED_DISPLAYS, walked(profile, 200)))).toEqual([name]);
    expect(named(couldBe(SHIPPED_DISPLAYS, walked(profile, 5000)))).toContain(name);
  });
  it("one that differs in a range seen twice is another display", () => {
    const tarn = SHIPPED_DISPLAYS.find(({ name }) => name === "Tarn") as DisplayProfile;
    const varied = {
      ...tarn,
      id: "varied",
      name: "Varied",
      lines: tarn.lines.map((line) =>
        line.code === "53" && line.encoding.kind === "speed-cap"
          ? { ...line, encoding: { ...line.encoding, rawMax: line.encoding.rawMax - 5, uncappedRaw: null } }
          : line,
      ),
    };
    const model = walked(tarn, 5000);
    expect(named(couldBe([tarn, varied], model))).toEqual(["Tarn"]);
  });
});
