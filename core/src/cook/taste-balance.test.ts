import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { atHandOf, remediesFor, tasteBalance, type AtHand, type TastedPart } from "./taste-balance.ts";
import { tasteWords } from "./cook-event.ts";

const part = (id: string, grams: number, more: Partial<TastedPart> = {}): TastedPart => ({
  ...{ facts: factsOf(id), grams, inDish: 1, saltPer100g: factsOf(id).composition?.saltG ?? null },
  ...more,
});
const atHand: AtHand = {
  ...{ salt: "salt-sea-fine", acid: "wine-vinegar-white", oil: "olive-oil", sweet: "honey" },
  plain: "chickpea",
};
const salad = [
  part("chickpea", 400, { saltPer100g: 0 }),
  part("olive-oil", 60),
  part("wine-vinegar-white", 20),
  part("salt-sea-fine", 3),
];

describe("what a dish has come to", () => {
  it("is its weight as eaten, its salt by that weight, and its oil to acid as sharp as 5 % vinegar", () => {
    const balance = tasteBalance(salad);
    expect(balance.weightG).toBe(483);
    expect(balance.saltPercent).toBeCloseTo((100 * balance.saltG) / 483, 9);
    expect(balance.saltG).toBeGreaterThan(2.8);
    // 60 g oil at 0.91 g/ml to 20 ml of a vinegar somewhat stronger than 5 %.
    expect(balance.oilToAcid).toBeGreaterThan(2.2);
    expect(balance.oilToAcid).toBeLessThan(3.4);
  });

  it("gets saltier by the gram as water cooks off, and not in all", () => {
    const roasted = salad.map((one) => ({ ...one, inDish: one.facts.id === "chickpea" ? 0.5 : 1 }));
    expect(tasteBalance(roasted).saltG).toBe(tasteBalance(salad).saltG);
    expect(tasteBalance(roasted).saltPercent).toBeGreaterThan(tasteBalance(salad).saltPercent);
  });

  it("names what no salt is known of, and says no ratio where nothing is sour", () => {
    const odd = [part("chickpea", 100, { saltPer100g: null }), part("olive-oil", 10)];
    expect(tasteBalance(odd)).toMatchObject({ unknown: ["chickpea"], oilToAcid: null });
    expect(tasteBalance([])).toMatchObject({ weightG: 0, saltPercent: 0, oilToAcid: null });
  });
});

describe("what is at hand to put a dish right", () => {
  it("is its own by the roles of its lines, else what a kitchen always has", () => {
    const inRoles = [
      { ...part("chickpea", 100, { saltPer100g: 0 }), role: "base" },
      { ...part("feta", 300, { saltPer100g: 0.6 }), role: "base" },
      { ...part("rapeseed-oil", 40), role: "oil" },
    ];
    expect(atHandOf(inRoles)).toEqual({
      ...{ salt: "salt-sea-fine", acid: "lemon-juice", oil: "rapeseed-oil", sweet: "honey" },
      plain: "chickpea",
    });
    expect(atHandOf([]).plain).toBeNull();
  });
});

describe("putting right what a taste found", () => {
  const found = (parts: readonly TastedPart[] = salad, targetSaltPercent = 1) => ({
    ...{ parts, atHand, targetSaltPercent },
  });
  const after = (remedy: { ingredient: string; grams: number } | undefined) =>
    tasteBalance(remedy ? [...salad, part(remedy.ingredient, remedy.grams)] : salad);

  it("is salt for what is flat, no further than its target, then acid", () => {
    const [salt, acid] = remediesFor("flat", found());
    expect(salt?.ingredient).toBe("salt-sea-fine");
    expect(after(salt).saltPercent).toBeGreaterThan(tasteBalance(salad).saltPercent);
    expect(after(salt).saltPercent).toBeLessThanOrEqual(1.01);
    expect(acid).toMatchObject({ ingredient: "wine-vinegar-white", grams: 3 });
    // Salty enough already: only acid is left.
    expect(remediesFor("flat", found(salad, 0.5)).map(({ ingredient }) => ingredient)).toEqual([
      "wine-vinegar-white",
    ]);
  });

  it("is oil for what is too sharp, which then is less so, or something sweet", () => {
    const [oil, sweet] = remediesFor("too-sharp", found());
    expect(after(oil).oilToAcid).toBeGreaterThan((tasteBalance(salad).oilToAcid ?? 0) * 1.1);
    expect(sweet).toEqual({ ingredient: "honey", grams: 2.4 });
  });

  it("thins out salt with what is plain, to its target", () => {
    const salty = [...salad, part("salt-sea-fine", 6)];
    const [plain] = remediesFor("too-salty", found(salty));
    const thinned = tasteBalance([...salty, part("chickpea", plain?.grams ?? 0, { saltPer100g: 0 })]);
    expect(thinned.saltPercent).toBeCloseTo(1, 2);
    expect(remediesFor("too-salty", { ...found(salty), atHand: { ...atHand, plain: null } })).toEqual([]);
    // At its target already it is thinned by a tenth of the dish.
    expect(remediesFor("too-salty", found(salad, 2))[0]?.grams).toBeCloseTo(48.3, 1);
  });

  it("is nothing of what is right, acid for what is too sweet, and a pinch for what is bitter", () => {
    expect(remediesFor("right", found())).toEqual([]);
    expect(remediesFor("too-sweet", found())).toEqual([{ ingredient: "wine-vinegar-white", grams: 3 }]);
    const [pinch] = remediesFor("too-bitter", found());
    expect(after(pinch).saltPercent - tasteBalance(salad).saltPercent).toBeCloseTo(0.1, 2);
  });

  it("is never less than the scale shows, whatever is found of a spoonful", () => {
    const spoonful = [part("olive-oil", 3)];
    for (const word of tasteWords)
      for (const { grams } of remediesFor(word, found(spoonful))) expect(grams).toBeGreaterThanOrEqual(0.1);
  });
});
