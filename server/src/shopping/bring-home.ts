import type { InputOf, Lot } from "@apron/contract";
import { soldAmount, withBought, type ShoppingNeed } from "@apron/core/shopping";
import { accept, refuse } from "@apron/core/measure";
import { logIntake } from "../basket/log-intake.ts";
import type { ShoppingItemRecord } from "../context/ports/meal-plan.store.ts";
import { notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { factsOf } from "../stock/present-lot.ts";
import { yieldsInForce } from "../stock/yields-in-force.ts";
import { listNow, needsNow } from "./shopping-list.ts";

type Bought = InputOf<"bringShoppingHome">["body"]["items"][number];
type Line = InputOf<"logIntake">["body"]["lines"][number];

const asUsual = { place: null, grade: "prime", bestBefore: null } as const;

/** A line of the intake; undefined of what is no food: it is only ticked off. */
function lineOf(
  { lotId: id, amount }: Bought,
  what: ShoppingNeed | ShoppingItemRecord,
  context: RequestContext,
): Line | undefined {
  if (what.ingredient === null) return undefined;
  if ("counter" in what)
    return { ...asUsual, id, text: what.bought, ingredient: what.bought, amount: amount ?? soldAmount(what) };
  const { ingredient } = what;
  const text = amount === null ? what.text : `${amount} ${context.catalogue.ingredients.get(ingredient)?.uk}`;
  return { ...asUsual, id, text, ingredient: null, amount: null };
}

/** What was bought becomes lots, all or none, reserved at once for the dishes that it was bought for. */
export const bringShoppingHome: UseCase<"bringShoppingHome"> = async ({ body }, context) => {
  const { shopping } = context.stores;
  const [needs, noted] = [await needsNow(context), await shopping.items()];
  const lines: Line[] = [];
  /** Which item each line is of: what is no food has none. */
  const itemOf: number[] = [];
  for (const [index, item] of body.items.entries()) {
    const what =
      needs.find((need) => need.ingredient === item.key) ??
      noted.find((one) => one.key === item.key && one.text !== "");
    if (!what) return notFound("shopping-item-unknown", "items");
    const line = lineOf(item, what, context);
    if (line) itemOf[lines.push(line) - 1] = index;
  }
  const logged = lines.length === 0 ? undefined : await logIntake(intakeOf(lines, body, context), context);
  if (logged && !logged.ok)
    return refuse({
      ...logged.issue,
      field: logged.issue.field?.replace(/^lines\.(\d+)/, (_, line) => `items.${itemOf[Number(line)]}`),
    });
  const lots = logged?.value.lots ?? [];
  const given = lots.flatMap((lot) => {
    const key = body.items.find((item) => item.lotId === lot.id)?.key;
    const need = needs.find((one) => one.ingredient === key);
    return need ? [{ lot, need }] : [];
  });
  await giveToDishes(given, context);
  await shopping.remove(body.items.map((item) => item.key));
  return accept({ lots, list: await listNow(context) });
};

const intakeOf = (
  lines: Line[],
  { priceMinor }: InputOf<"bringShoppingHome">["body"],
  context: RequestContext,
): InputOf<"logIntake"> => ({
  params: undefined,
  query: undefined,
  body: {
    ...{ id: context.newId(), since: context.today, source: { kind: "shop", note: "" }, priceMinor, lines },
  },
});

type Given = { readonly lot: Lot; readonly need: ShoppingNeed };

async function giveToDishes(all: readonly Given[], context: RequestContext): Promise<void> {
  const { mealPlans } = context.stores;
  const inForce = await yieldsInForce(context);
  let dishes = await mealPlans.standing(context.today);
  const before = new Map(dishes.map((dish) => [dish.id, dish]));
  for (const { lot, need } of all) {
    const { id: lotId, grams } = lot;
    const toDo = lot.untrimmed
      ? (need.method ?? factsOf(context, need.bought).trims[0]?.method ?? null)
      : null;
    const share = toDo === null ? 1 : (inForce(need.bought, toDo, "prime") ?? 1);
    dishes = withBought(dishes, { ingredient: need.ingredient, lotId, grams, share, toDo });
  }
  await mealPlans.put(dishes.filter((dish) => before.get(dish.id) !== dish));
}
