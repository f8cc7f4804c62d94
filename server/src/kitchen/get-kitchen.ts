import { defaultAppetite } from "@apron/core/match";
import { accept } from "@apron/core/measure";
import { placesOf } from "../context/kitchen-settings.ts";
import type { UseCase } from "../context/request-context.ts";

/** Everything this kitchen has decided about itself. */
export const getKitchen: UseCase<"getKitchen"> = (_input, { session }) => {
  const { name, dialect, units, cup, currency, locale, timeZone, settings } = session.kitchen;
  const { eaters, staples, scale, household } = settings;
  const { freezerPortions, givePortions } = household;
  const portionsPerPersonDay = { ...defaultAppetite, ...household.portionsPerPersonDay };
  const own = { name, dialect, units, cup, currency, locale, timeZone };
  return Promise.resolve(
    accept({
      ...own,
      eaters,
      staples,
      scale,
      places: placesOf(settings),
      freezerPortions,
      givePortions,
      portionsPerPersonDay,
    }),
  );
};
