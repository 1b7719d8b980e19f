// The papers as text: what stands on the printed one stands in the text, and nothing planned is told as set.
import { describe, expect, it } from "vitest";
import { paperOf, wayBack, type Job } from "@/core/record";
import { paperFacts } from "@/core/record/paperFacts";
import { ENGLISH } from "@/words/papers/english";
import { GERMAN } from "@/words/papers/german";
import { demo, programmed, readBack } from "../testing/jobs";
import { textOf, type PaperKind } from "./paperText";

const EVERY: readonly PaperKind[] = ["sheet", "card", "way", "road", "label", "care"];

function text(job: Job, kinds = EVERY, words = ENGLISH): string {
  const [paper, needs] = [paperOf(job), paperFacts(job)];
  if (!paper || !needs) throw new Error("no paper without a display");
  return textOf({ paper, needs, back: wayBack(job), words }, kinds);
}
const lineOf = (told: string, code: string): string =>
  told.split("\n").find((each) => each.startsWith(`${code} `)) ?? "";

const SNOWPLOUGH = demo(207);
const SET = programmed(SNOWPLOUGH);

describe("papers as text", () => {
  it("tell a line as found and as planned, and that it is not set, while it is a plan", () => {
    const told = text(SNOWPLOUGH);
    expect(lineOf(told, "51")).toContain("as found 26 (2075 mm); planned, not set 29 (2314 mm);");
    expect(told).toContain("*** PLANNED, NOT SET ***");
    expect(told).not.toContain("as left");
    expect(told).not.toContain("CLASS LABEL");
  });
  it("head speeds and ranges of a plan as planned, and mark a bike that is not for roads", () => {
    expect(text(SET)).toMatch(/EACH LEVEL.*NOT READ BACK/);
    expect(text(demo(206), ["card"])).toContain("*** NOT FOR PUBLIC ROADS. ***");
    expect(text(demo(201))).not.toContain("NOT FOR PUBLIC ROADS");
  });
  it("say what stands against the bike, and that nobody has decided it leaves so", () => {
    const told = text(demo(206), ["sheet", "card"]);
    expect(told).toContain("Nobody has decided in writing that it leaves so.");
    expect(told).toContain("No class is named on this card");
  });
  it("tell as left only what was read back", () => {
    expect(lineOf(text(SET), "51")).toContain("as left unread;");
    const told = text(readBack(SET, { "51": "28" }));
    expect(lineOf(told, "51")).toContain("planned 29 (2314 mm); as left 28");
  });
  it("carry the seals, what was measured and who looked, once the bike has left", () => {
    const told = text(demo(201));
    expect(told).toContain("As left sealed");
    expect(told).toMatch(/^Checked by: /m);
    expect(told).toContain("CLASS LABEL");
    expect(told).toContain("WAY-BACK CARD");
    expect(text(demo(201), ["card"])).toContain("Label: UK EAPC · 250 W · 15.1 mph. Checked against the class text");
  });
  it("are those that are chosen, and in the rider’s language", () => {
    expect(text(SET, ["care"])).not.toContain("WORKSHOP SHEET");
    const german = text(SET, ["care", "way"], GERMAN);
    expect(german).toContain(GERMAN.care.title.toUpperCase());
    expect(german).toContain(GERMAN.wayBack.goesAlong);
    expect(german).toContain(GERMAN.unchecked);
  });
});
