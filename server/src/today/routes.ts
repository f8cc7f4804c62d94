import { useFirstBand } from "@apron/core/basket";
import { firstOut } from "@apron/core/larder";
import { accept, addDays, daysBetween } from "@apron/core/measure";
import { presentLot } from "../stock/present-lot.ts";
import type { UseCase, UseCases } from "../context/request-context.ts";
import { presentContainer } from "../larder/present-container.ts";
import { matchesNow } from "../match/list-matches.ts";

const shownFirst = 6;
const shownDue = 24;
const usualIngredients = 8;

/** Home: what to use first, what is due, what rescues most, what waits at each station. */
const today: UseCase<"today"> = async (_input, kit) => {
  const filter = { state: undefined, ingredients: undefined, after: undefined };
  const lots = await kit.stores.lots.page({ ...filter, limit: shownFirst });
  const counts = await kit.stores.lots.counts(addDays(kit.today, 1));
  const standing = [...(await kit.stores.larder.standing())].sort(firstOut);
  const due = standing.filter((c) => useFirstBand(daysBetween(kit.today, c.useBy)) !== "keeps");
  const { matches } = await matchesNow(kit);
  return accept({
    useFirst: lots.map((lot) => presentLot(lot, kit)),
    due: due.slice(0, shownDue).map((c) => presentContainer(c, kit)),
    best: matches[0] ?? null,
    usual: await kit.stores.lots.usualIngredients(usualIngredients),
    waiting: { basket: counts.toUseNow, trim: counts.raw, match: matches.length, larder: due.length },
  });
};

export const todayUseCases = { today } satisfies UseCases<"today">;
