/** Why a batch cannot be taken back: it was already, something of it was taken, or what it gave back is used. */
export type UndoBatchIssue = { readonly code: "already-undone" | "taken-since" | "used-since" };

type Held = { readonly startG: number; readonly remainingG: number; readonly kind: string };
type Left = { readonly receivedG: number; readonly balanceG: number };

/**
 * May a batch be taken back? As long as nothing was taken of what was stored and nothing used of what it gave back to the
 * basket. What was eaten at once is no obstacle: it may be what was typed wrong.
 */
export function undoBatchIssue(batch: {
  readonly isUndone: boolean;
  readonly containers: readonly Held[];
  readonly leftOvers: readonly Left[];
}): UndoBatchIssue | undefined {
  if (batch.isUndone) return { code: "already-undone" };
  if (batch.containers.some((one) => one.kind !== "plate" && one.remainingG < one.startG))
    return { code: "taken-since" };
  if (batch.leftOvers.some((lot) => lot.balanceG !== lot.receivedG)) return { code: "used-since" };
  return undefined;
}
