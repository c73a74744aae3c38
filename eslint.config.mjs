import boundaries from "eslint-plugin-boundaries";
import expo from "eslint-config-expo/flat.js";
import prettier from "eslint-config-prettier";
import { defineConfig } from "eslint/config";

const NAMES = ["core", "trials", "contract", "server", "app", "e2e", "scripts"];

// By the whole path: a folder of the app may be called like a package.
const PACKAGES = NAMES.map((type) => ({ type, pattern: type, partialMatch: false }));

const to = (type) => ({ to: { element: { type } } });

const from = (type, ...allow) => ({
  from: { element: { type } },
  allow: [to(type), ...allow],
});

/** Which package may import which: arrows go one way. */
const ARROWS = [
  from("core"),
  from("trials", to("core")),
  from("contract", to("core")),
  from("server", to("contract"), to("core")),
  from("app", to("contract"), to("core")),
  from("e2e", to("contract"), to("trials"), to("core")),
  from("scripts", to("server"), to("contract"), to("core")),
];

/** What the core may not name: it is pure TypeScript without a dependency. */
const NOT_IN_CORE = ["react*", "@tamagui/*", "expo*", "express*", "kysely*", "zod*", "node:*"];

/** The rooms of the core that are one part; the others have their parts in them. */
const ONE_PART = "measure|random|callout|record|testing";

const PARTS_BY_INDEX = {
  regex: `^(?:\\.\\./)+(?:(?:${ONE_PART})/|[^./]+/[^/]+/)`,
  message: "import another part of core by its index",
};

/** What a file of the core may not import: nothing from outside, nothing from within another part. */
const coreImports = (...patterns) => ({
  "no-restricted-imports": [
    "error",
    {
      patterns: [
        { group: NOT_IN_CORE, message: "core imports nothing outside core" },
        PARTS_BY_INDEX,
        ...patterns,
      ],
    },
  ],
});

export default defineConfig([
  {
    ignores: ["**/dist/**", "**/.expo/**", "**/node_modules/**", "**/test-results/**", ".cache/**"],
  },
  {
    // Asked before any other resolver: its paths lead to the packages' sources; through node_modules they
    // would count as foreign and no arrow would be checked.
    settings: { "import/resolver": { typescript: { project: "tsconfig.eslint.json" } } },
  },
  ...expo,
  prettier,
  {
    files: ["**/*.ts", "**/*.tsx"],
    plugins: { boundaries },
    settings: {
      "boundaries/elements": PACKAGES,
      "boundaries/include": ["**/*.ts", "**/*.tsx"],
    },
    rules: {
      "boundaries/dependencies": ["error", { default: "disallow", policies: ARROWS }],
      "max-lines": ["error", { max: 350, skipBlankLines: true, skipComments: true }],
      eqeqeq: "error",
      "no-console": "error",
      "no-restricted-exports": ["error", { restrictDefaultExports: { direct: true } }],
    },
  },
  {
    files: ["core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      ...coreImports(),
      "no-restricted-globals": ["error", "document", "window", "fetch", "process", "localStorage"],
      "no-restricted-properties": [
        "error",
        { object: "Date", property: "now", message: "core is handed its clock" },
        { object: "Math", property: "random", message: "core is handed its random source" },
      ],
    },
  },
  {
    // In a room of several parts the parts beside are one step up.
    files: ["core/*/*/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: coreImports({
      regex: "^\\.\\./[^./]+/",
      message: "import another part of core by its index",
    }),
  },
  {
    files: ["trials", "app", "server", "contract", "e2e"].map((name) => `${name}/**/*.{ts,tsx}`),
    rules: {
      "no-restricted-imports": [
        "error",
        {
          patterns: [
            {
              group: [
                "@root-gauge/core/*/*/*",
                "@root-gauge/contract/*",
                "!@root-gauge/contract/operations",
                "**/core/index",
              ],
              message: "import a package by one of its entries",
            },
          ],
        },
      ],
    },
  },
  {
    // What the engine is measured with may know nothing of it.
    files: ["trials/bucket/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-imports": [
        "error",
        {
          patterns: [
            {
              regex: "^(?!\\./|@root-gauge/core/(?:random|catalogue/threads|measure)$)",
              message: "the bucket is drawn and read apart from what is held against it",
            },
          ],
        },
      ],
    },
  },
  {
    files: ["app/src/**/*.ts", "app/src/**/*.tsx"],
    ignores: ["**/*.test.ts", "**/*.test.tsx"],
    rules: {
      "no-restricted-syntax": [
        "error",
        ...["Literal[value=%]", "JSXText[value=%]", "TemplateElement[value.raw=%]"].map((node) => ({
          selector: node.replace("%", "/(?:\\S+\\s+){3,}\\S*\\w[.?!](?:\\s|”|$)/"),
          message: "a sentence of four words and more belongs to core's words",
        })),
      ],
    },
  },
  {
    files: ["**/*.test.ts", "**/*.test.tsx", "**/*.spec.ts"],
    rules: {
      "no-restricted-syntax": [
        "error",
        ...[
          "CallExpression[arguments.length=3] > Literal.arguments:last-child[value>999]",
          "CallExpression[callee.property.name='setTimeout'][callee.object.name=/^(?:jest|test)$/]",
        ].map((selector) => ({
          selector,
          message: "the runners' limits are set once, far over what a slow machine takes",
        })),
      ],
    },
  },
  {
    // Playwright hands a fixture on through a function named `use`, and reads which fixtures it wants from the pattern.
    files: ["e2e/**/*.ts"],
    rules: { "react-hooks/rules-of-hooks": "off", "no-empty-pattern": "off" },
  },
  {
    // Tamagui takes an app's own tokens into its types by an empty interface.
    files: ["app/src/kit/tamagui.config.ts"],
    rules: { "@typescript-eslint/no-empty-object-type": "off" },
  },
  {
    // The table and the virtual list hand out functions of their own; no compiler memoizes them here.
    files: ["app/src/charts/threads/thread-table.tsx"],
    rules: { "react-hooks/incompatible-library": "off" },
  },
  {
    // Expo Router takes a route's default export; tools take their configuration's.
    files: ["app/src/app/**", "**/*.config.ts"],
    rules: { "no-restricted-exports": "off" },
  },
]);
