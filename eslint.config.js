import js from "@eslint/js";
import prettier from "eslint-config-prettier";
import vue from "eslint-plugin-vue";
import globals from "globals";
import ts from "typescript-eslint";

const sizes = {
  "max-lines": ["error", { max: 300, skipBlankLines: true, skipComments: true }],
  "max-lines-per-function": ["error", { max: 40, skipBlankLines: true, skipComments: true }],
  "max-params": ["error", 3],
};
const noDefaultExport = {
  "no-restricted-syntax": ["error", { selector: "ExportDefaultDeclaration", message: "Named exports only." }],
};
const unused = ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_", ignoreRestSiblings: true }];

export default ts.config(
  {
    ignores: [
      "**/dist",
      "**/node_modules",
      "**/coverage",
      "test-results",
      "playwright-report",
      ".data*",
      ".test-data",
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommendedTypeChecked.map((config) => ({
    ...config,
    files: ["{core,contract,server,e2e}/**/*.ts"],
  })),
  ...ts.configs.recommended.map((config) => ({ ...config, files: ["web/**/*.{ts,vue}"] })),
  ...vue.configs["flat/recommended"],
  {
    files: ["{core,contract,server,e2e}/**/*.ts"],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: { ...sizes, ...noDefaultExport, "@typescript-eslint/no-unused-vars": unused, "no-undef": "off" },
  },
  {
    files: ["web/src/**/*.{ts,vue}"],
    languageOptions: { parserOptions: { parser: ts.parser, sourceType: "module" }, globals: globals.browser },
    rules: {
      ...sizes,
      "@typescript-eslint/no-unused-vars": unused,
      "no-undef": "off",
      "vue/multi-word-component-names": "off",
      "vue/require-default-prop": "off",
    },
  },
  {
    files: ["web/src/**/*.ts"],
    rules: noDefaultExport,
  },
  // Playwright takes what its set-up file exports by default, and the component library its ripple.
  { files: ["e2e/demo-kitchen.ts", "web/src/ui/no-ripple.ts"], rules: { "no-restricted-syntax": "off" } },
  {
    files: ["scripts/**/*.mjs", "server/build.mjs", "*.js", "*.cjs", "web/vite.config.ts"],
    languageOptions: { globals: globals.node },
  },
  {
    // Figures are data, and tests read as tables and stories.
    files: [
      "core/src/*/tables/*.ts",
      "**/*.test.ts",
      "e2e/**/*.ts",
      "server/{test,bench}/**/*.ts",
      "server/src/persistence/migrations/*.ts",
      "server/src/demo/formulas.ts",
    ],
    rules: { "max-lines": "off", "max-lines-per-function": "off", "max-params": "off" },
  },
  {
    // Configuration files that their tools want as default exports.
    files: ["e2e/playwright.config.ts", "web/vite.config.ts", "**/*.d.ts"],
    rules: { "no-restricted-syntax": "off" },
  },
  prettier,
);
