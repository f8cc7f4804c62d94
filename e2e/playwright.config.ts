import { defineConfig } from "@playwright/test";

/** Every file has a program of its own (kitchen-test.ts), so files run side by side; within one, tests follow each other. */
export default defineConfig({
  testDir: ".",
  globalSetup: "./demo-kitchen.ts",
  workers: 2,
  fullyParallel: false,
  // Not a measure of speed (`npm run bench` is): a machine whose processors are taken by others for a while is no fault of
  // the program. What never comes still fails.
  timeout: 150_000 * Number(process.env["E2E_SLOWDOWN"] ?? "1"),
  expect: { timeout: 40_000 },
  reporter: [["list"], ["json", { outputFile: process.env["E2E_RESULTS"] ?? "../test-results/e2e.json" }]],
  outputDir: "../test-results/e2e",
  use: {
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
