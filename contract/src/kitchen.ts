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

const Choices = {
  dialect: z.enum(["us", "uk"]),
  units: z.enum(["metric", "us", "both"]),
  cup: z.enum(["us-customary", "us-label", "metric"]),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/)
    .meta({ description: "ISO 4217" }),
  locale: z
    .string()
    .min(2)
    .max(20)
    .regex(/^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*$/)
    .meta({ description: "BCP 47" }),
};

export const ChangeKitchen = z.object({ name: z.string().trim().min(1).max(80), ...Choices }).partial();

export const SayOunces = z.object({
  ingredient: z.string().min(1).max(60),
  means: z.enum(["mass", "fluid"]),
});

export const Kitchen = z
  .object({
    id: Id,
    name: z.string(),
    ...Choices,
    ounces: z
      .record(z.string(), z.enum(["mass", "fluid"]))
      .meta({ description: 'What "oz" means here, by ingredient' }),
    demo: z.boolean(),
  })
  .meta({ id: "Kitchen" });

export const Session = z
  .object({ member: z.object({ id: Id, name: z.string() }), kitchen: Kitchen })
  .meta({ id: "Session" });

export type Kitchen = z.infer<typeof Kitchen>;
export type Session = z.infer<typeof Session>;
export type StartPage = z.infer<typeof StartPage>;
