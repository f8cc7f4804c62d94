import { join } from "node:path";
import { benchPage } from "./bench-page.mjs";
import { prepareBuild, preparePackages } from "./prepare.mjs";
import { follow, root, run } from "./run.mjs";
import { withThrowawayDatabase } from "./with-database.mjs";

/** Planning alone needs neither server nor database. */
async function benchCore(name) {
  const { build } = await import("esbuild");
  const outfile = join(root, "node_modules", ".cache", `${name}.mjs`);
  const entryPoints = [join(root, `core/test/${name}.ts`)];
  await build({ entryPoints, outfile, bundle: true, format: "esm", platform: "node", packages: "external" });
  return follow(process.execPath, [outfile], {});
}

async function benchService(script) {
  run("npm", ["run", "--silent", "build"]);
  const env = { ...process.env, APRON_WEB: join(root, "web", "dist"), UV_THREADPOOL_SIZE: "12" };
  return withThrowawayDatabase((url) =>
    follow(process.execPath, [`server/dist/${script}.js`], { env: { ...env, TEST_DATABASE_URL: url } }),
  );
}

const parts = {
  plan: () => benchCore("bench-plan"),
  match: () => benchCore("bench-match"),
  page: () => {
    prepareBuild();
    return benchPage();
  },
  floods: () => benchService("bench-floods"),
  service: () => benchService("bench"),
};

/**
 * `npm run bench`: speed as ratios in one run, on throwaway data, over loopback only; `-- plan`: planning; `-- match`: the plan for the coming days; `-- floods`: what
 * many at once do to one another; `-- page`: how long the page is busy at a stretch.
 */
preparePackages();
process.exitCode = await parts[process.argv.find((word) => word in parts) ?? "service"]();
