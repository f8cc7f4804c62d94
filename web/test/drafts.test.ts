import { describe, expect, it } from "@jest/globals";
import type { KitchenSettings, MakePlan } from "@apron/contract";
import { exactly } from "@apron/core/measure";
import {
  figuresOf,
  gramsOf,
  keptDrafts,
  keptOf,
  makesOf,
  partMakes,
  partsOf,
  proposedContainers,
  withAdditions,
} from "../src/cook/make-draft.ts";
import {
  askedNameOf,
  candidatesOf,
  headedBy,
  isOpen,
  questionOf,
  retitled,
} from "../src/exchange/recipe-review-draft.ts";
import {
  added,
  apart,
  merged,
  moved,
  splitAt,
  withAnswer,
  withKind,
  without,
  withText,
} from "../src/exchange/source-lines.ts";
import { changesIn } from "../src/kitchen/use-kitchen-draft.ts";
import { isNarrowed, noFilters, queryOf } from "../src/recipes/recipe-filters.ts";
import { emptyLine, lineWithoutIngredient } from "../src/recipes/use-recipe-draft.ts";
import { partsOf as byProductsOf } from "../src/trim/part-draft.ts";
import { typedGrams } from "../src/ui/typed-grams.ts";

/** Nothing boils away. */
const all = exactly(1);

