import { IsNull, MoreThan, type EntityManager } from "typeorm";
import type { PeopleStore } from "../../context/ports/people.store.ts";
import { KitchenTable } from "../tables/kitchen.table.ts";
import { InviteTable, MemberTable, SecurityEventTable, SessionTable } from "../tables/people.table.ts";
import { enterKitchen } from "../enter-kitchen.ts";
import { addAccount, insertKitchen } from "./insert-kitchen.ts";

type Member = Awaited<ReturnType<PeopleStore["members"]>>[number];
type Invite = Awaited<ReturnType<PeopleStore["openInvites"]>>[number];

const members =
  (em: EntityManager, kitchenId: string): PeopleStore["members"] =>
  async () => {
    const rows = await em.find(MemberTable, {
      where: { kitchenId },
      order: { createdAt: "ASC", name: "ASC", id: "ASC" },
    });
    return rows.map(({ kitchenId: _kitchen, createdAt: since, role, ...row }) => ({
      ...row,
      since,
      role: role as Member["role"],
    }));
  };

const join =
  (em: EntityManager, kitchenId: string): PeopleStore["join"] =>
  async ({ since, ...member }, account) => {
    if (account && !(await addAccount(em, account))) return false;
    await em.insert(MemberTable, { ...member, kitchenId, createdAt: since, leftAt: null });
    return true;
  };

type Invites = Pick<PeopleStore, "openInvites" | "invite" | "endInvite">;
const invitesOf = (em: EntityManager, kitchenId: string): Invites => ({
  openInvites: async (at) => {
    const where = { kitchenId, endedAt: IsNull(), expiresAt: MoreThan(at) };
    const rows = await em.find(InviteTable, { where, order: { createdAt: "ASC", id: "ASC" } });
    return rows.map(({ kitchenId: _kitchen, codeHash: _code, endedAt: _ended, kind, role, ...row }) => ({
      ...row,
      kind: kind as Invite["kind"],
      role: role as Invite["role"],
    }));
  },
  invite: async (invite) => {
    await em.insert(InviteTable, { ...invite, kitchenId, endedAt: null });
  },
  endInvite: async (id, endedAt) => {
    const { affected } = await em.update(InviteTable, { id, kitchenId, endedAt: IsNull() }, { endedAt });
    return affected === 1;
  },
});

const eventsOf = (em: EntityManager, kitchenId: string): Pick<PeopleStore, "note" | "events"> => ({
  note: async (event) => {
    await em.insert(SecurityEventTable, { ...event, kitchenId });
  },
  events: async (take) => {
    const rows = await em.find(SecurityEventTable, {
      where: { kitchenId },
      order: { at: "DESC", id: "ASC" },
      take,
    });
    return rows.map(({ kitchenId: _kitchen, ...event }) => event);
  },
});

export const peopleStoreOf = (em: EntityManager, kitchenId: string): PeopleStore => ({
  members: members(em, kitchenId),
  join: join(em, kitchenId),
  setRole: async (id, role) => {
    await em.update(MemberTable, { id, kitchenId }, { role });
  },
  leave: async (id, leftAt) => {
    await em.update(MemberTable, { id, kitchenId }, { leftAt });
    await em.delete(SessionTable, { memberId: id, kitchenId });
  },
  ...invitesOf(em, kitchenId),
  ...eventsOf(em, kitchenId),
  openKitchen: async (kitchen, owner, createdAt) => {
    await insertKitchen(em, kitchen, []);
    await em.insert(MemberTable, { ...owner, role: "owner", createdAt, leftAt: null });
    await enterKitchen(em, kitchenId);
  },
  deleteAfter: async (deleteAfter) => {
    await em.update(KitchenTable, { id: kitchenId }, { deleteAfter });
  },
});
