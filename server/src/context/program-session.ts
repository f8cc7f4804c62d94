import type { KitchenRecord, SessionRecord } from "./ports/kitchen.store.ts";

/** The program itself at work in a kitchen, in nobody's session: as one of its members, or as nobody. */
export const programSession = (
  kitchen: KitchenRecord,
  member: { readonly id: string; readonly name: string } = { id: "", name: "" },
): SessionRecord => ({
  ...{ id: "", accountId: "", role: "owner" },
  memberId: member.id,
  memberName: member.name,
  kitchen,
});