describe("a make that is being typed", () => {
  const plan = {
    kind: "pesto",
    lines: [
      {
        lineId: "green",
        parts: [{ ingredient: "chard", lotId: "lot-1", grams: 566.99, name: "chard", from: "lot" }],
      },
      {
        lineId: "oil",
        parts: [{ ingredient: "olive-oil", lotId: null, grams: 100, name: "oil", from: "staple" }],
      },
    ],
    containers: [
      { kind: "bowl", place: "fridge", fewest: 1, capacityG: 3000 },
      { kind: "jar", place: "fridge", fewest: 3, capacityG: 190 },
    ],
  } as unknown as MakePlan;

  it("keeps what was typed when the plan is worked out anew, and shows the new plan beside it", () => {
    const typed = { "green chard lot-1": "480" };
    const again = {
      ...plan,
      lines: plan.lines.map((line) => ({
        ...line,
        parts: line.parts.map((p) => ({ ...p, grams: p.grams * 2 })),
      })),
    };
    const [green, oil] = partsOf(again as MakePlan, typed);
    expect([green?.text, green?.planned, oil?.text]).toEqual(["480", "1134", "200"]);
  });

  it("counts the plan's own grams to the milligram until something is typed", () => {
    const [green] = partsOf(plan, {});
    expect(green && [green.text, gramsOf(green)]).toEqual(["567", 566.99]);
    expect(green && gramsOf({ ...green, text: "567.0" })).toBe(567);
    expect(green && gramsOf({ ...green, text: "a bit" })).toBeUndefined();
    expect([typedGrams("1 lb"), typedGrams("2 cups")]).toEqual([453.59237, undefined]);
  });

  it("puts what was added while cooking to the lines that have it, once, and leaves the rest out", () => {
    const parts = partsOf(plan, {});
    const added = (ingredient: string, grams: number | null) => ({ ingredient, grams });
    const additions = [
      added("olive-oil", 12),
      added("olive-oil", 3.5),
      added("salt", 2),
      added("chard", null),
    ];
    const { texts, unlisted } = withAdditions(parts, additions);
    expect([...unlisted]).toEqual([["salt", 2]]);
    expect(texts).toEqual({ [parts[1]?.key ?? ""]: "115.5" });
    expect(withAdditions(partsOf(plan, texts), additions).texts).toEqual({});
  });

  it("portions, salt and cost follow what is typed", () => {
    const priced = {
      ...plan,
      servings: 4,
      lines: plan.lines.map((line) => ({
        ...line,
        parts: line.parts.map((p) => ({ ...p, per100gMinor: 50, saltPer100g: 0.2 })),
      })),
    } as MakePlan;
    const figures = (used: Record<string, string>, massG: number) =>
      figuresOf(priced, partsOf(priced, used), { massG, kept: [] });
    expect(figures({}, 600).portionG).toBe(150);
    expect(figures({}, 600).cost.batchMinor).toBe(Math.round(666.99 / 2));
    const typed = figures({ "green chard lot-1": "300" }, 400);
    expect(typed.portionG).toBe(100);
    expect(typed.cost).toMatchObject({ batchMinor: 200, portionMinor: 50 });
    expect(typed.salt.grams).toBeCloseTo(0.8, 9);
  });

  it("what is kept of a part by itself is no longer in the dish; parts left empty are not kept", () => {
    const inDish = { value: 1, low: 1, high: 1 };
    const lines = plan.lines.map((line) => ({
      ...line,
      group: line.lineId === "oil" ? "For the oil" : "",
      parts: line.parts.map((p) => ({ ...p, inDish })),
    }));
    const parts = partsOf({ ...plan, lines } as MakePlan, { "green chard lot-1": "300" });
    const draft = { id: "", weighed: "", kind: "jar", place: "fridge" } as const;
    const apart = { "For the oil": { ...draft, kept: "40 g" }, Other: { ...draft, kept: " " } };
    expect(keptOf(apart)).toEqual([{ part: "For the oil", keptG: 40, weighedG: null }]);
    expect(keptDrafts(apart).map(([part]) => part)).toEqual(["For the oil"]);
    expect(makesOf(all, parts, keptOf(apart)).value).toBeCloseTo(360, 9);
    // What boils away, boils away of what is left in it.
    expect(makesOf({ value: 0.5, low: 0.4, high: 1 }, parts, keptOf(apart))).toMatchObject({
      ...{ value: expect.closeTo(180, 9), high: expect.closeTo(360, 9) },
    });
    expect(partMakes(parts, "For the oil").value).toBe(100);
    expect(keptOf({ "For the oil": { ...draft, kept: "a bit" } })).toEqual([]);
  });

  it("proposes the fewest containers that hold it, or as many as were asked for", () => {
    const shared = { text: "", isPlain: false };
    const jars = { ...plan, storeIn: { kind: "jar", place: "fridge", count: null } } as MakePlan;
    expect(proposedContainers(jars, 400)).toEqual([{ kind: "jar", place: "fridge", count: 3, ...shared }]);
    expect(proposedContainers(jars, 380)).toEqual([{ kind: "jar", place: "fridge", count: 2, ...shared }]);
    const twelve = { ...plan, storeIn: { kind: "bowl", place: "fridge", count: 12 } } as MakePlan;
    expect(proposedContainers(twelve, 50)).toEqual([{ kind: "bowl", place: "fridge", count: 12, ...shared }]);
    expect(proposedContainers({ ...jars, containers: [] }, 400)).toEqual([]);
    expect(proposedContainers({ ...jars, storeIn: null }, 400)).toEqual([]);
  });

  it("does not count as used what is still to be bought, until the cook says so", () => {
    const lines = plan.lines.map((line) => ({
      ...line,
      parts: line.parts.map((p) => ({ ...p, from: "buy", inDish: { value: 0.5, low: 0.4, high: 0.6 } })),
    }));
    const bought = { ...plan, lines } as MakePlan;
    expect(partsOf(bought, {}).map((part) => part.text)).toEqual(["", ""]);
    expect(partsOf(bought, { "oil olive-oil ": "90" }).map((part) => part.text)).toEqual(["", "90"]);
    // The plan counts with it all the same, and with what is typed as soon as it is.
    expect(makesOf(all, partsOf(bought, {})).value).toBeCloseTo(0.5 * 666.99, 6);
    expect(makesOf(all, partsOf(bought, { "oil olive-oil ": "90" })).value).toBeCloseTo(0.5 * 656.99, 6);
    expect(makesOf(all, partsOf(bought, { "oil olive-oil ": "lots" })).value).toBeCloseTo(0.5 * 566.99, 6);
  });
});

