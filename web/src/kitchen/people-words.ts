import type { MemberRole, SecurityEvents } from "@apron/contract";

export const roleWords: Readonly<Record<MemberRole, string>> = { owner: "Owner", cook: "Cook" };
export const roleChoices = (["cook", "owner"] as const).map((value) => ({ value, label: roleWords[value] }));

type Event = SecurityEvents["events"][number];

const sentences: Readonly<Record<string, (who: string, whom: string) => string>> = {
  joined: (who) => `${who} joined.`,
  left: (who) => `${who} left.`,
  removed: (who, whom) => `${who} removed ${whom}.`,
  "role-changed": (who, whom) => `${who} changed ${whom}'s role.`,
  invited: (who) => `${who} created an invitation.`,
  "invite-ended": (who) => `${who} cancelled an invitation.`,
  "password-changed": (who) => `${who} changed their password.`,
  "password-reset-offered": (who, whom) => `${who} created a password code for ${whom}.`,
  "password-reset": (who) => `${who} chose a new password with a code.`,
  "signed-in": (who) => `${who} signed in.`,
  "sign-in-failed": (who) => `Someone entered a wrong password for ${who}.`,
  "sessions-ended": (who) => `${who} signed out on another device.`,
  "kitchen-to-be-deleted": (who) => `${who} asked to delete the kitchen.`,
  "kitchen-kept": (who) => `${who} kept the kitchen.`,
  "taken-along": (who) => `${who} downloaded everything.`,
  "brought-in": (who) => `${who} brought in a downloaded kitchen.`,
};

/** What happened, in a sentence; a kind that this page does not know yet is shown as it is. */
export function eventWords({ kind, who, whom }: Pick<Event, "kind" | "who" | "whom">): string {
  const sentence = Object.hasOwn(sentences, kind) ? sentences[kind] : undefined;
  return sentence ? sentence(who === "" ? "Someone" : who, whom) : `${who}: ${kind}`;
}
