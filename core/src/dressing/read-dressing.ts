import { hasTrait, type Composition, type IngredientFacts } from "../catalogue/index.ts";
import { accept, refuse, type Result } from "../measure/index.ts";
import { asVinegarMl, equivalentsIn } from "./acid.ts";

/** What a part does in a dressing. */
export const dressingRoles = ["oil", "acid", "emulsifier", "salt", "sweet", "creamy", "flavour"] as const;
export type DressingRole = (typeof dressingRoles)[number];

/** What an ingredient usually does in a dressing; the cook may say otherwise. */
export function defaultRole(facts: Pick<IngredientFacts, "category" | "traits">): DressingRole {
  if (hasTrait(facts, "salt")) return "salt";
  if (hasTrait(facts, "creamy")) return "creamy";
  const named = dressingRoles.find((role) => role === facts.category);
  return named ?? "flavour";
}

export type DressingPart = {
  readonly facts: Pick<IngredientFacts, "id" | "category" | "traits"> & {
    readonly composition?: Composition | undefined;
  };
  readonly role: DressingRole;
  readonly grams: number;
  /** What 100 g cost, in minor units; null where nothing is said. */
  readonly per100gMinor?: number | null;
};

export type DressingFigures = {
  readonly grams: number;
  readonly ml: number;
  /** Oil to one of acid by volume, as poured; null without acid. */
  readonly oilToAcidPoured: number | null;
  /** Oil to one of acid, the acid as 5 % vinegar; null when nothing is sour. */
  readonly oilToAcidEffective: number | null;
  readonly acidAsVinegarMl: number;
  /** Share of the volume that is oil, 0–1. */
  readonly oilVolumeFraction: number;
  /** Past π/√18 with something that emulsifies: it is thick. */
  readonly thick: boolean;
  readonly saltPercent: number;
  readonly sugarPercent: number;
  /** Grams of sugar to one gram of acid, as acetic; null when nothing is sour. */
  readonly sugarToAcid: number | null;
  readonly mustardPer100ml: number;
  readonly costMinor: number | null;
  /** Parts whose acid, salt or density is not known: the figures leave them out. */
  readonly unknown: readonly string[];
  readonly workings: string;
};

export type DressingIssue =
  { readonly code: "dressing-empty" } | { readonly code: "amount-not-positive"; readonly part: string };

/** Equal spheres pack no closer: π/√18 ≈ 0.7405 (Kepler; Hales 2005). */
export const closestPacking = Math.PI / Math.sqrt(18);

/** Fat as a liquid, g per ml, where a part's oil is inside it (mayonnaise, tahini, nuts). Common practice, no source. */
export const fatGramsPerMl = 0.92;

const densityOf = (part: DressingPart): number => part.facts.composition?.gramsPerMl ?? 1;
const mlOf = (part: DressingPart): number => part.grams / densityOf(part);
const carried = (part: DressingPart, key: "saltG" | "sugarsG" | "fatG"): number =>
  (part.grams * (part.facts.composition?.[key] ?? 0)) / 100;

/** Millilitres of oil in a part: all of an oil, the fat of everything else. */
const oilMlOf = (part: DressingPart): number =>
  part.facts.category === "oil" ? mlOf(part) : carried(part, "fatG") / fatGramsPerMl;

const sum = (parts: readonly DressingPart[], of: (part: DressingPart) => number): number =>
  parts.reduce((total, part) => total + of(part), 0);

const isMustard = (part: DressingPart): boolean => hasTrait(part.facts, "mustard");

/** Composition that a part in a role must have for the figures to count it; salt and sugar need no density to speak of. */
const neededFor: Readonly<Record<DressingRole, readonly (keyof Composition)[]>> = {
  oil: ["gramsPerMl"],
  acid: ["titratableAcidG", "gramsPerMl"],
  emulsifier: ["saltG"],
  salt: ["saltG"],
  sweet: ["sugarsG"],
  creamy: ["fatG", "saltG"],
  flavour: ["saltG"],
};

/** What a figure rests on and is not known: it is said, not counted as nothing. */
const isUnknown = ({ role, facts: { composition } }: DressingPart): boolean =>
  neededFor[role].some((key) => composition?.[key] === null || composition?.[key] === undefined) ||
  (role === "acid" && composition?.titratableAcidG === 0);