describe("by-products that are being typed", () => {
  const method = {
    parts: [
      { part: "stems", use: "stock" },
      { part: "ends", use: "compost" },
    ],
  } as never;
  const further = [
    { part: "flowers", use: "plate", compost: false },
    { part: "cores", use: "none", compost: true },
  ] as never;

  it("are kept where they have a use and composted otherwise, until the cook says", () => {
    expect(byProductsOf(method, further, {}).map((p) => [p.part, p.fate])).toEqual([
      ["stems", "keep"],
      ["ends", "compost"],
    ]);
    const typed = {
      stems: { text: "90", fate: "compost" as const },
      cores: { text: "", fate: "compost" as const },
    };
    expect(byProductsOf(method, further, typed).map((p) => [p.part, p.text, p.fate])).toEqual([
      ["stems", "90", "compost"],
      ["ends", "", "compost"],
      ["cores", "", "compost"],
    ]);
  });
});

describe("a recipe that is being written", () => {
  it("finds the line that names no ingredient, and the choice that is empty", () => {
    const line = emptyLine();
    const named = { ...line, fillers: line.fillers.map((one) => ({ ...one, ingredient: "kale" })) };
    const halfFilled = { ...named, fillers: [...named.fillers, ...line.fillers] };
    expect(lineWithoutIngredient({ lines: [named, line] })).toBe(1);
    expect(lineWithoutIngredient({ lines: [halfFilled] })).toBe(0);
    expect(lineWithoutIngredient({ lines: [named, { ...line, recipe: "a-dressing", fillers: [] }] })).toBe(
      -1,
    );
  });

  it("gives every new line an id of its own", () => {
    expect(new Set(Array.from({ length: 50 }, () => emptyLine().id)).size).toBe(50);
  });
});

describe("answers to a recipe that was read", () => {
  const line = (extra: object) => ({ ingredient: "kale", grams: 100, questions: [], ...extra }) as never;
  const unclear = {
    code: "ingredient-unclear",
    text: "vinegar",
    candidates: ["cider-vinegar", "malt-vinegar"],
  };

  it("a line asks for what it lacks, and names the few it may be as buttons", () => {
    const lines = [
      {},
      { ingredient: null },
      { grams: null },
      { questions: [{ code: "unit-unknown", unit: "glug" }] },
    ];
    expect(lines.map((one) => isOpen(line(one)))).toEqual([false, true, true, false]);
    expect(questionOf(line({ ingredient: null }))).toMatch(/Which ingredient/);
    expect(questionOf(line({ grams: null }))).toMatch(/How much/);
    expect(questionOf(line({ questions: [{ code: "unit-unknown", unit: "glug" }] }))).toContain("glug");
    expect(questionOf(line({ questions: [unclear] }))).toBe("Which one?");
    expect(questionOf(line({ questions: [{ ...unclear, candidates: ["kale"] }] }))).toBe("Is it this?");
    expect(candidatesOf(line({ questions: [unclear] }))).toEqual(["cider-vinegar", "malt-vinegar"]);
    expect([askedNameOf(line({ questions: [unclear] })), askedNameOf(line({}))]).toEqual([
      "vinegar",
      undefined,
    ]);
  });

  it("put the head as the cook wrote it; servings that are no number are left open", () => {
    const review = { title: "As read", kind: "pesto", servings: 2 } as never;
    expect(headedBy(review, {})).toMatchObject({ kind: "pesto", servings: 2 });
    expect(headedBy(review, { kind: "slaw", servings: "4,5" })).toMatchObject({
      kind: "slaw",
      servings: 4.5,
    });
    for (const servings of ["", "many", "0", "-2"])
      expect(headedBy(review, { servings }).servings).toBeNull();
  });

  it("give another title to its line, or a new line before all others", () => {
    const step = { kind: "step", text: "Mix." } as const;
    expect(retitled({ lines: [step] }, "Bowl")).toEqual([{ kind: "title", text: "Bowl" }, step]);
    expect(retitled({ lines: [step, { kind: "title", text: "Old" }] }, "Bowl")[1]).toEqual({
      kind: "title",
      text: "Bowl",
    });
  });
});

