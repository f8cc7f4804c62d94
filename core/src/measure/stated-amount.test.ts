import { describe, expect, it } from "@jest/globals";
import { takeStated } from "./stated-amount.ts";

const take = (text: string) => takeStated(text, "us-customary");
const grams = (text: string): number | undefined => {
  const { stated } = take(text);
  return stated?.kind === "mass" ? stated.grams : undefined;
};

describe("what a line says it weighs beside its first amount", () => {
  it.each([
    ["2 x 400 g tins tomatoes", 800, "2 tins tomatoes"],
    ["3 × 125 g mozzarella", 375, "3 mozzarella"],
    ["400 g tin tomatoes", 400, "1 tin tomatoes"],
    ["2 400 g tins tomatoes", 800, "2 tins tomatoes"],
    ["2 (400 g) tins tomatoes", 800, "2 tins tomatoes"],
    ["3 cucumbers, 1.2 kg", 1200, "3 cucumbers"],
    ["4 leeks, 200 g each", 800, "4 leeks"],
    ["4 leeks, 200 g apiece, washed", 800, "4 leeks, washed"],
    ["4 leeks, 800 g in all", 800, "4 leeks"],
    ["2-4 leeks, 200 g each", 600, "2-4 leeks"],
    ["6 potatoes about 120 g each", 720, "6 potatoes"],
    ["3 (100 g) leeks", 300, "3 leeks"],
    ["1 tin (400 g) tomatoes", 400, "1 tin tomatoes"],
    ["3 tins (400 g in all) tomatoes", 400, "3 tins tomatoes"],
    ["8 bunches radishes @ 250 g", 2000, "8 bunches radishes"],
    ["4 tomatoes of 100 g", 400, "4 tomatoes"],
    ["4 tomatoes at about 100 g", 400, "4 tomatoes"],
    ["4 tomatoes, 100 g a piece", 400, "4 tomatoes"],
    ["4 tomatoes, each 100 g", 400, "4 tomatoes"],
    ["4 tomatoes (100 g a piece)", 400, "4 tomatoes"],
    ["4 tomatoes (à 100 g)", 400, "4 tomatoes"],
    ["4 tomatoes (per piece 100 g)", 400, "4 tomatoes"],
    ["rocket (2 × 100 g bags)", 200, "rocket"],
    ["1 tin tomatoes, drained weight 240 g", 240, "1 tin tomatoes"],
    ["2 bunches leeks, 600 g", 600, "2 bunches leeks"],
    ["4 tomatoes, about 1 kg total", 1000, "4 tomatoes"],
    ["½ x 400 g tin beans", 200, "0.5 tin beans"],
    ["4 leeks (200 g each)", 800, "4 leeks"],
    ["4 leeks (700 g)", 700, "4 leeks"],
    ["2 bunches (600 g) leeks", 600, "2 bunches leeks"],
  ])("%p states %p g; left: %p", (text, expected, rest) => {
    expect(grams(text)).toBeCloseTo(expected, 6);
    expect(take(text).rest).toBe(rest);
    expect(take(text).disagrees).toBe(false);
  });

  it.each([
    ["3 tins (400 g) tomatoes", 400, true],
    ["2 jars honey 340 g", 340, true],
    ["4 leeks (700 g)", 700, true],
    ["1 tin (400 g) tomatoes", 400, false],
    ["1 leek, 400 g", 400, false],
    ["3 tins (400 g in all) tomatoes", 400, false],
    ["4 leeks, 800 g in all", 800, false],
    ["4 leeks, 200 g each", 800, false],
    ["4 leeks of 200 g", 800, false],
    ["4 leeks (200 g each)", 800, false],
  ])("%p states %p g; whether of each or of all it does not say: %p", (text, expected, isEachOrAll) => {
    expect(grams(text)).toBeCloseTo(expected, 6);
    expect(take(text).isEachOrAll).toBe(isEachOrAll);
  });

  it("two weights in one bracket may be both or either", () => {
    expect(take("2 pumpkins (6 kg + 4 kg)").disagrees).toBe(true);
    expect(take("2 pumpkins (6 kg and 4 kg)").disagrees).toBe(true);
    expect(take("2 pumpkins (6 kg)").disagrees).toBe(false);
  });

  it("of two weights in a bracket the drained one counts", () => {
    expect(grams("1 tin (400 g, 240 g drained) beans")).toBeCloseTo(240, 6);
    expect(grams("1 tin (400 g, drained 240 g) beans")).toBeCloseTo(240, 6);
    expect(grams("1 tin (400 g, drained weight: 240 g) beans")).toBeCloseTo(240, 6);
    expect(grams("1 tin (400 g, drained) beans")).toBeCloseTo(400, 6);
  });

  it("what is left of several tins is of each, or of all where one does not hold so much", () => {
    expect(grams("2 x 400 g (240 g drained) beans")).toBeCloseTo(480, 6);
    expect(grams("2 x 400 g (480 g drained) beans")).toBeCloseTo(480, 6);
    expect(grams("2 x 400 g (400 g drained) beans")).toBeCloseTo(800, 6);
  });

  it("what is drained is said of a weight before it or behind it", () => {
    expect(take("1 tin tomatoes, drained weight 240 g").isDrained).toBe(true);
    expect(take("1 tin tomatoes, drained 240 g").isDrained).toBe(true);
    expect(take("1 tin tomatoes, 240 g").isDrained).toBe(false);
  });

  it("a volume in brackets may be how much there is", () => {
    expect(take("2 lemons (80 ml juice)").stated).toMatchObject({ kind: "volume", ml: 80 });
    expect(take("2 x 400 ml tins coconut milk").stated).toMatchObject({
      kind: "volume",
      ml: 800,
      count: 800,
    });
  });

  it("no second amount, none stated", () => {
    expect(take("400 g chard")).toMatchObject({ stated: null, rest: "400 g chard", added: [], offered: [] });
    expect(take("4 leeks, sliced")).toMatchObject({ stated: null, rest: "4 leeks, sliced" });
    expect(take("300 g leeks, 200 g")).toMatchObject({ stated: null, rest: "300 g leeks, 200 g" });
  });
});

