import { describe, expect, it } from "@jest/globals";
import { corpusRecipes, type CorpusRecipe } from "../../test/corpus-recipes.ts";
import { isUnseen } from "../../test/corpus.ts";
import { lineReader } from "../catalogue/index.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { foodNamer } from "./names-food.ts";
import { readRecipes } from "./read-recipes.ts";
import { reviewRecipe, type RecipeReview } from "./review-recipe.ts";
import type { RecipeDraft } from "./recipe-draft.ts";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
const namesFood = foodNamer(reader);

type Read = {
  readonly recipe: CorpusRecipe;
  readonly draft: RecipeDraft | undefined;
  readonly count: number;
  readonly review: RecipeReview | undefined;
};

function read(recipe: CorpusRecipe): Read {
  const drafts = readRecipes(recipe.text, namesFood);
  const [draft] = drafts.ok ? drafts.value : [];
  return {
    recipe,
    draft,
    count: drafts.ok ? drafts.value.length : 0,
    review: draft && reviewRecipe(draft, reader),
  };
}

/** A text without what only sets it apart: its bullet, its number. */
const bare = (text: string): string => text.replace(/^(?:•|\[[ x]?\]|\d+\.)\s+/, "").replace(/:$/, "");

type Faults = {
  readonly kinds: readonly string[];
  readonly foods: readonly string[];
  readonly lost: readonly string[];
};

function faultsOf({ recipe, draft, count, review }: Read): Faults {
  const taken = new Map(draft?.lines.map((line) => [bare(line.text), line.kind]));
  const where = (text: string): string => `${recipe.name}: ${text}`;
  const lost = recipe.lines.filter((line) => !taken.has(bare(line.text)));
  const wrong = recipe.lines.filter(
    (line) => taken.has(bare(line.text)) && taken.get(bare(line.text)) !== line.kind,
  );
  const foods = recipe.lines.filter((line) => {
    if (line.ingredient === undefined) return false;
    const lines =
      review?.lines.filter((one) => bare(draft?.lines[one.source]?.text ?? "") === bare(line.text)) ?? [];
    const [first] = lines;
    if (line.ingredient === "") return lines.length < 2 && !first?.questions.length;
    const grams = first?.grams ?? Number.NaN;
    return (
      first?.ingredient !== line.ingredient ||
      (line.grams !== undefined && Math.abs(grams / line.grams - 1) > 0.02)
    );
  });
  return {
    kinds: [
      ...wrong.map((line) => `${where(line.text)} → ${taken.get(bare(line.text))}`),
      ...(count === 1 ? [] : [where(`${count} recipes`)]),
    ],
    foods: foods.map((line) =>
      where(
        `${line.text} → ${review?.lines.find((one) => bare(draft?.lines[one.source]?.text ?? "") === bare(line.text))?.ingredient ?? "?"}`,
      ),
    ),
    lost: lost.map((line) => where(line.text)),
  };
}

const all = corpusRecipes.map(read);
const developed = all.filter(({ recipe }) => !isUnseen(recipe.name)).map(faultsOf);
const unseen = all.filter(({ recipe }) => isUnseen(recipe.name));

describe("recipes as people write them", () => {
  it("are sixty and more, ten of them Spanish, five French", () => {
    expect(corpusRecipes.length).toBeGreaterThanOrEqual(60);
    expect(corpusRecipes.filter((one) => one.file === "spanish.txt").length).toBeGreaterThanOrEqual(10);
    expect(all.filter(({ review }) => review?.language === "fr").length).toBeGreaterThanOrEqual(5);
  });

  it("lose no line, whatever it was taken for", () => {
    expect(all.map(faultsOf).flatMap((one) => one.lost)).toEqual([]);
  });

  it("are read right, every line of the half for developing", () => {
    expect(developed.flatMap((one) => [...one.kinds, ...one.foods])).toEqual([]);
  });

  it("are read right in the half that nobody looks at", () => {
    const lines = unseen.flatMap(({ recipe }) => recipe.lines);
    const faults = unseen.map(faultsOf);
    const share = (wrong: readonly string[], of: number): number => 1 - wrong.length / of;
    const kinds = share(
      faults.flatMap((one) => one.kinds),
      lines.length,
    );
    const foods = share(
      faults.flatMap((one) => one.foods),
      lines.filter((line) => line.ingredient !== undefined).length,
    );
    const percent = (value: number): string => `${(100 * value).toFixed(1)} %`;
    process.stdout.write(
      `recipes, unseen half: ${unseen.length} recipes, ${lines.length} lines: kind of line right ${percent(kinds)}, food right ${percent(foods)}\n`,
    );
    expect(kinds).toBeGreaterThanOrEqual(0.97);
    expect(foods).toBeGreaterThanOrEqual(0.97);
  });
});
