import { EntitySchema } from "typeorm";
import type { SecurityEventKind } from "../../context/ports/security-event.ts";
import { instant, key, named, optional, text, uuid } from "./columns.ts";

export type AccountRow = { id: string; name: string; nameKey: string; passwordHash: string; createdAt: Date };

/** The serving role cannot see it: it asks through doors (see the migration that made it). */
export const AccountTable = new EntitySchema<AccountRow>({
  name: "account",
  columns: {
    id: key(uuid),
    name: text,
    nameKey: named("name_key", text),
    passwordHash: named("password_hash", text),
    createdAt: named("created_at", instant),
  },
  uniques: [{ name: "account_name_key_is_unique", columns: ["nameKey"] }],
});

export type MemberRow = {
  id: string;
  kitchenId: string;
  accountId: string | null;
  name: string;
  role: string;
  createdAt: Date;
  leftAt: Date | null;
};

export const MemberTable = new EntitySchema<MemberRow>({
  name: "member",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    accountId: named("account_id", optional(uuid)),
    name: text,
    role: text,
    createdAt: named("created_at", instant),
    leftAt: named("left_at", optional(instant)),
  },
  indices: [
    {
      name: "member_once_in_kitchen",
      columns: ["kitchenId", "accountId"],
      unique: true,
      where: "left_at is null",
    },
    { name: "member_of_account", columns: ["accountId"], where: "account_id is not null" },
  ],
  checks: [{ name: "member_role_is_known", expression: "role in ('owner', 'cook')" }],
});

export type SessionRow = {
  tokenHash: string;
  id: string;
  accountId: string | null;
  memberId: string;
  kitchenId: string;
  expiresAt: Date;
  openedAt: Date;
  seenAt: Date;
  device: string;
};

export const SessionTable = new EntitySchema<SessionRow>({
  name: "session",
  columns: {
    tokenHash: named("token_hash", key(text)),
    id: uuid,
    accountId: named("account_id", optional(uuid)),
    memberId: named("member_id", uuid),
    kitchenId: named("kitchen_id", uuid),
    expiresAt: named("expires_at", instant),
    openedAt: named("opened_at", instant),
    seenAt: named("seen_at", instant),
    device: text,
  },
  indices: [{ name: "session_of_account", columns: ["accountId"] }],
});

export type InviteRow = {
  id: string;
  kitchenId: string;
  kind: string;
  role: string;
  accountId: string | null;
  codeHash: string;
  createdAt: Date;
  expiresAt: Date;
  endedAt: Date | null;
};

export const InviteTable = new EntitySchema<InviteRow>({
  name: "invite",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    kind: text,
    role: text,
    accountId: named("account_id", optional(uuid)),
    codeHash: named("code_hash", text),
    createdAt: named("created_at", instant),
    expiresAt: named("expires_at", instant),
    endedAt: named("ended_at", optional(instant)),
  },
  uniques: [{ name: "invite_code_is_unique", columns: ["codeHash"] }],
  indices: [{ name: "invite_open", columns: ["kitchenId", "expiresAt"], where: "ended_at is null" }],
  checks: [{ name: "invite_kind_is_known", expression: "kind in ('join', 'password')" }],
});

export type SecurityEventRow = {
  id: string;
  kitchenId: string;
  at: Date;
  kind: SecurityEventKind;
  who: string;
  whom: string;
};

export const SecurityEventTable = new EntitySchema<SecurityEventRow>({
  name: "security_event",
  columns: {
    id: key(uuid),
    kitchenId: named("kitchen_id", uuid),
    at: instant,
    kind: text,
    who: text,
    whom: text,
  },
  indices: [{ name: "security_event_newest", columns: ["kitchenId", "at"] }],
});
