import { referenceCatalogue } from "@apron/core/catalogue/reference";
import { dishKinds, validateFormula } from "@apron/core/recipes";
import { afterAll, beforeAll, describe, expect, it } from "@jest/globals";
import type { Match } from "@apron/contract";
import { Formula } from "@apron/contract";
import { demoFormulas } from "../src/demo/formulas.ts";
import { starterSet } from "../src/demo/starter-set.ts";
import { finishDemo, seedDemo } from "../src/demo/seed.ts";
import { openTestKitchen, type Browser, type TestKitchen } from "./test-kitchen.ts";

let kitchen: TestKitchen;
let wren: Browser;
beforeAll(async () => {
  kitchen = await openTestKitchen();
  // Killed while it was being filled, as may happen: the next start fills it.
  const { database } = kitchen.deps;
  const killed = { ...database, write: () => Promise.reject(new Error("killed")) };
  await expect(seedDemo({ ...kitchen.deps, database: killed })).rejects.toThrow("killed");
  await finishDemo(kitchen.deps);
  wren = await kitchen.signInDemo();
}, 60_000);
afterAll(() => kitchen.close());

describe("the demo kitchen", () => {
  it("is filled once, however often the program starts", async () => {
    const before = await wren.call("listLots", { query: { limit: 200 } });
    await finishDemo(kitchen.deps);
    const after = await wren.call("listLots", { query: { limit: 200 } });
    expect(before.body.lots.length).toBeGreaterThan(10);
    expect(after.body).toEqual(before.body);
  });

  it("covers every kind of dish there is", () => {
    const kinds = demoFormulas.map((f) => f.kind);
    expect(demoFormulas.length).toBeGreaterThanOrEqual(14);
    expect(new Set(kinds)).toEqual(new Set(dishKinds));
    for (const formula of demoFormulas)
      expect(validateFormula(formula, referenceCatalogue)).toMatchObject({ ok: true });
    expect(kinds.filter((kind) => kind === "pesto").length).toBeGreaterThanOrEqual(2);
  });

  it("comes with a starter set for the whole year, each dish with slots, steps, time and keeping", () => {
    expect(starterSet.length).toBeGreaterThanOrEqual(40);
    expect(new Set(starterSet.map((f) => f.id)).size).toBe(starterSet.length);
    for (const formula of starterSet) {
      expect([formula.id, validateFormula(formula, referenceCatalogue)]).toMatchObject([
        formula.id,
        { ok: true },
      ]);
      expect(formula.lines.some((one) => one.fillers.length > 1)).toBe(true);
      expect(formula.steps.length).toBeGreaterThan(0);
      expect([formula.id, formula.minutes > 0 && formula.keeping.fridge !== null]).toEqual([
        formula.id,
        true,
      ]);
    }
  });

  it("writes formulas that the contract takes, of ingredients and keeping rules that exist", () => {
    for (const formula of starterSet) {
      expect(Formula.safeParse(formula).success).toBe(true);
      for (const filler of formula.lines.flatMap((l) => l.fillers))
        expect(kitchen.deps.catalogue.ingredients.has(filler.ingredient)).toBe(true);
      for (const place of ["fridge", "freezer"] as const) {
        const subject = formula.keeping[place];
        if (subject)
          expect(kitchen.deps.catalogue.keeping.some((r) => r.subject === subject && r.place === place)).toBe(
            true,
          );
      }
      for (const trigger of formula.cautions) expect(kitchen.deps.catalogue.cautions.has(trigger)).toBe(true);
    }
  });

  it("has lots, weighings, batches and withdrawals of a whole season", async () => {
    const [counts] = await kitchen.owner.query<Record<string, number>[]>(
      `select (select count(*)::int from lot) lots, (select count(*)::int from trim where learned) weighings,
        (select count(*)::int from batch) batches, (select count(*)::int from withdrawal) withdrawals`,
    );
    expect(counts?.["lots"]).toBeGreaterThan(150);
    expect(counts?.["weighings"]).toBeGreaterThan(60);
    expect(counts?.["batches"]).toBeGreaterThan(25);
    expect(counts?.["withdrawals"]).toBeGreaterThan(60);
  });

  it("stands in a glut today: something to use first, something due, something worth making", async () => {
    const today = (await wren.call("today", {})).body;
    expect(today.useFirst.length).toBe(6);
    expect(today.due.length).toBeGreaterThan(0);
    expect(today.best?.rescuedG).toBeGreaterThan(300);
    expect(today.usual.length).toBeGreaterThan(5);
    expect(today.waiting.trim).toBeGreaterThan(8);
  });

  it("knows what its beds give next, which is bolting and which is finished", async () => {
    const { beds } = (await wren.call("listBeds", {})).body;
    const of = (ingredient: string) => beds.find((bed) => bed.ingredient === ingredient);
    expect(of("runner-bean")?.next).toMatchObject({ basis: "harvests" });
    expect(of("zucchini")?.next).toMatchObject({ basis: "forecast", inDays: 3, grams: { value: 600 } });
    expect([of("sorrel")?.state, of("kale")?.state]).toEqual(["bolting", "finished"]);
  });

  it("has a box logged in one go, a lot sorted by size and a pack with its label", async () => {
    const { lots } = (await wren.call("listLots", { query: { limit: 200 } })).body;
    const boxed = lots.filter((lot) => lot.source.note === "Thursday box");
    expect(boxed.map((lot) => lot.ingredient).sort()).toEqual(["celeriac", "fennel-bulb", "leek"]);
    expect(new Set(boxed.map((lot) => lot.intakeId)).size).toBe(1);
    expect(boxed.reduce((sum, lot) => sum + (lot.priceMinor ?? 0), 0)).toBe(640);
    const courgettes = lots.filter((lot) => lot.ingredient === "zucchini");
    expect(courgettes.map((lot) => lot.condition ?? "").sort()).toEqual(["", "large", "small"]);
    expect(lots.find((lot) => lot.ingredient === "feta")?.label).toMatchObject({ saltG: 2.6 });
  });

  it("is dated up to today and never beyond", async () => {
    const [late] = await kitchen.owner.query<{ late: number }[]>(
      "select count(*)::int as late from entry where at > $1",
      [kitchen.deps.now()],
    );
    expect(late?.late).toBe(0);
  });

  it("keeps every balance the fold of its ledger, and every gram of a batch out of a lot", async () => {
    const wrong = await kitchen.owner.query<unknown[]>(
      `select l.id from lot l left join entry e on e.lot_id = l.id group by l.id
       having l.balance_g <> sum(case when e.kind in ('received','from-trim','by-product','returned','split-from','corrected') then e.grams else -e.grams end)`,
    );
    expect(wrong).toEqual([]);
    const leaks = await kitchen.owner.query<unknown[]>(
      `select b.id from batch b
       where (select coalesce(sum(grams), 0) from batch_input i where i.batch_id = b.id and lot_id is not null)
          <> (select coalesce(sum(grams), 0) from entry e where e.batch_id = b.id and kind = 'used')`,
    );
    expect(leaks).toEqual([]);
  });
});

