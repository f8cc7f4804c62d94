import { defineConfig } from "@playwright/test";

/** Addresses come from scripts/test.mjs, which starts the servers on throwaway data. */
export default defineConfig({
  testDir: ".",
  workers: 1,
  fullyParallel: false,
  timeout: 45_000,
  expect: { timeout: 10_000 },
  reporter: [["list"], ["json", { outputFile: process.env["E2E_RESULTS"] ?? "../test-results/e2e.json" }]],
  outputDir: "../test-results/e2e",
  use: {
    baseURL: process.env["E2E_DEMO_URL"] ?? "http://127.0.0.1:4310",
    viewport: { width: 1280, height: 800 },
    screenshot: "only-on-failure",
    launchOptions: {
      executablePath: process.env["CHROMIUM"] ?? "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
