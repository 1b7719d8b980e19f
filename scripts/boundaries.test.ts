// The import boundaries are only worth their lint rule if the rule bites.
import { spawnSync } from "node:child_process";
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ESLint } from "eslint";
import { describe, expect, it } from "vitest";

const eslint = new ESLint();
const rulesBroken = async (filePath: string, code: string): Promise<readonly (string | null)[]> => {
  const [result] = await eslint.lintText(code, { filePath });
  return (result?.messages ?? []).map((message) => message.ruleId);
};

describe("import boundaries", () => {
  it.each([
    ["src/core/units/x.ts", 'export * from "@/words";'],
    ["src/core/units/x.ts", 'export * from "../wheel";'],
    ["src/core/law/x.ts", 'export * from "../display";'],
    ["src/core/display/x.ts", 'export * from "../decide";'],
    ["src/core/wheel/x.ts", 'export * from "../battery";'],
    ["src/core/keys/x.ts", 'export * from "@/catalog/displays";'],
    ["src/ui/dial/x.ts", 'export * from "@/store";'],
    ["src/store/x.ts", 'export * from "@/screens/rack/Rack";'],
    ["src/catalog/x.ts", 'export * from "@/store";'],
  ])("%s may not %s", async (file, code) =>
    expect(await rulesBroken(file, code)).toContain("import/no-restricted-paths"),
  );

  it.each([
    ["export const now = () => Date.now();"],
    ["export const dice = () => Math.random();"],
    ["export const width = () => window.innerWidth;"],
    ['import { useState } from "react"; export const x = useState;'],
  ])("the core stays pure: %s", async (code) =>
    expect((await rulesBroken("src/core/units/x.ts", code)).some((rule) => rule?.startsWith("no-restricted-"))).toBe(
      true,
    ),
  );

  it("lets the right way through", async () =>
    expect(await rulesBroken("src/core/keys/x.ts", 'export { linesOf } from "../display";')).toEqual([]));

  it("an index says by name what its room gives away", async () =>
    expect(await rulesBroken("src/core/keys/x.ts", 'export * from "../display";')).toEqual(["no-restricted-syntax"]));
});

describe("circles of imports", () => {
  const PAIRS = {
    value: ['export { b as a } from "./b";', 'export { a as b } from "./a";'],
    type: [
      'import type { B } from "./b"; export type A = B[];',
      'import type { A } from "./a"; export type B = A | null;',
    ],
    later: ['export const later = () => import("./b");', 'export type { later } from "./a";'],
    none: ['export { b } from "./b";', "export const b = 1;"],
  } as const;

  it("are seen where a value, a type or a part loaded later closes them, and nowhere else", () => {
    const folder = mkdtempSync(join(tmpdir(), "circles-"));
    for (const [name, files] of Object.entries(PAIRS)) {
      mkdirSync(join(folder, name));
      for (const [at, text] of files.entries()) writeFileSync(join(folder, name, `${"ab"[at]}.ts`), text);
    }
    const root = join(import.meta.dirname, "..");
    const { stdout } = spawnSync(join(root, "node_modules", ".bin", "depcruise"), [folder], {
      cwd: root,
      encoding: "utf8",
    });
    rmSync(folder, { recursive: true });
    for (const name of ["value", "type", "later"]) expect(stdout).toMatch(new RegExp(`no-circle: .*/${name}/`));
    expect(stdout).toContain("3 dependency violations (3 errors, 0 warnings). 8 modules");
  });
});
