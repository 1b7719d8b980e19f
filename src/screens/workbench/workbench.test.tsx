// What the workbench says of every line of every display that ships, and of how its keys work.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { newProfile, type Line } from "@/core/display";
import * as choices from "@/words/choices";
import { lineWords } from "@/words/lineWords";
import { says } from "../testing/says";
import { LineClaims } from "./LineClaims";
import { LineDetail } from "./LineDetail";
import { LineGrid } from "./LineGrid";
import { KeysPanel } from "./KeysPanel";
import { MannerForm } from "./MannerForm";
import { MenuPanel } from "./menu/MenuPanel";

const nothing = () => undefined;
/** A description whose first line is this one. */
const holding = (line: Line) => ({ ...newProfile("own-1", "New"), lines: [line] });
const detail = (line: Line): string => says(<LineDetail profile={holding(line)} change={nothing} at={0} />);
const claimsOf = (line: Line): string => says(<LineClaims profile={holding(line)} change={nothing} at={0} />);
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
    const words = claimsOf({ ...line, claims: [{ ...claim, from: "leaflet", on: null, chosen: true }] });
    expect(words).toContain("60 % sure");
    expect(words).toContain("believed");
    expect(words).not.toContain("They disagree");
  });

  it("says so where they disagree, and what settles it", () => {
    const other = { ...claim, from: "own-trial", on: null, setting: "cutOffV" } as const;
    const words = claimsOf({ ...line, claims: [{ ...claim, from: "leaflet", on: null }, other] });
    expect(words).toContain("They disagree:");
    expect(words).toContain("A trial settles it.");
  });

  it("says where nobody has said anything", () => expect(claimsOf({ ...line, claims: [] })).toContain("Nobody yet."));
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
      "Opens the menu, held together",
      "Steps a value up",
      "Changes are kept",
      "Left alone, the menu",
      "Closes by itself after",
      "Values act",
      "Switches on",
      "Switches off",
    ])
      expect(words).toContain(asked);
  });

  it("shows of every display that ships what the short form can, and each of its rules", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const words = says(<KeysPanel profile={profile} change={nothing} />);
      expect(words, profile.name).not.toMatch(/undefined|NaN|\[object/);
      profile.rules.forEach((_, i) => expect(words, profile.name).toContain(`Rule ${i + 1}`));
    }
  });
});

describe("the menu as a drawing", () => {
  it("shows every entry of every page of every display that ships, once", () => {
    for (const profile of SHIPPED_DISPLAYS) {
      const words = says(<MenuPanel profile={profile} change={nothing} />);
      for (const line of profile.lines) {
        expect(words, profile.name).toContain(line.code);
        if (
          profile.menu.pages.some((page) =>
            page.entries.some((entry) => entry.kind === "line" && entry.line === line.code),
          )
        )
          expect(words, `${profile.name} ${line.code}`).toContain(lineWords(line));
      }
      for (const { name } of profile.menu.pages) expect(words, profile.name).toContain(name);
    }
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
