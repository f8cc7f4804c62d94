import type {
  Allergen,
  Basis,
  Category,
  DietMark,
  FoodClass,
  IngredientTrait,
  MeasureName,
  PerishableState,
} from "./row-words.ts";

/** Where a figure comes from and how far to trust it. */
export type Provenance = {
  readonly source: string;
  readonly confidence: "high" | "medium" | "low";
  readonly basis: Basis;
};

export type Place = "fridge" | "freezer" | "room" | "cupboard";

/** May it be eaten raw: yes, with care (the note says why), or never. */
export type RawUse = "yes" | "care" | "no";

export type Ingredient = Provenance & {
  readonly id: string;
  readonly us: string;
  readonly uk: string;
  readonly other: readonly string[];
  readonly category: Category;
  /** 0 mild … 3 dominant. */
  readonly strength: number;
  readonly allergens: readonly Allergen[];
  readonly diet: readonly DietMark[];
  /** When it becomes time/temperature-controlled food. */
  readonly tcsWhen: readonly PerishableState[];
  /** What it may stand in for: ingredients of one group replace each other. */
  readonly group: string;
  readonly traits?: readonly IngredientTrait[];
  /** How it keeps, where its category does not tell. */
  readonly keepsAs?: FoodClass;
  /** Triggers of the cautions it brings into every dish. */
  readonly cautions?: readonly string[];
  /** Trigger of the caution about what it is mistaken for when it is foraged. */
  readonly lookalike?: string;
  readonly raw: RawUse;
  readonly rawNote: string;
  readonly notes: string;
};

/** Grams of one of a measure, with the range met in practice; whole, trimmed or prepared. */
export type MeasureRow = Provenance & {
  readonly ingredient: string;
  readonly measure: string;
  readonly grams: number;
  readonly low: number;
  readonly high: number;
  readonly state: "whole" | "trimmed" | "prepared";
};

/** A row of the reference table, whose measures are of a closed list. */
export type ReferenceMeasureRow = MeasureRow & { readonly measure: MeasureName };

/** Does an ingredient have a trait that a rule asks for? */
export const hasTrait = (facts: Pick<Ingredient, "traits">, trait: IngredientTrait): boolean =>
  facts.traits?.includes(trait) ?? false;

/** What else comes off: a fraction of the raw weight and what it is good for. */
export type ByProductShare = { readonly part: string; readonly fraction: number; readonly use: string };

/** Usable ÷ raw for one way of trimming; fractions of the raw weight. */
export type TrimYield = Provenance & {
  readonly ingredient: string;
  readonly method: string;
  readonly mean: number;
  readonly low: number;
  readonly high: number;
  readonly byProducts: readonly ByProductShare[];
};

/** Mass after ÷ before for a cooking method; water as fractions, times in minutes, heat in °C. */
export type CookingChange = Provenance & {
  readonly ingredient: string;
  readonly method: string;
  readonly factor: number;
  readonly low: number;
  readonly high: number;
  readonly waterBefore: number | null;
  readonly waterAfter: number | null;
  readonly solidsRetained: number;
  readonly minutesLow: number | null;
  readonly minutesHigh: number | null;
  readonly celsius: number | null;
  readonly piece: string;
  readonly doneWhen: string;
};

/** The acid that a titratable acid figure is given as. */
export type AcidKind = "acetic" | "citric" | "lactic" | "malic" | "tartaric";

/** Grams per 100 g; density in grams per millilitre. `saltLowG`–`saltHighG` where labels differ widely. */
export type Composition = Provenance & {
  readonly ingredient: string;
  readonly waterG: number | null;
  readonly saltG: number | null;
  readonly saltLowG: number | null;
  readonly saltHighG: number | null;
  readonly sugarsG: number | null;
  readonly fatG: number | null;
  readonly titratableAcidG: number | null;
  readonly acidAs: AcidKind | null;
  readonly gramsPerMl: number | null;
  readonly notes: string;
};

/** Harvest months 1–12 (temperate north) and days kept whole, unwashed, in the place that suits best. */
export type Season = Provenance & {
  readonly ingredient: string;
  readonly fromMonth: number;
  readonly toMonth: number;
  readonly daysWhole: number;
  readonly bestPlace: Place;
  readonly advice: string;
};

/** How long a kind of prepared food keeps in one place, in days. */
export type KeepingRule = Provenance & {
  readonly subject: string;
  readonly name: string;
  readonly place: Place;
  readonly cautiousDays: number;
  readonly practiceLow: number;
  readonly practiceHigh: number;
  readonly limit: "quality" | "safety";
  readonly rule: string;
  readonly mustNever: string;
  readonly showPractice: boolean;
};

export type Caution = Provenance & {
  readonly trigger: string;
  readonly when: string;
  readonly text: string;
  readonly severity: "stop" | "warn" | "info";
};
