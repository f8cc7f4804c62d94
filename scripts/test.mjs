import { mkdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { prepareBuild, prepareChromium, preparePackages, preparePostgres } from "./prepare.mjs";
import { follow, root, say } from "./run.mjs";
import { withThrowawayDatabase } from "./with-database.mjs";

const results = join(root, "test-results");
const counts = { passed: 0, failed: 0 };
const count = (passed, failed) => {
  counts.passed += passed;
  counts.failed += failed;
};

/** A check that passes or fails as a whole: counted as one. */
async function check(name, command, args) {
  const begun = Date.now();
  const code = await follow(command, args);
  count(code === 0 ? 1 : 0, code === 0 ? 0 : 1);
  say(`${code === 0 ? "passed" : "FAILED"}: ${name} (${secondsSince(begun)} s)`);
}

const secondsSince = (begun) => Math.round((Date.now() - begun) / 1000);

/** Checks that need one processor each, two at a time. */
async function inPairs(checks) {
  const queue = [...checks];
  const lane = async () => {
    for (let next = queue.shift(); next; next = queue.shift()) await next();
  };
  await Promise.all([lane(), lane()]);
}

async function jest() {
  const outputFile = join(results, "jest.json");
  await withThrowawayDatabase(async (url) => {
    const env = { ...process.env, TEST_DATABASE_URL: url };
    const args = [
      "--experimental-vm-modules",
      "--no-warnings",
      "node_modules/jest/bin/jest.js",
      "--json",
      `--outputFile=${outputFile}`,
    ];
    await follow(process.execPath, args, { env });
  });
  const { numPassedTests, numFailedTests, numFailedTestSuites, numPendingTests } = JSON.parse(
    readFileSync(outputFile, "utf8"),
  );
  // A suite that could not even start fails no test of its own; a skipped test is no pass.
  count(numPassedTests, Math.max(numFailedTests, numFailedTestSuites > 0 ? 1 : 0) + numPendingTests);
}

async function browsers() {
  const outputFile = join(results, "e2e.json");
  rmSync(outputFile, { force: true });
  // Every file of browser tests starts a program of its own (e2e/kitchen-test.ts).
  const env = { ...process.env, CHROMIUM: prepareChromium(), E2E_RESULTS: outputFile };
  const playwright = ["node_modules/@playwright/test/cli.js", "test", "--config", "e2e/playwright.config.ts"];
  await follow(process.execPath, playwright, { env });
  const { stats } = JSON.parse(readFileSync(outputFile, "utf8"));
  count(stats.expected, stats.unexpected + stats.flaky + stats.skipped);
}

const checks = {
  lint: () => check("lint", "npm", ["run", "--silent", "lint"]),
  types: () => check("types", "npm", ["run", "--silent", "typecheck"]),
  format: () => check("format", "npm", ["run", "--silent", "format:check"]),
  dependencies: () => check("dependency rules", "npm", ["run", "--silent", "depcheck"]),
  unused: () => check("unused code", "npm", ["run", "--silent", "unused"]),
};
const suites = { jest, browsers };

/** A step that cannot even be run is a failure. */
async function guarded(name, step) {
  const begun = Date.now();
  try {
    await step();
  } catch (error) {
    say(`FAILED: ${name}: ${error.message}`);
    count(0, 1);
  }
  if (name in suites) say(`${name} took ${secondsSince(begun)} s`);
}

/** `npm test` runs everything; `npm test -- types jest` runs some of it. */
async function main() {
  preparePackages();
  preparePostgres();
  prepareChromium();
  prepareBuild();
  mkdirSync(results, { recursive: true });
  const asked = process.argv.slice(2);
  const chosen = (steps) =>
    Object.entries(steps)
      .filter(([name]) => asked.length === 0 || asked.includes(name))
      .map(
        ([name, step]) =>
          () =>
            guarded(name, step),
      );
  await inPairs(chosen(checks));
  for (const suite of chosen(suites)) await suite();
  process.stdout.write(`${counts.passed} passed, ${counts.failed} failed\n`);
  process.exit(counts.failed === 0 && counts.passed > 0 ? 0 : 1);
}

await main();
