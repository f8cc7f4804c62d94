import { rmSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { startCluster } from "./cluster.mjs";
import { preparePostgres } from "./prepare.mjs";
import { follow, root } from "./run.mjs";

/** Runs `work` with a throwaway PostgreSQL (durability off) and takes it down again, whatever happens. */
export async function withThrowawayDatabase(work) {
  const data = join(root, ".test-data", String(process.pid));
  const cluster = await startCluster(data, preparePostgres(), { quick: true });
  try {
    return await work(cluster.url);
  } finally {
    await cluster.stop();
    for (const folder of [data, cluster.folder]) rmSync(folder, { recursive: true, force: true });
  }
}

/** `node scripts/with-database.mjs COMMAND …` runs one command with TEST_DATABASE_URL set. */
if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) {
  const [command, ...args] = process.argv.slice(2);
  process.exitCode = await withThrowawayDatabase((url) =>
    follow(command, args, { env: { ...process.env, TEST_DATABASE_URL: url } }),
  );
}
