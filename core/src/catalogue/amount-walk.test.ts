import { describe, expect, it } from "@jest/globals";
import { foods, metricReader as reader } from "../../test/read.ts";
import type { Language } from "../languages/index.ts";
import { readLine } from "./read-line.ts";
import { foreignNames } from "./tables/foreign-names.ts";

type ReadAs = { readonly id: string; readonly grams: number | null };
const known = new Map<string, ReadAs | undefined>();

/** What a line is read as, rounded to a tenth of a gram; undefined where it is asked about. */
function readAs(text: string): ReadAs | undefined {
  if (!known.has(text)) known.set(text, readAnew(text));
  return known.get(text);
}

function readAnew(text: string): ReadAs | undefined {
  const { ingredient, grams, questions } = readLine(text, reader);
  if (questions.length > 0 || ingredient.kind !== "one") return undefined;
  return { id: ingredient.id, grams: grams && Math.round(grams.value * 10) / 10 };
}

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

const inLanguages: Readonly<Record<Language, Readonly<Record<string, readonly string[]>>>> = {
  es: {
    "1500 g N": ["kilo y medio de N", "un kilo y medio de N", "1 kg y medio de N"],
    "1000 g N": ["un kilo de N", "N, un kilo"],
    "1.5 N": ["1 N y medio"],
    "1 handful N": ["un puñado de N", "N, un puñado"],
  },
  fr: {
    "1500 g N": ["un kilo et demi de N", "1 kg et demi de N"],
    "400 g N": ["2 sachets de 200 g de N", "2 x 200 g N"],
    "1 handful N": ["une poignée de N", "N, une poignée"],
    "2 tbsp N": ["2 c. à s. de N", "N, 2 c. à s.", "2 cuil. à soupe de N"],
  },
  it: {
    "200 g N": ["2 etti di N", "N, due etti"],
    "1500 g N": ["un chilo e mezzo di N", "1 kg e mezzo di N"],
    "1 handful N": ["una manciata di N", "N, una manciata"],
    "2 tbsp N": ["2 cucchiai da tavola di N"],
  },
  de: {
    "1500 g N": ["anderthalb Kilo N", "1,5 kg N"],
    "500 g N": ["ein Pfund N", "1 Pfund N"],
    "2 tbsp N": ["2 EL N", "N 2 EL"],
    "3 N": ["drei N", "N, drei"],
  },
};

describe("every food by its name in another language", () => {
  const cases = Object.entries(inLanguages).flatMap(([language, lines]) =>
    Object.entries(lines).flatMap(([plain, others]) => others.map((one) => [language, one, plain])),
  );

  it.each(cases)("%s: %s is %s, or is asked about", (language = "", line = "", plain = "") => {
    let read = 0;
    const wrong = foods.flatMap(({ id, name }) => {
      const [first = ""] = (foreignNames[id]?.[language as Language] ?? "").split(",");
      const [got, meant] = [readAs(line.replace("N", first)), readAs(plain.replace("N", name))];
      if (first === "" || !got || !meant || got.id !== id || meant.id !== id) return [];
      read++;
      // Leaves that are named "leaf" are weighed by their own cup.
      return got.grams === meant.grams || id === "lettuce-looseleaf" ? [] : [`${first}: ${got.grams}`];
    });
    expect(wrong).toEqual([]);
    expect(read).toBeGreaterThan(100);
  });
});

describe("every name of every food, in a line of its own language", () => {
  const lines: Readonly<Record<Language, readonly string[]>> = {
    es: ["200 g de N", "N 200 g", "N (200 g)", "200 g N, troceado"],
    fr: ["200 g de N", "N 200 g", "N (200 g)", "200 g N, émincé"],
    it: ["200 g di N", "N 200 g", "N (200 g)", "200 g N, a pezzi"],
    de: ["200 g N", "N 200 g", "N (200 g)", "200 g N, gehackt"],
  };
  const cases = Object.entries(lines).flatMap(([language, all]) => all.map((line) => [language, line]));

  it.each(cases)("%s: %s is 200 g of that food, or is asked about", (language = "", line = "") => {
    const own = { ...reader, language: language as Language };
    let read = 0;
    const wrong = foods.flatMap(({ id }) =>
      (foreignNames[id]?.[language as Language] ?? "").split(",").flatMap((one) => {
        const { ingredient, grams, questions } = readLine(line.replace("N", one.trim()), own);
        if (one === "" || questions.length > 0) return [];
        read++;
        return ingredient.kind === "one" && ingredient.id === id && grams?.value === 200 ? [] : [one.trim()];
      }),
    );
    expect(wrong).toEqual([]);
    expect(read).toBeGreaterThan(750);
  });
});
