// The helpers that stand in for the framework's say what the framework's say, and no more of them is asked for.
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { describe, expect, it } from "vitest";
import { isAbsoluteUrl } from "./linkHelpers";

const require = createRequire(import.meta.url);
const theirs = require("next/dist/shared/lib/utils") as { readonly isAbsoluteUrl: (url: string) => boolean };

describe("in the place of the framework's own", () => {
  it.each([
    "/",
    "/job/x/plan",
    "https://example.test/a",
    "mailto:a@b",
    "#top",
    "?q=1",
    "c:d",
    "//x",
    "",
    "1:2",
    "a b:c",
  ])("%j is absolute or not as there", (url) => expect(isAbsoluteUrl(url)).toBe(theirs.isAbsoluteUrl(url)));
  it.each([
    ["next/dist/client/app-dir/link", ["isAbsoluteUrl", "formatUrl"]],
    ["next/dist/shared/lib/router/utils/is-local-url", ["isAbsoluteUrl", "getLocationOrigin"]],
  ])("%s asks for nothing else of them", (file, names) => {
    const text = readFileSync(require.resolve(file), "utf8");
    const asked = [...text.matchAll(/_(?:utils|formaturl)\.(\w+)/g)].map(([, name]) => name);
    expect(new Set(asked)).toEqual(new Set(names));
  });
});
