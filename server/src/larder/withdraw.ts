import { takePortion } from "@apron/core/larder";
import { accept, refuse } from "@apron/core/measure";
import type { StoredContainer } from "../context/ports/larder.store.ts";
import { conflict, notFound, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { presentContainer } from "./present-container.ts";

type Wanted = { readonly grams: number | null; readonly fate: "eaten" | "given" | "discarded" };

/** Grams that leave the container: a portion when none are named; all of it may always be thrown away. */
function gramsOut(stored: StoredContainer, wanted: Wanted, context: RequestContext): Answer<number> {
  if (wanted.fate === "discarded" && wanted.grams === null && stored.remainingG > 0)
    return accept(stored.remainingG);
  const portion = takePortion(stored, context.today);
  const pastUseBy = !portion.ok && portion.issue.code === "past-use-by" && wanted.fate === "discarded";
  if (!portion.ok && !pastUseBy) {
    const { code, ...measurements } = portion.issue;
    return conflict(code, measurements);
  }
  const grams = wanted.grams ?? (portion.ok ? portion.value : stored.remainingG);
  if (grams <= stored.remainingG) return accept(grams);
  const measurements = { askedG: grams, onHandG: stored.remainingG };
  return refuse({ status: 422, code: "more-than-on-hand", field: "grams", measurements });
}

/** Takes a portion, some grams or all of it out of a container. */
export const withdraw: UseCase<"withdraw"> = async ({ params, body }, context) => {
  const stored = await context.stores.larder.getContainer(params.id);
  if (!stored) return notFound("container-unknown");
  const grams = gramsOut(stored, body, context);
  if (!grams.ok) return grams;
  const withdrawalId = context.newId();
  await context.stores.larder.withdraw({
    id: withdrawalId,
    containerId: stored.id,
    grams: grams.value,
    fate: body.fate,
    at: context.now,
    memberId: context.session.memberId,
    undoes: null,
  });
  const left = { ...stored, remainingG: stored.remainingG - grams.value };
  return accept({ withdrawalId, grams: grams.value, container: presentContainer(left, context) });
};

/** Puts back what was taken out. */
export const undoWithdrawal: UseCase<"undoWithdrawal"> = async ({ params }, context) => {
  const earlier = await context.stores.larder.getWithdrawal(params.id);
  if (!earlier || earlier.undoes !== null) return notFound("withdrawal-unknown");
  if (earlier.undone) return conflict("already-undone");
  const stored = await context.stores.larder.getContainer(earlier.containerId);
  if (!stored) return notFound("container-unknown");
  const withdrawalId = context.newId();
  await context.stores.larder.withdraw({
    id: withdrawalId,
    containerId: stored.id,
    grams: -earlier.grams,
    fate: earlier.fate,
    at: context.now,
    memberId: context.session.memberId,
    undoes: earlier.id,
  });
  const back = { ...stored, remainingG: stored.remainingG + earlier.grams };
  return accept({ withdrawalId, grams: -earlier.grams, container: presentContainer(back, context) });
};
