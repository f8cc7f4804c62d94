import { describe, expect, it } from "@jest/globals";
import { foods, readerOnce } from "../../test/read.ts";

const readAs = readerOnce();

/** How people write a weight: N is the food, and the figure is in grams. */
const weights: Readonly<Record<string, number>> = {
  "200 g N": 200,
  "N 200 g": 200,
  "N, 200 g": 200,
  "N: 200 g": 200,
  "N (200 g)": 200,
  "N=200g": 200,
  "N....200g": 200,
  "N .2 kg": 200,
  "N 0,2 kg": 200,
  "200 grams of finely chopped N": 200,
  "approx. 200g N": 200,
  "200g–250g N": 225,
  "200g/7oz N": 200,
  "N, trimmed, 200 g": 200,
  "N 2 kg (dirty)": 2000,
  "N - 2 kilos - for pickling": 2000,
  "half a kilo of N": 500,
  "a kilo and a half of N": 1500,
  "1 lb 8 oz N": 680.4,
  "N 1 lb 8 oz": 680.4,
  "quarter pound N": 113.4,
  "N 2 x 250 g": 500,
  "N, 2 bags of 250 g": 500,
  "2 bags of 250 g of N": 500,
  "N (2 × 250 g bags)": 500,
  "3 N of 100 g": 300,
  "3 N at 100 g": 300,
  "3 N, each about 100 g": 300,
  "N x 3, 100 g each": 300,
  "100 g N + 50 g": 150,
  "N 100 g + 50 g": 150,
  "100 g N, plus extra to serve": 100,
  "200-gram N": 200,
  "1 x 200 g N": 200,
  "N, 200 g, 9 of them": 200,
};

describe("every food by every way to write a weight", () => {
  it.each(Object.entries(weights))("%s is %d g of it, or is asked about", (line, weight) => {
    let read = 0;
    const wrong = foods.flatMap(({ id, name }) => {
      const got = readAs(line.replace("N", name));
      if (got?.id !== id) return [];
      read++;
      return Math.abs((got.grams ?? 0) - weight) < 0.5 ? [] : [`${name}: ${got.grams} g`];
    });
    expect(wrong).toEqual([]);
    expect(read).toBeGreaterThan(500);
  });
});

/** Ways to say one amount: each is read as the first of them, or asked about. */
const sayings: Readonly<Record<string, readonly string[]>> = {
  "3 N": [
    ...["N x 3", "N 3", "N (3)", "N, 3", "three N", "N, three", "N – three of them", "3 pcs N", "about 3 N"],
    ...["3 N in wedges", "3 N, cut into quarters", "3 N sliced into rounds", "3 N for the sauce", "3. N"],
    ...["3x N", "3 good quality N", "3 individual N", "3 ripe but firm N"],
  ],
  "3 large N": ["3 N, large", "3 N (large)", "N (large) x 3", "3 big N", "large N x 3"],
  "2 bunches N": [
    "N, 2 bunches",
    "N bunches 2",
    "N (2 bunches)",
    "two bunches of N",
    "2 N bunches",
    "2 bu N",
  ],
  "0.5 bunch N": ["N half bunch", "half bunch N", "N, 1 half bunch", "N ½ bunch", "half a bunch of N"],
  "2 heads N": ["N 2 heads", "two heads of N", "2 N heads"],
  "2 tbsp N": ["N, 2 tbsp", "N (2 tbsp)", "2 T N", "two tablespoons of N", "2 tbsps N", "2 tablespoonfuls N"],
  "1 cup N": ["N 1 cup", "a cup of N", "1 c N", "1 cupful N"],
  "1.5 N": ["1 N and a half", "1½ N", "one and a half N"],
};

describe("every food by every way to say an amount", () => {
  const pairs = Object.entries(sayings).flatMap(([plain, others]) => others.map((one) => [one, plain]));

  it.each(pairs)("%s is %s, or is asked about", (line = "", plain = "") => {
    const wrong = foods.flatMap(({ name }) => {
      const [got, meant] = [readAs(line.replace("N", name)), readAs(plain.replace("N", name))];
      return !got || !meant || (got.id === meant.id && got.grams === meant.grams)
        ? []
        : [`${name}: ${got.grams} for ${meant.grams}`];
    });
    expect(wrong).toEqual([]);
  });
});
