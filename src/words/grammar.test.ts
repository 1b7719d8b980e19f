// Every field a description can have, and everything chosen between there, has words of its own.
import { describe, expect, it } from "vitest";
import { DESCRIPTION, type FieldForm } from "@/core/display/editing";
import { fieldWords, takesText, valueWords } from "./grammar";

/** What no form asks: the format's own marks, and what is counted up by itself. */
const NOT_ASKED: ReadonlySet<string> = new Set([
  "format",
  "version",
  "id",
  "revision",
  "keys.id",
  "menu.pages.id",
  "name",
  "variant",
  "menu",
  "menu.idle",
]);

/** Every place of the grammar by its name, whatever kind it comes in. */
function* places(form: FieldForm, place = ""): Generator<readonly [string, FieldForm]> {
  yield [place, form];
  const below = (name: string) => (place ? `${place}.${name}` : name);
  if (form.kind === "may-lack" || form.kind === "list") yield* places(form.of, place);
  if (form.kind === "group") for (const [name, field] of form.fields) yield* places(field, below(name));
  if (form.kind === "kinds")
    for (const fields of form.kinds.values()) for (const [name, field] of fields) yield* places(field, below(name));
}

describe("words of the forms", () => {
  const all = [...places(DESCRIPTION)].filter(([place]) => place !== "" && !NOT_ASKED.has(place));
  it("name every field", () => {
    expect([...new Set(all.map(([place]) => place))].filter((place) => !fieldWords(place))).toEqual([]);
  });
  it("name everything chosen between, no two alike in one place", () => {
    for (const [place, form] of all) {
      const values = form.kind === "choice" ? form.values : form.kind === "kinds" ? [...form.kinds.keys()] : [];
      const words = values.map((value) => valueWords(place, value));
      expect(words.every(Boolean), `${place}: ${values.filter((_, i) => !words[i]).join(", ")}`).toBe(true);
      expect(new Set(words).size, place).toBe(words.length);
    }
  });
  it("say what a field takes in the unit it is typed in", () => {
    const find = (wanted: string) => all.find(([place, form]) => place === wanted && form.kind === "number")?.[1];
    const holdMs = find("rules.gesture.holdMs");
    expect(holdMs && takesText(holdMs)).toBe("Give a number from 0.4 to 30 s.");
    const confidence = find("lines.claims.confidence");
    expect(confidence && takesText(confidence)).toBe("Give a number from 0 to 100 %.");
    const perRaw = find("lines.encoding.perRaw");
    expect(perRaw && takesText(perRaw)).toBe("Give a number, but not 0.");
  });
});
