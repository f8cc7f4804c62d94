import { hasTrait, type IngredientFacts } from "../catalogue/index.ts";
import { foodClassOf } from "../keeping/index.ts";
import type { DishKind, FormulaKeeping } from "./formula.ts";
import { kindRows, type KindRow } from "./tables/kinds.ts";

const rowOf = (kind: DishKind): KindRow | undefined => kindRows.find((row) => row.kind === kind);

/** The kind a title or category speaks of; undefined when it speaks of none. */
export const kindFromWords = (text: string): DishKind | undefined =>
  kindRows.find((row) => row.words.test(text))?.kind;

/** Usual grams of one portion. Common practice, no source. */
export const defaultPortionG = (kind: DishKind): number => rowOf(kind)?.portionG ?? 100;

/** Usual grams per millilitre of the finished dish. Common practice, no source. */
export const defaultDensity = (kind: DishKind): number => rowOf(kind)?.gramsPerMl ?? 1;

const isFreshSavour = (f: IngredientFacts): boolean => f.category === "allium" || f.category === "soft-herb";
const isCreamy = (f: IngredientFacts): boolean => f.group === "creamy-base" || f.group === "cream";
const isJuice = (f: IngredientFacts): boolean => hasTrait(f, "citrus");

type Guess = (facts: readonly IngredientFacts[]) => FormulaKeeping;
const fridgeOnly = (fridge: string): FormulaKeeping => ({ fridge, freezer: null });

const keepingGuesses: Readonly<Record<DishKind, Guess>> = {
  "leaf-salad": () => fridgeOnly("dressed-leafy-salad"),
  // Cut tomato and cucumber: what is in it binds the date further.
  "chopped-salad": () => fridgeOnly("salsa-fresh"),
  slaw: (facts) => fridgeOnly(facts.some(isCreamy) ? "slaw-creamy" : "slaw-vinegar"),
  "grain-salad": (facts) =>
    fridgeOnly(facts.some((f) => foodClassOf(f) === "rice") ? "rice-cooked" : "grain-salad"),
  "composed-plate": () => fridgeOnly("dressed-leafy-salad"),
  "cooked-salad": () => fridgeOnly("roasted-vegetables"),
  "cooked-vegetables": () => ({ fridge: "roasted-vegetables", freezer: "roasted-vegetables-frozen" }),
  pesto: (facts) => ({
    fridge: facts.some((f) => f.group === "allium-leaf") ? "pesto-wild-garlic" : "pesto-raw-garlic",
    freezer: "pesto-frozen",
  }),
  "herb-sauce": () => fridgeOnly("salsa-verde-herb"),
  dip: (facts) =>
    fridgeOnly(
      facts.some((f) => hasTrait(f, "avocado"))
        ? "avocado-dip"
        : facts.some((f) => f.category === "legume")
          ? "bean-dip"
          : "eggplant-dip",
    ),
  dressing: (facts) => {
    if (facts.some((f) => hasTrait(f, "raw-egg"))) return fridgeOnly("mayonnaise-homemade");
    if (facts.some(isCreamy)) return fridgeOnly("yogurt-dressing");
    if (facts.some(isFreshSavour)) return fridgeOnly("dressing-fresh-garlic-herbs");
    return fridgeOnly(facts.some(isJuice) ? "vinaigrette-citrus" : "vinaigrette-plain");
  },
  preserve: () => fridgeOnly("quick-pickles"),
};

/**
 * The keeping class a dish of this kind and these ingredients falls under, the shortest that could apply: what is in it
 * decides, never how sour it tastes. The cook may set another.
 */
export const keepingOf = (kind: DishKind, facts: readonly IngredientFacts[]): FormulaKeeping =>
  keepingGuesses[kind](facts);

const cautionsByKind: Readonly<Partial<Record<DishKind, readonly string[]>>> = {
  pesto: ["garlic-in-oil", "can-pesto"],
  "herb-sauce": ["herbs-in-oil"],
  dip: ["blender-hot-food"],
};

/** Cautions that go with a kind of dish whoever wrote it down. */
export const cautionsOfKind = (kind: DishKind): readonly string[] => cautionsByKind[kind] ?? [];
