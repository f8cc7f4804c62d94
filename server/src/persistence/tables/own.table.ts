import type { OwnIngredient } from "@apron/core/catalogue";
import { EntitySchema, type EntitySchemaColumnOptions } from "typeorm";
import { grams, key, named, text, uuid } from "./columns.ts";

/** Figures from fractions of a gram to days: five decimals. */
const figure: EntitySchemaColumnOptions = { ...grams, precision: 14, scale: 5 };

export type OwnIngredientRow = { kitchenId: string; id: string; body: OwnIngredient };

export const OwnIngredientTable = new EntitySchema<OwnIngredientRow>({
  name: "own_ingredient",
  columns: { kitchenId: named("kitchen_id", key(uuid)), id: key(text), body: { type: "jsonb" } },
});

export type OwnFigureRow = {
  kitchenId: string;
  ingredientId: string;
  figureTable: string;
  figureKey: string;
  value: number;
  low: number;
  high: number;
  note: string;
};

export const OwnFigureTable = new EntitySchema<OwnFigureRow>({
  name: "own_figure",
  columns: {
    kitchenId: named("kitchen_id", key(uuid)),
    ingredientId: named("ingredient_id", key(text)),
    figureTable: named("figure_table", key(text)),
    figureKey: named("figure_key", key(text)),
    value: figure,
    low: figure,
    high: figure,
    note: text,
  },
  checks: [{ name: "own_figure_in_order", expression: "low <= value and value <= high" }],
});
