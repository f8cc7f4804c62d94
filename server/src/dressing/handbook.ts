import { dressingRates, dressingStyles, effectiveBand } from "@apron/core/dressing";
import { accept } from "@apron/core/measure";
import type { UseCase } from "../context/request-context.ts";

/** Styles with their bands, and how much dressing each kind of salad takes. */
export const dressingHandbook: UseCase<"dressingHandbook"> = () =>
  Promise.resolve(
    accept({
      dressingStyles: dressingStyles.map((dressingStyle) => ({
        ...dressingStyle,
        oilToAcidPoured: rangeOf(dressingStyle.oilToOneAcid),
        oilToAcidEffective: effectiveBand(dressingStyle),
        saltPercent: rangeOf(dressingStyle.saltG),
        sugarPercent: rangeOf(dressingStyle.sugarG),
      })),
      rates: [...dressingRates],
    }),
  );

const rangeOf = ([low, high]: readonly [number, number]) => ({ low, high });