/** What it costs, where every part has a price. */
const costOf = (parts: readonly DressingPart[]): number | null =>
  parts.every((part) => part.per100gMinor !== undefined && part.per100gMinor !== null)
    ? Math.round(sum(parts, (part) => (part.grams * (part.per100gMinor ?? 0)) / 100))
    : null;

/**
 * The figures of a dressing by its weighed parts (grams > 0). Acid is titratable acid in equivalents, shown as 5 %
 * vinegar: this is taste, not pH, and never buys a day of keeping. The water of juice, mustard and yogurt is in the
 * volume; salt is by mass, salt itself included.
 */
export function readDressing(parts: readonly DressingPart[]): Result<DressingFigures, DressingIssue> {
  if (parts.length === 0) return refuse({ code: "dressing-empty" });
  const empty = parts.find((part) => !(part.grams > 0));
  if (empty) return refuse({ code: "amount-not-positive", part: empty.facts.id });
  const total = totalsOf(parts);
  const { grams, ml, oilMl, pouredOil, acidMl, acidAsVinegarMl, equivalents, sugarG } = total;
  const oilVolumeFraction = oilMl / ml;
  const emulsified = parts.some((part) => part.role === "emulsifier");
  return accept({
    grams,
    ml,
    oilToAcidPoured: acidMl > 0 ? pouredOil / acidMl : null,
    oilToAcidEffective: acidAsVinegarMl > 0 ? oilMl / acidAsVinegarMl : null,
    acidAsVinegarMl,
    oilVolumeFraction,
    thick: emulsified && oilVolumeFraction > closestPacking,
    saltPercent: (100 * total.saltG) / grams,
    sugarPercent: (100 * sugarG) / grams,
    sugarToAcid: equivalents > 0 ? sugarG / (acidAsVinegarMl * 0.05) : null,
    mustardPer100ml: (100 * total.mustardG) / ml,
    costMinor: costOf(parts),
    unknown: parts.filter(isUnknown).map((part) => part.facts.id),
    workings: workingsOf(total),
  });
}

/** What the figures are made of, over all parts: grams, millilitres and equivalents. */
function totalsOf(parts: readonly DressingPart[]) {
  const inRole = (role: DressingRole): DressingPart[] => parts.filter((part) => part.role === role);
  const equivalents = sum(parts, (part) => equivalentsIn(part.grams, part.facts.composition));
  return {
    grams: sum(parts, (part) => part.grams),
    ml: sum(parts, mlOf),
    oilMl: sum(parts, oilMlOf),
    pouredOil: sum(inRole("oil"), mlOf),
    acidMl: sum(inRole("acid"), mlOf),
    equivalents,
    acidAsVinegarMl: asVinegarMl(equivalents),
    saltG: sum(parts, (part) => carried(part, "saltG")),
    sugarG: sum(parts, (part) => carried(part, "sugarsG")),
    mustardG: sum(parts.filter(isMustard), (part) => part.grams),
  };
}

/** How each figure came about, in the order they are shown. */
function workingsOf(of: ReturnType<typeof totalsOf>): string {
  const shown = (key: keyof typeof of, digits = 1): string => of[key].toFixed(digits);
  return [
    `oil to acid as poured: ${shown("pouredOil")} ml ÷ ${shown("acidMl")} ml`,
    `as sharp as 5 % vinegar: ${shown("oilMl", 2)} ml oil ÷ ${shown("acidAsVinegarMl", 2)} ml of 5 % vinegar's worth of acid (${(of.equivalents * 1000).toFixed(1)} meq)`,
    `salt: ${shown("saltG", 2)} g of ${shown("grams")} g`,
    `sugar: ${shown("sugarG", 2)} g, to ${(of.acidAsVinegarMl * 0.05).toFixed(2)} g of acid as acetic`,
    `oil in it: ${shown("oilMl")} ml of ${shown("ml")} ml; past ${closestPacking.toFixed(4)} equal drops no longer pack as spheres`,
    `mustard: ${shown("mustardG")} g in ${shown("ml")} ml`,
  ].join("; ");
}
