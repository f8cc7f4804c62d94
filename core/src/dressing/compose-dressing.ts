import { accept, refuse, type Result } from "../measure/index.ts";
import { asVinegarMl, equivalentsIn } from "./acid.ts";
import {
  fatGramsPerMl,
  readDressing,
  type DressingFigures,
  type DressingIssue,
  type DressingPart,
} from "./read-dressing.ts";
import { aimOf, type DressingStyle, type OwnTargets, type RatioMeaning } from "./dressing-style.ts";

/** Something poured, with its share of all the oil or of all the acid, by volume; shares count against each other. */
type Poured = { readonly facts: DressingPart["facts"]; readonly share: number };

export type DressingWish = {
  readonly volumeMl: number;
  /** Oil to one of acid; 0 for a dressing without oil. */
  readonly ratio: number;
  /** By strength, the emulsifier's own oil and acid count too; as poured, only what is poured. */
  readonly ratioMeaning: RatioMeaning;
  readonly oils: readonly Poured[];
  readonly acids: readonly Poured[];
  /** Grams of salt in 100 g that are wanted; null adds none. */
  readonly saltPercent: number | null;
  readonly salt: DressingPart["facts"];
  readonly sugarPercent: number | null;
  readonly sweet: DressingPart["facts"] | null;
  readonly emulsifier: Weighed | null;
  /** What gives it its flavour (garlic, shallot, herbs), weighed; its water, salt and acid count. */
  readonly flavours: readonly Weighed[];
};

type Weighed = { readonly facts: DressingPart["facts"]; readonly grams: number };

/** What a cook says beyond the style: the targets left out are the style's own; null asks for none. */
export type DressingAsked = Omit<DressingWish, "ratio" | "ratioMeaning" | "saltPercent" | "sugarPercent"> &
  Partial<Record<"saltPercent" | "sugarPercent", number | null | undefined>> &
  Pick<OwnTargets, "ratio" | "ratioMeaning">;

/** A wish in a style. Something sweet that the style itself does not ask for goes up to the most it bears. */
export function wishAt(dressingStyle: DressingStyle, asked: DressingAsked): DressingWish {
  const aim = aimOf(dressingStyle);
  const sweetened = aim.sugarPercent ?? (asked.sweet === null ? null : dressingStyle.sugarG[1]);
  return {
    ...asked,
    ratio: asked.ratio ?? aim.ratio,
    ratioMeaning: asked.ratio === undefined ? "by-strength" : (asked.ratioMeaning ?? "as-poured"),
    saltPercent: asked.saltPercent === undefined ? aim.saltPercent : asked.saltPercent,
    sugarPercent: asked.sugarPercent === undefined ? sweetened : asked.sugarPercent,
  };
}

export type ComposeIssue =
  | DressingIssue
  | { readonly code: "acid-strength-unknown"; readonly acids: readonly string[] }
  | { readonly code: "volume-too-small"; readonly volumeMl: number };

export type ComposedDressing = {
  readonly parts: readonly (DressingPart & { readonly ml: number })[];
  readonly figures: DressingFigures;
  /** What is carried is over the wish already: none is added, and none can be taken out. */
  readonly saltAlreadyOver: boolean;
};

const densityOf = (facts: DressingPart["facts"]): number => facts.composition?.gramsPerMl ?? 1;
const percentOf = (facts: DressingPart["facts"], key: "saltG" | "sugarsG" | "fatG"): number =>
  facts.composition?.[key] ?? 0;

/** Per millilitre of a mix of pourings: grams, effective acid, and what it carries. */
function perMlOfMix(poured: readonly Poured[]) {
  const each = (of: (facts: DressingPart["facts"]) => number): number =>
    poured.reduce((total, { facts, share }) => total + share * of(facts), 0);
  const carried = (key: "saltG" | "sugarsG") => each((f) => (densityOf(f) * percentOf(f, key)) / 100);
  return {
    grams: each(densityOf),
    vinegarMl: each((f) => asVinegarMl(equivalentsIn(densityOf(f), f.composition))),
    saltG: carried("saltG"),
    sugarG: carried("sugarsG"),
  };
}

/** What is weighed in whatever the ratio takes up and brings along, all of it together. */
function fixedContributions(weighed: readonly Weighed[]) {
  const sum = (of: (one: Weighed) => number): number => weighed.reduce((total, one) => total + of(one), 0);
  return {
    grams: sum((one) => one.grams),
    ml: sum((one) => one.grams / densityOf(one.facts)),
    oilMl: sum((one) => (one.grams * percentOf(one.facts, "fatG")) / 100 / fatGramsPerMl),
    vinegarMl: sum((one) => asVinegarMl(equivalentsIn(one.grams, one.facts.composition))),
    saltG: sum((one) => (one.grams * percentOf(one.facts, "saltG")) / 100),
    sugarG: sum((one) => (one.grams * percentOf(one.facts, "sugarsG")) / 100),
  };
}

/** Shares that add up to 1; all equal where none is said. */
function inShares(poured: readonly Poured[]): Poured[] {
  const total = poured.reduce((sum, one) => sum + one.share, 0);
  return poured.map((one) => ({ ...one, share: total > 0 ? one.share / total : 1 / poured.length }));
}

