import { z } from "zod";

export const ScaleReading = z
  .object({
    grams: z.number().meta({ description: "What the display shows: pile less tare, with the scale's noise" }),
    stable: z.boolean(),
    overload: z.boolean(),
    stepG: z.number(),
    capacityG: z.number(),
    pileG: z.number(),
    tareG: z.number(),
  })
  .meta({ id: "ScaleReading" });

export const PileOnScale = z.object({
  grams: z.number().min(0).max(20_000).meta({ description: "Produce now lying on the simulated scale" }),
});

export type ScaleReading = z.infer<typeof ScaleReading>;
