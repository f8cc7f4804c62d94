import { readdir, stat } from "node:fs/promises";
import { join } from "node:path";
import { accept } from "@apron/core/measure";
import type { UseCase } from "../context/request-context.ts";

/** The backups of a folder (scripts/backup-file.mjs makes them), newest first. */
export async function backupsOf(folder: string): Promise<Date[]> {
  const names = await readdir(folder).catch(() => []);
  const files = names.filter((name) => name.endsWith(".backup"));
  const times = await Promise.all(files.map(async (name) => (await stat(join(folder, name))).mtime));
  return times.sort((a, b) => b.getTime() - a.getTime());
}

export const getBackups: UseCase<"getBackups"> = async (_input, { backups }) => {
  const made = await backups();
  return accept({ newest: made?.[0]?.toISOString() ?? null, kept: made?.length ?? null });
};
