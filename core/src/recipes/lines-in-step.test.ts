import { describe, expect, it } from "@jest/globals";
import { aLine, factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { foreignNamesOf, nameOf } from "../catalogue/index.ts";
import { languages } from "../languages/index.ts";
import { linesMentioned } from "./lines-in-step.ts";

/** Lines of a dish whose ids are their foods; a line may be filled by several ("basil+parsley"). */
const named = (text: string, foods: string): string[] =>
  linesMentioned(
    text,
    foods.split(" ").map((food) => {
      const fillers = food.split("+").map((one) => factsOf(one).id);
      return aLine(food, 10, fillers.join(" "));
    }),
    catalogue,
  ).map(({ line }) => line.id);

describe("where a step speaks of a line", () => {
  const at = (text: string, food: string) =>
    linesMentioned(text, [aLine("x", 10, factsOf(food).id)], catalogue)[0]?.at;

  it.each([
    ["Lay out the leeks", "leek", 12],
    ["Leaves on the plate", "lettuce-butterhead", 0],
    ["then plums, in wedges", "plum", 5],
    ["crumble the cheese over", "feta", 12],
    ["Break in the eggs", "egg", 13],
    ["Roast the squash in wedges", "winter-squash-kabocha", 10],
    ["Add the peppers", "bell-pepper-red", 8],
    ["Blanch the peas", "peas", 11],
    ["Torn basil leaves", "basil", 5],
    ["Añadir los pimientos", "bell-pepper-red", 11],
    ["Ajouter les épinards", "spinach", 12],
  ])("%s: %s", (text, food, place) => {
    expect(at(text, food)).toBe(place);
  });

  it.each([
    ["Chop it fine", "salt-sea-fine"],
    ["Serve at once", "leek"],
    ["Bleak as it is", "leek"],
    ["Peel the peaches", "peas"],
    ["Heat a wide pan", "bread-sourdough"],
    ["Boil in water", "water-chestnut"],
  ])("%s says nothing of %s", (text, food) => {
    expect(at(text, food)).toBeUndefined();
  });
});

describe("which line a step means", () => {
  it.each([
    // A longer name is another line's; a word behind a name belongs to it.
    ["Stir in the lemon juice", "lemon-juice lemon", ["lemon-juice"]],
    ["Grate the lemon", "lemon-juice lemon", ["lemon"]],
    ["Tear the mint leaves", "mint arugula", ["mint"]],
    ["Beat with the walnut oil", "walnut-oil walnut olive-oil", ["walnut-oil"]],
    ["Melt the butter", "butter butter-bean", ["butter"]],
    // Peppers are vegetables, and what stands beside salt is the spice.
    ["Add the peppers", "bell-pepper-red black-pepper", ["bell-pepper-red"]],
    [
      "Season with salt and pepper",
      "bell-pepper-red black-pepper salt-sea-fine",
      ["black-pepper", "salt-sea-fine"],
    ],
    // By its kind only where its name is not said.
    ["Toss the rocket with the leaves", "arugula spinach", ["arugula", "spinach"]],
    // Whatever fills a line names it by its whole name.
    ["Blend the parsley", "basil+parsley", ["basil+parsley"]],
    ["Fry the coconut oil", "coconut+parsley coconut-oil", ["coconut-oil"]],
  ])("%s: %s", (text, foods, expected) => {
    expect(named(text, foods)).toEqual(expected);
  });
});

describe("every food of the tables", () => {
  const foods = [...catalogue.ingredients.values()];

  it("is spoken of by its own names, one or many, in every language", () => {
    const silent = foods.flatMap((food) => {
      const english = [nameOf(food, "uk"), nameOf(food, "us")].map((name) => name.split(/[,(]/)[0] ?? "");
      const foreign = languages.flatMap((language) => foreignNamesOf(food.id, language)[0] ?? []);
      // "ajo" and "sel" are left out: so is "pan", which is bread in Spanish.
      return [...english, ...foreign.filter((name) => name.length >= 4)].filter(
        (name) => named(`Now add the ${name.trim()} to it`, food.id).length === 0,
      );
    });
    expect(silent).toEqual([]);
  });

  it("is not spoken of by the words that steps are made of", () => {
    const words =
      "Heat the pan, put it on the hob or in the oven, boil, drain, cool, slice, chop, toss, stir and fold in a bowl; " +
      "rest it at room temperature for ten minutes, taste, lay it on a plate or board, and serve at once with a spoon. " +
      "Cover the pot, bring it to the boil over a low flame, simmer till done, take off the lid, spread on a tray, roast " +
      "on the top shelf, turn once, mash, blend, sieve, press, fill a jar, label and keep cold. Rinse, dry, trim, peel, " +
      "halve, core, cut in strips, dice or wedges, grate, crush, pound, whisk, dress, scatter over, and set aside.";
    expect(foods.filter(({ id }) => named(words, id).length > 0).map(({ id }) => id)).toEqual([]);
  });
});
