import { randomUUID } from "node:crypto";
import { composeDressing, readDressing, dressingStyles, wishAt } from "@apron/core/dressing";
import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { invariant } from "@apron/core/measure";
import { fillerOf, lineOf, stepOf } from "@apron/core/recipes";
import { median } from "./load.ts";

const leaves = [
  "chard",
  "kale",
  "lettuce-butterhead",
  "arugula",
  "spinach",
  "kohlrabi",
  "fennel-bulb",
  "leek",
];
const nuts = ["hazelnut", "walnut", "sunflower-seed", "pumpkin-seed", "almond"];

/** A made-up recipe like any other: six lines, three steps. */
const aRecipe = (i: number) => ({
  name: `Bench salad ${i}`,
  kind: (["leaf-salad", "slaw", "pesto", "cooked-salad"] as const)[i % 4],
  servings: 4,
  minutes: 20,
  lines: [
    lineOf({
      id: "base",
      role: "base",
      grams: 180 + i,
      fillers: [leaves[i % 8] ?? "", leaves[(i + 3) % 8] ?? ""].map((id) => fillerOf(id)),
    }),
    lineOf({ id: "nut", role: "nut", grams: 30, fillers: [fillerOf(nuts[i % 5] ?? "")] }),
    lineOf({ id: "bright", role: "bright", grams: 60, fillers: [fillerOf(i % 2 ? "apple" : "plum")] }),
    lineOf({ id: "oil", role: "oil", grams: 30, fillers: [fillerOf("olive-oil")] }),
    lineOf({ id: "acid", role: "acid", grams: 10, fillers: [fillerOf("cider-vinegar")] }),
    lineOf({ id: "salt", role: "salt", grams: 2, fillers: [fillerOf("salt-sea-fine")] }),
  ],
  steps: ["Wash and spin.", "Salt into the vinegar, then the oil.", "Toss at the last moment."].map((text) =>
    stepOf(text),
  ),
  keeping: { fridge: "dressed-leafy-salad", freezer: null },
  gramsPerMl: 0.25,
  cautions: [],
});

/** A file of recipes as another program would write it. */
const aFile = (count: number): string =>
  JSON.stringify(
    Array.from({ length: count }, (_, i) => ({
      "@type": "Recipe",
      name: `Imported salad ${i}`,
      recipeYield: "4 servings",
      recipeIngredient: [
        "2 bunches chard, washed",
        "1 small kohlrabi",
        "30 g hazelnuts, toasted",
        "3 tbsp olive oil",
        "1 tbsp cider vinegar",
        "salt to taste",
      ],
      recipeInstructions: ["Wash.", "Dress.", "Eat."],
    })),
  );

type Ask = (path: string, body: unknown) => Promise<unknown>;

const session =
  (base: string, cookie: string): Ask =>
  async (path, body) => {
    const reply = await fetch(`${base}${path}`, {
      method: "POST",
      headers: { cookie, "content-type": "application/json", "Idempotency-Key": randomUUID() },
      body: JSON.stringify(body),
    });
    const answer: unknown = await reply.json();
    invariant(reply.ok, `${path} answered ${reply.status} ${JSON.stringify(answer).slice(0, 200)}`);
    return answer;
  };

const chunk = 100;

/** Fills the library up with `count` recipes through the import route. */
export async function fillLibrary(base: string, cookie: string, count: number): Promise<void> {
  const ask = session(base, cookie);
  for (let from = 0; from < count; from += chunk) {
    const formulas = Array.from({ length: Math.min(chunk, count - from) }, (_, i) => aRecipe(from + i));
    await ask("/api/recipes/import", { formulas });
  }
}

/** Searches of every sort over the whole library. */
export const librarySearches: readonly string[] = [
  "text=rocket",
  "text=arugula&kind=slaw",
  "text=bench%20salad%2077",
  "diet=vegan",
  "without=nuts",
  "onHand=yes",
].map((query) => `/api/recipes?limit=60&${query}`);

/** Reads a file of `count` recipes and saves them 25 at a time, as the page does; milliseconds beside a bare request. */
export async function benchImport(
  base: string,
  cookie: string,
  count: number,
): Promise<Record<string, unknown>> {
  const ask = session(base, cookie);
  const start = performance.now();
  const { recipes } = (await ask("/api/recipes/read", { text: aFile(count) })) as {
    recipes: { formula: unknown }[];
  };
  const read = performance.now();
  const formulas = recipes.map((one) => one.formula);
  for (let i = 0; i < formulas.length; i += 25)
    await ask("/api/recipes/import", { formulas: formulas.slice(i, i + 25) });
  const end = performance.now();
  return {
    recipes: count,
    "read, ms": Math.round(read - start),
    "saved, ms": Math.round(end - read),
    "in all, ms (wanted 3000 at most)": Math.round(end - start),
  };
}

/** One change at the dressing bench: composed and read anew, as the page does; beside one frame of 16 ms. */
export function benchDressing(): Record<string, unknown> {
  const facts = (id: string) => {
    const found = referenceCatalogue.ingredients.get(id);
    invariant(found !== undefined, id);
    return found;
  };
  const times: number[] = [];
  for (let i = 0; i < 400; i++) {
    const dressingStyle = dressingStyles[i % dressingStyles.length];
    invariant(dressingStyle !== undefined, "a school");
    const start = performance.now();
    const made = composeDressing(
      wishAt(dressingStyle, {
        volumeMl: 150 + i,
        oils: ["olive-oil", "walnut-oil"].map((id) => ({ facts: facts(id), share: 1 })),
        acids: ["lemon-juice", "cider-vinegar"].map((id) => ({ facts: facts(id), share: 1 })),
        salt: facts("salt-sea-fine"),
        sweet: facts("honey"),
        emulsifier: { facts: facts("mustard-dijon"), grams: 6 },
        flavours: [{ facts: facts("shallot"), grams: 10 }],
      }),
    );
    if (made.ok) readDressing(made.value.parts);
    times.push(performance.now() - start);
  }
  const sorted = [...times].sort((a, b) => a - b);
  const p95 = sorted[Math.floor(sorted.length * 0.95)] ?? Number.NaN;
  return {
    changes: times.length,
    "median ms": Math.round(median(times) * 1000) / 1000,
    "p95 ms": Math.round(p95 * 1000) / 1000,
    "p95 ÷ a frame of 16 ms": Math.round((p95 / 16) * 10_000) / 10_000,
  };
}
