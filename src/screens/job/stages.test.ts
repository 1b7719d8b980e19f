// A stage is loaded from the folder of its name; the compiler cannot see that the folder is there.
import { existsSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { STAGES } from "@/core/record";

describe("the screens of the stages", () => {
  it.each(STAGES)("%s has one, in the folder of its name", (stage) => {
    expect(existsSync(join(import.meta.dirname, "..", stage, "Stage.tsx"))).toBe(true);
  });
});
