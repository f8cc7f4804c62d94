import { join } from "node:path";
import { preparePackages } from "./prepare.mjs";
import { follow, root, run } from "./run.mjs";
import { withThrowawayDatabase } from "./with-database.mjs";

/** Planning alone needs neither server nor database. */
async function benchPlan() {
  const { build } = await import("esbuild");
  const outfile = join(root, "node_modules", ".cache", "bench-plan.mjs");
  const entryPoints = [join(root, "core/test/bench-plan.ts")];
  await build({ entryPoints, outfile, bundle: true, format: "esm", platform: "node", packages: "external" });
  return follow(process.execPath, [outfile], {});
}

async function benchService() {
  run("npm", ["run", "--silent", "build", "--workspace", "server"]);
  return withThrowawayDatabase((url) =>
    follow(process.execPath, ["server/dist/bench.js"], { env: { ...process.env, TEST_DATABASE_URL: url } }),
  );
}

/** `npm run bench`: speed as ratios in one run, on throwaway data, over loopback only; `npm run bench -- plan`: planning. */
preparePackages();
process.exitCode = process.argv.includes("plan") ? await benchPlan() : await benchService();
