import type { EndpointName } from "@apron/contract";
import type { UseCases } from "../context/request-context.ts";
import {
  changePassword,
  deleteAccount,
  endOtherSessions,
  endSession,
  listKitchens,
  listSessions,
  openKitchen,
  switchKitchen,
} from "./account.ts";
import { getBackups } from "./backups.ts";
import { deleteKitchen, keepKitchen } from "./delete-kitchen.ts";
import { changeRole, endInvite, listMembers, makeInvite, removeMember, resetPassword } from "./members.ts";
import { listSecurityEvents } from "./security-events.ts";
import { changeKitchen } from "./change-kitchen.ts";
import { getKitchen } from "./get-kitchen.ts";
import { setNameMeaning } from "./set-name-meaning.ts";
import { setOunceMeaning } from "./set-ounce-meaning.ts";

export const kitchenUseCases = {
  getKitchen,
  changeKitchen,
  setNameMeaning,
  setOunceMeaning,
} satisfies UseCases<"getKitchen" | "changeKitchen" | "setNameMeaning" | "setOunceMeaning">;

export const peopleUseCases = {
  getBackups,
  listMembers,
  makeInvite,
  endInvite,
  changeRole,
  removeMember,
  resetPassword,
  listSecurityEvents,
  deleteKitchen,
  keepKitchen,
} satisfies Partial<UseCases<EndpointName>>;

export const accountUseCases = {
  changePassword,
  listSessions,
  endSession,
  endOtherSessions,
  listKitchens,
  switchKitchen,
  openKitchen,
  deleteAccount,
} satisfies Partial<UseCases<EndpointName>>;
