import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine, everyone, factsOf, someStock } from "../../test/kitchen.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { adaptFormula } from "./adapt.ts";
import { alwaysThere, isTapWater } from "./always-there.ts";
import { convert } from "./conversion.ts";
import { pricePart } from "./cost.ts";
import type { Demand } from "./demand.ts";
import { fillLines } from "./fill-lines.ts";
import { defaultVersion } from "./default-version.ts";
import { fillerOf, lineOf, stepOf, type Line } from "./formula.ts";
import { impliedBy } from "./guess-line.ts";
import { openQuestions } from "./open-questions.ts";
import { readStep } from "./read-step.ts";
import { minutesIn } from "./step-time.ts";
import { recipeId } from "./recipe-id.ts";
import { scaleFormula } from "./scale.ts";
import { allowedFillers, isStrong } from "./slots.ts";
import { roundingG, topUpLine } from "./top-up.ts";
import { validateFormula } from "./validate-formula.ts";

const demandOf = (grams: number, text: string, maxStrongHerbShare = 1): Demand => ({
  ...{ lineId: "l", grams, maxStrongHerbShare, optional: false },
  fillers: allowedFillers(aLine("l", grams, text), catalogue, everyone),
});
const kitchen = { catalogue, diners: everyone };

describe("at the edge of what is believed", () => {
  it("two weeks is the longest a step takes, a day the longest between two looks", () => {
    expect(minutesIn("Leave for 336 hours.")).toEqual({ low: 20_160, high: 20_160 });
    expect(minutesIn("Leave for 336.1 hours.")).toBeNull();
    expect(minutesIn("Leave for 0 minutes.")).toBeNull();
    expect(minutesIn("30 seconds")).toEqual({ low: 0.5, high: 0.5 });
    expect(minutesIn("for half an hour")).toEqual({ low: 30, high: 30 });
    expect(minutesIn("10 to 5 minutes")).toEqual({ low: 10, high: 10 });
    expect(readStep("Roast, turning every 1440 minutes.").checkEveryMin).toBe(1440);
    expect(readStep("Roast, turning every 1441 minutes.").checkEveryMin).toBeNull();
    expect(readStep("Boil, stirring every minute or so.").checkEveryMin).toBe(1);
    expect(readStep("Boil, stirring every 1 minute.").checkEveryMin).toBe(1);
    expect(readStep("Roast, turning every 0 minutes.").checkEveryMin).toBeNull();
  });

  it("fifty batches are the most, and nothing is none", () => {
    const dish = aFormula([aLine("g", 100, "chard")], { servings: 4 });
    const scaled = (batches: number) => scaleFormula(dish, { kind: "batches", batches }, kitchen).ok;
    expect([0, 0.01, 50, 50.01].map(scaled)).toEqual([false, true, true, false]);
    const servings = scaleFormula(dish, { kind: "servings", servings: 4 }, kitchen);
    expect(servings.ok && servings.value.workings).toMatch(/: 1 batch$/);
  });

  it("all lines together name 360 foods at most", () => {
    const [first = "", ...others] = [...catalogue.ingredients.keys()]
      .filter((id) => id !== "salt")
      .slice(0, 24);
    const lines = (many: number) =>
      Array.from({ length: many }, (_, i) =>
        aLine(`l${i}`, 100, [first, ...others].join(" "), { eatenRaw: false }),
      );
    const issue = (many: number) => {
      const found = validateFormula(aFormula(lines(many)), catalogue);
      return found.ok ? undefined : found.issue;
    };
    expect(issue(15)).toBeUndefined();
    expect(issue(16)).toMatchObject({ code: "too-many-fillers", atMost: 360, line: 15 });
  });

  it("an id is cut, so that with a number it is sixty letters at most", () => {
    expect(recipeId("a".repeat(70), new Set())).toHaveLength(54);
    expect(recipeId("Kale", new Set())).toBe("kale");
  });

  it("a range holds its grams, ends included, and begins above nothing", () => {
    const issue = (low: number, grams: number, high: number) => {
      const line = lineOf(
        { id: "l", role: "body", grams, fillers: [fillerOf("chard")] },
        { range: { low, high } },
      );
      const found = validateFormula(aFormula([line]), catalogue);
      return found.ok ? undefined : found.issue.code;
    };
    expect(issue(80, 80, 100)).toBeUndefined();
    expect(issue(80, 100, 100)).toBeUndefined();
    expect(issue(80, 79.9, 100)).toBe("range-out-of-order");
    expect(issue(80, 100.1, 100)).toBe("range-out-of-order");
    expect(issue(0, 50, 100)).toBe("range-out-of-order");
  });
});

