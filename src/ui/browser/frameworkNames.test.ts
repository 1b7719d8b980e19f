// What is put in the place of the framework's names is what its own code would have found.
import { readdirSync, readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { createRequire } from "node:module";
import { describe, expect, it } from "vitest";
import * as ours from "./frameworkNames";

const require = createRequire(import.meta.url);
const framework = dirname(require.resolve("next/package.json"));

/** Names asked of the list by the files that draw it in from three folders up, as `next.config.ts` puts it. */
function asked(): ReadonlySet<string> {
  const client = join(framework, "dist/client");
  const files = readdirSync(client, { recursive: true, encoding: "utf8" }).filter((file) => file.endsWith(".js"));
  const sources = files.map((file) => readFileSync(join(client, file), "utf8"));
  const drawing = sources.filter((source) => source.includes('require("../../../lib/constants")'));
  return new Set(drawing.flatMap((source) => [...source.matchAll(/_constants\.(\w+)/g)].map(([, name = ""]) => name)));
}

describe("the framework's names", () => {
  it("hold each one its code in a browser asks for, and no other", () => {
    expect(Object.keys(ours)).toEqual([...asked()]);
  });
  it("are the framework's own", () => {
    const theirs = require("next/dist/lib/constants") as Readonly<Record<string, unknown>>;
    for (const [name, value] of Object.entries(ours)) expect(value, name).toBe(theirs[name]);
  });
});
