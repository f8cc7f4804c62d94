import { describe, expect, it } from "@jest/globals";
import {
  findNamed,
  judgeFigure,
  nameFree,
  nameIndexOf,
  nameOf,
  ownId,
  provenance,
  toGrams,
  withOwn,
  type OwnFigure,
  type OwnIngredient,
} from "./index.ts";
import { referenceCatalogue as reference } from "./reference.ts";

const figure = (extra: Partial<OwnFigure> = {}): OwnFigure => ({
  ingredient: "chard",
  table: "measure",
  key: "bunch",
  value: 420,
  low: 380,
  high: 460,
  note: "weighed ten",
  ...extra,
});
const oca: OwnIngredient = {
  id: ownId("Oca"),
  us: "oca",
  uk: "oca",
  other: ["New Zealand yam"],
  category: "root",
  strength: 0,
  allergens: [],
  diet: ["vegan", "vegetarian"],
  tcsWhen: ["cooked"],
  group: "",
  raw: "yes",
  rawNote: "",
  notes: "",
  source: "your own entry",
  confidence: "medium",
  basis: "own",
};
const mine = (...figures: OwnFigure[]) => withOwn(reference, { ingredients: [oca], figures });
const chard = (...figures: OwnFigure[]) => {
  const facts = mine(...figures).ingredients.get("chard");
  if (!facts) throw new Error("no chard");
  return facts;
};

describe("a kitchen's own figures", () => {
  it("stand in place of the handbook's, which stays as it was", () => {
    expect(chard(figure()).measures.filter((m) => m.measure === "bunch")).toMatchObject([
      { grams: 420, low: 380, high: 460 },
    ]);
    expect(reference.ingredients.get("chard")?.measures.find((m) => m.measure === "bunch")).toMatchObject({
      grams: 350,
    });
  });

  it("are used at once, and say whose they are", () => {
    const weight = toGrams({ kind: "count", low: 2, high: 2, word: "bunches" }, chard(figure()));
    expect(weight).toMatchObject({ ok: true, value: { grams: { value: 840 } } });
    expect(weight.ok && weight.value.workings).toContain("your own figure: weighed ten");
    expect(provenance({ source: "your own figure", confidence: "high", basis: "own" })).toBe(
      "your own figure",
    );
  });

  it("may be a measure, a way of trimming, a composition figure or days", () => {
    const facts = chard(
      figure({ key: "armful", value: 900, low: 700, high: 1200 }),
      figure({ table: "trim", key: "ribs-out", value: 0.6, low: 0.5, high: 0.7 }),
      figure({ table: "composition", key: "saltG", value: 0.5, low: 0.4, high: 0.6 }),
      figure({ table: "keeping", key: "days", value: 9, low: 9, high: 9 }),
      figure({ table: "season", key: "toMonth", value: 11, low: 11, high: 11 }),
      figure({ table: "cooking", key: "blanch-squeeze-chop", value: 0.5, low: 0.4, high: 0.6 }),
      figure({ table: "strength", key: "strength", value: 2, low: 2, high: 2 }),
    );
    expect(facts.measures.find((m) => m.measure === "armful")?.grams).toBe(900);
    expect(facts.trims.find((t) => t.method === "ribs-out")?.mean).toBe(0.6);
    expect(facts.trims[0]?.method).toBe(reference.ingredients.get("chard")?.trims[0]?.method);
    expect(facts.composition).toMatchObject({ saltG: 0.5, saltLowG: 0.4, saltHighG: 0.6 });
    expect(facts.season).toMatchObject({ daysWhole: 9, toMonth: 11 });
    expect(facts.changes.find((c) => c.method === "blanch-squeeze-chop")).toMatchObject({
      factor: 0.5,
      waterAfter: null,
    });
    expect(facts.strength).toBe(2);
    const methods = (of: { changes: readonly { method: string }[] } | undefined) =>
      of?.changes.map((c) => c.method);
    expect(methods(facts)).toEqual(expect.arrayContaining(methods(reference.ingredients.get("chard")) ?? []));
  });

  it("leave the other figures of a row their own source", () => {
    const salt = chard(figure({ table: "composition", key: "saltG", value: 0.5, low: 0.4, high: 0.6 }));
    const before = reference.ingredients.get("chard")?.composition;
    expect(salt.composition).toMatchObject({ basis: before?.basis, waterG: before?.waterG });
    expect(salt.composition?.source).toBe(`${before?.source ?? ""}; saltG is your own figure: weighed ten`);
  });

  it("of an ingredient that is not there are passed over", () => {
    expect(mine(figure({ ingredient: "no-such" })).ingredients.size).toBe(reference.ingredients.size + 1);
  });

  it.each([
    [{ low: 500 }, "figures-out-of-order"],
    [{ value: 30_000, high: 30_000 }, "figure-out-of-range"],
    [{ low: -4 }, "figure-out-of-range"],
    [{ table: "composition", key: "moonlight", value: 1, low: 1, high: 1 }, "figure-unknown"],
    [{ table: "trim", key: "strip-leaves", value: 0.9, low: 0.8, high: 1.2 }, "figure-out-of-range"],
    [{ table: "season", key: "toMonth", value: 13, low: 13, high: 13 }, "figure-out-of-range"],
    [{ table: "season", key: "toMonth", value: 6.5, low: 6.5, high: 6.5 }, "figure-out-of-range"],
    [{ table: "keeping", key: "fridge", value: 9, low: 9, high: 9 }, "figure-unknown"],
    [{ table: "composition", key: "waterG", value: 140, low: 140, high: 140 }, "figure-out-of-range"],
  ] as const)("refuses %j", (extra, code) => {
    expect(judgeFigure(figure(extra), chard())).toMatchObject({ ok: false, issue: { code } });
  });

  it("accepts a figure that can be", () => {
    expect(judgeFigure(figure(), chard()).ok).toBe(true);
  });
});

