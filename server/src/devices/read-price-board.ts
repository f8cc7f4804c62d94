import { accept } from "@apron/core/measure";
import { nameFor } from "../stock/present-lot.ts";
import type { UseCase } from "../context/request-context.ts";

/** The whole board for today, by name. */
export const readPriceBoard: UseCase<"readPriceBoard"> = (_input, context) => {
  const prices = [...context.catalogue.ingredients.keys()].flatMap((ingredient) => {
    const perKgMinor = context.priceBoard.perKgMinor(ingredient, context.today, context.catalogue);
    return perKgMinor === undefined ? [] : [{ ingredient, name: nameFor(context, ingredient), perKgMinor }];
  });
  prices.sort((a, b) => a.name.localeCompare(b.name, "en"));
  return Promise.resolve(
    accept({
      on: context.today,
      currency: context.session.kitchen.currency,
      invented: true as const,
      prices,
    }),
  );
};
