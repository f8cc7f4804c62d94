import type { ReplyOf } from "@apron/contract";
import { provenance } from "@apron/core/catalogue";
import { dressingFor, dressingRates, jarsThatCount, leftInJar, rateByJar } from "@apron/core/dressing";
import { accept } from "@apron/core/measure";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";

type WithStores = Pick<RequestContext, "stores">;

/** Grams of dressing that went on 100 g of a kind of salad in this kitchen: the jars that count, oldest first. */
export const ownRates = async (group: string, { stores }: WithStores): Promise<number[]> =>
  (await stores.dressingWeighings.rates(group)).slice(-jarsThatCount);

/** How much dressing a salad of a kind takes here. */
async function neededFor(
  { group, saladG, madeG }: { group: string; saladG: number; madeG?: number | undefined },
  context: WithStores,
): Promise<Answer<ReplyOf<"dressingForSalad">>> {
  const rate = dressingRates.find((one) => one.group === group);
  if (!rate) return notFound("salad-unknown", "group");
  const own = await ownRates(group, context);
  const grams = dressingFor(saladG, rate, own);
  return accept({
    grams,
    left: madeG === undefined ? null : leftInJar(madeG, grams),
    when: rate.when,
    source: provenance(rate),
    ownWeighings: own.length,
  });
}

/** A jar weighed before and after: what went on is this kitchen's own figure from now on. */
export const weighJarBack: UseCase<"weighJarBack"> = async ({ body }, context) => {
  const { group, saladG, usedG } = body;
  const rate = rateByJar(saladG, usedG);
  if (!rate.ok) return refuseWith(rate.issue, "usedG");
  const known = await neededFor({ group, saladG }, context);
  if (!known.ok) return known;
  await context.stores.dressingWeighings.add({
    id: context.newId(),
    saladGroup: group,
    per100g: rate.value,
    at: context.now,
    memberId: context.session.memberId,
  });
  return neededFor({ group, saladG }, context);
};

/** How much dressing a salad takes, and what stays in the jar. */
export const dressingForSalad: UseCase<"dressingForSalad"> = ({ query }, context) =>
  neededFor(query, context);