describe("topping up to the gram", () => {
  const staple = (id: string): boolean => id === "parsley";

  it("what whole grams lack is a gram and a half, a hundredth of the line, a twentieth of a gram at least", () => {
    expect([1000, 150, 100, 10, 1].map((grams) => roundingG(demandOf(grams, "chard")))).toEqual([
      1.5, 1.5, 1, 0.1, 0.05,
    ]);
  });

  it("buys what is more than that, of a line that is begun", () => {
    const begun = (grams: number) => [{ lineId: "l", lotId: "a", ingredient: "chard", grams }];
    expect(topUpLine(demandOf(100, "chard"), begun(99), staple)).toEqual([]);
    expect(topUpLine(demandOf(100, "chard"), begun(98.99), staple)).toMatchObject([{ from: "buy" }]);
    expect(topUpLine(demandOf(100, "parsley"), begun(0), staple)).toMatchObject([
      { from: "staple", grams: 100 },
    ]);
  });

  it("fills floors first, gives each filler its own share, and nothing to one that is not needed", () => {
    const floors: Demand = {
      ...demandOf(100, "chard kale"),
      fillers: demandOf(100, "chard kale").fillers.map((f) => ({
        ...f,
        minShare: f.ingredient === "kale" ? 0.3 : 0,
      })),
    };
    expect(topUpLine(floors, [], staple).map((t) => [t.ingredient, t.grams])).toEqual([
      ["chard", 70],
      ["kale", 30],
    ]);
    expect(topUpLine(demandOf(100, "chard kale"), [], staple).map((t) => t.ingredient)).toEqual(["chard"]);
  });

  it("two strong herbs share one cap; what is not strong leaves it alone", () => {
    expect([isStrong(factsOf("lovage")), isStrong(factsOf("sage")), isStrong(factsOf("parsley"))]).toEqual([
      true,
      true,
      false,
    ]);
    const bought = topUpLine(demandOf(100, "parsley:0.5 lovage sage", 0.3), [], () => false);
    const grams = (id: string) => bought.find((t) => t.ingredient === id)?.grams ?? 0;
    expect(grams("parsley")).toBe(50);
    expect(grams("lovage") + grams("sage")).toBe(30);
  });
});

describe("conversions and adaptations that cannot be", () => {
  it("fresh for dried needs a spoon of both", () => {
    const oregano = factsOf("oregano");
    const bare = { ...factsOf("oregano-dried"), measures: [] };
    expect(convert("volume", oregano, bare).ok).toBe(false);
    expect(convert("volume", { ...oregano, measures: [] }, factsOf("oregano-dried")).ok).toBe(false);
  });

  it("salt follows what the substitutes carry from a twentieth of a gram on, and is gone below that", () => {
    const dish = (feta: number, salt: number) =>
      aFormula([
        aLine("cheese", feta, "feta", { role: "cheese" }),
        aLine("salt", salt, "salt-sea-fine", { role: "salt" }),
      ]);
    const adapted = (feta: number, salt: number) => {
      const done = adaptFormula(dish(feta, salt), { diets: ["vegan"], without: [] }, catalogue);
      const saltLine = (done as { formula?: { lines: readonly Line[] } }).formula?.lines.find(
        (line) => line.role === "salt",
      );
      return saltLine?.grams;
    };
    // A crumb of feta moves nothing; a block moves the salt by what it carried.
    expect(adapted(0.5, 5) ?? 5).toBe(5);
    expect(adapted(200, 5) ?? 5).not.toBe(5);
  });
});

