import { z } from "zod";
import type { Endpoint } from "./endpoint.ts";
import { Session } from "./kitchen.ts";
import * as people from "./people.ts";
import { ById } from "./quantities.ts";

const Done = z.object({ done: z.literal(true) });

/** Who cooks here, and one's own account. What changes people is done at once or not at all: it waits for no connection. */
export const peopleEndpoints = {
  listMembers: {
    summary: "Who cooks in this kitchen; its owners also see open invitations",
    reply: people.Members,
    status: 200,
  },
  makeInvite: {
    summary: "Invite somebody with a code that works once",
    body: people.MakeInvite,
    reply: people.InviteMade,
    status: 201,
    changes: true,
    ownersOnly: true,
  },
  endInvite: {
    summary: "Take an invitation back",
    params: ById,
    reply: Done,
    status: 200,
    changes: true,
    ownersOnly: true,
  },
  lookAtInvite: {
    summary: "What a code invites to",
    body: people.LookAtInvite,
    reply: people.InviteSeen,
    status: 200,
    open: true,
  },
  acceptInvite: {
    summary: "Use a code: join a kitchen, or set a new password",
    body: people.AcceptInvite,
    reply: Session,
    status: 201,
    open: true,
  },
  changeRole: {
    summary: "Make a cook an owner, or an owner a cook",
    params: ById,
    body: people.ChangeRole,
    reply: Done,
    status: 200,
    changes: true,
    ownersOnly: true,
  },
  removeMember: {
    summary: "Leave a kitchen, or have somebody leave it",
    params: ById,
    reply: Done,
    status: 200,
    changes: true,
  },
  resetPassword: {
    summary: "A code with which a cook who forgot their password sets a new one",
    params: ById,
    reply: people.InviteMade,
    status: 201,
    changes: true,
    ownersOnly: true,
  },
  listSecurityEvents: {
    summary: "What happened to who may do what, newest first",
    reply: people.SecurityEvents,
    status: 200,
    ownersOnly: true,
  },
  changePassword: {
    summary: "Change one's own password; ends all other sessions",
    body: people.ChangePassword,
    reply: Done,
    status: 200,
    changes: true,
  },
  listSessions: { summary: "Where one is signed in", reply: people.SessionList, status: 200 },
  endSession: {
    summary: "Sign out somewhere else",
    params: ById,
    reply: Done,
    status: 200,
    changes: true,
  },
  endOtherSessions: {
    summary: "Sign out everywhere else",
    reply: Done,
    status: 200,
    changes: true,
  },
  listKitchens: { summary: "The kitchens one belongs to", reply: people.KitchenList, status: 200 },
  switchKitchen: {
    summary: "Go to another of one's kitchens",
    body: people.SwitchKitchen,
    reply: Done,
    status: 200,
    changes: true,
  },
  openKitchen: {
    summary: "A further kitchen of one's own, and go there",
    body: people.OpenKitchen,
    reply: Done,
    status: 201,
    changes: true,
  },
  takeEverything: {
    summary: "Everything of the kitchen as one archive: JSON, CSV, JSON-LD, photos",
    reply: z.string(),
    status: 200,
    ownersOnly: true,
    media: "application/zip",
  },
  bringEverything: {
    summary: "Bring in a kitchen from such an archive (the body is the archive), and go there",
    reply: Session,
    status: 201,
    changes: true,
  },
  getBackups: {
    summary: "When the newest backup was made, and how many there are; null where the program makes none",
    reply: people.Backups,
    status: 200,
    ownersOnly: true,
  },
  deleteAccount: {
    summary: "Leave every kitchen and sign in no more",
    body: people.DeleteAccount,
    reply: Done,
    status: 200,
    changes: true,
  },
  deleteKitchen: {
    summary: "Delete the kitchen, after some days of grace",
    body: people.DeleteKitchen,
    reply: people.KitchenGoes,
    status: 200,
    changes: true,
    ownersOnly: true,
  },
  keepKitchen: {
    summary: "Keep a kitchen that was to be deleted",
    reply: people.KitchenGoes,
    status: 200,
    changes: true,
    ownersOnly: true,
  },
} as const satisfies Readonly<Record<string, Endpoint>>;
