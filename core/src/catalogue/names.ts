import { withoutAccents } from "../measure/index.ts";
import type { Ingredient } from "./rows.ts";

export type Dialect = "us" | "uk";

type Named = Pick<Ingredient, "id" | "us" | "uk" | "other">;

/** The name a kitchen of this dialect uses. */
export const nameOf = (ingredient: Named, dialect: Dialect): string => ingredient[dialect];

const folded = (text: string): string =>
  withoutAccents(text)
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, " ")
    .trim();

const singular = (text: string): string =>
  text
    .replace(/(?:oes)\b/g, "o")
    .replace(/ies\b/g, "y")
    .replace(/([^s])s\b/g, "$1");

/** A name ready to be compared: folded, and as one of it. */
type Ready = { readonly name: string; readonly one: string };

const known = new WeakMap<Named, readonly Ready[]>();

/** All names of an ingredient, worked out once. */
function namesOf(item: Named): readonly Ready[] {
  const before = known.get(item);
  if (before) return before;
  const names = [item.us, item.uk, ...item.other, item.id].map((name) => {
    const plain = folded(name);
    return { name: plain, one: singular(plain) };
  });
  known.set(item, names);
  return names;
}

/** 0 the whole name · 1 its beginning · 2 every word typed begins one of its words · 3 somewhere inside · undefined no match. */
function closeness({ name, one }: Ready, { name: wanted, one: wantedOne }: Ready): number | undefined {
  if (name === wanted || one === wantedOne) return 0;
  if (name.startsWith(wanted) || name.startsWith(wantedOne)) return 1;
  const words = name.split(" ");
  if (wanted.split(" ").every((typed) => words.some((word) => word.startsWith(typed)))) return 2;
  return wanted.length >= 3 && name.includes(wanted) ? 3 : undefined;
}

/**
 * Ingredients whose US, UK or any other name fits what was typed, the nearest first.
 * Accents, case and plurals do not matter. `usual` ids (what this kitchen logs often) win ties.
 */
export function searchNames<Item extends Named>(
  typed: string,
  ingredients: Iterable<Item>,
  usual: readonly string[] = [],
): Item[] {
  const plain = folded(typed);
  if (plain === "") return [];
  const wanted = { name: plain, one: singular(plain) };
  const mostUsedFirst = (id: string): number => (usual.includes(id) ? usual.indexOf(id) : usual.length);
  return [...ingredients]
    .flatMap((item) => {
      const fits = namesOf(item)
        .map((name) => closeness(name, wanted))
        .filter((fit) => fit !== undefined);
      return fits.length === 0 ? [] : [{ item, fit: Math.min(...fits) }];
    })
    .sort(
      (a, b) =>
        a.fit - b.fit ||
        mostUsedFirst(a.item.id) - mostUsedFirst(b.item.id) ||
        a.item.uk.length - b.item.uk.length,
    )
    .map(({ item }) => item);
}

/**
 * The one ingredient that goes by exactly this name, case and accents aside, else by one or many of it ("pumpkin seed" of
 * pumpkin seeds); undefined where none or several do.
 */
export function namedExactly<Item extends Named>(
  typed: string,
  ingredients: Iterable<Item>,
): Item | undefined {
  const name = folded(typed);
  if (name === "") return undefined;
  const wanted = { name, one: singular(name) };
  const goBy = (part: keyof Ready): Item[] =>
    // Its id, the last of them, is no name: "lentil" is not the cooked ones.
    [...ingredients].filter((item) =>
      namesOf(item)
        .slice(0, -1)
        .some((known) => known[part] === wanted[part]),
    );
  const exactly = goBy("name");
  const found = exactly.length > 0 ? exactly : goBy("one");
  return found.length === 1 ? found[0] : undefined;
}
