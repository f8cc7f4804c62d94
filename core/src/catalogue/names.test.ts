import { describe, expect, it } from "@jest/globals";
import { referenceCatalogue } from "./reference.ts";
import { lineReader, readLine } from "./read-line.ts";
import { namedExactly, nameOf, searchNames } from "./names.ts";

const all = [...referenceCatalogue.ingredients.values()];
const first = (typed: string, usual: readonly string[] = []): string | undefined =>
  searchNames(typed, all, usual)[0]?.id;

describe("a name written out in full", () => {
  it.each([
    ["Rhubarb", "rhubarb"],
    ["swiss chard", "chard"],
    [" courgette ", "zucchini"],
    ["pumpkin seed", "pumpkin-seed"],
    ["courgettes", "zucchini"],
    ["rhub", undefined],
    ["lettuce", undefined],
    ["", undefined],
  ])("%p is %p", (typed, id) => {
    expect(namedExactly(typed, all)?.id).toBe(id);
  });
});

describe("finding an ingredient by any of its names", () => {
  it.each([
    ["courgette", "zucchini"],
    ["zucchini", "zucchini"],
    ["aubergine", "eggplant"],
    ["eggplants", "eggplant"],
    ["rocket", "arugula"],
    ["swede", "rutabaga"],
    ["spring onions", "scallion"],
    ["coriander leaf", "cilantro"],
    ["cilantro", "cilantro"],
    ["mâche", "corn-salad"],
    ["mache", "corn-salad"],
    ["Swiss chard", "chard"],
    ["beetroot", "beet"],
    ["tomatillos", "tomatillo"],
    ["runner", "runner-bean"],
    ["chard", "chard"],
  ])("%s finds %s first", (typed, id) => {
    expect(first(typed)).toBe(id);
  });

  it("finds every ingredient by every name it has, among the first five", () => {
    const lost = all.flatMap((one) =>
      [one.us, one.uk, ...one.other]
        .map((name) => name.replace(/ ?\(.*\)/, ""))
        .filter(
          (name) =>
            !searchNames(name, all)
              .slice(0, 5)
              .some((found) => found.id === one.id),
        )
        .map((name) => `${one.id} by “${name}”`),
    );
    expect(lost).toEqual([]);
  });

  it("puts what this kitchen logs most before what fits as well", () => {
    const typed = "ch";
    const fitting = searchNames(typed, all).map((one) => one.id);
    const last = fitting.at(-1) ?? "";
    const startsAlike = fitting.filter((id) =>
      (referenceCatalogue.ingredients.get(id)?.uk ?? "").startsWith(typed),
    );
    expect(startsAlike.length).toBeGreaterThan(1);
    const wanted = startsAlike.at(-1) ?? last;
    expect(first(typed, [wanted])).toBe(wanted);
  });

  it("finds nothing for nothing and for nonsense", () => {
    expect([searchNames("", all), searchNames("  ", all), searchNames("qqq", all)]).toEqual([[], [], []]);
  });

  it("says the name in the kitchen's own dialect", () => {
    const zucchini = referenceCatalogue.ingredients.get("zucchini");
    expect(zucchini && [nameOf(zucchini, "uk"), nameOf(zucchini, "us")]).toEqual(["courgette", "zucchini"]);
  });
});

describe("lines that say a name in full", () => {
  const reader = lineReader(referenceCatalogue, { cup: "metric", ounces: {} });
  /** Names that more than one food goes by: the other one is as right. */
  const shared = new Set([
    ...[
      "chicory",
      "cime di rapa",
      "cayenne",
      "turnip",
      "butter bean",
      "nectarine",
      "burrata",
      "labneh",
      "tamari",
    ],
    ...["grapeseed oil", "smoked paprika", "plum tomatoes"],
  ]);

  it("are of that food, or asked about: every name of every food, alone, measured, chopped, and in a list", () => {
    const wrong = all.flatMap((one) =>
      [one.us, one.uk, ...one.other]
        .map((name) => name.replace(/ ?\(.*\)/, "").trim())
        .filter((name) => !shared.has(name))
        .flatMap((name) =>
          [name, `100 g ${name}`, `${name} 100 g`, `200g ${name}, chopped`].flatMap((text) => {
            const { ingredient } = readLine(text, reader);
            return ingredient.kind === "one" && ingredient.id !== one.id ? [`${text}: ${ingredient.id}`] : [];
          }),
        ),
    );
    expect(wrong).toEqual([]);
  });
});
