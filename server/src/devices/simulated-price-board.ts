import type { PriceBoard } from "../context/ports/price-board.ts";

/** Invented prices of a kilo by kind of goods, in minor units: nobody's market. */
const byCategory: Readonly<Record<string, number>> = {
  leaf: 900,
  brassica: 320,
  root: 240,
  legume: 420,
  grain: 360,
  "fruit-vegetable": 450,
  fruit: 380,
  "soft-herb": 2200,
  "woody-herb": 2600,
  flower: 9000,
  allium: 300,
  nut: 1900,
  seed: 900,
  cheese: 1800,
  oil: 1100,
  acid: 520,
  sweet: 850,
  emulsifier: 780,
  spice: 4200,
  "salt-condiment": 600,
  other: 700,
};

/** A steady number in [0, 1) out of a name: the same goods are dear or cheap everywhere in the demo. */
function hashToUnit(name: string): number {
  let state = 7;
  for (const letter of name) state = (state * 31 + letter.charCodeAt(0)) % 9973;
  return state / 9973;
}

const daysAWeek = 7;

/** Prices that lean by goods and sway by the week; every one of them is invented. */
export const simulatedPriceBoard: PriceBoard = {
  perKgMinor: (ingredient, on, catalogue) => {
    const facts = catalogue.ingredients.get(ingredient);
    const usual = facts && byCategory[facts.category];
    if (usual === undefined || ingredient === "water") return undefined;
    const week = Math.floor(Date.parse(on) / 86_400_000 / daysAWeek);
    const sway = hashToUnit(`${ingredient} ${week}`) * 0.2 - 0.1;
    const price = usual * (0.7 + hashToUnit(ingredient) * 0.6) * (1 + sway);
    return Math.round(price / 5) * 5;
  },
};
