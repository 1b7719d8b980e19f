// What the workbench says of every line of every display that ships, and of how its keys work.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { TARN } from "@/catalog/displays/tarn";
import { newProfile, type Line } from "@/core/display";
import * as choices from "@/words/choices";
import { says } from "../testing/says";
import { LineClaims } from "./LineClaims";
import { LineDetail } from "./LineDetail";
import { LineGrid } from "./LineGrid";
import { MannerForm } from "./MannerForm";

const nothing = () => undefined;
const detail = (line: Line): string => says(<LineDetail line={line} onPut={nothing} />);
const lineWith = (kind: Line["encoding"]["kind"]): Line => {
  const found = SHIPPED_DISPLAYS.flatMap(({ lines }) => lines).find(({ encoding }) => encoding.kind === kind);
  if (!found) throw new Error(`no line of kind ${kind}`);
  return found;
};

describe("a line in full", () => {
  it("is whole for every line that ships", () => {
    for (const line of SHIPPED_DISPLAYS.flatMap(({ lines }) => lines)) {
      const words = detail(line);
      expect(words, line.code).toContain(`Line ${line.code}`);
      expect(words, line.code).not.toMatch(/undefined|NaN|\[object/);
      for (const asked of ["At the ends", "Who may set it", "Does it do anything?", "Who says so"])
        expect(words, line.code).toContain(asked);
    }
  });

  it("asks for the basis of a cap, and of nothing else", () => {
    expect(detail(lineWith("speed-cap"))).toContain("Compared with");
    expect(detail(lineWith("speed-cap"))).toContain("The controller’s own measure");
    for (const kind of ["number", "choice", "wheel-code", "unknown-scale"] as const)
      expect(detail(lineWith(kind)), kind).not.toContain("Compared with");
  });

  it("asks what was measured only where the scale is not known", () => {
    expect(detail(lineWith("unknown-scale"))).toContain("Nothing else is aimed for.");
    expect(detail(lineWith("number"))).not.toContain("Nothing else is aimed for.");
  });

  it("says what stands in a list of values, and calls wheel codes by name", () => {
    expect(detail(lineWith("wheel-code"))).toContain("Wheel codes, as shown = inches");
    expect(detail(lineWith("choice"))).toContain("Values, as shown = meaning");
    expect(detail(lineWith("number"))).toContain("Step");
  });
});

describe("who says so", () => {
  const line = lineWith("number");
  const claim = { confidence: 0.6, setting: line.encoding.setting, chosen: false, says: "as in the book" } as const;

  it("names each source with how sure it is, and which is believed", () => {
    const words = says(
      <LineClaims
        line={{ ...line, claims: [{ ...claim, from: "leaflet", on: null, chosen: true }] }}
        onPut={nothing}
      />,
    );
    expect(words).toContain("60 % sure");
    expect(words).toContain("believed");
    expect(words).not.toContain("They disagree");
  });

  it("says so where they disagree, and what settles it", () => {
    const other = { ...claim, from: "own-trial", on: null, setting: "cutOffV" } as const;
    const words = says(
      <LineClaims line={{ ...line, claims: [{ ...claim, from: "leaflet", on: null }, other] }} onPut={nothing} />,
    );
    expect(words).toContain("They disagree:");
    expect(words).toContain("A trial settles it.");
  });

  it("says where nobody has said anything", () =>
    expect(says(<LineClaims line={{ ...line, claims: [] }} onPut={nothing} />)).toContain("Nobody yet."));
});

describe("the lines of a display", () => {
  it("have a row each, with their codes, and say when a line sets several things or none", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const words = says(<LineGrid profile={profile} change={nothing} />);
      expect(words.match(/\bmore\b/g), profile.name).toHaveLength(profile.lines.length);
      if (profile.lines.some(({ encoding }) => encoding.kind === "bundle")) expect(words).toContain("several settings");
    }
  });
});

describe("how its keys work", () => {
  it("is asked in whole for a display begun from nothing", () => {
    const words = says(<MannerForm profile={newProfile("own-1", "New")} change={nothing} />);
    for (const asked of [
      "Its keys, by name",
      "Opens the menu, held together",
      "Steps a value up",
      "Changes are kept",
      "Left alone, the menu",
      "Closes by itself after",
      "Values act",
      "Switches on and off",
    ])
      expect(words).toContain(asked);
    expect(words).not.toContain("more than the short form below can say");
  });

  it("warns that choosing anything writes the keys anew, where a display does more than the form says", () => {
    const pages = [...TARN.menu.pages, { ...TARN.menu.pages[0], id: "second" }] as typeof TARN.menu.pages;
    const deep = { ...TARN, menu: { ...TARN.menu, pages } };
    expect(says(<MannerForm profile={deep} change={nothing} />)).toContain("writes all keys anew");
  });
});

describe("choices", () => {
  it("offer each value once, each under a word of its own", () => {
    for (const options of Object.values(choices)) {
      expect(new Set(options.map(({ value }) => value)).size).toBe(options.length);
      expect(new Set(options.map(({ label }) => label)).size).toBe(options.length);
    }
  });
});
