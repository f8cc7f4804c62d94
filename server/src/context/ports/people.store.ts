import type { MemberRole } from "@apron/contract";
import type { KitchenRecord, MemberRecord } from "./kitchen.store.ts";
import type { SecurityEvent } from "./security-event.ts";

/** Somebody who signs in, whatever kitchens they belong to. */
export type AccountRecord = { readonly id: string; readonly name: string };
export type NewAccount = AccountRecord & { readonly passwordHash: string; readonly createdAt: Date };

/** One of the kitchens that somebody belongs to. */
export type Membership = {
  readonly memberId: string;
  readonly kitchenId: string;
  readonly kitchenName: string;
  readonly role: MemberRole;
  readonly demo: boolean;
  /** How many own it. */
  readonly owners: number;
};

export type OpenSession = {
  readonly id: string;
  readonly kitchenName: string;
  readonly device: string;
  readonly openedAt: Date;
  readonly seenAt: Date;
};

type InviteKind = "join" | "password";
/** An invitation that still stands, as whoever holds its code sees it. */
export type FoundInvite = {
  readonly id: string;
  readonly kitchenId: string;
  readonly kitchenName: string;
  readonly kind: InviteKind;
  readonly role: MemberRole;
  readonly expiresAt: Date;
  /** Whose password it resets. */
  readonly account: AccountRecord | null;
};

/** People and their sessions: of no kitchen, so each is a narrow question that the database's owner answers. */
export type AccountStore = {
  readonly find: (name: string) => Promise<(AccountRecord & { readonly passwordHash: string }) | undefined>;
  readonly passwordOf: (accountId: string) => Promise<string | undefined>;
  readonly setPassword: (accountId: string, passwordHash: string) => Promise<void>;
  readonly kitchensOf: (accountId: string) => Promise<Membership[]>;
  readonly sessionsOf: (accountId: string, at: Date) => Promise<OpenSession[]>;
  /** False where there is no such session of this person. */
  readonly endSession: (accountId: string, sessionId: string) => Promise<boolean>;
  /** Ends all of a person's sessions but one, or all of them. */
  readonly endOtherSessions: (accountId: string, kept: string | null) => Promise<void>;
  /** False where this is no kitchen of theirs (any more). */
  readonly switchSession: (sessionId: string, accountId: string, memberId: string) => Promise<boolean>;
  readonly findInvite: (codeHash: string, at: Date) => Promise<FoundInvite | undefined>;
  /** They leave every kitchen, and sign in no more; what the ledger says of them stays. */
  readonly remove: (accountId: string, at: Date) => Promise<void>;
};

export type MemberOfKitchen = {
  readonly id: string;
  /** Null: the account is gone. */
  readonly accountId: string | null;
  readonly name: string;
  readonly role: MemberRole;
  readonly since: Date;
  readonly leftAt: Date | null;
};

export type InviteRecord = {
  readonly id: string;
  readonly kind: InviteKind;
  readonly role: MemberRole;
  readonly accountId: string | null;
  readonly codeHash: string;
  readonly createdAt: Date;
  readonly expiresAt: Date;
};

/** Who cooks in one kitchen. */
export type PeopleStore = {
  /** Everyone who ever did, in the order they came. */
  readonly members: () => Promise<MemberOfKitchen[]>;
  /** Somebody new; `account` where their account is new, too. False where that name is taken. */
  readonly join: (
    member: Pick<MemberOfKitchen, "id" | "name" | "role" | "since"> & { readonly accountId: string },
    account?: NewAccount,
  ) => Promise<boolean>;
  readonly setRole: (memberId: string, role: MemberRole) => Promise<void>;
  readonly leave: (memberId: string, at: Date) => Promise<void>;
  readonly openInvites: (at: Date) => Promise<Omit<InviteRecord, "codeHash">[]>;
  readonly invite: (invite: InviteRecord) => Promise<void>;
  /** False where it was used or taken back already. */
  readonly endInvite: (id: string, at: Date) => Promise<boolean>;
  readonly note: (event: SecurityEvent) => Promise<void>;
  readonly events: (limit: number) => Promise<SecurityEvent[]>;
  /** A further kitchen, of somebody who has an account. */
  readonly openKitchen: (kitchen: KitchenRecord, owner: MemberRecord, at: Date) => Promise<void>;
  /** The kitchen goes for good at this moment; null: it stays. */
  readonly deleteAfter: (at: Date | null) => Promise<void>;
};
