import { z } from "zod";
import { Estimate } from "./quantities.ts";

export const PlateQuery = z.object({
  batches: z.coerce.number().positive().max(50).default(1),
  plates: z.coerce.number().positive().max(500).optional().meta({ description: "Left out: one a serving" }),
});
export const PlateView = z
  .object({
    plates: z.number(),
    layers: z
      .array(
        z.object({
          key: z.string(),
          name: z.string().meta({ description: "Of a part or another recipe; empty of plain lines" }),
          isLast: z.boolean(),
          isGuess: z.boolean().meta({ description: "The steps do not say where it goes" }),
          eachG: z.number().meta({ description: "Grams of it on one plate, as eaten" }),
          parts: z.array(z.object({ lineId: z.string(), name: z.string(), grams: z.number() })),
        }),
      )
      .meta({ description: "From the bottom up" }),
    isOwnOrder: z.boolean().meta({ description: "The cook has set the order of the layers" }),
    dressing: z
      .object({
        leavesG: z.number(),
        needed: Estimate,
        inFormulaG: z.number(),
        when: z.string(),
        source: z.string(),
      })
      .nullable(),
    salt: z
      .array(
        z.object({
          name: z
            .string()
            .meta({ description: "The part that is salted by itself; empty: the whole, or the rest" }),
          massG: z.number().meta({ description: "As it is eaten, without the salt of the hand" }),
          targetPercent: z.number(),
          carried: Estimate,
          inFormulaG: z.number(),
          addG: z.number(),
          range: z.object({ low: z.number(), high: z.number() }),
          alreadyOver: z.boolean(),
          unknown: z.array(z.string()).readonly(),
          workings: z.string(),
        }),
      )
      .meta({ description: "What is salted by itself, each with what the hand may add" }),
    dominantFlavours: z.array(z.string()),
    tooMany: z.boolean(),
    clashes: z.array(
      z.object({ kind: z.enum(["two-watery", "two-strong-cheeses"]), names: z.array(z.string()) }),
    ),
    bowl: z.object({ volumeMl: z.number(), bowlMl: z.number().nullable(), inTurns: z.int() }),
    trays: z.object({ trays: z.int(), eachG: z.number() }),
  })
  .meta({ id: "PlateView" });

export type PlateView = z.infer<typeof PlateView>;
