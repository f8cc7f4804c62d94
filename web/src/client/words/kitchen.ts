import { counted } from "../../ui/plural.ts";
import { list, type Sentences } from "./sentence.ts";

/** "20 seconds", "3 minutes". */
function waitWords(seconds: unknown): string {
  const s = Number(seconds);
  return s < 90 ? counted(s, "second") : counted(Math.ceil(s / 60), "minute");
}

export const kitchenSentences: Sentences = {
  "sign-in-wrong": () => "Wrong name or password.",
  "too-many-tries": (m) => `Too many tries. Try again in ${waitWords(m["waitS"])}.`,
  busy: () => "Too many people are signing in just now. Try again in a moment.",
  "password-common": () => "Many people use this password. Choose one that nobody would guess.",
  "no-answer": () => "No answer came. Look whether it was done before you try again.",
  "password-wrong": () => "Wrong password.",
  "in-no-kitchen": () => "You don't belong to any kitchen now. Ask an owner for a new invitation.",
  "owners-only": () => "Only an owner of this kitchen can do this.",
  "last-owner": () => "A kitchen needs an owner. Make someone else an owner first.",
  "owner-of": (m) =>
    `You are the only owner of ${String(m["kitchen"])}. Make someone else an owner, or delete that kitchen, first.`,
  "member-unknown": () => "This cook wasn't found. They may have left.",
  "member-already": () => "You already cook in this kitchen.",
  "invite-unknown": () => "This code doesn't work. It may have been used or cancelled, or it has expired.",
  "invite-is-for-something-else": () => "This code is for something else. Ask for a new one.",
  "too-many-invites": (m) =>
    `${String(m["atMost"])} invitations are open. Cancel one before you create another.`,
  "belongs-elsewhere": () =>
    "This cook also belongs to a kitchen that isn't yours. Only they can change their password.",
  "not-in-the-demo": () => "This isn't possible in the demo kitchen.",
  "not-a-kitchen": () =>
    "This file isn't a kitchen that was taken along, or it is damaged. Nothing was brought in.",
  "does-not-add-up": () =>
    "The figures in this file contradict each other. Nothing was brought in; choose an unchanged file.",
  "too-many-streams": () => "This kitchen is open in too many windows on this device. Close some of them.",
  "session-unknown": () => "This device is already signed out.",
  "kitchen-unknown": () => "This kitchen wasn't found. You may have been removed from it.",
  "too-many-kitchens": (m) => `You can have up to ${String(m["atMost"])} kitchens.`,
  "name-differs": (m) => `Type the name exactly: ${String(m["name"])}.`,
  "already-set-up": () => "This kitchen is already set up. Sign in instead.",
  "name-taken": (m) =>
    `That name is already taken${m["by"] === undefined ? "" : ` by ${list([m["by"]])}`}. Choose another.`,
  "currency-unknown": () => "Enter a currency code with three letters, like GBP.",
  "locale-unknown": () => "Choose a language and region from the list.",
  "time-zone-unknown": () => "Choose a time zone from the list.",
};
