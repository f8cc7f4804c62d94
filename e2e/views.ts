import type { Page } from "@playwright/test";
import { ask, tell } from "./cook.ts";

/** A saved plan of one dish; its id. */
async function planToCook(page: Page): Promise<string> {
  const dishes = [{ key: "dip", recipeId: "roast-squash-and-leek-dip" }];
  const wish = { dishes, tableAt: new Date(Date.now() + 200 * 60_000).toISOString() };
  type Solved = { from: string; schedule: unknown };
  const { from, schedule } = await tell<Solved>(page, "/api/plans/solve", wish);
  const id = crypto.randomUUID();
  await tell(page, "/api/plans", { ...wish, id, from, schedule });
  return id;
}

/** Every main view, with what is there once it has loaded. */
export async function views(page: Page): Promise<(readonly [path: string, ready: string])[]> {
  const { lots } = await ask<{ lots: { id: string }[] }>(page, "/api/lots?state=raw&limit=1");
  const { containers } = await ask<{ containers: { id: string; batchId: string }[] }>(page, "/api/larder");
  // Something on the shopping list.
  await tell(page, "/api/shopping/items", { id: crypto.randomUUID(), text: "2 lemons" });
  const of = (testId: string): string => `[data-testid="${testId}"]`;
  return [
    ["/", of("make-best")],
    ["/basket", of("trim-lot")],
    [`/basket/${lots[0]?.id}`, of("lot-ledger")],
    [`/trim/${lots[0]?.id}`, of("save-trim")],
    ["/match", of("make")],
    ["/match/shopping", of("shopping-item")],
    ["/match/past", of("past-plans")],
    ["/plan?recipe=roast-squash-and-leek-dip", of("plan-dishes")],
    [`/plan/${await planToCook(page)}/cook`, of("now-card")],
    ["/cook/chard-and-hazelnut-pesto", of("store-jar-fridge")],
    ["/larder", of("take-one")],
    [`/batch/${containers[0]?.batchId}`, of("made-of")],
    [`/label/${containers[0]?.id}`, of("label-sheet")],
    ["/dressing", of("dressing-mix")],
    ["/handbook", of("own-ingredient")],
    ["/handbook/chard", of("figures-trim")],
    ["/kitchen", of("kitchen-example")],
    ["/kitchen/cooks", of("members")],
    ["/kitchen/account", of("sessions")],
    ["/recipes", `${of("recipe-list")} article`],
    ["/recipes/lovage-green-sauce", of("substitutes")],
    ["/recipes/leek-and-plum-plate/plate", of("salt-budget")],
    ["/recipes/leek-and-plum-plate/cost", of("cost-table")],
    ["/recipes/leek-and-plum-plate/diners", of("adapted")],
    ["/recipes/leek-and-plum-plate/versions", of("compare-versions")],
    ["/recipes/lovage-green-sauce/edit", of("save-recipe")],
    ["/recipes/lovage-green-sauce/card", of("recipe-card")],
    ["/recipes/import", "#recipe-paste"],
    ["/basket/import", "label[for=lots-file]"],
  ];
}