describe("two statements of one amount", () => {
  it.each([
    // The grams are kept: the scale shows them.
    ["7 oz (200 g) feta", 200],
    ["1 lb (450 g) plums", 450],
  ])("%p is %p g", (text, expected) => {
    expect(grams(text)).toBe(expected);
  });

  it("what the line begins with counts, where both are metric or neither is", () => {
    for (const text of [
      "200 g (0.2 kg) feta",
      "200 g (7 oz) feta",
      "1 lb (16 oz) plums",
      "200 g (1 cup) peas",
    ])
      expect(take(text)).toMatchObject({ stated: null, disagrees: false });
  });

  it("they may differ by a quarter, no more", () => {
    expect(take("124 g (100 g) feta").disagrees).toBe(false);
    expect(take("125 g (100 g) feta").disagrees).toBe(false);
    expect(take("126 g (100 g) feta")).toMatchObject({ disagrees: true, stated: null });
    expect(take("76 g (100 g) feta").disagrees).toBe(false);
    expect(take("74 g (100 g) feta").disagrees).toBe(true);
    expect(take("1 tin beans, drained (240 g)")).toMatchObject({ isDrained: true, stated: { grams: 240 } });
    // A tin or a drained weight is another thing than the food that comes out of it.
    expect(take("400 g tin (240 g) beans").disagrees).toBe(false);
    expect(take("400 g (240 g drained) beans")).toMatchObject({
      disagrees: false,
      isDrained: true,
      stated: { grams: 240 },
    });
  });
});

describe("brackets and tails that are something else", () => {
  it.each([
    ["100 ml oil (plus 2 tbsp for frying)", 29.57],
    ["100 ml oil, plus 2 tbsp for frying", 29.57],
    ["100 ml oil + 1 tbsp to serve", 14.79],
    ["100 ml oil and an extra 2 tbsp", 29.57],
    ["100 ml oil plus 50 ml more for the pan", 50],
  ])("%p adds %p ml", (text, ml) => {
    const [added, ...others] = take(text).added;
    expect(others).toEqual([]);
    expect(added?.kind === "volume" ? added.ml : NaN).toBeCloseTo(ml, 1);
    expect(take(text).rest).toBe("100 ml oil");
  });

  it.each([
    ["2 tbsp maple syrup (or 1 tbsp honey)", "1 tbsp honey", "2 tbsp maple syrup"],
    ["2 tbsp maple syrup, or 1 tbsp honey", "1 tbsp honey", "2 tbsp maple syrup"],
    ["200 g walnuts (or almonds)", "almonds", "200 g walnuts"],
  ])("%p offers %p", (text, offered, rest) => {
    expect(take(text)).toMatchObject({ offered: [offered], rest, added: [], stated: null });
  });

  it.each([
    "200 g rice (cooked in 500 ml water)",
    "200 g chard (stems only)",
    "200 g chard (plus its stems)",
  ])("%p: the bracket stays", (text) => {
    expect(take(text)).toMatchObject({ rest: text, stated: null, added: [] });
  });

  it.each([
    ["200 g leeks (about 3 medium)", "200 g leeks"],
    ["1/2 cup (1 stick) butter", "1/2 cup butter"],
    ["200 g sweetcorn (from 2 ears)", "200 g sweetcorn"],
    ["200 g leeks (2), sliced", "200 g leeks, sliced"],
  ])("%p: the same in pieces is said once", (text, rest) => {
    expect(take(text)).toMatchObject({ rest, stated: null });
  });

  it("an amount that begins with a sum is one amount", () => {
    expect(take("plus 2 tbsp oil")).toMatchObject({ added: [], rest: "plus 2 tbsp oil" });
    expect(take(", plus 2 tbsp")).toMatchObject({ added: [], rest: ", plus 2 tbsp" });
  });

  it("the smallest texts on either side", () => {
    expect(take("x plus 2 tbsp")).toMatchObject({ added: [{ kind: "volume" }], rest: "x" });
    expect(take("2 x 0 g tins beans")).toMatchObject({ stated: null, rest: "2 x 0 g tins beans" });
  });

  it("several brackets each say their own", () => {
    const line = take("2 tins (400 g each) beans (or chickpeas) (plus 100 g more)");
    expect(line).toMatchObject({ stated: { grams: 800 }, offered: ["chickpeas"], rest: "2 tins beans" });
    expect(line.added).toMatchObject([{ grams: 100 }]);
  });
});
