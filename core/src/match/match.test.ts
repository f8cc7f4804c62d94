import type { Allergen } from "../catalogue/index.ts";
import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { aFormula, aKitchen, aLine, everyone, someStock } from "../../test/kitchen.ts";
import type { Formula } from "../recipes/index.ts";
import { consumableInTime, type Household, type StoredPortions } from "./consumable-in-time.ts";
import { defaultAppetite } from "./tables/appetite.ts";
import { matchRecipe, rankRecipes, stockFor } from "./rank-recipes.ts";

const household: Household = {
  people: 2,
  portionsPerPersonDay: { ...defaultAppetite, pesto: 1 },
  freezerPortions: 10,
  givePortions: 3,
};
const waiting = (
  portions: number,
  daysLeft: number,
  extra: Partial<StoredPortions> = {},
): StoredPortions => ({
  kind: "pesto",
  portions,
  daysLeft,
  frozen: false,
  ...extra,
});

/** Room for new portions by brute force: give each standing portion a day, every way; waste least, then keep most room. */
function roomByTryingAll(
  keepDays: number,
  perDay: number,
  standing: readonly { portions: number; daysLeft: number }[],
): number {
  const horizon = Math.max(keepDays, ...standing.map((s) => s.daysLeft));
  const jobs = standing.flatMap((s) => Array.from({ length: s.portions }, () => s.daysLeft));
  let best = { placed: -1, room: 0 };
  const place = (i: number, room: readonly number[], placed: number): void => {
    const deadline = jobs[i];
    if (deadline === undefined) {
      const left = room.slice(0, keepDays + 1).reduce((a, b) => a + b, 0);
      if (placed > best.placed || (placed === best.placed && left > best.room)) best = { placed, room: left };
      return;
    }
    for (let day = 0; day <= deadline; day++) {
      if ((room[day] ?? 0) < 1) continue;
      const taken = room.map((r, d) => (d === day ? r - 1 : r));
      place(i + 1, taken, placed + 1);
    }
    place(i + 1, room, placed);
  };
  place(
    0,
    Array.from({ length: horizon + 1 }, () => perDay),
    0,
  );
  return best.room;
}

describe("what can be eaten in time", () => {
  const dish = { kind: "pesto", keepDays: 3, freezes: false } as const;

  it("is appetite times the days it keeps, making day included, and what can be given", () => {
    expect(consumableInTime(dish, household, [])).toEqual({ eaten: 8, frozen: 0, given: 3, total: 11 });
  });

  it("shares the appetite with what already stands in the larder", () => {
    expect(consumableInTime(dish, household, [waiting(4, 2)]).eaten).toBe(4);
    expect(consumableInTime(dish, household, [waiting(4, 8)]).eaten).toBe(8);
    expect(consumableInTime(dish, household, [waiting(100, 3)]).eaten).toBe(0);
    expect(consumableInTime(dish, household, [waiting(4, 2, { kind: "slaw" })]).eaten).toBe(8);
    expect(consumableInTime(dish, household, [waiting(4, -1)]).eaten).toBe(8);
  });

  it("is never less where the dish keeps longer, so what is too much at its best need not be tried", () => {
    const stored = fc.record({
      kind: fc.constantFrom("pesto" as const, "slaw" as const),
      portions: fc.double({ min: 0, max: 20, noNaN: true }),
      daysLeft: fc.integer({ min: -1, max: 9 }),
      frozen: fc.boolean(),
    });
    check(
      fc.property(fc.array(stored, { maxLength: 6 }), fc.integer({ min: 0, max: 8 }), (larder, days) => {
        const longer = consumableInTime({ ...dish, keepDays: days + 1 }, household, larder).total;
        const shorter = consumableInTime({ ...dish, keepDays: days }, household, larder).total;
        expect(longer).toBeGreaterThanOrEqual(shorter - 1e-9);
      }),
    );
  });

  it("gives each meal to what is eaten as late as its date allows, whatever the order it stands in", () => {
    // Two mouths, one portion each a day: the long-lived waits until after the short-lived.
    const room = (...stands: StoredPortions[]) => consumableInTime(dish, household, stands).eaten;
    expect(room(waiting(2, 3), waiting(6, 3))).toBe(0);
    expect(room(waiting(1, 0), waiting(3, 1))).toBe(4);
    expect(room(waiting(3, 1), waiting(1, 0))).toBe(4);
    expect(room(waiting(2, 5), waiting(2, 4))).toBe(8);
    expect(room(waiting(5, 4), waiting(2, 3))).toBe(3);
    expect(room(waiting(2, 3), waiting(5, 4))).toBe(3);
  });

  it("fills the freezer only as far as it has room", () => {
    const frozen = consumableInTime({ ...dish, freezes: true }, household, [
      waiting(7, 100, { frozen: true }),
    ]);
    expect(frozen.frozen).toBe(3);
    expect(
      consumableInTime({ ...dish, freezes: true }, household, [waiting(70, 100, { frozen: true })]).frozen,
    ).toBe(0);
  });

  it("equals trying every way to eat what stands there", () => {
    const standing = fc.array(
      fc.record({ portions: fc.integer({ min: 1, max: 2 }), daysLeft: fc.integer({ min: 0, max: 4 }) }),
      { maxLength: 3 },
    );
    let seen = 0;
    check(
      fc.property(standing, fc.integer({ min: 0, max: 3 }), (stands, keepDays) => {
        const ours = consumableInTime(
          { ...dish, keepDays },
          { ...household, givePortions: 0 },
          stands.map((s) => waiting(s.portions, s.daysLeft)),
        );
        expect(ours.eaten).toBe(roomByTryingAll(keepDays, 2, stands));
        seen++;
      }),
      { numRuns: 200 },
    );
    expect(seen).toBe(200);
  });
});

