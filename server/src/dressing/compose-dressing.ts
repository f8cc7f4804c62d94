import type { ReplyOf } from "@apron/contract";
import { measureOut } from "@apron/core/cook";
import {
  composeDressing as compose,
  dressingStyles,
  mixingOrder,
  readDressing as read,
  wishAt,
} from "@apron/core/dressing";
import { accept, refuse } from "@apron/core/measure";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { nameFor } from "../stock/present-lot.ts";

/** A dressing in a style from what is at hand, laid out as it is measured, with what rounding does to it. */
export const composeDressing: UseCase<"composeDressing"> = ({ body }, context) => {
  const dressingStyle = dressingStyles.find((one) => one.id === body.dressingStyle);
  if (!dressingStyle) return Promise.resolve(notFound("style-unknown", "dressingStyle"));
  const poured = [...body.oils, ...body.acids].map((one) => one.ingredient);
  const dry = [
    body.salt,
    body.sweet,
    body.emulsifier?.ingredient,
    ...body.flavours.map((one) => one.ingredient),
  ].filter((id) => id != null);
  const unknown = [...poured, ...dry].find((id) => !context.catalogue.ingredients.has(id));
  if (unknown !== undefined)
    return Promise.resolve(
      refuse({ status: 404, code: "ingredient-unknown", field: "parts", measurements: { text: unknown } }),
    );
  const facts = (id: string) => factsIn(context, id);
  const asked = {
    ...body,
    oils: body.oils.map((one) => ({ facts: facts(one.ingredient), share: one.share })),
    acids: body.acids.map((one) => ({ facts: facts(one.ingredient), share: one.share })),
    salt: facts(body.salt),
    sweet: body.sweet === null ? null : facts(body.sweet),
    emulsifier: body.emulsifier && { facts: facts(body.emulsifier.ingredient), grams: body.emulsifier.grams },
    flavours: body.flavours.map((one) => ({ facts: facts(one.ingredient), grams: one.grams })),
  };
  const made = compose(wishAt(dressingStyle, asked));
  if (!made.ok) return Promise.resolve(refuseWith(made.issue, "acids"));
  return Promise.resolve(presentComposed(made.value, context));
};

function factsIn(context: RequestContext, id: string) {
  const facts = context.catalogue.ingredients.get(id);
  if (!facts) throw new Error(`bug: ${id} was looked for before`);
  return facts;
}

type Composed = Extract<ReturnType<typeof compose>, { ok: true }>["value"];

function presentComposed(made: Composed, context: RequestContext): Answer<ReplyOf<"composeDressing">> {
  const { cup, units, locale } = context.session.kitchen;
  const measuring = { cup, display: { system: units, locale } };
  const parts = mixingOrder(made.parts).map((part) => ({
    ingredient: part.facts.id,
    name: nameFor(context, part.facts.id),
    role: part.role,
    grams: part.grams,
    ml: part.ml,
    ...measureOut(part.grams, factsIn(context, part.facts.id), measuring),
  }));
  const rounded = read(
    parts.map((part) => ({
      facts: factsIn(context, part.ingredient),
      role: part.role,
      grams: part.scale.grams,
    })),
  );
  if (!rounded.ok) return refuseWith(rounded.issue, "volumeMl");
  return accept({
    parts,
    figures: made.figures,
    rounded: rounded.value,
    saltAlreadyOver: made.saltAlreadyOver,
  });
}
