import { z } from "zod";
import { Id } from "./quantities.ts";

const MatchUse = z.object({
  ingredient: z.string(),
  name: z.string(),
  grams: z.number(),
  daysLeft: z.int(),
  toTrim: z.boolean().meta({ description: "Still raw: grams are what the yield should leave" }),
  lotIds: z.array(Id),
});

export const MatchLimit = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("stock"), names: z.array(z.string()), shortG: z.number() }),
  z.object({
    kind: z.literal("appetite"),
    eaten: z.number(),
    frozen: z.number(),
    given: z.number(),
  }),
  z.object({ kind: z.literal("not-worth-more") }),
]);

export const Match = z
  .object({
    recipeId: z.string(),
    name: z.string(),
    kind: z.string(),
    minutes: z.int(),
    photo: z.string().nullable().meta({ description: "Address of its photo" }),
    batches: z.number(),
    servings: z.number(),
    rescuedG: z.number(),
    score: z.number().meta({ description: "Urgency-weighted grams rescued less what must be bought" }),
    uses: z.array(MatchUse),
    fromShelf: z.array(z.string()),
    missing: z.array(z.object({ name: z.string(), grams: z.number() })),
    limit: MatchLimit,
    allergens: z.array(z.string()),
    workings: z.string(),
  })
  .meta({ id: "Match" });

export const Matches = z
  .object({ matches: z.array(Match), surplusG: z.number(), lots: z.int() })
  .meta({ id: "Matches" });

export type Match = z.infer<typeof Match>;
export type MatchLimit = z.infer<typeof MatchLimit>;
export type Matches = z.infer<typeof Matches>;
