import { z } from "zod";
import { Lot } from "./basket.ts";
import { Container } from "./larder.ts";
import { Match } from "./match.ts";

export const Today = z
  .object({
    useFirst: z.array(Lot),
    due: z.array(Container),
    best: Match.nullable(),
    usual: z.array(z.string()).meta({ description: "Ingredient ids this kitchen logs most" }),
    waiting: z.object({
      basket: z.int().meta({ description: "Lots to use today or tomorrow" }),
      trim: z.int().meta({ description: "Lots still raw" }),
      match: z.int().meta({ description: "Recipes that rescue something" }),
      larder: z.int().meta({ description: "Containers due within three days" }),
    }),
  })
  .meta({ id: "Today" });

export type Today = z.infer<typeof Today>;
