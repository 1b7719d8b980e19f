// Values a line may show, as they are offered.
import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
import { lineIndex, rawValues } from "../display";
import { nearestFirst, shownChoices } from "./shown";

describe("values offered for a line", () => {
  const line = lineIndex(TARN, "51");
  const choices = shownChoices(TARN, line);

  it("are all it has, as the display writes them", () => {
    expect(choices.map(({ raw }) => raw)).toEqual(
      rawValues(TARN.lines[line]?.encoding ?? { kind: "read-only", setting: null, shows: "" }),
    );
    expect(new Set(choices.map(({ shows }) => shows)).size).toBe(choices.length);
    expect(shownChoices(TARN, -1)).toEqual([]);
  });

  it("come nearest first, the one named before all, and none is lost", () => {
    const order = nearestFirst(choices, choices[3]?.raw ?? 0).map((choice) => choices.indexOf(choice));
    expect(order.slice(0, 5)).toEqual([3, 2, 4, 1, 5]);
    expect(order.toSorted((a, b) => a - b)).toEqual(choices.map((_, i) => i));
    expect(nearestFirst(choices, choices[0]?.raw ?? 0)).toEqual(choices);
  });
});
