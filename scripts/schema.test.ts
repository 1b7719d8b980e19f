import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { readProfileFile } from "../src/core/display/readProfile";
import { profileJsonSchema } from "./profileJsonSchema";

describe("the published JSON Schema", () => {
  it("is the one the code makes; run npm run schema after changing the profile format", () => {
    expect(readFileSync(new URL("../docs/display-profile.schema.json", import.meta.url), "utf8")).toBe(
      profileJsonSchema(),
    );
  });
  it("names every encoding", () => {
    for (const kind of [
      "choice",
      "bundle",
      "number",
      "around-default",
      "wheel-code",
      "wheel-size",
      "speed-cap",
      "unknown-scale",
      "read-only",
      "reserved",
    ])
      expect(profileJsonSchema()).toContain(`"const": "${kind}"`);
  });
});

describe("the example in the documentation", () => {
  it("is a profile that can be used", () => {
    const example =
      /```json\n([\s\S]*?)```/.exec(readFileSync(new URL("../docs/profile-format.md", import.meta.url), "utf8"))?.[1] ??
      "";
    expect(readProfileFile(example)).toMatchObject({ ok: true, profile: { id: "pebble-3" } });
  });
});
