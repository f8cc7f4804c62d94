import { describe, expect, it } from "@jest/globals";
import { foods, metricReader as reader, readerOnce } from "../../test/read.ts";
import type { Language } from "../languages/index.ts";
import { readLine } from "./read-line.ts";
import { foreignNames } from "./tables/foreign-names.ts";

const readAs = readerOnce();

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
