// The import boundaries of docs/architecture.md, held by lint: every arrow there is a zone here.
import nextCoreWebVitals from "eslint-config-next/core-web-vitals";
import nextTypescript from "eslint-config-next/typescript";

/** Layers of the house, outermost first. A layer may import only what it names. */
const HOUSE = {
  screens: ["ui", "words", "store", "workers", "catalog", "core"],
  ui: ["words", "core"],
  words: ["core"],
  store: ["core", "catalog"],
  workers: ["core"],
  catalog: ["core"],
  core: [],
};

/** Folders of the core in layers: a folder may import its own layer's files and those of the layers before it. */
const CORE_LAYERS = [
  ["units"],
  ["wheel", "battery", "assist"],
  ["ride", "law"],
  ["display", "facts"],
  ["applied"],
  ["wishes"],
  ["keys", "decide"],
  ["sheet", "programming"],
  ["benches"],
  ["rig"],
  ["proof", "faults"],
  ["record"],
  ["book", "practice"],
  ["batch"],
];

const houseZones = Object.entries(HOUSE).map(([layer, allowed]) => ({
  target: `./src/${layer}`,
  from: [
    "./app",
    ...Object.keys(HOUSE)
      .filter((l) => l !== layer && !allowed.includes(l))
      .map((l) => `./src/${l}`),
  ],
  message: `${layer}/ may import only ${allowed.join(", ") || "nothing outside itself"} (docs/architecture.md).`,
}));

const coreZones = CORE_LAYERS.flatMap((layer, index) =>
  layer.map((folder) => ({
    target: `./src/core/${folder}`,
    from: CORE_LAYERS.flatMap((other, j) =>
      j > index ? other : j === index ? other.filter((f) => f !== folder) : [],
    ).map((f) => `./src/core/${f}`),
    message: `core/${folder} may not import a core folder of its own layer or a later one (docs/architecture.md).`,
  })),
).filter((zone) => zone.from.length > 0);

const KINDS_APART = {
  selector:
    ":matches(SwitchStatement[discriminant.object.name='encoding'], SwitchStatement[discriminant.object.property.name='encoding'])",
  message: "Ask kindOf(encoding): what a kind can do stands in src/core/display/encodings.",
};

const SAID_BY_NAME = {
  selector: "ExportAllDeclaration[exported=null]",
  message: "An index says by name what its room gives away.",
};

const SAID_IN_WORDS = "Words stand in src/words: import * as say from the file that mirrors this one.";
/** Text a person reads, wherever it stands in a part of a screen. Class names and ids are not sentences. */
const NO_TEXT = [
  "JSXText[value=/[A-Za-z]{2}/]",
  "JSXAttribute[name.name=/^(label|title|placeholder|hint|caption|alt|note|text|suffix|xTitle|yTitle|aria-label)$/] > Literal[value=/[A-Za-z]{2}/]",
  "Literal[value=/^[A-Z][a-z’]+ .*[a-z]/]",
  "Literal[value=/^[ ,·]+[a-z(]{2,}/]",
  "Literal[value=/[a-z]{2}[.?…]$/]",
  "TemplateElement[value.raw=/[A-Z][a-z’]+ [a-z]/]",
  "TemplateElement[value.raw=/ [a-z’]{2,}[.?!] ?$/]",
].map((selector) => ({ selector, message: SAID_IN_WORDS }));

const eslintConfig = [
  { ignores: [".next/**", "node_modules/**", "test-results/**", "playwright-report/**", "next-env.d.ts"] },
  ...nextCoreWebVitals,
  ...nextTypescript,
  {
    files: ["**/*.{ts,tsx}"],
    settings: { "import/resolver": { typescript: { project: "./tsconfig.json" } } },
    rules: {
      "@typescript-eslint/no-explicit-any": "error",
      "@typescript-eslint/no-non-null-assertion": "error",
      "@typescript-eslint/consistent-type-imports": ["error", { prefer: "type-imports" }],
      "import/no-restricted-paths": ["error", { zones: [...houseZones, ...coreZones] }],
      // The formatter lays code out; a sentence or a list of classes is data and may be longer.
      "max-len": [
        "error",
        { code: 120, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreRegExpLiterals: true },
      ],
    },
  },
  {
    // What no longer fits in the head is two. A describe() is a list of tests, not a function.
    files: ["**/*.{ts,tsx}"],
    ignores: ["**/*.test.{ts,tsx}", "src/core/keys/testingShipped.ts"],
    rules: { "max-lines-per-function": ["error", { max: 80 }] },
  },
  {
    files: ["src/screens/**/*.tsx", "app/**/*.tsx"],
    rules: { "max-lines": ["error", { max: 250 }] },
  },
  {
    // A person types with keys. What fills a field behind its back proves nothing of it.
    files: ["tests/e2e/**/*.ts"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector: "CallExpression[callee.property.name='fill'][callee.object.name!='Array'][arguments.length=1]",
          message: "Type with real keys: write() or handsOf() of tests/e2e/hands.ts.",
        },
      ],
    },
  },
  {
    files: ["src/**/*.{ts,tsx}"],
    rules: { "import/no-default-export": "error" },
  },
  {
    // What a kind of encoding can do stands in its own file; the step of old files to new ones asks the old kinds.
    files: ["src/**/*.{ts,tsx}"],
    ignores: ["src/core/display/encodings/**", "src/core/display/migrate.ts"],
    rules: {
      "no-restricted-syntax": ["error", KINDS_APART, SAID_BY_NAME],
    },
  },
  {
    // What a screen says stands in words/, where it can be read through and put into another language.
    files: ["src/screens/**/*.{ts,tsx}", "src/ui/**/*.{ts,tsx}", "app/**/*.tsx"],
    ignores: ["**/*.test.{ts,tsx}", "src/screens/testing/**"],
    rules: { "no-restricted-syntax": ["error", KINDS_APART, SAID_BY_NAME, ...NO_TEXT] },
  },
  {
    // Tests of the core, the words and the workers try them on what ships.
    files: ["src/core/**/*.test.ts", "src/ui/**/*.test.ts", "src/words/**/*.test.ts", "src/workers/**/*.test.ts"],
    rules: { "import/no-restricted-paths": "off" },
  },
  {
    // The core is pure: no framework, no browser, no clock, no dice.
    files: ["src/core/**/*.ts"],
    ignores: ["src/core/**/*.test.ts"],
    rules: {
      "no-restricted-imports": [
        "error",
        {
          patterns: [
            {
              group: ["react", "react-*", "next", "next/*", "dexie", "dexie-*", "node:*", "chart.js"],
              message: "core is pure TypeScript.",
            },
          ],
        },
      ],
      "no-restricted-globals": [
        "error",
        "window",
        "document",
        "navigator",
        "localStorage",
        "fetch",
        "performance",
        "setTimeout",
        "setInterval",
        "crypto",
        "indexedDB",
      ],
      "no-restricted-syntax": [
        "error",
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: "Pass a seed or a random source in.",
        },
        { selector: "MemberExpression[object.name='Date'][property.name='now']", message: "Pass the time in." },
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: "Pass the time in." },
        KINDS_APART,
        SAID_BY_NAME,
      ],
    },
  },
];

export default eslintConfig;
