import { z } from "zod";

const scaleUnits = ["g", "oz"] as const;

export const ScaleReading = z
  .object({
    grams: z.number().meta({
      description:
        "What the display shows, in grams: pile less tare, with drift and noise; frozen while held",
    }),
    unit: z.enum(scaleUnits),
    shown: z.string().meta({ description: "The display itself, in the scale's unit" }),
    stable: z.boolean(),
    overload: z.boolean(),
    held: z.boolean().meta({ description: "The display stands still until hold is let go" }),
    off: z.boolean().meta({ description: "Switched itself off; any key or weight wakes it" }),
    plugged: z.boolean().meta({ description: "False: nothing answers; no weight is ever taken from it" }),
    stepG: z.number(),
    capacityG: z.number(),
    pileG: z.number(),
    tareG: z.number(),
  })
  .meta({ id: "ScaleReading" });

export const SimulateLoad = z.object({
  grams: z.number().min(0).max(20_000).meta({ description: "Produce now lying on the simulated scale" }),
});

export const PressScale = z.object({
  key: z
    .enum(["tare", "hold", "unit", "wake", "unplug", "plug"])
    .meta({ description: "A key of the simulated scale, or its plug" }),
});

export type ScaleReading = z.infer<typeof ScaleReading>;
