import { join } from "node:path";
import { openDatabase } from "./open-database.mjs";
import { prepareBuild } from "./prepare.mjs";
import { follow, root } from "./run.mjs";

/** `npm run reset-password -- NAME`: a code with which an owner who forgot their password sets a new one. */
async function main() {
  const name = process.argv.slice(2).join(" ");
  if (name === "") throw new Error("say whose: npm run reset-password -- NAME");
  const database = await openDatabase();
  try {
    prepareBuild();
    const env = { ...process.env, DATABASE_URL: database.url };
    process.exitCode = await follow(process.execPath, [join(root, "server/dist/reset-password.js"), name], {
      env,
    });
  } finally {
    await database.close();
  }
}

main().catch((error) => {
  process.stderr.write(`No password was reset: ${error.message}\n`);
  process.exit(1);
});
