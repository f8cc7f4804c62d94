import type { Sentences } from "./sentence.ts";

const placeWords: Readonly<Record<string, string>> = { oven: "an oven", hob: "a hob", grill: "a grill" };

const skillNouns: Readonly<Record<string, string>> = {
  knife: "cutting",
  heat: "cooking at the hob, oven and grill",
  machine: "work at the machines",
};

export const planSentences: Sentences = {
  "plan-table-past": () => "That time is already past. Choose a later one.",
  "plan-too-far": () => "Plans go up to two weeks ahead. Choose an earlier day.",
  "plan-no-place": (m) =>
    `${String(m["dishName"])} needs ${placeWords[String(m["tool"])] ?? "something"} that this plan's kitchen doesn't have.`,
  "plan-crew-count": () => "The number of cooks has changed. Choose again what each of them does.",
  "plan-nobody-does": (m) =>
    `Nobody does the ${skillNouns[String(m["skill"])] ?? "work"}. Give it to at least one cook.`,
  "plan-impossible": () => "These dishes can't all be ready by then.",
  "plan-gave-up": () => "No plan was found in the time allowed. Plan fewer dishes at once.",
  "plan-outdated": () => "A recipe has changed since this plan was made. Plan it again.",
  "plan-unknown": () => "This plan wasn't found. It may have been deleted.",
  "meal-plan-outdated": () =>
    "Something in this plan was used, moved or planned meanwhile. It is being worked out again.",
  "planned-dish-unknown": () => "This dish isn't in the plan any more.",
  "planned-dish-cooked": () => "This dish was cooked already.",
  "lot-reserved": (m) => `This was kept for ${String(m["dish"])}. Take less of it, or take it anyway.`,
  "shopping-item-unknown": () => "This isn't on the list any more.",
  "shopping-list-full": () => "The list is full. Remove something first.",
  "listed-twice": () => "This is listed twice.",
  "not-in-plan": () => "The plan was changed and no longer has this step.",
  "low-over-high": () => "The shorter time can't be longer than the longer one.",
};
