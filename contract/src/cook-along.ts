import { tasteWords } from "@apron/core/cook";
import { z } from "zod";
import { ById, Grams, Id, Instant } from "./quantities.ts";
import { SavedPlan } from "./plan.ts";

const Task = z.string().min(1).max(80);

/** What a cook may say while cooking. */
const CookAct = z
  .discriminatedUnion("kind", [
    z.object({ kind: z.literal("started"), task: Task }),
    z.object({ kind: z.literal("done"), task: Task }),
    z.object({ kind: z.literal("skipped"), task: Task }),
    z.object({ kind: z.literal("again"), task: Task }).meta({ description: "The step is done once more" }),
    z.object({ kind: z.literal("not-yet"), task: Task, minutes: z.int().min(1).max(240) }),
    z.object({ kind: z.literal("paused") }),
    z.object({ kind: z.literal("resumed") }),
    z.object({
      kind: z.literal("added"),
      dish: z.string().min(1).max(40),
      ingredient: z.string().min(1).max(60),
      grams: Grams.nullable().meta({ description: "Null: by eye" }),
      found: z.enum(tasteWords).nullable(),
      isCold: z.boolean(),
    }),
    z.object({ kind: z.literal("undone"), event: Id }),
  ])
  .meta({ id: "CookAct" });

/** A fact, never changed; a mistake is undone by another. */
const CookEvent = z
  .object({ id: Id, at: Instant.meta({ description: "When it happened, by whoever says so" }), act: CookAct })
  .meta({ id: "CookEvent" });

/** A plan that is being cooked: the plan, what was said so far, and the server's time. */
const CookAlong = z
  .object({ plan: SavedPlan, events: z.array(CookEvent), now: Instant })
  .meta({ id: "CookAlong" });

export const cookAlongEndpoints = {
  getCookAlong: {
    summary: "A saved plan with everything that was said while cooking it",
    params: ById,
    reply: CookAlong,
    status: 200,
  },
  recordCookEvent: {
    summary: "Say what happened while cooking a plan",
    params: ById,
    body: CookEvent,
    reply: z.object({ recorded: z.literal(true) }),
    status: 201,
    writes: true,
  },
} as const;

export type CookAct = z.infer<typeof CookAct>;
export type CookEvent = z.infer<typeof CookEvent>;
export type CookAlong = z.infer<typeof CookAlong>;
