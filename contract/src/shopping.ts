import { z } from "zod";
import { Lot } from "./basket.ts";
import type { Endpoint } from "./endpoint.ts";
import { Id, Money } from "./quantities.ts";

/** An ingredient, or of what was added by hand an id of its own. */
const Key = z.string().min(1).max(60);
const ByKey = z.object({ key: Key });

export const ShoppingItem = z
  .object({
    key: Key,
    ingredient: z.string().nullable(),
    name: z.string(),
    amount: z.string().meta({ description: 'As it is sold: "2 bunches", "250 g"; empty where nobody said' }),
    grams: z.number().nullable().meta({ description: "As bought, in all" }),
    usableG: z.number().nullable().meta({ description: "What dishes need of it" }),
    dishes: z.array(z.string()),
    counter: z.string().meta({ description: "Where it stands in a shop" }),
    priceMinor: z.int().nullable(),
    ticked: z.boolean(),
    byHand: z.boolean(),
    workings: z.string(),
  })
  .meta({ id: "ShoppingItem" });

export const ShoppingList = z
  .object({
    items: z.array(ShoppingItem).meta({ description: "Counter by counter" }),
    totalMinor: z.int().meta({ description: "Of what has a price" }),
  })
  .meta({ id: "ShoppingList" });

const Bought = z.object({
  items: z
    .array(
      z.object({
        key: Key,
        lotId: Id.meta({ description: "Of the lot to be; made by the client" }),
        amount: z.string().max(120).nullable().default(null).meta({
          description: "What was really bought, as a cook says it; as listed where it is left out",
        }),
      }),
    )
    .min(1)
    .max(200),
  priceMinor: Money.nullable()
    .default(null)
    .meta({ description: "What it all cost; shared over the lots by weight" }),
});

export const shoppingEndpoints = {
  shoppingList: {
    summary: "What the plan needs bought, as it is sold, and what was added by hand",
    reply: ShoppingList,
    status: 200,
  },
  addShoppingItem: {
    summary: "Adds something by hand",
    body: z.object({
      id: Id.meta({ description: "Made by the client" }),
      text: z.string().trim().min(1).max(120),
    }),
    reply: ShoppingList,
    status: 201,
    writes: true,
  },
  tickShoppingItem: {
    summary: "Ticks an item off, or not",
    params: ByKey,
    body: z.object({ ticked: z.boolean() }),
    reply: ShoppingList,
    status: 200,
    writes: true,
  },
  removeShoppingItem: {
    summary: "Takes off what was added by hand",
    params: ByKey,
    reply: ShoppingList,
    status: 200,
    writes: true,
  },
  bringShoppingHome: {
    summary: "What was bought becomes lots in one go, for the dishes that need it; all or none",
    body: Bought,
    reply: z.object({ lots: z.array(Lot), list: ShoppingList }).meta({ id: "BroughtHome" }),
    status: 201,
    writes: true,
  },
  shoppingText: {
    summary: "The list as Markdown",
    reply: z.string(),
    status: 200,
    media: "text/markdown",
  },
  shoppingTable: {
    summary: "The list as CSV (RFC 4180)",
    reply: z.string(),
    status: 200,
    media: "text/csv",
  },
  shoppingTasks: {
    summary: "The list as tasks (iCalendar VTODO, RFC 5545)",
    reply: z.string(),
    status: 200,
    media: "text/calendar",
  },
} satisfies Record<string, Endpoint>;

export type ShoppingItem = z.infer<typeof ShoppingItem>;
export type ShoppingList = z.infer<typeof ShoppingList>;
