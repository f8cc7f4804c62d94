import { NewFormula } from "../../contract/src/formula.ts";
import { lineReader } from "@apron/core/catalogue";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { acceptReview, readRecipes, reviewRecipe } from "@apron/core/exchange";
import { validateFormula } from "@apron/core/recipes";
import { describe, expect, it } from "@jest/globals";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });

/** A fixed sequence in [0, 1) (Lehmer, MINSTD): the same odd recipes on every machine. */
function fixedChance(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

const amounts = [
  "",
  "0",
  "0–2",
  "1–2",
  "½",
  "1/3 cup",
  "900 kg",
  "60 t",
  "3 bunches",
  "a handful of",
  "12 x 400 g tins",
  "-3",
  "1e9 g",
  "2 tsp",
  "80–100 g",
];
const things = [
  "chard",
  "salt",
  "runner beans",
  "basil or spinach",
  "olive oil",
  "moonleaf",
  "x".repeat(900),
  "kidney beans, dried",
  "lemon, juice of",
];
const steps = [
  "Roast at 900 °C for 25 minutes.",
  "Leave for 900 hours.",
  "Turn every 0 minutes.",
  "Bake at 450 F fan for 1–2 hours, turning every 30 minutes until brown.",
  "y".repeat(5000),
  "Rest 0 min.",
  "   ",
];
const yields = [
  "",
  "0",
  "Serves 900",
  "makes 90 litres",
  "4–6",
  "makes 300 ml in 30 seconds",
  "-4",
  "half a dozen",
];
const times = ["", "PT0M", "P9D", "PT1M30S", "rubbish", "PT48H"];

describe("whatever is read can be kept", () => {
  it("every accepted import fits the contract and the rules of a formula (600 odd recipes)", () => {
    const chance = fixedChance(77);
    const pick = <Item>(list: readonly Item[]): Item => list[Math.floor(chance() * list.length)] as Item;
    let kept = 0;
    for (let i = 0; i < 600; i++) {
      const recipe = {
        "@type": "Recipe",
        name: pick(["Odd one", "z".repeat(400), "<i>Tilted</i>"]),
        recipeYield: pick(yields),
        totalTime: pick(times),
        description: pick(["", "d".repeat(9000)]),
        recipeIngredient: Array.from(
          { length: 1 + Math.floor(chance() * 6) },
          () => `${pick(amounts)} ${pick(things)}`,
        ),
        recipeInstructions: Array.from({ length: Math.floor(chance() * 4) }, () => ({ text: pick(steps) })),
      };
      const drafts = readRecipes(JSON.stringify(recipe));
      const review = drafts.ok ? drafts.value.map((draft) => reviewRecipe(draft, reader))[0] : undefined;
      const accepted = review && acceptReview(review, new Map(), referenceCatalogue);
      if (!accepted?.ok) continue;
      const { id: _id, ...formula } = accepted.value;
      const fits = NewFormula.safeParse(formula);
      expect(fits.success ? [] : [JSON.stringify(recipe).slice(0, 300), fits.error.issues[0]]).toEqual([]);
      expect(validateFormula(accepted.value, referenceCatalogue)).toMatchObject({ ok: true });
      kept++;
    }
    expect(kept).toBeGreaterThan(200);
  });
});
