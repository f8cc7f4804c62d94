import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine, everyone } from "../../test/kitchen.ts";
import { lineReader } from "../catalogue/index.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { withKitchenYields } from "./kitchen-yields.ts";
import { fillerOf, lineOf, type Line } from "./formula.ts";
import { unclearAmounts, withRereadAmounts } from "./reread-amounts.ts";
import { scaleFormula, timesFormula } from "./scale.ts";

const reader = lineReader(catalogue, { cup: "us-customary", ounces: {} });
const leeks = aLine("leek", 355.52, "leek", { asBoughtG: 808, range: { low: 300, high: 400 } });
const oil = aLine("oil", 20, "olive-oil");

describe("pieces counted whole", () => {
  it("are cooked as what this kitchen's trims leave of them, their range with them", () => {
    const formula = aFormula([leeks, oil]);
    const [mine, other] = withKitchenYields(formula, () => 0.4).lines;
    expect(mine?.grams).toBeCloseTo(323.2, 9);
    expect(mine?.range?.low).toBeCloseTo((300 * 323.2) / 355.52, 9);
    expect(mine?.range?.high).toBeCloseTo((400 * 323.2) / 355.52, 9);
    expect(mine?.asBoughtG).toBe(808);
    expect(other).toBe(oil);
  });

  it("stay as they are where no yield is known, and a formula without them is the same one", () => {
    expect(withKitchenYields(aFormula([leeks]), () => undefined).lines[0]).toBe(leeks);
    const plain = aFormula([oil]);
    expect(withKitchenYields(plain, () => 0.4)).toBe(plain);
    expect(withKitchenYields(aFormula([leeks, { ...leeks, fillers: [] }]), () => 0.4).lines[1]?.grams).toBe(
      355.52,
    );
  });

  it("scale with everything else, both sides", () => {
    expect(timesFormula(aFormula([leeks, oil]), 2).lines.map((line) => [line.grams, line.asBoughtG])).toEqual(
      [
        [711.04, 1616],
        [40, null],
      ],
    );
  });

  it("of older recipes are read again from their words, where those still tell", () => {
    const older = (grams: number, amountText: string, more = {}) => ({
      ...aLine("x", grams, "leek", { amountText, ...more }),
    });
    const read = (...lines: ReturnType<typeof older>[]) =>
      withRereadAmounts(aFormula(lines), reader).lines.map((line) => [line.grams, line.asBoughtG]);
    expect(read(older(808, "4 leeks, sliced"))).toEqual([[355.52, 808]]);
    expect(read(older(808, "4"))).toEqual([[355.52, 808]]);
    expect(read(older(808 * 1.019, "4 leeks"))[0]?.[1]).toBe(808);
    expect(read(older(808 * 1.03, "4 leeks"))[0]?.[1]).toBeNull();
    expect(read(older(808, ""))).toEqual([[808, null]]);
    expect(read(older(808, "4 onions"))).toEqual([[808, null]]);
    expect(read(older(355.52, "4 leeks", { asBoughtG: 808 }))).toEqual([[355.52, 808]]);
    const ranged = older(808, "4 leeks", { range: { low: 404, high: 1212 } });
    expect(withRereadAmounts(aFormula([ranged]), reader).lines[0]?.range).toEqual({
      low: expect.closeTo(177.76, 6),
      high: expect.closeTo(533.28, 6),
    });
  });
});

it("one batch is one batch, and half of one is said in decimals", () => {
  const kitchen = { catalogue, diners: everyone };
  const workings = (batches: number) => {
    const scaled = scaleFormula(aFormula([oil]), { kind: "batches", batches }, kitchen);
    return scaled.ok && scaled.value.workings;
  };
  expect([1, 2, 0.125].map(workings)).toEqual([
    "as asked: 1 batch",
    "as asked: 2 batches",
    "as asked: 0.13 batches",
  ]);
});

describe("amounts whose words and grams do not go together", () => {
  const unclear = (line: Partial<Line>, ingredient = "leek") => {
    const whole = lineOf({ id: "l", role: "base", grams: 500, fillers: [fillerOf(ingredient)] }, line);
    return unclearAmounts(aFormula([whole]), reader);
  };

  it("are asked: four leeks of 500 g are neither what four weigh nor what is left of them", () => {
    expect(unclear({ amountText: "4 leeks" })).toEqual([
      {
        ...{ line: "l", ingredient: "leek", text: "4 leeks", grams: 500, wordsG: 808 },
        usableG: expect.closeTo(355.52, 2),
      },
    ]);
    expect(unclear({ amountText: "2 cups cooked rice" }, "rice-white")).toMatchObject([{ wordsG: 316 }]);
  });

  it.each([
    ["what is left of them", { amountText: "4 leeks", grams: 355.52 }],
    ["what they weigh", { amountText: "4 leeks", grams: 808 }],
    ["what has a form already", { amountText: "4 leeks", asBoughtG: 808 }],
    ["cooked food with its weight", { amountText: "4 leeks", cookedG: 808 }],
    ["what was typed in grams", { amountText: "" }],
    ["a measure of usable food", { amountText: "2 cups sliced" }],
    ["words of something else", { amountText: "4 onions" }],
    ["words that cannot be read", { amountText: "a good few" }],
    ["whole ones, of which nothing is taken off", { amountText: "4 leeks", preparation: "untrimmed" }],
  ])("not %s", (_what, line) => {
    expect(unclear(line)).toEqual([]);
  });
});
