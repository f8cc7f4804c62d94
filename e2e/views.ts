import type { Page } from "@playwright/test";
import { ask } from "./cook.ts";

/** Every main view, with the words that tell that it has loaded. */
export async function views(page: Page): Promise<(readonly [path: string, ready: RegExp])[]> {
  const { lots } = await ask<{ lots: { id: string }[] }>(page, "/api/lots?state=raw&limit=1");
  const { containers } = await ask<{ containers: { id: string }[] }>(page, "/api/larder");
  return [
    ["/", /Best use of today's surplus/],
    ["/basket", /In stock/],
    [`/basket/${lots[0]?.id}`, /History/],
    [`/trim/${lots[0]?.id}`, /By-products|Save trim/],
    ["/match", /saved from spoiling/],
    ["/cook/chard-and-hazelnut-pesto", /Store in/],
    ["/larder", /portions/],
    [`/label/${containers[0]?.id}`, /Why this date/],
    ["/dressing", /Mix in this order/],
    ["/handbook", /Add your own ingredient/],
    ["/handbook/chard", /Trim yields/],
    ["/kitchen", /Looks like this/],
    ["/recipes", /Formulas by weight/],
    ["/recipes/lovage-green-sauce", /Per batch/],
    ["/recipes/leek-and-plum-plate/plate", /Main flavours/],
    ["/recipes/leek-and-plum-plate/cost", /per portion/],
    ["/recipes/leek-and-plum-plate/diners", /becomes/],
    ["/recipes/leek-and-plum-plate/versions", /Compare versions/],
    ["/recipes/lovage-green-sauce/edit", /Based on version/],
    ["/recipes/lovage-green-sauce/card", /Herb sauce in oil/],
    ["/recipes/import", /how each line was read/],
    ["/basket/import", /CSV file/],
  ];
}
