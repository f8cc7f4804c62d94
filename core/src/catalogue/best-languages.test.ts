import { describe, expect, it } from "@jest/globals";
import { gramsOf, read } from "../../test/read.ts";

describe("an amount in the words of another language, behind a name that is English too", () => {
  it.each([
    ["kale, un kilo", 1000, "es"],
    ["feta, eine Handvoll", 30, "de"],
    ["kale, chopped", 0, null],
    ["kale, picado", 0, null],
    ["2 EL Feta", 18.8, "de"],
    ["dos kilos y medio de tomates", 2500, "es"],
    ["2 kg et demi de tomates", 2500, "fr"],
    ["due etti di rucola", 200, "it"],
    ["habas 2 kg con vaina", 2000, "es"],
  ])("%p is %p g, in %p", (text, grams, language) => {
    expect(gramsOf(text)).toBe(grams);
    expect(read(text).language).toBe(language);
  });

  it("is asked about where it is unclear there", () => {
    expect(read("Okra, drei").questions).toHaveLength(1);
    expect(read("habas 2 kg con vaina").form).toBe("as-bought");
  });
});

describe("a word that two languages know", () => {
  it("is asked about, with both foods, where it names two", () => {
    expect(read("200 g platano")).toMatchObject({
      ingredient: { kind: "ask", candidates: ["banana", "plantain"] },
      grams: null,
      questions: [{ code: "ingredient-unclear", candidates: ["banana", "plantain"] }],
    });
    expect(read("200 g platano", { language: "es" }).ingredient).toMatchObject({ id: "banana" });
    expect(read("200 g platano", { language: "it" }).ingredient).toMatchObject({ id: "plantain" });
  });

  it("is read where its spelling is one language's own", () => {
    expect(read("200 g de pâtes")).toMatchObject({ language: "fr", ingredient: { id: "pasta-dry" } });
    expect(read("1 c. à s. de miel")).toMatchObject({ language: "fr", ingredient: { id: "honey" } });
  });
});

describe("the words that a reading is kept in", () => {
  it.each([
    ["1 lollo rosso, washed", "lollo rosso"],
    ["parmesan 250g piece", "parmesan"],
    ["400 ml passata", "passata"],
    ["blob of mayonnaise", "blob of mayonnaise"],
  ])("%p is English: its name stays %p", (text, name) => {
    expect(read(text)).toMatchObject({ name, language: null });
  });

  it.each([
    ["olio d'oliva, una botte", "olive-oil", "it"],
    ["succo d'arancia, une botte", "orange-juice", "it"],
    ["cinco especias chinas, 20 g", "five-spice", "es"],
    ["pimientos del piquillo", "roasted-pepper-jar", "es"],
    ["Meerrettich aus dem Glas", "horseradish-jar", "de"],
  ])("%p is %s, said in %s", (text, id, language) => {
    expect(read(text)).toMatchObject({ ingredient: { kind: "one", id }, language, questions: [] });
  });

  it.each(["Para el aliño:", "Pour la sauce :", "Für das Dressing:"])("%p is a heading", (text) => {
    expect(read(text).heading).toBe(true);
    for (const language of ["es", "fr", "de"] as const) expect(read(text, { language }).heading).toBe(true);
  });
});

describe("a name that begins with what is a number or a measure elsewhere", () => {
  it.each([
    ["five spice, to taste", "five-spice", null],
    ["1 leaf lettuce", "lettuce-looseleaf", { low: 1, high: 1 }],
    ["leaf lettuce, to serve", "lettuce-looseleaf", null],
    ["3 eggs, whites only", "egg-white", { low: 3, high: 3 }],
  ])("%p is %s, counted %p", (text, id, count) => {
    expect(read(text)).toMatchObject({ ingredient: { kind: "one", id }, count, questions: [] });
  });

  it("half and half is a cream, however much of it", () => {
    expect(gramsOf("half and half, 250 ml")).toBe(252.5);
  });
});