describe("lines of a pasted recipe", () => {
  const lines = [
    { kind: "title", text: "Bowl" },
    { kind: "ingredient", text: "2 tbsp vinegar, 1 tsp salt", ingredient: "cider-vinegar" },
    { kind: "step", text: "Mix." },
  ] as const;
  const textsOf = (now: readonly { text: string }[]): string[] => now.map((one) => one.text);

  it("are moved, never past either end", () => {
    expect(textsOf(moved(lines, 1, 1))).toEqual(["Bowl", "Mix.", "2 tbsp vinegar, 1 tsp salt"]);
    expect(moved(lines, 0, -1)).toEqual(lines);
    expect(moved(lines, 2, 1)).toEqual(lines);
  });

  it("are split where the cook says, and nowhere else", () => {
    expect(textsOf(splitAt(lines, 1, 14))).toEqual(["Bowl", "2 tbsp vinegar", "1 tsp salt", "Mix."]);
    const joined = [{ kind: "ingredient", text: "2 red peppers and 1 yellow" }] as const;
    expect(textsOf(splitAt(joined, 0, 13))).toEqual(["2 red peppers", "1 yellow"]);
    expect([splitAt(lines, 1, 0), splitAt(lines, 1, 99), splitAt(lines, 9, 1)]).toEqual([
      lines,
      lines,
      lines,
    ]);
  });

  it("that name several foods become a line for each", () => {
    expect(apart(lines, 1, ["vinegar", "salt to taste"]).slice(1, 3)).toEqual([
      { kind: "ingredient", text: "vinegar" },
      { kind: "ingredient", text: "salt to taste" },
    ]);
    expect(textsOf(apart(lines, 9, ["vinegar"]))).toEqual(textsOf(lines));
  });

  it("are merged with the next, the last with none", () => {
    expect(merged(lines, 1)[1]).toEqual({ kind: "ingredient", text: "2 tbsp vinegar, 1 tsp salt Mix." });
    expect(merged(lines, 2)).toEqual(lines);
  });

  it("keep what was answered until they say something else", () => {
    expect(withText(lines, 1, lines[1].text)[1]).toEqual(lines[1]);
    expect(withText(lines, 1, "1 apple")[1]).toEqual({ kind: "ingredient", text: "1 apple" });
    expect(withAnswer(lines, 1, { amount: "3 tbsp" })[1]).toEqual({ ...lines[1], amount: "3 tbsp" });
    expect(withKind(lines, 1, "note")[1]).toEqual({ ...lines[1], kind: "note" });
  });

  it("are added at the end and taken out", () => {
    expect(added(lines, "step").at(-1)).toEqual({ kind: "step", text: "" });
    expect(textsOf(without(lines, 1))).toEqual(["Bowl", "Mix."]);
  });
});

it("of the kitchen's settings only what was changed here is sent", () => {
  const opened = {
    name: "Back step",
    locale: "en-GB",
    staples: ["salt"],
    eaters: [{ name: "A" }],
  } as unknown as KitchenSettings;
  expect(changesIn({ name: "Back step", staples: ["salt"] }, opened)).toEqual({});
  expect(changesIn({ name: "Front step", staples: ["salt", "oil"] }, opened)).toEqual({
    ...{ name: "Front step", staples: ["salt", "oil"] },
  });
  const appetite = { pesto: 1, slaw: 2 };
  expect(
    changesIn({ portionsPerPersonDay: { ...appetite, slaw: 3 } as never }, {
      ...opened,
      portionsPerPersonDay: appetite,
    } as never),
  ).toEqual({ portionsPerPersonDay: { slaw: 3 } });
  expect(changesIn({ eaters: [{ name: "A", diet: "vegan" }] as never }, opened)).toHaveProperty("eaters");
});

describe("filters of the library", () => {
  it("ask for nothing until something is chosen", () => {
    expect(isNarrowed(noFilters())).toBe(false);
    expect(queryOf(noFilters())).toEqual({
      ...{ text: "", kind: undefined, diet: undefined, without: "", onHand: "no", archived: "no" },
    });
  });

  it.each([
    [{ text: "kale" }, { text: "kale" }],
    [{ kind: "pesto" }, { kind: "pesto" }],
    [{ diet: "vegan" }, { diet: "vegan" }],
    [{ without: "milk" }, { without: "milk" }],
    [{ onHand: true }, { onHand: "yes" }],
    [{ archived: true }, { archived: "yes" }],
  ])("%j asks %j", (chosen, asked) => {
    const filters = { ...noFilters(), ...chosen };
    expect(isNarrowed(filters)).toBe(true);
    expect(queryOf(filters)).toMatchObject(asked);
  });
});
