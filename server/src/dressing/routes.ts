import type { ReplyOf } from "@apron/contract";
import { measureOut } from "@apron/core/cook";
import {
  bandsOf,
  composeDressing as compose,
  correctDressing as correct,
  dressingRates,
  effectiveBand,
  mixingOrder,
  readDressing as read,
  schools,
  usualRole,
  wishAt,
  type DressingPart,
  type DressingRole,
} from "@apron/core/dressing";
import { accept, refuse } from "@apron/core/measure";
import { nameFor } from "../stock/present-lot.ts";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { Kit, UseCase, UseCases } from "../context/request-context.ts";
import { keepDressing, saveDressing } from "./keep.ts";
import { neededFor, weighJarBack } from "./own-rates.ts";

const dressingHandbook: UseCase<"dressingHandbook"> = () =>
  Promise.resolve(
    accept({
      schools: schools.map((school) => ({
        ...school,
        nominal: rangeOf(school.oilToOneAcid),
        effective: effectiveBand(school),
        saltPercent: rangeOf(school.saltG),
        sugarPercent: rangeOf(school.sugarG),
      })),
      rates: [...dressingRates],
    }),
  );

const rangeOf = ([low, high]: readonly [number, number]) => ({ low, high });

type SentPart = {
  ingredient: string;
  role?: DressingRole | undefined;
  grams: number;
  per100gMinor: number | null;
};

/** The parts with what is known of each; refuses one nobody knows, at its place. */
function partsOf(sent: readonly SentPart[], kit: Kit): Answer<DressingPart[]> {
  const parts: DressingPart[] = [];
  for (const [index, one] of sent.entries()) {
    const facts = kit.catalogue.ingredients.get(one.ingredient);
    if (!facts) return notFound("ingredient-unknown", `parts.${index}.ingredient`);
    parts.push({
      facts,
      role: one.role ?? usualRole(facts),
      grams: one.grams,
      per100gMinor: one.per100gMinor,
    });
  }
  return accept(parts);
}

const readDressing: UseCase<"readDressing"> = ({ body }, kit) => {
  const parts = partsOf(body.parts, kit);
  if (!parts.ok) return Promise.resolve(parts);
  const figures = read(parts.value);
  return Promise.resolve(figures.ok ? figures : refuseWith(figures.issue, "parts"));
};

/** A dressing at a school from what is at hand, laid out as it is measured, with what rounding does to it. */
const composeDressing: UseCase<"composeDressing"> = ({ body }, kit) => {
  const school = schools.find((one) => one.id === body.school);
  if (!school) return Promise.resolve(notFound("school-unknown", "school"));
  const poured = [...body.oils, ...body.acids].map((one) => one.ingredient);
  const dry = [
    body.salt,
    body.sweet,
    body.emulsifier?.ingredient,
    ...body.flavours.map((one) => one.ingredient),
  ].filter((id) => id != null);
  const unknown = [...poured, ...dry].find((id) => !kit.catalogue.ingredients.has(id));
  if (unknown !== undefined)
    return Promise.resolve(
      refuse({ status: 404, code: "ingredient-unknown", field: "parts", measurements: { text: unknown } }),
    );
  const facts = (id: string) => factsIn(kit, id);
  const asked = {
    ...body,
    oils: body.oils.map((one) => ({ facts: facts(one.ingredient), share: one.share })),
    acids: body.acids.map((one) => ({ facts: facts(one.ingredient), share: one.share })),
    salt: facts(body.salt),
    sweet: body.sweet === null ? null : facts(body.sweet),
    emulsifier: body.emulsifier && { facts: facts(body.emulsifier.ingredient), grams: body.emulsifier.grams },
    flavours: body.flavours.map((one) => ({ facts: facts(one.ingredient), grams: one.grams })),
  };
  const made = compose(wishAt(school, asked));
  if (!made.ok) return Promise.resolve(refuseWith(made.issue, "acids"));
  return Promise.resolve(presentComposed(made.value, kit));
};

function factsIn(kit: Kit, id: string) {
  const facts = kit.catalogue.ingredients.get(id);
  if (!facts) throw new Error(`bug: ${id} was looked for before`);
  return facts;
}

type Composed = Extract<ReturnType<typeof compose>, { ok: true }>["value"];

function presentComposed(made: Composed, kit: Kit): Answer<ReplyOf<"composeDressing">> {
  const { cup, units, locale } = kit.asker.kitchen;
  const measuring = { cup, display: { system: units, locale } };
  const parts = mixingOrder(made.parts).map((part) => ({
    ingredient: part.facts.id,
    name: nameFor(kit, part.facts.id),
    role: part.role,
    grams: part.grams,
    ml: part.ml,
    ...measureOut(part.grams, factsIn(kit, part.facts.id), measuring),
  }));
  const rounded = read(
    parts.map((part) => ({ facts: factsIn(kit, part.ingredient), role: part.role, grams: part.scale.grams })),
  );
  if (!rounded.ok) return refuseWith(rounded.issue, "volumeMl");
  return accept({
    parts,
    figures: made.figures,
    rounded: rounded.value,
    saltAlreadyOver: made.saltAlreadyOver,
  });
}

const correctDressing: UseCase<"correctDressing"> = ({ body }, kit) => {
  const school = schools.find((one) => one.id === body.school);
  if (!school) return Promise.resolve(notFound("school-unknown", "school"));
  const parts = partsOf(body.parts, kit);
  if (!parts.ok) return Promise.resolve(parts);
  const correctors = partsOf(
    body.correctors.map((ingredient) => ({ ingredient, grams: 1, per100gMinor: null })),
    kit,
  );
  if (!correctors.ok) return Promise.resolve(correctors);
  const bands = { ...bandsOf(school), ...body.targets };
  const corrected = correct(parts.value, bands, correctors.value);
  return Promise.resolve(corrected.ok ? corrected : refuseWith(corrected.issue, "parts"));
};

const dressingForSalad: UseCase<"dressingForSalad"> = ({ query }, kit) =>
  Promise.resolve(neededFor(query, kit));

export const dressingUseCases = {
  dressingHandbook,
  readDressing,
  composeDressing,
  correctDressing,
  dressingForSalad,
  weighJarBack,
  keepDressing,
  saveDressing,
} satisfies UseCases<
  | "dressingHandbook"
  | "readDressing"
  | "composeDressing"
  | "correctDressing"
  | "dressingForSalad"
  | "weighJarBack"
  | "keepDressing"
  | "saveDressing"
>;
