import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine, everyone, factsOf, someStock } from "../../test/kitchen.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import type { Line, LotOnHand } from "../recipes/index.ts";
import { planMake } from "./plan-make.ts";
import { preparationsFor } from "./preparations.ts";

const whole = (lotId: string, id: string, grams: number): LotOnHand => {
  const yields = Object.fromEntries(factsOf(id).trims.map((trim) => [trim.method, trim.mean]));
  return someStock(lotId, id, grams, { form: "whole", yields });
};
const kitchen = {
  ...{ catalogue, diners: everyone, staples: new Set<string>(), cup: "us-customary" as const },
  display: { system: "metric", locale: "en-GB" } as const,
};
const prepared = (lines: readonly Line[], stock: readonly LotOnHand[]) => {
  const plan = planMake(aFormula(lines), 1, { stock, kitchen });
  if (!plan.ok) throw new Error(plan.issue.code);
  return preparationsFor(
    plan.value.lines.flatMap((line) => line.parts),
    stock,
    catalogue,
  );
};
const juice = aLine("juice", 80, "lemon-juice");

describe("preparing what a dish needs, and no more", () => {
  it("two of six lemons, three cloves of the head", () => {
    const lines = [juice, aLine("garlic", 8, "garlic")];
    expect(prepared(lines, [whole("lemons", "lemon", 660), whole("head", "garlic", 40)])).toEqual([
      { lotId: "lemons", method: "squeeze", rawG: 220, keep: [] },
      { lotId: "head", method: "peel", rawG: 10.35, keep: [] },
    ]);
  });

  it("zests and presses one lemon once", () => {
    const zest = aLine("zest", 4, "lemon", { trim: "zest" });
    expect(prepared([juice, zest], [whole("lemons", "lemon", 660)])).toEqual([
      { lotId: "lemons", method: "zest", rawG: 220, keep: ["juice"] },
    ]);
  });

  it("strips one bunch for its leaves and its stems, and separates one egg for its yolk and its white", () => {
    const { mean, byProducts } = factsOf("chard").trims.find((t) => t.method === "strip-leaves")!;
    const leaves = aLine("leaves", 300 * mean, "chard", { trim: "strip-leaves" });
    const stems = aLine("stems", 200 * (byProducts[0]?.fraction ?? 0), "chard", {
      preparation: "stems only",
    });
    expect(prepared([leaves, stems], [whole("bunch", "chard", 500)])).toEqual([
      { lotId: "bunch", method: "strip-leaves", rawG: 300, keep: ["stems"] },
    ]);
    const eggs = [aLine("yolk", 30, "egg-yolk"), aLine("white", 60, "egg-white")];
    expect(prepared(eggs, [whole("box", "egg", 600)])).toEqual([
      { lotId: "box", method: "separate", rawG: expect.closeTo((2 * 50) / 0.88, 3), keep: ["whites"] },
    ]);
  });

  it("takes pieces by what these weigh, where they were counted", () => {
    const flesh = aLine("flesh", 0.81 * 900, "eggplant", { trim: "peel", eatenRaw: false });
    expect(prepared([flesh], [{ ...whole("four", "eggplant", 2000), pieceG: 500 }])).toEqual([
      { lotId: "four", method: "peel", rawG: 1000, keep: [] },
    ]);
  });

  it("never more than a lot holds, nothing of what is ready", () => {
    expect(prepared([juice], [whole("last", "lemon", 150)])).toEqual([
      { lotId: "last", method: "squeeze", rawG: 150, keep: [] },
    ]);
    expect(prepared([juice], [someStock("bottle", "lemon-juice", 200, { form: "whole" })])).toEqual([]);
  });

  it("two ways of one lot share what it holds", () => {
    const lines = [juice, aLine("flesh", 100, "lemon", { trim: "supreme" })];
    const done = prepared(lines, [whole("lemons", "lemon", 400)]);
    expect(done.map((one) => one.method)).toEqual(["squeeze", "supreme"]);
    expect(done.reduce((total, one) => total + one.rawG, 0)).toBeLessThanOrEqual(400);
  });
});
