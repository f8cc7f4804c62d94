import type { ShoppingItem, ShoppingList } from "@apron/contract";
import { trimOf } from "@apron/core/forms";
import { accept } from "@apron/core/measure";
import {
  counterFor,
  counters,
  shoppingNeeds,
  soldWords,
  totalMinor,
  wholeYield,
  type ShoppingNeed,
} from "@apron/core/shopping";
import type { ShoppingItemRecord } from "../context/ports/meal-plan.store.ts";
import { conflict, notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { readLinesOf } from "../stock/line-reader.ts";
import { nameFor } from "../stock/present-lot.ts";
import { defaultYieldKind, yieldOf } from "../stock/yields-in-force.ts";

/** Nobody carries more home. */
const mostByHand = 200;

/** What dishes of accepted plans need bought, through this kitchen's yields. */
export async function needsNow(context: RequestContext): Promise<ShoppingNeed[]> {
  const standing = await context.stores.mealPlans.standing(context.today);
  if (standing.every((dish) => dish.buys.length === 0)) return [];
  const learned = await context.stores.trims.learned("all");
  const { catalogue, today, priceBoard } = context;
  return shoppingNeeds(standing, {
    catalogue,
    yieldOf: (ingredient, method) => {
      const facts = catalogue.ingredients.get(ingredient);
      const handbook = facts && trimOf(facts, method);
      return handbook
        ? yieldOf(handbook, defaultYieldKind(handbook.method, "prime"), learned).next
        : wholeYield;
    },
    perKgMinor: (ingredient) => priceBoard.perKgMinor(ingredient, today, catalogue),
  });
}

const presentNeed = (need: ShoppingNeed, ticked: boolean, context: RequestContext): ShoppingItem => ({
  ...{ key: need.ingredient, ingredient: need.bought, name: nameFor(context, need.bought) },
  ...{ amount: soldWords(need), grams: need.grams, usableG: need.usableG, dishes: [...need.dishes] },
  ...{ counter: need.counter, priceMinor: need.priceMinor, ticked, byHand: false, workings: need.workings },
});

function presentByHand(item: ShoppingItemRecord, { catalogue }: RequestContext): ShoppingItem {
  const facts = item.ingredient === null ? undefined : catalogue.ingredients.get(item.ingredient);
  return {
    ...{ key: item.key, ingredient: facts?.id ?? null, name: item.text, amount: "" },
    ...{ grams: null, usableG: null, dishes: [], priceMinor: null, ticked: item.ticked, byHand: true },
    ...{ counter: counterFor(facts?.category), workings: "" },
  };
}

/** The list as it is now, counter by counter. */
export async function listNow(context: RequestContext): Promise<ShoppingList> {
  const noted = await context.stores.shopping.items();
  const ticked = new Set(noted.filter((item) => item.ticked).map((item) => item.key));
  const items = [
    ...(await needsNow(context)).map((need) => presentNeed(need, ticked.has(need.ingredient), context)),
    ...noted.filter((item) => item.text !== "").map((item) => presentByHand(item, context)),
  ];
  const place = ({ counter }: ShoppingItem): number => counters.findIndex((one) => one === counter);
  items.sort((a, b) => place(a) - place(b));
  return { items, totalMinor: totalMinor(items) };
}

export const shoppingList: UseCase<"shoppingList"> = async (_input, context) =>
  accept(await listNow(context));

export const addShoppingItem: UseCase<"addShoppingItem"> = async ({ body }, context) => {
  const { shopping } = context.stores;
  const noted = await shopping.items();
  if (noted.some((item) => item.key === body.id)) return conflict("already-there");
  if (noted.filter((item) => item.text !== "").length >= mostByHand) return conflict("shopping-list-full");
  const [read] = await readLinesOf([body.text], context);
  const ingredient = read?.ingredient.kind === "one" ? read.ingredient.id : null;
  await shopping.put({
    ...{ key: body.id, text: body.text, ingredient, ticked: false, addedAt: context.now },
  });
  return accept(await listNow(context));
};

export const tickShoppingItem: UseCase<"tickShoppingItem"> = async ({ params, body }, context) => {
  const { shopping } = context.stores;
  const noted = (await shopping.items()).find((item) => item.key === params.key);
  const isNeeded = (await needsNow(context)).some((need) => need.ingredient === params.key);
  if (!noted && !isNeeded) return notFound("shopping-item-unknown", "key");
  const item = noted ?? { text: "", ingredient: params.key, addedAt: context.now };
  await shopping.put({ ...item, key: params.key, ticked: body.ticked });
  return accept(await listNow(context));
};

export const removeShoppingItem: UseCase<"removeShoppingItem"> = async ({ params }, context) => {
  const { shopping } = context.stores;
  const noted = (await shopping.items()).find((item) => item.key === params.key && item.text !== "");
  if (!noted) return notFound("shopping-item-unknown", "key");
  await shopping.remove([params.key]);
  return accept(await listNow(context));
};