describe("heat in a name", () => {
  it("chard is not charred", () => {
    expect(impliedBy("200 g chard, shredded", factsOf("chard"))).toMatchObject({
      eatenRaw: true,
      cook: null,
    });
    expect(impliedBy("charred", factsOf("leek")).eatenRaw).toBe(false);
    expect(impliedBy("char-grilled", factsOf("zucchini"))).toMatchObject({
      eatenRaw: false,
      cook: "char-grill",
    });
    expect(impliedBy("grilled", factsOf("zucchini"))).toMatchObject({ cook: "char-grill" });
  });
});

describe("prices", () => {
  it("a lot that leaves nothing usable has none by the gram", () => {
    const lot = (usableG: number) => pricePart({ kind: "paid", minor: 250, usableG }, null, "zero");
    expect(lot(500).per100gMinor).toBe(50);
    expect(lot(0).per100gMinor).toBeNull();
  });
});

describe("what is asked", () => {
  it("of several cooked lines the heaviest one's time is proposed", () => {
    const cooked = { eatenRaw: false, cook: "boil" };
    const lines = [aLine("small", 50, "carrot", cooked), aLine("big", 400, "potato", cooked)];
    const [time] = openQuestions(
      aFormula(lines, { steps: [stepOf("Boil.", { tool: "hob" })] }),
      catalogue,
    ).filter((one) => one.about === "time");
    expect(time).toMatchObject({ proposal: { of: "potato" } });
  });
});

describe("stock that is hardly there", () => {
  it("fills lines with what is worth nothing too, also where one food stands for different amounts", () => {
    const twice = demandOf(50, "chard");
    const halved: Demand = {
      ...{ ...demandOf(50, "chard"), lineId: "half" },
      fillers: demandOf(50, "chard").fillers.map((filler) => ({ ...filler, gramsPerGram: 2 })),
    };
    const stock = [{ lotId: "c", ingredient: "chard", grams: 500, urgencyWeight: 0 }];
    const grams = fillLines([twice, halved], stock).map((filling) => [
      filling.lineId,
      Math.round(filling.grams),
    ]);
    expect(grams).toEqual([
      ["l", 50],
      ["half", 100],
    ]);
  });

  it("all of a lot is every gram of it", () => {
    const dish = aFormula([aLine("g", 100, "chard")]);
    const lot = someStock("c", "chard", 1);
    expect(scaleFormula(dish, { kind: "all-of", lot }, kitchen)).toMatchObject({
      ok: true,
      value: { batches: 0.01 },
    });
  });
});

describe("what a line becomes when it is written anew", () => {
  const chardOrKale = aFormula([aLine("green", 100, "chard:0.8 kale:0.3")]);
  it("what was used most fills the line whole, the others keep their shares", () => {
    const used = [
      { lineId: "green", ingredient: "kale", grams: 70 },
      { lineId: "green", ingredient: "chard", grams: 30 },
    ];
    const made = defaultVersion(chardOrKale, used, 1);
    expect(made.ok && made.value.lines[0]?.fillers.map((f) => [f.ingredient, f.maxShare])).toEqual([
      ["kale", 1],
      ["chard", 0.8],
    ]);
  });

  it("a substitute keeps the cooking that a figure is known of, and loses any other", () => {
    const adapted = (cook: string | null) => {
      const line = aLine("cheese", 100, "feta", { cook, eatenRaw: false });
      const done = adaptFormula(aFormula([line]), { diets: ["vegan"], without: [] }, catalogue);
      return done.formula.lines[0];
    };
    expect(adapted(null)?.cook).toBeNull();
    const written = adapted("juggle");
    expect(written?.fillers[0]?.ingredient).not.toBe("feta");
    expect(written?.cook).toBeNull();
  });

  it("a step is a step like any other until it says otherwise", () => {
    expect(stepOf("Mix.")).toMatchObject({ setAside: false, tasteCold: false, activeMin: null });
  });
});

it("tap water is never bought, whatever stands on the shelf", () => {
  expect([...alwaysThere(["honey"], catalogue)].sort()).toEqual(["honey", "water"]);
  expect([isTapWater(factsOf("water")), isTapWater(factsOf("honey"))]).toEqual([true, false]);
});
