import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { profileJsonSchema } from "./profileJsonSchema";

describe("the published JSON Schema", () => {
  it("is the one the code makes; run npm run schema after changing the profile format", () => {
    expect(readFileSync(new URL("../docs/display-profile.schema.json", import.meta.url), "utf8")).toBe(profileJsonSchema());
  });
  it("names every encoding", () => {
    for (const kind of ["choice", "on-off", "scaled", "count", "wheel-code", "speed-cap", "read-only", "reserved"]) expect(profileJsonSchema()).toContain(`"const": "${kind}"`);
  });
});
