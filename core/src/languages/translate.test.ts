import { describe, expect, it } from "@jest/globals";
import { foreignLexicons, foreignNamesOf } from "../catalogue/foreign-lexicons.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { withoutAccents } from "../measure/index.ts";
import { lineReader, readLine } from "../catalogue/index.ts";
import { readStep } from "../recipes/index.ts";
import { languages, translate, type Language } from "./index.ts";

const lexiconOf = (language: Language) => {
  const lexicon = foreignLexicons().get(language);
  if (!lexicon) throw new Error(`no lexicon for ${language}`);
  return lexicon;
};
const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });

describe("names in other languages", () => {
  it("every ingredient has one in each", () => {
    const missing = [...referenceCatalogue.ingredients.keys()].flatMap((id) =>
      languages
        .filter((language) => (foreignNamesOf(id, language)[0] ?? "") === "")
        .map((one) => `${id} ${one}`),
    );
    expect(missing).toEqual([]);
  });

  it.each(languages)("%s: every name of every ingredient is found, with accents or without", (language) => {
    const wrong = [...referenceCatalogue.ingredients.keys()].flatMap((id) =>
      foreignNamesOf(id, language)
        .flatMap((name) => [name, withoutAccents(name), name.toUpperCase()])
        .filter((name) => {
          const { ingredient } = readLine(`200 g ${name}`, { ...reader, language });
          return !(ingredient.kind === "one"
            ? ingredient.id === id
            : ingredient.kind === "ask" && ingredient.candidates.includes(id));
        })
        .map((name) => `${name} is ${id}`),
    );
    expect(wrong).toEqual([]);
  });
});

describe("putting a line into English", () => {
  it.each([
    ["es", "2 cucharadas de aceite de oliva", "2 tbsp of olive oil"],
    ["es", "sal al gusto", "salt to taste"],
    ["fr", "le jus d'un citron", "juice of a lemon"],
    ["fr", "3 c. à s. d'huile d'olive", "3 tbsp of olive oil"],
    ["it", "sale q.b.", "salt to taste"],
    ["it", "mezzo limone", "half a lemon"],
    ["de", "1 kleiner Weißkohl", "1 small cabbage green"],
    ["de", "2 Knoblauchzehen", "2 clove garlic"],
  ] as const)("%s: %s", (language, text, english) => {
    expect(translate(text, lexiconOf(language)).text).toBe(english);
  });

  it("says how much of it was known, and keeps what was not", () => {
    expect(translate("200 g de glimmer", lexiconOf("es"))).toEqual({
      text: "200 g of glimmer",
      known: 1,
      exact: 1,
      unknown: 1,
      named: 0,
    });
  });
});

describe("steps in other languages", () => {
  it.each([
    ["es", "Deja reposar 30 minutos en la nevera.", { tool: "fridge", passiveMin: { low: 30, high: 30 } }],
    [
      "es",
      "Asa las verduras en el horno a 200 °C 45 minutos.",
      { tool: "oven", celsius: 200, passiveMin: { low: 45, high: 45 } },
    ],
    ["fr", "Préchauffez le four à 180 °C.", { tool: "oven", celsius: 180 }],
    ["fr", "Mixez jusqu'à ce que ce soit lisse.", { tool: "processor" }],
    ["it", "Lasciate riposare 30 minuti.", { wait: { leastMin: 30, mostMin: null } }],
    ["de", "Die Kartoffeln 20 Minuten kochen.", { tool: "hob" }],
    ["de", "Über Nacht in den Kühlschrank stellen.", { tool: "fridge", passiveMin: { low: 480, high: 720 } }],
  ] as const)("%s: %s", (language, text, expected) => {
    expect(readStep(text, lexiconOf(language))).toMatchObject({ text, ...expected });
  });
});
