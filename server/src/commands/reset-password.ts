import { randomUUID } from "node:crypto";
import { accept } from "@apron/core/measure";
import { invite } from "../kitchen/members.ts";
import { dataSourceFor } from "../persistence/data-source.ts";
import { appUrlFor, migrate } from "../persistence/migrate.ts";
import { databaseOf } from "../persistence/unit-of-work.ts";

/** As long as the code works: whoever may run this sits beside the machine. */
const hours = 1;

/** Says a code with which somebody sets a new password; run by `npm run reset-password -- NAME`. */
async function main(): Promise<void> {
  const [ownerUrl, name] = [process.env["DATABASE_URL"] ?? "", process.argv[2] ?? ""];
  await migrate(ownerUrl);
  const database = databaseOf(await dataSourceFor(appUrlFor(ownerUrl), 1).initialize());
  try {
    const account = await database.accounts.find(name);
    const [kitchen] = account ? await database.accounts.kitchensOf(account.id) : [];
    if (!account || !kitchen) throw new Error(`Nobody signs in here as “${name}”.`);
    const now = new Date();
    const offered = await database.change(kitchen.kitchenId, async (stores) => {
      const [id, kind] = [randomUUID(), "password-reset-offered" as const];
      await stores.people.note({ id, at: now, kind, who: "This machine", whom: account.name });
      const about = {
        kind: "password",
        role: kitchen.role,
        accountId: account.id,
        days: hours / 24,
      } as const;
      return accept(await invite(about, { stores, newId: randomUUID, now }));
    });
    if (!offered.ok) throw new Error(`No code could be made: ${offered.issue.code}`);
    const { code } = offered.value;
    process.stdout.write(
      `Open /join on the kitchen's address and enter ${code} to choose a new password for ${account.name}. It works once, for an hour.\n`,
    );
  } finally {
    await database.close();
  }
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
