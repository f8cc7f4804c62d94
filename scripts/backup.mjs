import { resolve } from "node:path";
import { backupFolder, newBackupIn, writeBackup } from "./backup-file.mjs";
import { dataFolder, openDatabase } from "./open-database.mjs";
import { say } from "./run.mjs";

/** `npm run backup [-- FILE]`: one file with everything of every kitchen, also while the program runs. */
async function main() {
  const named = process.argv[2];
  const file = named ? resolve(named) : newBackupIn(backupFolder(dataFolder()));
  const database = await openDatabase();
  try {
    const bytes = await writeBackup(database, file);
    say(`backed up to ${file} (${Math.ceil(bytes / 1024)} kB), read once to check`);
  } finally {
    await database.close();
  }
}

main().catch((error) => {
  process.stderr.write(`The backup was not made: ${error.message}\n`);
  process.exit(1);
});
