import { z } from "zod";
import { Id } from "./quantities.ts";

const Name = z.string().trim().min(1).max(60);

export const SetUp = z.object({
  kitchen: z.string().trim().min(1).max(80),
  name: Name,
  password: z.string().min(8).max(200),
});

export const SignIn = z.object({ name: Name, password: z.string().min(1).max(200) });

export const StartPage = z.object({
  needsSetUp: z.boolean(),
  demoCook: z.string().nullable().meta({ description: "Name of the demo cook, or null outside the demo" }),
});

export const Kitchen = z
  .object({
    id: Id,
    name: z.string(),
    dialect: z.enum(["us", "uk"]),
    units: z.enum(["metric", "us"]),
    cup: z.enum(["us-customary", "us-label", "metric"]),
    currency: z.string(),
    demo: z.boolean(),
  })
  .meta({ id: "Kitchen" });

export const Session = z
  .object({ member: z.object({ id: Id, name: z.string() }), kitchen: Kitchen })
  .meta({ id: "Session" });

export type Kitchen = z.infer<typeof Kitchen>;
export type Session = z.infer<typeof Session>;
export type StartPage = z.infer<typeof StartPage>;
