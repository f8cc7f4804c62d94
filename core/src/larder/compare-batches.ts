/** What went into a batch, and how many portions (> 0) it made. */
export type ComparedBatch = {
  readonly inputs: readonly { readonly ingredient: string; readonly grams: number }[];
  readonly servings: number;
};

type Pair = readonly [number | null, number | null];

/** One ingredient in two batches: grams in all and in one portion; null where a batch has none of it. */
export type ComparedRow = { readonly ingredient: string; readonly grams: Pair; readonly perPortion: Pair };

const gramsOf = ({ inputs }: ComparedBatch, ingredient: string): number | null => {
  const mine = inputs.filter((input) => input.ingredient === ingredient);
  return mine.length === 0 ? null : mine.reduce((total, input) => total + input.grams, 0);
};

const share = (grams: number | null, { servings }: ComparedBatch): number | null =>
  grams === null ? null : grams / servings;

/** Two batches ingredient by ingredient, what weighs most in a portion of either first. */
export function compareBatches(a: ComparedBatch, b: ComparedBatch): ComparedRow[] {
  const ingredients = new Set([...a.inputs, ...b.inputs].map((input) => input.ingredient));
  return [...ingredients]
    .map((ingredient): ComparedRow => {
      const grams: Pair = [gramsOf(a, ingredient), gramsOf(b, ingredient)];
      return { ingredient, grams, perPortion: [share(grams[0], a), share(grams[1], b)] };
    })
    .sort((x, y) => most(y.perPortion) - most(x.perPortion));
}

const most = (pair: Pair): number => Math.max(...pair.map((grams) => grams ?? 0));
