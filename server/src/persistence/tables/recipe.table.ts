import type { Formula } from "@apron/core/recipes";
import { EntitySchema } from "typeorm";
import { instant, key, named, optional, text, uuid } from "./columns.ts";

export type RecipeRow = { kitchenId: string; id: string; version: number; archived: boolean };

export const RecipeTable = new EntitySchema<RecipeRow>({
  name: "recipe",
  columns: {
    kitchenId: named("kitchen_id", key(uuid)),
    id: key(text),
    version: { type: "integer" },
    archived: { type: "boolean", default: false },
  },
});

export type RecipeVersionRow = {
  kitchenId: string;
  recipeId: string;
  version: number;
  formula: Formula;
  createdAt: Date;
  memberId: string | null;
  note: string;
};

export const RecipeVersionTable = new EntitySchema<RecipeVersionRow>({
  name: "recipe_version",
  columns: {
    kitchenId: named("kitchen_id", key(uuid)),
    recipeId: named("recipe_id", key(text)),
    version: key({ type: "integer" }),
    formula: { type: "jsonb" },
    createdAt: named("created_at", instant),
    memberId: named("member_id", optional(uuid)),
    note: { ...text, default: "" },
  },
});

export type RecipePhotoRow = {
  kitchenId: string;
  recipeId: string;
  mediaType: string;
  bytes: Buffer;
  digest: string;
  at: Date;
};

export const RecipePhotoTable = new EntitySchema<RecipePhotoRow>({
  name: "recipe_photo",
  columns: {
    kitchenId: named("kitchen_id", key(uuid)),
    recipeId: named("recipe_id", key(text)),
    mediaType: named("media_type", text),
    bytes: { type: "bytea" },
    digest: text,
    at: instant,
  },
  checks: [{ name: "recipe_photo_small", expression: "length(bytes) <= 600000" }],
});
