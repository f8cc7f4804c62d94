import type { IngredientFacts } from "@apron/core/catalogue";
import {
  bandsAround,
  correctDressing,
  defaultRole,
  type Correction,
  type DressingRole,
  type DressingStyle,
  type OwnTargets,
} from "@apron/core/dressing";
import { typedGrams } from "../ui/typed-grams.ts";

/** A bowl that is mixed already, as it is typed. */
export type BowlDraft = {
  /** Grams really in it, by ingredient; what was not typed is what the dressing was laid out with. */
  grams: Record<string, string>;
  /** What may be added; null while it is the oil, acid and salt of the dressing. */
  correctors: string[] | null;
  sweetFrom: number | null;
  sweetTo: number | null;
};
export const emptyBowl = (): BowlDraft => ({ grams: {}, correctors: null, sweetFrom: null, sweetTo: null });

type Line = {
  readonly id: string;
  readonly role: DressingRole;
  readonly facts: IngredientFacts;
  readonly grams: number;
};

export const plannedText = ({ grams }: Line): string => grams.toFixed(grams < 10 ? 1 : 0);
export const correctorsOf = (draft: BowlDraft, lines: readonly Line[]): string[] =>
  draft.correctors ?? lines.filter((l) => ["oil", "acid", "salt"].includes(l.role)).map((l) => l.id);

/** The least that brings the bowl as it is typed into its bands. */
export function correctionOf(
  draft: BowlDraft,
  about: {
    readonly lines: readonly Line[];
    readonly known: ReadonlyMap<string, IngredientFacts>;
    readonly style: DressingStyle;
    readonly targets: OwnTargets;
  },
) {
  const bowl = about.lines.flatMap((line) => {
    const grams = typedGrams(draft.grams[line.id] ?? plannedText(line));
    return grams === undefined ? [] : [{ facts: line.facts, role: line.role, grams }];
  });
  const allowed = correctorsOf(draft, about.lines).flatMap((id) => {
    const facts = about.known.get(id);
    return facts ? [{ facts, role: defaultRole(facts) }] : [];
  });
  const { sweetFrom: low, sweetTo: high } = draft;
  // Sweet to sour matters only where the cook says between what.
  const sugarToAcid = low === null || high === null || high < low ? null : { low, high };
  return correctDressing(bowl, { ...bandsAround(about.style, about.targets), sugarToAcid }, allowed);
}

const bandWords = {
  oilToAcidPoured: "the ratio of oil to acid",
  oilToAcidEffective: "the ratio of oil to acid",
  saltPercent: "the salt, which can only be diluted",
  sugarToAcid: "the ratio of sugar to acid",
} as const;

/** What to do, in one sentence or two. */
export function correctionSentence(
  { additions, cannot }: Correction,
  nameFor: (id: string) => string,
): string {
  const add = additions.map((one) => `${one.text} ${nameFor(one.id)}`).join(" and ");
  if (cannot.length === 0) return add ? `Add ${add}.` : "Nothing to add. The balance is right.";
  const bands = [...new Set(cannot.map((name) => bandWords[name]))].join(" and ");
  return `These ingredients can't correct ${bands}.${add ? ` To come as near as possible, add ${add}.` : ""}`;
}
