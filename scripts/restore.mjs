import { existsSync } from "node:fs";
import { resolve } from "node:path";
import { askDatabase, checkBackup, readBackup } from "./backup-file.mjs";
import { dataFolder, openDatabase } from "./open-database.mjs";
import { preparePostgres } from "./prepare.mjs";
import { say } from "./run.mjs";

/** `npm run restore -- FILE`: a backup into an empty data folder (APRON_DATA), or an empty database (DATABASE_URL). */
async function main() {
  const named = process.argv[2];
  if (!named) throw new Error("say which file: npm run restore -- FILE");
  const file = resolve(named);
  if (!existsSync(file)) throw new Error(`there is no file ${file}`);
  await checkBackup(file, preparePostgres());
  const database = await openDatabase({ mustExist: false });
  const where = process.env.DATABASE_URL ? "the database of DATABASE_URL" : dataFolder();
  try {
    const tables = askDatabase(database, "select count(*) from pg_tables where schemaname = 'public'");
    if (tables !== "0")
      throw new Error(
        `${where} is not empty: a backup goes into an empty one. Set APRON_DATA to a new folder.`,
      );
    await readBackup(database, file);
    say(`restored into ${where}; npm start opens it`);
  } finally {
    await database.close();
  }
}

main().catch((error) => {
  process.stderr.write(`Nothing was restored: ${error.message}\n`);
  process.exit(1);
});
