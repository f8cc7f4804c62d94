import { defaultRole, readDressing, type DressingPart } from "../dressing/index.ts";
import { saltCarried } from "./made-figures.ts";
import type { TasteWord } from "./cook-event.ts";

/**
 * Something in a dish: grams (> 0) going in, grams of salt in 100 g of it (null: not known), and weight in the finished dish
 * ÷ weight going in.
 */
export type TastedPart = {
  readonly facts: DressingPart["facts"];
  readonly grams: number;
  readonly saltPer100g: number | null;
  readonly inDish: number;
};

/** What a dish has come to with all that went in so far. Taste, not pH: it never buys a day of keeping. */
export type TasteBalance = {
  readonly weightG: number;
  /** Grams of salt in 100 g of the dish as it is eaten. */
  readonly saltPercent: number;
  readonly saltG: number;
  /** Oil to one of acid by volume, the acid as 5 % vinegar; null where nothing of both is poured. */
  readonly oilToAcid: number | null;
  /** What no salt is known of. */
  readonly unknown: readonly string[];
};

const total = <Item>(items: readonly Item[], of: (item: Item) => number): number =>
  items.reduce((sum, item) => sum + of(item), 0);

const isPoured = ({ facts }: TastedPart): boolean => facts.category === "oil" || facts.category === "acid";

/** The figures of a dish by its parts, additions among them. Salt stays when water cooks off. */
export function tasteBalance(parts: readonly TastedPart[]): TasteBalance {
  const weightG = total(parts, (part) => part.grams * part.inDish);
  const { grams: saltG, unknown } = saltCarried(parts);
  const poured = parts
    .filter(isPoured)
    .map(({ facts, grams }) => ({ facts, grams, role: defaultRole(facts) }));
  const read = readDressing(poured);
  return {
    weightG,
    saltG,
    saltPercent: weightG > 0 ? (100 * saltG) / weightG : 0,
    oilToAcid: read.ok ? read.value.oilToAcidEffective : null,
    unknown: [...new Set(unknown.map(({ facts }) => facts.id))],
  };
}

/** A little of something that puts right what a taste found: grams of an ingredient. */
export type Remedy = { readonly ingredient: string; readonly grams: number };

/** What is at hand to put a dish right: the dish's own, else what a kitchen always has. */
export type AtHand = {
  readonly salt: string;
  readonly acid: string;
  readonly oil: string;
  readonly sweet: string;
  /** The plainest thing in the dish, to thin out salt with; null where it has none. */
  readonly plain: string | null;
};

/** What stands for each where a dish has none of its own: what a kitchen always has. */
const always = { salt: "salt-sea-fine", acid: "lemon-juice", oil: "olive-oil", sweet: "honey" } as const;

/** From so little salt in 100 g on a thing thins out salt, grams. A judgement. */
const plainSaltG = 0.2;

/** What is at hand, by the role (of the recipe's line) that each part plays. */
export function atHandOf(parts: readonly (TastedPart & { readonly role: string })[]): AtHand {
  const first = (role: keyof typeof always): string =>
    parts.find((part) => part.role === role)?.facts.id ?? always[role];
  const [plain] = parts
    .filter(
      ({ role, saltPer100g }) =>
        ["base", "body", "creamy"].includes(role) && (saltPer100g ?? 1) <= plainSaltG,
    )
    .sort((a, b) => b.grams - a.grams);
  return {
    ...{ salt: first("salt"), acid: first("acid"), oil: first("oil"), sweet: first("sweet") },
    plain: plain?.facts.id ?? null,
  };
}

/**
 * How far one correction goes, then it is tasted again: salt by so many percent of the dish, oil and acid by a share of what
 * is in, sweet by a share of the dish. Common practice, no source.
 */
const steps = {
  saltPercent: 0.2,
  bitterSaltPercent: 0.1,
  pouredShare: 0.15,
  ofWeight: 0.005,
  thinShare: 0.1,
} as const;

/** Grams of salt that bring a dish from what it has to `percent`. */
const saltTo = (percent: number, { weightG, saltG }: TasteBalance): number =>
  ((percent / 100) * weightG - saltG) / (1 - percent / 100);

const least = 0.1;
const rounded = (remedy: Remedy): Remedy => ({
  ...remedy,
  grams: Math.round(remedy.grams * 10) / 10,
});

type Found = {
  readonly parts: readonly TastedPart[];
  readonly atHand: AtHand;
  readonly targetSaltPercent: number;
};

/** A share more of what is poured of a kind; of a dish that has none, a little by its weight. */
function moreOf(category: "oil" | "acid", { parts, atHand }: Found): Remedy {
  const poured = total(
    parts.filter(({ facts }) => facts.category === category),
    ({ grams }) => grams,
  );
  const weightG = total(parts, (part) => part.grams * part.inDish);
  return {
    ingredient: atHand[category],
    grams: poured > 0 ? poured * steps.pouredShare : weightG * steps.ofWeight,
  };
}

function whenFlat(found: Found, balance: TasteBalance): Remedy[] {
  const { atHand, targetSaltPercent } = found;
  const to = Math.min(targetSaltPercent, balance.saltPercent + steps.saltPercent);
  const salt = { ingredient: atHand.salt, grams: saltTo(to, balance) };
  return [...(salt.grams >= least ? [salt] : []), moreOf("acid", found)];
}

/** So much of something plain that the salt comes down to its target, or by a tenth of the dish where it is there. */
function whenSalty({ atHand, targetSaltPercent }: Found, balance: TasteBalance): Remedy[] {
  if (atHand.plain === null) return [];
  const toTarget = (100 * balance.saltG) / targetSaltPercent - balance.weightG;
  return [{ ingredient: atHand.plain, grams: Math.max(toTarget, balance.weightG * steps.thinShare) }];
}

/**
 * The smallest corrections of what a taste found, the likelier first; none of what is right. Salt is only ever thinned out,
 * never taken away; each is small enough to be followed by another taste.
 */
export function remediesFor(word: TasteWord, found: Found): Remedy[] {
  const balance = tasteBalance(found.parts);
  const { atHand } = found;
  const sweet = { ingredient: atHand.sweet, grams: balance.weightG * steps.ofWeight };
  const byWord: Readonly<Record<TasteWord, () => Remedy[]>> = {
    right: () => [],
    flat: () => whenFlat(found, balance),
    "too-sharp": () => [moreOf("oil", found), sweet],
    "too-salty": () => whenSalty(found, balance),
    "too-sweet": () => [moreOf("acid", found)],
    "too-bitter": () => [
      {
        ingredient: atHand.salt,
        grams: saltTo(balance.saltPercent + steps.bitterSaltPercent, balance),
      },
      sweet,
    ],
  };
  return byWord[word]()
    .filter(({ grams }) => grams >= least)
    .map(rounded);
}
