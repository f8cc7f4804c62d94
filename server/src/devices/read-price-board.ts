import { accept } from "@apron/core/measure";
import { nameFor } from "../stock/present-lot.ts";
import type { UseCase } from "../context/request-context.ts";
import { simulatedPriceBoard } from "./simulated-price-board.ts";

/** The whole board for today, by name. */
export const readPriceBoard: UseCase<"readPriceBoard"> = (_input, kit) => {
  const prices = [...kit.catalogue.ingredients.keys()].flatMap((ingredient) => {
    const perKgMinor = simulatedPriceBoard.perKgMinor(ingredient, kit.today, kit.catalogue);
    return perKgMinor === undefined ? [] : [{ ingredient, name: nameFor(kit, ingredient), perKgMinor }];
  });
  prices.sort((a, b) => a.name.localeCompare(b.name, "en"));
  return Promise.resolve(
    accept({ on: kit.today, currency: kit.asker.kitchen.currency, invented: true as const, prices }),
  );
};
