// The import boundaries are only worth their lint rule if the rule bites.
import { ESLint } from "eslint";
import { describe, expect, it } from "vitest";

const eslint = new ESLint({ overrideConfig: { rules: { "import/no-cycle": "off" } } });
const rulesBroken = async (filePath: string, code: string): Promise<readonly (string | null)[]> => {
  const [result] = await eslint.lintText(code, { filePath });
  return (result?.messages ?? []).map((message) => message.ruleId);
};

describe("import boundaries", () => {
  it.each([
    ["src/core/units/x.ts", 'export * from "@/ui/wording";'],
    ["src/core/units/x.ts", 'export * from "../wheel";'],
    ["src/core/law/x.ts", 'export * from "../display";'],
    ["src/core/display/x.ts", 'export * from "../setup";'],
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
    expect(await rulesBroken("src/core/keys/x.ts", 'export * from "../display";')).toEqual([]));
});
