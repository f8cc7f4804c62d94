import type { MakePlan } from "@apron/contract";
import { planMake as planInCore, type MakePlan as CorePlan } from "@apron/core/cook";
import { capacityOf, containerSizes, fewestFor, placesFor } from "@apron/core/larder";
import { stockFor } from "@apron/core/match";
import { accept } from "@apron/core/measure";
import { allergensOf, gramsPerBatch, scaleFormula, type Formula, type ScaleWish } from "@apron/core/recipes";
import { nameFor } from "../basket/present-lot.ts";
import { notFound, refuseWith, type Answer } from "../http/refusal.ts";
import type { Kit, UseCase } from "../kit.ts";
import { matchKitchenOf } from "../match/list-matches.ts";
import { surplusOnHand, type Surplus } from "../match/surplus.ts";
import { presentCautions } from "../recipes/routes.ts";
import { useByIn } from "./use-by-of.ts";
import type { InputOf } from "@apron/contract";

type Wish = InputOf<"planMake">["body"]["scale"];

/** A lot that a recipe is scaled to is taken before any other. */
const chosenLotWorth = 10;

/** Scales a recipe and fills every line from what is on hand. Changes nothing. */
export const planMake: UseCase<"planMake"> = async ({ body }, kit) => {
  const recipe = await kit.stores.recipes.get(body.recipeId);
  if (!recipe) return notFound("recipe-unknown", "recipeId");
  const surplus = favouring(await surplusOnHand(kit), body.scale);
  const wish = wishOf(body.scale, surplus);
  if (!wish) return notFound("lot-unknown", "scale.lotId");
  const { settings, cup, units, locale } = kit.asker.kitchen;
  const kitchen = {
    ...settings,
    staples: new Set(settings.staples),
    catalogue: kit.catalogue,
    cup,
    display: { system: units, locale },
  };
  const scaled = scaleFormula(recipe.formula, wish, kitchen);
  if (!scaled.ok) return refuseWith(scaled.issue, "scale");
  const { batches } = scaled.value;
  // A lot chosen by the cook goes in whatever it does to the date; otherwise the ranking's own choice stands.
  const stock =
    body.scale.kind === "all-of-lot"
      ? surplus
      : stockFor(recipe.formula, batches, { stock: surplus, kitchen: await matchKitchenOf(kit) });
  const plan = planInCore(recipe.formula, batches, { stock, kitchen });
  if (!plan.ok) return refuseWith(plan.issue, "recipeId");
  return present(
    { plan: plan.value, formula: recipe.formula, surplus, kit },
    { version: recipe.version, workings: scaled.value.workings },
  );
};

const favouring = (surplus: readonly Surplus[], scale: Wish): Surplus[] =>
  surplus.map((s) =>
    scale.kind === "all-of-lot" && s.lotId === scale.lotId ? { ...s, worth: s.worth + chosenLotWorth } : s,
  );

function wishOf(scale: Wish, surplus: readonly Surplus[]): ScaleWish | undefined {
  if (scale.kind !== "all-of-lot") return scale;
  const lot = surplus.find((s) => s.lotId === scale.lotId);
  return lot && { kind: "all-of", ingredient: lot.ingredient, grams: lot.grams };
}

type Planned = {
  readonly plan: CorePlan;
  readonly formula: Formula;
  readonly surplus: readonly Surplus[];
  readonly kit: Kit;
};

function present(planned: Planned, about: { version: number; workings: string }): Answer<MakePlan> {
  const { plan, formula, surplus, kit } = planned;
  const used = plan.lines.flatMap((l) => l.parts.map((p) => p.ingredient));
  const drawn = plan.lines.flatMap((l) => l.parts.map((p) => ({ lineId: l.line.id, lotId: p.lotId })));
  const lots = surplus.map((s) => s.lot);
  return accept({
    ...about,
    recipeId: formula.id,
    name: formula.name,
    kind: formula.kind,
    batches: plan.batches,
    servings: plan.servings,
    lines: plan.lines.map((l) => presentLine(l, planned)),
    output: plan.output,
    steps: [...formula.steps],
    allergens: allergensOf(used, kit.catalogue),
    cautions: presentCautions(formula, used, kit),
    containers: containersFor(formula, plan.output.value),
    useBy: {
      fridge: useByIn("fridge", { formula, drawn, lots }, kit),
      freezer: useByIn("freezer", { formula, drawn, lots }, kit),
    },
    scaleChoices: scaleChoices(planned),
  });
}

const presentLine = (l: CorePlan["lines"][number], { surplus, kit }: Planned): MakePlan["lines"][number] => ({
  lineId: l.line.id,
  role: l.line.role,
  preparation: l.line.preparation,
  wantedG: l.wantedG,
  parts: l.parts.map((p) => ({
    ingredient: p.ingredient,
    name: nameFor(kit, p.ingredient),
    lotId: p.lotId,
    from: p.from,
    grams: p.grams,
    toTrim: surplus.some((s) => s.lotId === p.lotId && s.toTrim),
    scale: p.measured.scale,
    spoon: p.measured.spoon,
  })),
});

const containersFor = (formula: Formula, grams: number): MakePlan["containers"] =>
  placesFor(formula.keeping).flatMap((place) =>
    containerSizes
      .filter((size) => size.places.includes(place))
      .map((size) => {
        const capacityG = capacityOf(size, formula, place);
        return { kind: size.kind, name: size.name, place, fewest: fewestFor(grams, capacityG), capacityG };
      }),
  );

/** Lots this recipe could be scaled to use up entirely, the most urgent first. */
function scaleChoices({ formula, surplus, kit }: Planned): MakePlan["scaleChoices"] {
  const kitchen = { catalogue: kit.catalogue, diners: kit.asker.kitchen.settings.diners };
  return surplus
    .filter((s) => s.worth > 0.05 && gramsPerBatch(formula, s.ingredient, kitchen) > 0)
    .map((s) => ({ lotId: s.lotId, name: nameFor(kit, s.ingredient), grams: s.grams }));
}
