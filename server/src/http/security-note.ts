import type { SecurityEventKind } from "../context/ports/security-event.ts";
import type { Deps } from "../context/request-context.ts";

/** Writes down what somebody did who is not at work in the kitchen it concerns: signing in, taking it along. */
export const noteFrom = (
  outside: { readonly kitchenId: string; readonly kind: SecurityEventKind; readonly who: string },
  deps: Deps,
): Promise<void> => {
  const { kitchenId, kind, who } = outside;
  return deps.database.authStore.note(kitchenId, { id: deps.newId(), at: deps.now(), kind, who, whom: "" });
};
