import { randomUUID } from "node:crypto";
import { accept } from "@apron/core/measure";
import { codeHash, newCode } from "../kitchen/invite-code.ts";
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
    const [code, now] = [newCode(), new Date()];
    const invite = {
      ...({ id: randomUUID(), kind: "password", role: kitchen.role, accountId: account.id } as const),
      ...{ codeHash: codeHash(code), createdAt: now, expiresAt: new Date(now.getTime() + hours * 3_600_000) },
    };
    await database.change(kitchen.kitchenId, async ({ people }) => {
      await people.invite(invite);
      const who = "This machine";
      await people.note({
        id: randomUUID(),
        at: now,
        kind: "password-reset-offered",
        who,
        whom: account.name,
      });
      return accept(true);
    });
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
