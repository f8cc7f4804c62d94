import type { Deps } from "../context/request-context.ts";

const everyMs = 60 * 60 * 1000;

/** What is due: kitchens whose grace is over go, and what only grows is pruned. Several processes may do it at once. */
async function keepHouse(deps: Deps): Promise<void> {
  const { authStore } = deps.database;
  try {
    const deleted = await authStore.deleteDueKitchens(deps.now());
    if (deleted > 0) deps.log("kitchens were deleted, as their owners asked", { deleted });
    await authStore.prune(deps.now());
  } catch (error) {
    deps.log("housekeeping failed; it is tried again within the hour", { error: String(error) });
  }
}

/** Now, and every hour from now on. */
export async function keepHouseEveryHour(deps: Deps): Promise<void> {
  await keepHouse(deps);
  setInterval(() => void keepHouse(deps), everyMs).unref();
}
