import { languages, lexiconOf, type Language, type Lexicon } from "../languages/index.ts";
import { foreignNames } from "./tables/foreign-names.ts";

/** The names of an ingredient in a language, the most usual first. */
export const foreignNamesOf = (id: string, language: Language): readonly string[] =>
  foreignNames[id]?.[language].split(",").map((name) => name.trim()) ?? [];

/** Ids that English lines mean more than one food by. */
const unlikeItsId: Readonly<Record<string, string>> = {
  lentil: "cooked lentil",
  yam: "white yam",
  "salt-sea-fine": "salt",
  // A jar behind a number would measure what it holds.
  "horseradish-jar": "horseradish sauce",
  "roasted-pepper-jar": "jarred roasted peppers",
  "artichoke-heart-jar": "marinated artichokes",
};

/** Names of a kind that comes in a size of its own, which its food's own name would not say. */
const ownEnglish: Readonly<Record<string, string>> = {
  boquerones: "fresh anchovies",
  "alici fresche": "fresh anchovies",
  "sardinas frescas": "fresh sardines",
  "sardines fraîches": "fresh sardines",
  "sardine fresche": "fresh sardines",
  "frische Sardinen": "fresh sardines",
  hareng: "herring",
  Hering: "herring",
  vieira: "scallop",
  "coquille Saint-Jacques": "scallop",
  capesante: "scallop",
  Jakobsmuscheln: "scallop",
  ostra: "oyster",
  huître: "oyster",
  almeja: "clam",
  palourde: "clam",
  vongole: "clam",
  Venusmuscheln: "clam",
  "chile ancho": "ancho chilli",
  piadina: "piadina",
  Kräuterseitling: "king oyster mushroom",
  pâtisson: "patty pan squash",
  Patisson: "patty pan squash",
};

/** What an ingredient is called in the English that lines are read in: its id, which nothing else is called. */
const readAs = (id: string): string => unlikeItsId[id] ?? id.replaceAll("-", " ");

let built: ReadonlyMap<Language, Lexicon> | undefined;

/** The lexicons of every language, with the names of the reference ingredients. Built when they are first asked for. */
export function foreignLexicons(): ReadonlyMap<Language, Lexicon> {
  built ??= new Map(
    languages.map((language) => {
      const names = Object.keys(foreignNames).flatMap((id) =>
        foreignNamesOf(id, language).map((name) => [name, ownEnglish[name] ?? readAs(id)] as const),
      );
      return [language, lexiconOf(language, names)];
    }),
  );
  return built;
}