/**
 * Millilitres of acid, where oil and acid together are `freeMl`. As poured: oil = ratio × acid. By strength:
 * oil + held oil = ratio × (acid × strength + held acid).
 */
function acidVolume(
  { ratio, ratioMeaning }: DressingWish,
  about: {
    readonly freeMl: number;
    readonly strength: number;
    readonly held: { oilMl: number; vinegarMl: number };
  },
): number {
  const { freeMl, strength, held } = about;
  return ratioMeaning === "as-poured"
    ? freeMl / (1 + ratio)
    : (freeMl + held.oilMl - ratio * held.vinegarMl) / (1 + ratio * strength);
}

const rounds = 60;

/**
 * A dressing of `volumeMl` (> 0) at a ratio of oil to acid, with the salt and sugar wanted, from the oils
 * and acids at hand. Salt and sweet take part of the volume and the mass they are measured by, so the amounts are
 * found by substitution until they stand still. Refuses an acid of unknown strength, and a volume that the emulsifier
 * and the sweet already fill.
 */
export function composeDressing(wish: DressingWish): Result<ComposedDressing, ComposeIssue> {
  const unknown = wish.acids.filter(({ facts }) => equivalentsIn(1, facts.composition) === 0);
  if (unknown.length > 0)
    return refuse({ code: "acid-strength-unknown", acids: unknown.map(({ facts }) => facts.id) });
  const [oils, acids] = [inShares(wish.oils), inShares(wish.acids)];
  const oil = perMlOfMix(oils);
  const acid = perMlOfMix(acids);
  const held = fixedContributions([...(wish.emulsifier ? [wish.emulsifier] : []), ...wish.flavours]);
  let [saltG, sweetG, oilMl, acidMl] = [0, 0, 0, 0];
  const saltShare = percentOf(wish.salt, "saltG") / 100;
  const sweetShare = wish.sweet ? percentOf(wish.sweet, "sugarsG") / 100 : 0;
  for (let i = 0; i < rounds; i++) {
    const sweetMl = wish.sweet ? sweetG / densityOf(wish.sweet) : 0;
    const freeMl = wish.volumeMl - held.ml - sweetMl - saltG / densityOf(wish.salt);
    if (!(freeMl > 0)) return refuse({ code: "volume-too-small", volumeMl: wish.volumeMl });
    acidMl = Math.min(freeMl, Math.max(0, acidVolume(wish, { freeMl, strength: acid.vinegarMl, held })));
    oilMl = wish.oils.length === 0 ? 0 : freeMl - acidMl;
    if (wish.oils.length === 0) acidMl = freeMl;
    const poured = oilMl * oil.grams + acidMl * acid.grams + held.grams;
    const carriedSalt = oilMl * oil.saltG + acidMl * acid.saltG + held.saltG;
    const carriedSugar = oilMl * oil.sugarG + acidMl * acid.sugarG + held.sugarG;
    saltG = addition(wish.saltPercent, { share: saltShare, carried: carriedSalt, mass: poured + sweetG });
    sweetG = addition(wish.sugarPercent, { share: sweetShare, carried: carriedSugar, mass: poured + saltG });
  }
  return finish({ ...wish, oils, acids }, { oilMl, acidMl, saltG, sweetG });
}

/** Grams x of something that is `share` pure, so that (carried + share·x) ÷ (mass + x) is the percentage; never below 0. */
function addition(
  percent: number | null,
  { share, carried, mass }: { readonly share: number; readonly carried: number; readonly mass: number },
): number {
  if (percent === null || share <= percent / 100) return 0;
  return Math.max(0, ((percent / 100) * mass - carried) / (share - percent / 100));
}

function finish(
  wish: DressingWish,
  found: { readonly oilMl: number; readonly acidMl: number; readonly saltG: number; readonly sweetG: number },
): Result<ComposedDressing, ComposeIssue> {
  const pour = (role: "oil" | "acid", ml: number) => (one: Poured) => ({
    facts: one.facts,
    role,
    grams: ml * one.share * densityOf(one.facts),
  });
  const dry = (facts: DressingPart["facts"] | null, role: DressingPart["role"], grams: number) =>
    facts && grams > 0 ? [{ facts, role, grams }] : [];
  const parts: DressingPart[] = [
    ...dry(wish.salt, "salt", found.saltG),
    ...dry(wish.sweet, "sweet", found.sweetG),
    ...wish.acids.map(pour("acid", found.acidMl)),
    ...dry(wish.emulsifier?.facts ?? null, "emulsifier", wish.emulsifier?.grams ?? 0),
    ...wish.flavours.flatMap((one) => dry(one.facts, "flavour", one.grams)),
    ...wish.oils.map(pour("oil", found.oilMl)),
  ].filter((part) => part.grams > 0);
  const figures = readDressing(parts);
  if (!figures.ok) return figures;
  return accept({
    parts: parts.map((part) => ({ ...part, ml: part.grams / densityOf(part.facts) })),
    figures: figures.value,
    saltAlreadyOver: wish.saltPercent !== null && figures.value.saltPercent > wish.saltPercent + 1e-6,
  });
}
