import type { CupSystem } from "@apron/core/measure";
import type { Dialect } from "@apron/core/catalogue";
import type { MemberRole } from "@apron/contract";
import type { SecurityEvent } from "./security-event.ts";
import type { KitchenSettings } from "../kitchen-settings.ts";

export type KitchenRecord = {
  readonly id: string;
  readonly name: string;
  readonly dialect: Dialect;
  readonly units: "metric" | "us" | "both";
  readonly cup: CupSystem;
  readonly currency: string;
  readonly demo: boolean;
  /** Grows by one with every write; a reply made at one revision is good until the next. */
  readonly revision: number;
  readonly settings: KitchenSettings;
  /** BCP 47, for the decimal mark and dates. */
  readonly locale: string;
  /** 0 until the kitchen sets a figure or an ingredient of its own; grows by one with each. */
  readonly catalogueRevision: number;
  /** IANA name: what day it is in this kitchen. */
  readonly timeZone: string;
  /** It goes for good then; null: it stays. An instant as ISO 8601. */
  readonly deleteAfter: string | null;
};

type KitchenChange = Partial<
  Pick<KitchenRecord, "name" | "dialect" | "units" | "cup" | "currency" | "locale" | "timeZone">
>;

/** What a kitchen may change of itself. */
export type KitchenStore = {
  /** As it is now; it grows by one with every write. */
  readonly revision: () => Promise<number>;
  readonly change: (to: KitchenChange) => Promise<void>;
  /**
   * Changes the settings from what they are now, in this transaction, not from what a session saw earlier: two who
   * change different things at once both keep their change. Gives the settings as they are afterwards.
   */
  readonly changeSettings: (change: (now: KitchenSettings) => KitchenSettings) => Promise<KitchenSettings>;
  readonly catalogueChanged: () => Promise<void>;
  /** Notes by which rules the dates of this kitchen were worked out. */
  readonly dated: (version: number) => Promise<void>;
};

export type MemberRecord = {
  readonly id: string;
  readonly kitchenId: string;
  readonly name: string;
  readonly accountId: string;
};

/** Whose session it is in one kitchen; "" where the program itself writes. */
export type SessionRecord = {
  readonly id: string;
  readonly accountId: string;
  readonly memberId: string;
  readonly memberName: string;
  readonly role: MemberRole;
  readonly kitchen: KitchenRecord;
};
export type FoundSession = SessionRecord & { readonly seenAt: Date };

/** Somebody who comes with a kitchen: their account has the id that the member has. */
export type NewMember = Omit<MemberRecord, "accountId"> & {
  readonly role: MemberRole;
  readonly passwordHash: string;
  readonly createdAt: Date;
};

/** The questions that come before a kitchen is known. */
export type AuthStore = {
  readonly answers: () => Promise<boolean>;
  readonly anyKitchen: () => Promise<boolean>;
  /** Kitchens whose dates were worked out by older rules than these. */
  readonly kitchensDatedBefore: (version: number) => Promise<KitchenRecord[]>;
  /**
   * Counts a try to sign in of a name or an address, and gives 0; or counts nothing, and gives the seconds that are still to be
   * waited. After `free` tries each wait is twice as long as the one before.
   */
  readonly beginSignIn: (subject: string, free: number, at: Date) => Promise<number>;
  readonly forgetSignInTries: (subject: string) => Promise<void>;
  readonly findDemoMember: () => Promise<MemberRecord | undefined>;
  readonly findSession: (tokenHash: string, at: Date) => Promise<FoundSession | undefined>;
  /** Notes when a session was last used. */
  readonly seenSession: (tokenHash: string, at: Date) => Promise<void>;
  readonly openSession: (session: NewSession, at: Date) => Promise<void>;
  readonly closeSession: (kitchenId: string, tokenHash: string) => Promise<void>;
  /** Like createKitchen, but only while there is none but a demo's: whoever was quicker has it. */
  readonly createFirstKitchen: (
    kitchen: KitchenRecord,
    member: NewMember,
  ) => Promise<"created" | "already-set-up" | "name-taken">;
  readonly createKitchen: (kitchen: KitchenRecord, members: readonly NewMember[]) => Promise<void>;
  /** Writes down who signed in, or tried to. */
  readonly note: (kitchenId: string, event: SecurityEvent) => Promise<void>;
  /** Deletes kitchens whose grace is over, and gives how many. */
  readonly deleteDueKitchens: (at: Date) => Promise<number>;
  /** Forgets what only grows: keys of writes that nobody sends again, events and invitations long over. */
  readonly prune: (at: Date) => Promise<void>;
};

export type NewSession = {
  readonly tokenHash: string;
  readonly id: string;
  readonly accountId: string;
  /** What it was opened on: "Chrome on Android". */
  readonly device: string;
  readonly memberId: string;
  readonly kitchenId: string;
  readonly expiresAt: Date;
};
