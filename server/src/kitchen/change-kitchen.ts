import type { InputOf, KitchenSettings as SentSettings } from "@apron/contract";
import { accept, isTimeZone } from "@apron/core/measure";
import { placesOf, type KitchenSettings } from "../context/kitchen-settings.ts";
import type { KitchenRecord } from "../context/ports/kitchen.store.ts";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { presentSession } from "../http/sessions.ts";

type Change = InputOf<"changeKitchen">["body"];

/** Only locales, currencies and time zones that can be written out are taken. */
export function choiceIssue(body: {
  readonly currency?: string | undefined;
  readonly locale?: string | undefined;
  readonly timeZone?: string | undefined;
}): Answer<never> | undefined {
  const { currency, locale, timeZone } = body;
  if (currency !== undefined && !Intl.supportedValuesOf("currency").includes(currency))
    return refuseWith({ code: "currency-unknown" }, "currency");
  if (locale !== undefined && Intl.NumberFormat.supportedLocalesOf([locale]).length === 0)
    return refuseWith({ code: "locale-unknown" }, "locale");
  if (timeZone !== undefined && !isTimeZone(timeZone))
    return refuseWith({ code: "time-zone-unknown" }, "timeZone");
  return undefined;
}

/** Every ingredient that is named must be one; at the field that names it. */
export function unknownIngredient(
  body: Pick<Change, "staples" | "eaters">,
  ingredients: RequestContext["catalogue"]["ingredients"],
): Answer<never> | undefined {
  if (body.staples?.some((id) => !ingredients.has(id))) return notFound("ingredient-unknown", "staples");
  const at = body.eaters?.findIndex((eater) => eater.avoidIngredients.some((id) => !ingredients.has(id)));
  return at === undefined || at < 0 ? undefined : notFound("ingredient-unknown", `eaters.${at}`);
}

/** The settings with what was sent in them; what was not sent stays as it is. */
export const settingsWith = (
  now: KitchenSettings,
  sent: Partial<Pick<SentSettings, "eaters" | "freezerPortions" | "givePortions" | "staples" | "scale">> & {
    readonly portionsPerPersonDay?: Change["portionsPerPersonDay"];
    readonly places?: Change["places"];
  },
): KitchenSettings => ({
  ...now,
  eaters: sent.eaters ?? now.eaters,
  staples: sent.staples ?? now.staples,
  scale: sent.scale ?? now.scale,
  places: { ...placesOf(now), ...sent.places },
  household: {
    portionsPerPersonDay: { ...now.household.portionsPerPersonDay, ...sent.portionsPerPersonDay },
    freezerPortions: sent.freezerPortions ?? now.household.freezerPortions,
    givePortions: sent.givePortions ?? now.household.givePortions,
  },
});

/** Of what was sent, what stands with the kitchen itself. */
function ownFields({ name, dialect, units, cup, currency, locale, timeZone }: Change) {
  const fields = { name, dialect, units, cup, currency, locale, timeZone };
  return Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== undefined),
  ) as Partial<KitchenRecord>;
}

/** Changes what is said of the kitchen; two who change different things at once both keep their change. */
export const changeKitchen: UseCase<"changeKitchen"> = async ({ body }, context) => {
  const wrong = choiceIssue(body) ?? unknownIngredient(body, context.catalogue.ingredients);
  if (wrong) return wrong;
  const change = ownFields(body);
  await context.stores.kitchen.change(change);
  const settings = await context.stores.kitchen.changeSettings((now) => settingsWith(now, body));
  const kitchen = { ...context.session.kitchen, ...change, settings };
  return accept(presentSession({ ...context.session, kitchen }));
};
