import { describe, expect, it } from "@jest/globals";
import { splitLine } from "../measure/index.ts";
import { meaningKey, nameOfLine } from "./line-name.ts";
import { findExactly, findNamed, findTurnedRound, indexNames } from "./name-index.ts";
import { lineReader } from "./read-line.ts";
import { referenceCatalogue } from "./reference.ts";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
const named = (text: string, extra: Partial<typeof reader> = {}) =>
  nameOfLine(splitLine(text, "us-customary"), { ...reader, ...extra });
const idOf = (text: string): string => {
  const { ingredient } = named(text);
  if (ingredient.kind === "one") return ingredient.id;
  return ingredient.kind === "ask" ? "asks" : "unknown";
};

describe("which food a line names", () => {
  it.each([
    ["2 bunches coriander", "cilantro"],
    ["1 tsp pepper", "black-pepper"],
    ["2 peppers", "bell-pepper-red"],
    ["a handful of herbs", "asks"],
    ["6 tins tomatoes", "tomato-tinned"],
    ["1 tin whole peeled tomatoes", "tomato-tinned"],
    ["2 jars tomatoes", "tomato"],
    ["200 g chickpeas, dried", "chickpea-dry"],
    ["200 g peas, frozen", "peas-frozen"],
    ["onions, spring", "scallion"],
    ["pepper, sweet", "asks"],
    ["tuna in spring water", "tuna-tinned"],
    ["8 anchovy fillets in oil, drained", "anchovy"],
    ["1 tsp fennel", "fennel-seed"],
    ["1 tsp fennel, chopped", "fennel-bulb"],
    ["2 fennel", "fennel-bulb"],
    ["500 g fennel", "fennel-bulb"],
    ["1 tsp fennel seeds", "fennel-seed"],
    ["300 g noodles", "asks"],
    ["300 g rice noodles", "noodle-rice"],
    ["8 anchovy fillets in olive oil", "anchovy"],
    ["anchovies in oil", "anchovy"],
    ["artichokes in oil", "asks"],
    ["1 tin tomatoes in juice", "tomato-tinned"],
    ["tomatoes in oil", "asks"],
    ["200 g duck fat", "lard"],
    ["200 g duck breast fat", "asks"],
    ["200 g fat duck", "duck"],
    ["200 g salmon skin", "asks"],
    ["2 salmon fillets skin on", "salmon"],
    ["peas (in the pod)", "peas"],
    ["1 kg peas, in pods", "peas"],
    ["1 kg peas, in bags", "asks"],
    ["beans, black, dried", "black-bean-dry"],
    ["beans, black, dry", "black-bean-dry"],
    ["200 g horseradish, out of the jar", "horseradish-jar"],
    ["200 g horseradish (the jar sort)", "horseradish-jar"],
    ["200 g carrots (from the jar)", "carrot"],
    ["1 lettuce heart", "asks"],
    ["peaches in syrup", "asks"],
    ["beets with greens", "beet"],
    ["pumpkin seeds", "pumpkin-seed"],
    ["red or white wine vinegar", "wine-vinegar-red"],
    ["lemon or lime juice", "lemon-juice"],
    ["zorgle", "unknown"],
  ])("%p: %s", (text, id) => {
    expect(idOf(text)).toBe(id);
  });

  it("a part of a food, where its trim gives one", () => {
    expect(named("1 cauliflower core")).toMatchObject({ part: "core", isKnown: true });
    expect(named("2 celery stalks").part).toBeUndefined();
    // Dried, they are another food than what comes off fresh carrots and eggs.
    expect([idOf("20 g dried carrot tops"), idOf("20 g dried egg white")]).toEqual(["asks", "asks"]);
  });

  it("what else would do, and how much of it", () => {
    const offered = (text: string) =>
      named(text).alternatives.map(({ ingredient, maxShare }) => [
        ingredient.kind === "one" ? ingredient.id : ingredient.kind,
        Number(maxShare.toFixed(3)),
      ]);
    expect(offered("200 g chard or kale")).toEqual([["kale", 1]]);
    expect(offered("200 g chard (half may be spinach)")).toEqual([["spinach", 0.5]]);
    expect(offered("200 g chard (a third of it can be spinach)")).toEqual([["spinach", 0.333]]);
    expect(offered("200 g chard (one quarter could be spinach)")).toEqual([["spinach", 0.25]]);
    expect(offered("200 g chard (or 100 g kale)")).toEqual([["kale", 1]]);
    expect(offered("20 g dill or any soft herb").map(([id]) => id)).toEqual([
      "parsley",
      "cilantro",
      "dill",
      "mint",
    ]);
    expect(idOf("20 g any soft herb")).toBe("asks");
    // Without "any" it is not said that each of them will do.
    expect(named("200 g spinach or lettuce").alternatives).toMatchObject([{ ingredient: { kind: "ask" } }]);
    expect(idOf("20 g any chard")).toBe("chard");
    expect(offered("200 g chard")).toEqual([]);
  });

  it("an answer of this kitchen comes before everything", () => {
    expect(meaningKey("Mixed, Leaves")).toBe("mixed leaf");
    expect(named("100 g mixed leaves", { meanings: { "mixed leaf": "spinach" } })).toMatchObject({
      ingredient: { kind: "one", id: "spinach" },
      isKnown: true,
    });
    expect(named("100 g chard", { meant: "kale" }).ingredient).toMatchObject({ id: "kale" });
    expect(named("100 g chard", { meant: "no-such" }).ingredient).toMatchObject({ id: "chard" });
  });

  it("says whether all its words are known", () => {
    expect(named("200 g chard").isKnown).toBe(true);
    expect(named("a handful of herbs").isKnown).toBe(true);
    expect(named("200 g zorgle").isKnown).toBe(false);
    expect(named("200 g purple zorgle chard").isKnown).toBe(false);
    expect(named("200 g chrad").isKnown).toBe(false);
    expect(named("200 g chickpeas, dried").isKnown).toBe(true);
    expect(named("6 tins tomatoes").isKnown).toBe(true);
    // "vine leaves": the whole name, though "leaves" is a measure.
    expect(named("6 vine leaves")).toMatchObject({ ingredient: { id: "vine-leaf" }, isKnown: true });
  });
});

