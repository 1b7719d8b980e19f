import type { NextConfig } from "next";

/** What scripts, styles, fonts and workers are served with. A worker runs under the policy of its own answer. */
const STATIC_HEADERS = [
  { key: "X-Content-Type-Options", value: "nosniff" },
  {
    key: "Content-Security-Policy",
    value: "default-src 'none'; script-src 'self'; connect-src 'self'; worker-src 'self'",
  },
];

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // What nobody uses of modules written the old way stays out of what is loaded.
  experimental: {
    turbopackCjsTreeShaking: true,
    // Words stand in modules of their own and are drawn in where they are said.
    turbopackCrossModuleConstants: true,
    // Few and large pieces pack better than many small ones: 3.5 kB a page.
    turbopackChunking: { minChunkSize: 300_000 },
  },
  // The build for browsers of today: the usual one carries what older ones lack.
  turbopack: {
    resolveAlias: {
      dexie: "dexie/dist/modern/dexie.mjs",
      "next/dist/compiled/process": { browser: "./src/ui/browser/process.ts" },
      "../build/polyfills/polyfill-module": { browser: "./src/ui/browser/nothingToAdd.ts" },
      "../../../lib/constants": { browser: "./src/ui/browser/frameworkNames.ts" },
      // Its own last resort, in its own words and look: ours stands there too.
      "./builtin/global-error": { browser: "./app/lastResort.tsx" },
      "../components/builtin/global-error": { browser: "./app/lastResort.tsx" },
      // What a link asks of helpers for pages of the old kind.
      "../../shared/lib/utils": { browser: "./src/ui/browser/linkHelpers.ts" },
      "../../utils": { browser: "./src/ui/browser/linkHelpers.ts" },
      "../../shared/lib/router/utils/format-url": { browser: "./src/ui/browser/linkHelpers.ts" },
      "./reducers/server-action-reducer": { browser: "./src/ui/browser/noServerActions.ts" },
    },
  },
  // Types are checked by `npm test`, once.
  typescript: { ignoreBuildErrors: true },
  // Names the build, so that what was worked out by another one is worked out anew.
  env: { NEXT_PUBLIC_BUILD: new Date().toISOString() },
  headers: async () => [
    { source: "/_next/static/:path*", headers: STATIC_HEADERS },
    { source: "/icon:rest(.*)", headers: [{ key: "X-Content-Type-Options", value: "nosniff" }] },
  ],
};

export default config;
