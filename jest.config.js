const swc = [
  "@swc/jest",
  {
    jsc: { target: "es2023", parser: { syntax: "typescript" } },
    module: { type: "es6" },
    sourceMaps: "inline",
  },
];

const project = (name, extra = {}) => ({
  displayName: name,
  rootDir: name,
  testEnvironment: "node",
  testMatch: ["<rootDir>/{src,test}/**/*.test.ts"],
  extensionsToTreatAsEsm: [".ts"],
  transform: { "^.+\\.ts$": swc },
  ...extra,
});

export default {
  projects: [
    project("core"),
    project("contract"),
    project("server"),
    project("web", {
      testEnvironment: "jsdom",
      globals: {
        __VUE_OPTIONS_API__: true,
        __VUE_PROD_DEVTOOLS__: false,
        __VUE_PROD_HYDRATION_MISMATCH_DETAILS__: false,
      },
    }),
  ],
  globalSetup: "<rootDir>/scripts/announce-seed.mjs",
  testTimeout: 60_000,
  maxWorkers: 2,
  reporters: [["default", { summaryThreshold: 1000 }]],
};