describe("an index of names", () => {
  const row = (id: string, uk: string, other: readonly string[] = []) =>
    ({ id, us: uk, uk, other, category: "leaf" }) as const;
  const index = indexNames([
    row("a-1", "alpha, wild", ["turnip (parts of UK)"]),
    row("beta", "beta"),
    row("gamma", "gamma", ["beta root"]),
  ]);

  it("own names and explained ones are names; what stands before a comma is only what is usually meant", () => {
    expect(findExactly("wild alpha", index)).toMatchObject({ ids: ["a-1"], how: "name" });
    expect(findExactly("turnip", index)).toMatchObject({ how: "name" });
    expect(findExactly("alpha", index)).toMatchObject({ ids: ["a-1"], how: "usual" });
    expect(findExactly("delta", index)).toBeUndefined();
  });

  it("the longest run of words wins; others must merely describe", () => {
    expect(findNamed("fresh beta root, washed", index)).toMatchObject({ ids: ["gamma"], leftOver: "" });
    expect(findNamed("beta of mars", index)).toMatchObject({ ids: ["beta"], leftOver: "mar" });
    expect(findNamed("beta soup", index)).toMatchObject({ leftOver: "soup" });
    expect(findNamed("", index)).toBeUndefined();
  });

  it("a slip of the pen is only ever offered", () => {
    expect(findNamed("gama", index)).toMatchObject({ ids: ["gamma"], how: "spelling" });
    expect(findNamed("ga", index)).toBeUndefined();
  });

  it("words turned round make a name only where they name a kind", () => {
    expect(findTurnedRound(["alpha", "wild"], index)).toMatchObject({ ids: ["a-1"] });
    expect(findTurnedRound(["beta", "wild"], index)).toBeUndefined();
    expect(findTurnedRound(["wild"], index)).toBeUndefined();
  });
});
