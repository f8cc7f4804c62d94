import { withoutAccents, wordTable } from "../measure/index.ts";
import type { Ingredient } from "./rows.ts";

type Named = Pick<Ingredient, "id" | "us" | "uk" | "other">;

const irregular: Readonly<Record<string, string>> = wordTable({
  leaves: "leaf",
  loaves: "loaf",
  halves: "half",
  knives: "knife",
  chillies: "chilli",
  chiles: "chile",
  asparagus: "asparagus",
  couscous: "couscous",
  molasses: "molasses",
  citrus: "citrus",
  haricots: "haricot",
});

/** One of a word: "tomatoes" → "tomato", "berries" → "berry", "leaves" → "leaf". */
export function singularWord(word: string): string {
  const known = irregular[word];
  if (known !== undefined) return known;
  if (word.length <= 3 || word.endsWith("ss") || word.endsWith("us")) return word;
  if (word.endsWith("ies")) return `${word.slice(0, -3)}y`;
  if (/(?:ch|sh|x|ss)es$/.test(word) || word.endsWith("oes")) return word.slice(0, -2);
  return word.endsWith("s") ? word.slice(0, -1) : word;
}

/** The words of a text without accents, case, marks and plurals; "goat's" keeps its s. */
export const wordsOf = (text: string): string[] =>
  (
    withoutAccents(text)
      .toLowerCase()
      .replace(/(\w)'s\b/g, "$1s")
      .match(/[a-z0-9]+/g) ?? []
  ).map(singularWord);

const keyOf = (text: string): string => wordsOf(text).join(" ");

/**
 * Every way a full name is said: "paprika, ground" is also "ground paprika"; "snap pea / snow pea" is either;
 * what stands in brackets explains and is left out.
 */
function spellings(name: string): string[] {
  const plain = name.replace(/\([^)]*\)/g, " ");
  return plain.split("/").flatMap((one, _, all) => {
    const tail = all.at(-1)?.trim().split(" ").slice(1).join(" ") ?? "";
    const whole = one.trim().includes(" ") ? one : `${one} ${tail}`;
    const [head = "", ...after] = whole.split(",");
    const turned = after.length > 0 ? [`${after.join(" ")} ${head}`] : [];
    return [whole, ...turned].map(keyOf);
  });
}

/** A key under which an ingredient is found; the lower its rank, the more it is its own name. */
export type NameKey = { readonly key: string; readonly rank: 0 | 1 | 2 | 3 };

/**
 * The keys of an ingredient: 0 its US or UK name, 1 another name, 2 another name that needs explaining ("turnip
 * (parts of UK)"), 3 a mere hint: what stands before a comma or bracket ("chickpeas, cooked or canned" → "chickpea").
 */
export function nameKeys(named: Named): NameKey[] {
  const ranked = (names: readonly string[], rank: NameKey["rank"]): NameKey[] =>
    names.flatMap((name) => spellings(name).map((key) => ({ key, rank })));
  const explained = named.other.filter((name) => name.includes("("));
  const hints = [named.us, named.uk]
    .filter((name) => /[,(]/.test(name))
    .map((name) => name.split(/[,(]/)[0] ?? "");
  return [
    ...ranked([named.us, named.uk, named.id.replaceAll("-", " ")], 0),
    ...ranked(
      named.other.filter((name) => !name.includes("(")),
      1,
    ),
    ...ranked(explained, 2),
    ...ranked(hints, 3),
  ].filter(({ key }) => key !== "");
}
