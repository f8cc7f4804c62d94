import { readdir, stat } from "node:fs/promises";
import { join } from "node:path";
import { accept } from "@apron/core/measure";
import type { UseCase } from "../context/request-context.ts";

const isMissing = (error: unknown): boolean =>
  error instanceof Error && "code" in error && error.code === "ENOENT";

/** The backups of a folder (scripts/backup-file.mjs makes them), newest first; null where this user may not look. */
export async function backupsOf(folder: string): Promise<Date[] | null> {
  const names = await readdir(folder).catch((error: unknown) => (isMissing(error) ? [] : null));
  if (names === null) return null;
  const files = names.filter((name) => name.endsWith(".backup"));
  const times = await Promise.all(files.map(async (name) => (await stat(join(folder, name))).mtime));
  return times.sort((a, b) => b.getTime() - a.getTime());
}

export const getBackups: UseCase<"getBackups"> = async (_input, { backups }) => {
  const made = await backups();
  return accept({ newest: made?.[0]?.toISOString() ?? null, kept: made?.length ?? null });
};