const chardPesto = aFormula([aLine("green", 100, "chard kale:0.5"), aLine("oil", 50, "olive-oil")], {
  id: "chard-pesto",
  servings: 4,
});
const plumBowl = aFormula([aLine("fruit", 200, "plum")], {
  id: "plum-bowl",
  servings: 4,
  kind: "cooked-salad",
  keeping: { fridge: "roasted-vegetables", freezer: null },
});

describe("the best number of batches of one recipe", () => {
  it("uses the surplus up and names the line that sets the limit", () => {
    const match = matchRecipe(chardPesto, [someStock("a", "chard", 260)], aKitchen());
    expect(match).toMatchObject({
      batches: 2.5,
      servings: 10,
      rescuedG: 250,
      limit: { kind: "stock", lineId: "green", ingredients: ["chard"], shortG: 40 },
    });
    expect(match?.topUps.every((t) => t.from === "staple")).toBe(true);
  });

  it("stops at what can be eaten, frozen or given", () => {
    const nobodyHungry = aKitchen({
      household: { ...aKitchen().household, freezerPortions: 0, givePortions: 0 },
    });
    const match = matchRecipe(chardPesto, [someStock("a", "chard", 5000)], nobodyHungry);
    // Raw cut leaves keep three days: two people × 0.4 portions × four days is 3.2 portions, so half a batch.
    expect(match).toMatchObject({ batches: 0.5, limit: { kind: "appetite" } });
    const full = aKitchen({
      ...nobodyHungry,
      waiting: [{ kind: "pesto", portions: 40, daysLeft: 4, frozen: false }],
    });
    expect(matchRecipe(chardPesto, [someStock("a", "chard", 5000)], full)).toBeUndefined();
  });

  it("proposes nothing that rescues nothing", () => {
    expect(matchRecipe(chardPesto, [someStock("a", "plum", 500)], aKitchen())).toBeUndefined();
    expect(matchRecipe(chardPesto, [], aKitchen())).toBeUndefined();
    expect(
      matchRecipe(chardPesto, [someStock("a", "chard", 500, { urgencyWeight: 0 })], aKitchen()),
    ).toBeUndefined();
  });

  it("is not for diners whose food cannot fill a line under its caps", () => {
    const half = aFormula([aLine("green", 80, "chard"), aLine("nut", 40, "hazelnut sunflower-seed:0.5")]);
    const stock = [someStock("c", "chard", 500)];
    const avoiding = (avoidAllergens: readonly Allergen[]) =>
      aKitchen({ diners: { ...everyone, avoidAllergens } });
    expect(matchRecipe(half, stock, avoiding([]))).toBeDefined();
    expect(matchRecipe(half, stock, avoiding(["nuts"]))).toBeUndefined();
  });

  it("proposes nothing never-raw raw, and nothing these diners may not eat", () => {
    const rawBeans = aFormula([aLine("bean", 100, "runner-bean")]);
    expect(matchRecipe(rawBeans, [someStock("a", "runner-bean", 500)], aKitchen())).toBeUndefined();
    const withNuts = aFormula([aLine("green", 100, "chard"), aLine("nut", 30, "hazelnut")]);
    const stock = [someStock("a", "chard", 500)];
    expect(
      matchRecipe(withNuts, stock, aKitchen({ diners: { ...everyone, avoidAllergens: ["nuts"] } })),
    ).toBeUndefined();
    expect(matchRecipe(withNuts, stock, aKitchen())).toBeDefined();
  });

  it("says what must be bought, and does not buy more of the glut to use up the last of it", () => {
    const slaw = aFormula([aLine("body", 300, "kohlrabi"), aLine("bright", 60, "apple")], { id: "slaw" });
    const match = matchRecipe(slaw, [someStock("k", "kohlrabi", 400)], aKitchen());
    expect(match?.batches).toBe(1);
    expect(match?.topUps).toEqual([{ lineId: "bright", ingredient: "apple", grams: 60, from: "buy" }]);
  });

  it("leaves out a leaf cut days ago when it would date more than can be eaten", () => {
    const short = someStock("old", "sorrel", 40, { safeDays: 0, urgencyWeight: 1 });
    const fresh = someStock("new", "chard", 400, { urgencyWeight: 0.6 });
    const green = aFormula([aLine("green", 100, "chard sorrel:0.4")], {
      keeping: { fridge: "pesto-raw-garlic", freezer: null },
    });
    const kitchen = aKitchen({ household: { ...aKitchen().household, givePortions: 0 } });
    const match = matchRecipe(green, [short, fresh], kitchen);
    expect(match?.fillings.map((f) => f.lotId)).toEqual(["new"]);
    expect(stockFor(green, 0.5, { stock: [short, fresh], kitchen }).map((s) => s.lotId)).toEqual(["new"]);
  });
});

