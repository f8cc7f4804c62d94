import { describe, expect, it } from "@jest/globals";
import type { MealPlanCard, MealPlanView } from "@apron/core/match";
import {
  eatenWords,
  larderWords,
  outcomeWords,
  proofWords,
  savedWords,
} from "../src/match/meal-plan-words.ts";

const units = { system: "metric", locale: "en-GB" } as const;
const view = (usedG: number, spoils: MealPlanView["spoils"]): MealPlanView => ({
  days: [{ day: 0, minutes: 0, cards: [], fromLarder: [] }],
  ...{ usedG, spoils, gap: 0, left: [] },
});

describe("planned against done", () => {
  it("says what was cooked, and what is still to come", () => {
    expect(outcomeWords({ dishes: 3, cooked: 2, toCome: 1 })).toBe("2 of 3 dishes cooked, 1 still to come.");
    expect(outcomeWords({ dishes: 1, cooked: 0, toCome: 0 })).toBe("0 of 1 dish cooked.");
  });
});

describe("what a plan saves", () => {
  it.each([
    [view(900, { thereG: 0, usedG: 0, atMostG: 0 }), /Nothing spoils today\.$/],
    [view(0, { thereG: 37, usedG: 0, atMostG: 37 }), /^Nothing that is left is worth another dish/],
    [
      view(900, { thereG: 400, usedG: 400, atMostG: 400 }),
      /that spoils today\. No plan can save more of it\.$/,
    ],
    [view(900, { thereG: 400, usedG: 200, atMostG: 300 }), /No plan can save more than 300 g of it\.$/],
  ])("%#", (shown, sentence) => {
    expect(savedWords(shown, units)).toMatch(sentence);
  });

  it.each([
    [0, "there is no better plan"],
    [0.004, "more than 1 % better"],
    [0.071, "more than 8 % better"],
  ])("%d from the best", (gap, words) => {
    expect(proofWords(gap)).toContain(words);
  });
});

it("portions are told to the half, with the day they are eaten on", () => {
  const card = {
    eaten: [
      { on: 0, portions: 2.4 },
      { on: 1, portions: 0.97 },
    ],
    frozen: 0.6,
    given: 0,
  };
  expect(eatenWords(card as unknown as MealPlanCard)).toBe(
    "2½ portions today, 1 portion tomorrow, half a portion to freeze",
  );
  expect(larderWords([{ name: "pesto", portions: 2 }])).toBe("From the larder: 2 portions of pesto.");
});
