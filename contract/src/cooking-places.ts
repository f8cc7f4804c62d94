import { z } from "zod";

/** What a kitchen has to cook with. */
export const CookingPlaces = z
  .object({
    trays: z.int().min(0).max(12).meta({ description: "0: no oven" }),
    rings: z.int().min(0).max(12),
    hasGrill: z.boolean(),
    isCharcoal: z.boolean().meta({ description: "The grill is lit with charcoal" }),
    shelves: z.int().min(1).max(12).meta({ description: "Of the fridge, free for dishes" }),
  })
  .meta({ id: "CookingPlaces" });

export type CookingPlaces = z.infer<typeof CookingPlaces>;