describe("matching in it", () => {
  let matches: Match[];
  beforeAll(async () => {
    matches = (await wren.call("listMatches", {})).body.matches;
  });

  it("ranks by what is saved, each with its reason", () => {
    expect(matches.length).toBeGreaterThan(5);
    const scores = matches.map((m) => m.score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
    expect(matches.every((m) => m.uses.length > 0 && m.workings.length > 10)).toBe(true);
  });

  it("never promises more grams of a lot than it holds", async () => {
    const lots = (await wren.call("listLots", { query: { limit: 200 } })).body.lots;
    for (const use of matches.flatMap((m) => m.uses)) {
      const onHand = lots.filter((l) => use.lotIds.includes(l.id)).reduce((g, l) => g + l.grams, 0);
      expect(use.grams).toBeLessThanOrEqual(onHand + 0.01);
    }
  });

  it("proposes nothing over its day, and no never-raw food raw", async () => {
    expect(matches.flatMap((m) => m.uses).every((u) => u.daysLeft >= 0)).toBe(true);
    for (const match of matches) {
      const plan = (
        await wren.call("planMake", {
          body: { recipeId: match.recipeId, scale: { kind: "batches", batches: match.batches } },
        })
      ).body;
      const formula = demoFormulas.find((f) => f.id === match.recipeId);
      for (const line of plan.lines) {
        const eatenRaw = formula?.lines.find((l) => l.id === line.lineId)?.eatenRaw;
        const never = line.parts.filter(
          (p) => kitchen.deps.catalogue.ingredients.get(p.ingredient)?.raw === "no",
        );
        if (eatenRaw) expect(never).toEqual([]);
      }
    }
  });

  it("plans the same grams that it ranked by", async () => {
    for (const match of matches) {
      const plan = (
        await wren.call("planMake", {
          body: { recipeId: match.recipeId, scale: { kind: "batches", batches: match.batches } },
        })
      ).body;
      const fromLots = plan.lines.flatMap((l) => l.parts).filter((p) => p.lotId !== null);
      expect(fromLots.reduce((g, p) => g + p.grams, 0)).toBeCloseTo(match.rescuedG, 2);
    }
  });

  it("stays within what can be eaten, frozen or given", () => {
    for (const match of matches.filter((m) => m.limit.kind === "appetite")) {
      const { limit } = match;
      if (limit.kind === "appetite")
        expect(match.servings).toBeLessThanOrEqual(limit.eaten + limit.frozen + limit.given + 1e-6);
    }
  });
});
