import { preparePackages } from "./prepare.mjs";
import { follow, run } from "./run.mjs";
import { withThrowawayDatabase } from "./with-database.mjs";

/** `npm run bench`: speed as ratios in one run, on throwaway data, over loopback only. */
preparePackages();
run("npm", ["run", "--silent", "build", "--workspace", "server"]);
process.exitCode = await withThrowawayDatabase((url) =>
  follow(process.execPath, ["server/dist/bench.js"], { env: { ...process.env, TEST_DATABASE_URL: url } }),
);
