import { takePortion, firstOut } from "@apron/core/larder";
import { accept, refuse } from "@apron/core/measure";
import { nameFor } from "../stock/present-lot.ts";
import { conflict, notFound, type Answer } from "../context/refusal.ts";
import type { Kit, UseCase, UseCases } from "../context/request-context.ts";
import { wholeRecipe } from "../recipes/library.ts";
import { presentCautions } from "../recipes/read.ts";
import { presentContainer } from "./present-container.ts";
import type { StoredContainer } from "../context/ports/larder.store.ts";

const listLarder: UseCase<"listLarder"> = async (_input, kit) => {
  const standing = await kit.stores.larder.standing();
  return accept({ containers: [...standing].sort(firstOut).map((c) => presentContainer(c, kit)) });
};

type Wanted = { readonly grams: number | null; readonly fate: "eaten" | "given" | "discarded" };

/** Grams that leave the container: a portion when none are named; all of it may always be thrown away. */
function gramsOut(stored: StoredContainer, wanted: Wanted, kit: Kit): Answer<number> {
  if (wanted.fate === "discarded" && wanted.grams === null && stored.remainingG > 0)
    return accept(stored.remainingG);
  const portion = takePortion(stored, kit.today);
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

const withdraw: UseCase<"withdraw"> = async ({ params, body }, kit) => {
  const stored = await kit.stores.larder.getContainer(params.id);
  if (!stored) return notFound("container-unknown");
  const grams = gramsOut(stored, body, kit);
  if (!grams.ok) return grams;
  const withdrawalId = kit.newId();
  await kit.stores.larder.withdraw({
    id: withdrawalId,
    containerId: stored.id,
    grams: grams.value,
    fate: body.fate,
    at: kit.now,
    memberId: kit.asker.memberId,
    undoes: null,
  });
  const left = { ...stored, remainingG: stored.remainingG - grams.value };
  return accept({ withdrawalId, grams: grams.value, container: presentContainer(left, kit) });
};

const undoWithdrawal: UseCase<"undoWithdrawal"> = async ({ params }, kit) => {
  const earlier = await kit.stores.larder.getWithdrawal(params.id);
  if (!earlier || earlier.undoes !== null) return notFound("withdrawal-unknown");
  if (earlier.undone) return conflict("already-undone");
  const stored = await kit.stores.larder.getContainer(earlier.containerId);
  if (!stored) return notFound("container-unknown");
  const withdrawalId = kit.newId();
  await kit.stores.larder.withdraw({
    id: withdrawalId,
    containerId: stored.id,
    grams: -earlier.grams,
    fate: earlier.fate,
    at: kit.now,
    memberId: kit.asker.memberId,
    undoes: earlier.id,
  });
  const back = { ...stored, remainingG: stored.remainingG + earlier.grams };
  return accept({ withdrawalId, grams: -earlier.grams, container: presentContainer(back, kit) });
};

const getLabel: UseCase<"getLabel"> = async ({ params }, kit) => {
  const stored = await kit.stores.larder.getContainer(params.id);
  if (!stored) return notFound("container-unknown");
  const inputs = await kit.stores.larder.inputsOf(stored.batchId);
  const grams = new Map<string, number>();
  for (const input of inputs) grams.set(input.ingredient, (grams.get(input.ingredient) ?? 0) + input.grams);
  const byWeight = [...grams].sort((a, b) => b[1] - a[1]).map(([id]) => id);
  const recipe = await wholeRecipe(stored.recipeId, kit, stored.recipeVersion);
  return accept({
    container: presentContainer(stored, kit),
    ingredients: byWeight.map((id) => nameFor(kit, id)),
    allergens: [...stored.allergens],
    cautions: recipe ? presentCautions(recipe.formula, byWeight, kit) : [],
    mustNever: stored.mustNever,
  });
};

export const larderUseCases = { listLarder, withdraw, undoWithdrawal, getLabel } satisfies UseCases<
  "listLarder" | "withdraw" | "undoWithdrawal" | "getLabel"
>;
