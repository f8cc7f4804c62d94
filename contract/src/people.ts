import { z } from "zod";
import { Id } from "./quantities.ts";

const memberRoles = ["owner", "cook"] as const;
const Role = z.enum(memberRoles);
export type MemberRole = (typeof memberRoles)[number];

const Instant = z.iso.datetime();
export const PersonName = z.string().trim().min(1).max(60);
export const NewPassword = z.string().min(8).max(200);
const Password = z.string().min(1).max(200);
const Code = z
  .string()
  .trim()
  .min(8)
  .max(40)
  .meta({ description: "As it was given; case and hyphens do not count" });

const Member = z
  .object({
    id: Id,
    name: z.string(),
    role: Role,
    since: Instant,
    isYou: z.boolean(),
    hasLeft: z.boolean().meta({ description: "What they wrote into the ledger stays theirs" }),
  })
  .meta({ id: "Member" });

const Invite = z
  .object({ id: Id, kind: z.enum(["join", "password"]), role: Role, expiresAt: Instant, whose: z.string() })
  .meta({ id: "Invite" });

export const Members = z
  .object({ members: z.array(Member).readonly(), invites: z.array(Invite).readonly() })
  .meta({ id: "Members" });

export const MakeInvite = z.object({ role: Role });
export const InviteMade = z
  .object({
    id: Id,
    code: z.string().meta({ description: "Said once; only its digest is kept" }),
    expiresAt: Instant,
  })
  .meta({ id: "InviteMade" });

export const LookAtInvite = z.object({ code: Code });
export const InviteSeen = z
  .object({
    kind: z.enum(["join", "password"]),
    kitchen: z.string(),
    role: Role,
    whose: z.string().meta({ description: "Whose password it sets; empty where somebody new is invited" }),
    expiresAt: Instant,
  })
  .meta({ id: "InviteSeen" });

export const AcceptInvite = z.object({
  code: Code,
  as: z.discriminatedUnion("kind", [
    z.object({ kind: z.literal("new"), name: PersonName, password: NewPassword }),
    z.object({ kind: z.literal("known"), name: PersonName, password: Password }),
    z.object({ kind: z.literal("signed-in") }),
    z.object({ kind: z.literal("new-password"), password: NewPassword }),
  ]),
});

export const ChangeRole = z.object({ role: Role });
export const ChangePassword = z.object({ now: Password, password: NewPassword });
export const DeleteAccount = z.object({ password: Password });
export const DeleteKitchen = z.object({ name: z.string().max(80).meta({ description: "Its name, typed" }) });
export const KitchenGoes = z
  .object({ deleteAfter: Instant.nullable().meta({ description: "Null: it stays" }) })
  .meta({ id: "KitchenGoes" });

export const SessionList = z
  .object({
    sessions: z
      .array(
        z.object({
          id: Id,
          kitchen: z.string(),
          device: z.string(),
          openedAt: Instant,
          seenAt: Instant,
          isThis: z.boolean(),
        }),
      )
      .readonly(),
  })
  .meta({ id: "SessionList" });

export const KitchenList = z
  .object({
    kitchens: z
      .array(z.object({ member: Id, name: z.string(), role: Role, demo: z.boolean(), isThis: z.boolean() }))
      .readonly(),
  })
  .meta({ id: "KitchenList" });
export const SwitchKitchen = z.object({ member: Id });
export const OpenKitchen = z.object({ name: z.string().trim().min(1).max(80) });

export const SecurityEvents = z
  .object({
    events: z
      .array(z.object({ id: Id, at: Instant, kind: z.string(), who: z.string(), whom: z.string() }))
      .readonly(),
  })
  .meta({ id: "SecurityEvents" });

export const Backups = z
  .object({ newest: Instant.nullable(), kept: z.int().nullable() })
  .meta({ id: "Backups" });

export type Members = z.infer<typeof Members>;
export type InviteSeen = z.infer<typeof InviteSeen>;
export type InviteMade = z.infer<typeof InviteMade>;
export type SessionList = z.infer<typeof SessionList>;
export type KitchenList = z.infer<typeof KitchenList>;
export type SecurityEvents = z.infer<typeof SecurityEvents>;
export type AcceptInvite = z.infer<typeof AcceptInvite>;
