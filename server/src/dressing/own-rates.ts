import type { ReplyOf } from "@apron/contract";
import { provenance } from "@apron/core/catalogue";
import { dressingFor, dressingRates, jarsThatCount, leftInJar, rateByJar } from "@apron/core/dressing";
import { accept } from "@apron/core/measure";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";

type Settings = Pick<Kit["asker"]["kitchen"]["settings"], "jars">;

/** Grams of dressing that went on 100 g of a kind of salad in this kitchen, jars weighed back, oldest first. */
export const ownRates = (group: string, kit: Pick<Kit, "asker">): number[] =>
  ratesIn(kit.asker.kitchen.settings, group);

const ratesIn = ({ jars = [] }: Settings, group: string): number[] =>
  jars
    .filter((jar) => jar.group === group)
    .slice(-jarsThatCount)
    .map((jar) => jar.per100g);

/** How much dressing a salad of a kind takes here. */
export function neededFor(
  { group, saladG, madeG }: { group: string; saladG: number; madeG?: number | undefined },
  kit: Pick<Kit, "asker">,
): Answer<ReplyOf<"dressingForSalad">> {
  const rate = dressingRates.find((one) => one.group === group);
  if (!rate) return notFound("salad-unknown", "group");
  const own = ownRates(group, kit);
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
export const weighJarBack: UseCase<"weighJarBack"> = async ({ body }, kit) => {
  const { group, saladG, usedG } = body;
  const rate = rateByJar(saladG, usedG);
  if (!rate.ok) return refuseWith(rate.issue, "usedG");
  const known = neededFor({ group, saladG }, kit);
  if (!known.ok) return known;
  const before = kit.asker.kitchen.settings;
  const settings = { ...before, jars: [...(before.jars ?? []), { group, per100g: rate.value }] };
  await kit.stores.kitchen.change({ settings });
  return neededFor(
    { group, saladG },
    { asker: { ...kit.asker, kitchen: { ...kit.asker.kitchen, settings } } },
  );
};
