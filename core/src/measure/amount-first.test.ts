import { describe, expect, it } from "@jest/globals";
import { amountFirst } from "./amount-first.ts";

describe("a line that names the food first is turned round", () => {
  it.each([
    ["feta, 200 g", "200 g feta"],
    ["feta: 200 g", "200 g feta"],
    ["feta (200 g)", "200 g feta"],
    ["feta – 200 g", "200 g feta"],
    ["carrots with tops: 1.4 kg", "1.4 kg carrots with tops"],
    ["olive oil 2 tbsp, warmed", "2 tbsp olive oil , warmed"],
    ["feta, crumbled, 200 g", "200 g feta , crumbled"],
    ["feta (crumbled) 200 g", "200 g feta , crumbled"],
    ["feta, crumbled, 200 g, cold", "200 g feta , crumbled, cold"],
    ["tomatoes, 400 g x 2", "2 x 400 g tomatoes"],
    ["chickpeas 400 g tin x 3", "3 x 400 g tin chickpeas"],
    ["kidney beans 400 g tin", "400 g tin kidney beans"],
    ["radish x 2 bunches", "2 bunches radish"],
    ["chickpeas tin", "1 tin chickpeas"],
    ["watermelon half", "half watermelon"],
    ["parsley, curly, bunch", "1 bunch parsley, curly"],
    ["carrots bunch 2", "2 bunch carrots"],
    ["salad bags x 4", "4 bags salad"],
    ["carrots bunch 60", "60 g carrots bunch"],
    ["tomatoes, 2 tins x 400 g", "2 tins (400 g each) tomatoes"],
    ["cream, 2 tubs of 250 ml", "2 tubs (250 ml each) cream"],
    ["cream, 500 ml bottle", "500 ml cream , bottle"],
    ["leeks, 3 bunches (600 g)", "3 bunches (600 g) leeks"],
    ["feta pack 200 g", "200 g feta"],
    ["peppers in a jar 200 g", "200 g peppers in a jar"],
    ["chard, about 400 g", "400 g chard"],
    ["parsley, half a bunch", "half a bunch parsley"],
    ["parsley, half a bunch, chopped", "half a bunch parsley, chopped"],
    ["parsley stalks from half a bunch", "half a bunch parsley stalks"],
    ["basil, a good handful", "a good handful basil"],
    ["red onion (1/2), sliced", "1/2 red onion, sliced"],
    ["red onion (2 small), sliced", "2 small red onion, sliced"],
    ["kohlrabi 3", "3 kohlrabi"],
    ["fennel x3", "3 fennel"],
    ["kohlrabi ½", "½ kohlrabi"],
    ["shallots 500", "500 g shallots"],
    ["shallots 50", "50 g shallots"],
    ["shallots 49", "49 shallots"],
    ["cucumbers 3 (1.2 kg)", "3 cucumbers (1.2 kg)"],
    ["avocados 3 ripe", "3 ripe avocados"],
    ["limes 2 juice", "juice of 2 limes"],
    ["salad onions bunch", "1 bunch salad onions"],
    ["wild garlic big bag", "1 big bag wild garlic"],
    ["wild garlic (bag)", "1 bag wild garlic"],
  ])("%p is %p", (text, expected) => {
    expect(amountFirst(text)).toBe(expected);
  });

  it.each([
    "400 g feta",
    "½ lemon",
    "rocket",
    "oven at gas 4",
    "juice of 2 limes",
    "serves 6",
    "put it in the box",
    "a leaf from the garden bunch of it tray",
  ])("%p stays as it is", (text) => {
    expect(amountFirst(text)).toBe(text);
  });
});
