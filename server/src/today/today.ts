import { useFirstBand } from "@apron/core/basket";
import { compareByExpiry } from "@apron/core/larder";
import { accept, addDays, daysBetween } from "@apron/core/measure";
import { presentLot } from "../stock/present-lot.ts";
import type { UseCase } from "../context/request-context.ts";
import { presentContainer } from "../larder/present-container.ts";
import { matchesNow } from "../match/list-matches.ts";

const shownFirst = 6;
const shownDue = 24;
const frequentIngredients = 8;

/** Home: what to use first, what is due, what rescues most, what waits at each station. */
export const today: UseCase<"today"> = async (_input, context) => {
  const filter = { state: undefined, ingredients: undefined, useful: true, after: undefined };
  const lots = await context.stores.lots.page({ ...filter, limit: shownFirst });
  const counts = await context.stores.lots.counts(addDays(context.today, 1));
  const stored = [...(await context.stores.larder.listStored())].sort(compareByExpiry);
  const due = stored.filter((c) => useFirstBand(daysBetween(context.today, c.useBy)) !== "keeps");
  const { matches } = await matchesNow(context);
  return accept({
    useFirst: lots.map((lot) => presentLot(lot, context)),
    due: due.slice(0, shownDue).map((c) => presentContainer(c, context)),
    best: matches[0] ?? null,
    usual: await context.stores.lots.frequentIngredients(frequentIngredients),
    waiting: { basket: counts.toUseNow, trim: counts.raw, match: matches.length, larder: due.length },
  });
};
