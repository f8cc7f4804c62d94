import { follow } from "./run.mjs";
import { withThrowawayDatabase } from "./with-database.mjs";
await withThrowawayDatabase((url) =>
  follow(process.execPath, [...process.argv.slice(2), "server/dist/prof.js"], {
    env: { ...process.env, TEST_DATABASE_URL: url },
  }),
);