describe("a kitchen's own ingredients", () => {
  it("are found by every name and written in the kitchen's dialect", () => {
    const catalogue = mine();
    expect(findNamed("New Zealand yams", nameIndexOf(catalogue))).toMatchObject({ ids: ["own-oca"] });
    const facts = catalogue.ingredients.get("own-oca");
    expect(facts && nameOf(facts, "uk")).toBe("oca");
    expect(facts?.trims).toEqual([]);
  });

  it("may not take a name that is somebody's already", () => {
    expect(nameFree("Rocket", reference)).toMatchObject({
      ok: false,
      issue: { code: "name-taken", by: "arugula" },
    });
    expect(nameFree("Ulluco", reference)).toEqual({ ok: true, value: "own-ulluco" });
  });

  it("get ids no reference ingredient has", () => {
    expect([ownId("Granny's Plum"), ownId("Äpfel, süß")]).toEqual(["own-grannys-plum", "own-apfel-su"]);
    for (const id of reference.ingredients.keys()) expect(id.startsWith("own-")).toBe(false);
  });
});

describe("the reference catalogue as a whole", () => {
  it("carries a source, a confidence and a basis with every figure", () => {
    const figures = [...reference.ingredients.values()].flatMap((f) => [
      f,
      ...f.measures,
      ...f.trims,
      ...f.changes,
      ...(f.composition ? [f.composition] : []),
      ...(f.season ? [f.season] : []),
    ]);
    expect(figures.length).toBeGreaterThan(2000);
    expect(
      figures.filter((f) => f.source === "" || !["high", "medium", "low"].includes(f.confidence)),
    ).toEqual([]);
  });

  it("gives every ingredient a measure, a composition or says nothing at all of its weight", () => {
    const silent = [...reference.ingredients.values()].filter(
      (f) => f.measures.length === 0 && !f.composition,
    );
    expect(silent.map((f) => f.id)).toEqual([]);
  });

  it("has what a kitchen of salads, pestos and dressings reaches for", () => {
    const shelf = [
      "egg",
      "butter",
      "tofu",
      "rice-white",
      "black-bean",
      "tomato-paste",
      "mushroom",
      "blackberry",
      "flax-seed",
      "tamari",
      "preserved-lemon",
      "oregano-dried",
      "mustard-seed",
      "bay-leaf",
      "tuna-tinned",
      "water",
    ];
    expect(shelf.filter((id) => !reference.ingredients.has(id))).toEqual([]);
    expect(reference.ingredients.size).toBeGreaterThan(360);
  });
});