describe("the ranking", () => {
  it("of a kitchen handed over as a plain value, as a worker gets it, is the same", () => {
    const formulas = [plumBowl, chardPesto];
    const stock = [someStock("c", "chard", 300), someStock("p", "plum", 400)];
    const kitchen = aKitchen({ waiting: [waiting(2, 3)] });
    const copied = structuredClone({ formulas, stock, kitchen });
    expect(copied.kitchen).not.toBe(kitchen);
    expect(rankRecipes(copied.formulas, copied.stock, copied.kitchen)).toEqual(
      rankRecipes(formulas, stock, kitchen),
    );
  });

  it("puts what saves more from spoiling first: urgency counts, not only grams", () => {
    const stock = [
      someStock("c", "chard", 300, { urgencyWeight: 1 }),
      someStock("p", "plum", 400, { urgencyWeight: 0.2 }),
    ];
    expect(rankRecipes([plumBowl, chardPesto], stock, aKitchen()).map((m) => m.recipeId)).toEqual([
      "chard-pesto",
      "plum-bowl",
    ]);
    const turned = stock.map((s) => ({ ...s, urgencyWeight: s.ingredient === "plum" ? 1 : 0.2 }));
    expect(rankRecipes([plumBowl, chardPesto], turned, aKitchen()).map((m) => m.recipeId)).toEqual([
      "plum-bowl",
      "chard-pesto",
    ]);
  });

  it("is the best of all half batches, tried one by one", () => {
    const lots = fc.array(
      fc.record({
        ingredient: fc.constantFrom("chard", "kale", "plum"),
        grams: fc.integer({ min: 5, max: 900 }),
        urgencyWeight: fc.integer({ min: 1, max: 10 }),
      }),
      { minLength: 1, maxLength: 5 },
    );
    const kitchen = aKitchen();
    let seen = 0;
    check(
      fc.property(lots, (some) => {
        const stock = some.map((s, i) =>
          someStock(`l${i}`, s.ingredient, s.grams, { urgencyWeight: s.urgencyWeight / 10 }),
        );
        const match = matchRecipe(chardPesto, stock, kitchen);
        const scores = Array.from({ length: 16 }, (_, i) => scoreByHand(chardPesto, (i + 1) / 2, stock));
        const best = Math.max(...scores);
        if (best > 0) expect(match?.score).toBeCloseTo(best, 6);
        else expect(match).toBeUndefined();
        seen++;
      }),
      { numRuns: 150 },
    );
    expect(seen).toBe(150);
  });
});

/** Chard pesto has one line that stock can fill, so its best filling can be worked out by hand. */
function scoreByHand(formula: Formula, batches: number, stock: ReturnType<typeof someStock>[]): number {
  const portions = batches * formula.servings;
  // Two people × 0.4 × four days (raw cut leaves keep three), twenty in the freezer, four given away.
  if (portions > 2 * 0.4 * 4 + 20 + 4) return -Infinity;
  const want = 100 * batches;
  let left = want;
  let kaleLeft = want / 2;
  let score = 0;
  for (const s of [...stock].sort((a, b) => b.urgencyWeight - a.urgencyWeight)) {
    if (s.ingredient === "plum") continue;
    const grams = Math.min(left, s.grams, s.ingredient === "kale" ? kaleLeft : Infinity);
    left -= grams;
    if (s.ingredient === "kale") kaleLeft -= grams;
    score += grams * s.urgencyWeight;
  }
  const usedAny = left < want;
  // What whole grams of stock may lack is lost in rounding: a gram and a half, a hundredth of the line at most.
  const rounding = usedAny ? Math.min(1.5, want * 0.01) : 0.05;
  return left > rounding ? score - left * (usedAny ? 2 : 0.25) : score;
}
