import { accept, refuse, roundToScale, type Result } from "../measure/index.ts";
import { asVinegarMl, equivalentsIn } from "./acid.ts";
import type { Band, DressingTargets } from "./dressing-targets.ts";
import { leastAddition, type Condition } from "./least-addition.ts";
import {
  fatGramsPerMl,
  readDressing,
  type DressingFigures,
  type DressingIssue,
  type DressingPart,
} from "./read-dressing.ts";

type BandName = keyof DressingTargets;

export type Correction = {
  readonly additions: readonly { readonly id: string; readonly grams: number; readonly text: string }[];
  readonly before: DressingFigures;
  /** With the additions as the scale rounds them. */
  readonly after: DressingFigures;
  /** Bands that cannot be met with these correctors; the additions come nearest. Empty when all are met. */
  readonly cannot: readonly BandName[];
};

export type CorrectIssue = DressingIssue | { readonly code: "nothing-to-aim-at" };

/**
 * How far inside a band's edge to aim, as shares of the band, in the order they are tried: at the edge itself, and further
 * in only as far as rounding to the scale needs.
 */
const insets = [0, 0.01, 0.03, 0.1, 0.25];

/** What one gram of a part brings to each side of a band. */
const perGram = ({ facts, role }: Omit<DressingPart, "grams">) => {
  const c = facts.composition;
  const ml = 1 / (c?.gramsPerMl ?? 1);
  const vinegarMl = asVinegarMl(equivalentsIn(1, c));
  return {
    oilMl: facts.category === "oil" ? ml : (c?.fatG ?? 0) / 100 / fatGramsPerMl,
    pouredOilMl: role === "oil" ? ml : 0,
    pouredAcidMl: role === "acid" ? ml : 0,
    vinegarMl,
    acidG: vinegarMl * 0.05,
    sugarG: (c?.sugarsG ?? 0) / 100,
    saltG: (c?.saltG ?? 0) / 100,
    mass: 1,
  };
};
type ContributionPerGram = ReturnType<typeof perGram>;

/** The two sides of each band: upper ÷ lower lies in the band. */
const sides: Readonly<
  Record<
    BandName,
    readonly [top: keyof ContributionPerGram, bottom: keyof ContributionPerGram, scale: number]
  >
> = {
  oilToAcidPoured: ["pouredOilMl", "pouredAcidMl", 1],
  oilToAcidEffective: ["oilMl", "vinegarMl", 1],
  sugarToAcid: ["sugarG", "acidG", 1],
  saltPercent: ["saltG", "mass", 100],
};

/**
 * The least that must be added to a mixed bowl so that it comes inside its bands: a linear programme over the allowed
 * correctors, in the cook's order. Salt can be diluted, never removed. Where a band cannot be met, says which and comes
 * as near as these correctors can.
 */
export function correctDressing(
  bowl: readonly DressingPart[],
  targets: DressingTargets,
  correctors: readonly Omit<DressingPart, "grams">[],
): Result<Correction, CorrectIssue> {
  const before = readDressing(bowl);
  if (!before.ok) return before;
  const wanted = (Object.keys(sides) as BandName[]).filter((name) => targets[name] !== null);
  if (wanted.length === 0) return refuse({ code: "nothing-to-aim-at" });
  const about = { brings: correctors.map(perGram), inBowl: totalsOf(bowl) };
  const tries = insets.flatMap((inset) => {
    const conditions = wanted.flatMap((name) => conditionsFor(name, targets[name], { ...about, inset }));
    const { amounts, missed } = leastAddition(correctors.length, conditions);
    const additions = additionsOf(correctors, amounts);
    const after = readDressing([...bowl, ...additions.map((a) => a.part)]);
    if (!after.ok) return [];
    const cannot = wanted.filter((name, i) => {
      const [low = 0, high = 0] = missed.slice(2 * i, 2 * i + 2);
      return !isMet(after.value[name], targets[name], low <= 1e-6 && high <= 1e-6);
    });
    return [{ additions, after: after.value, cannot }];
  });
  const [first = { additions: [], after: before.value, cannot: wanted }, ...rest] = tries;
  const best = rest.reduce((a, b) => (b.cannot.length < a.cannot.length ? b : a), first);
  return accept({
    additions: best.additions.map(({ part, text }) => ({ id: part.facts.id, grams: part.grams, text })),
    before: before.value,
    after: best.after,
    cannot: best.cannot,
  });
}

/** What is added, as the scale shows it; less than half a tenth of a gram is nothing. */
const additionsOf = (correctors: readonly Omit<DressingPart, "grams">[], amounts: readonly number[]) =>
  correctors.flatMap((one, j) => {
    const amount = amounts[j] ?? 0;
    const rounded = roundToScale(amount);
    return amount > leastAddedG ? [{ part: { ...one, grams: rounded.grams }, text: rounded.text }] : [];
  });

const leastAddedG = 0.05;

/** Does the bowl as it would be weighed lie in its band? Where a figure does not exist, what was solved says so. */
const isMet = (figure: number | null, band: Band | null, isSolved: boolean): boolean =>
  figure === null || band === null ? isSolved : figure >= band.low - 1e-9 && figure <= band.high + 1e-9;

function totalsOf(bowl: readonly DressingPart[]): ContributionPerGram {
  const each = bowl.map((part) => ({ grams: part.grams, brings: perGram(part) }));
  const total = (key: keyof ContributionPerGram): number =>
    each.reduce((sum, e) => sum + e.grams * e.brings[key], 0);
  return {
    oilMl: total("oilMl"),
    pouredOilMl: total("pouredOilMl"),
    pouredAcidMl: total("pouredAcidMl"),
    vinegarMl: total("vinegarMl"),
    acidG: total("acidG"),
    sugarG: total("sugarG"),
    saltG: total("saltG"),
    mass: total("mass"),
  };
}

/** top − low·bottom ≥ 0 and high·bottom − top ≥ 0, so far inside the band's edges; misses weigh by the bowl. */
function conditionsFor(
  name: BandName,
  band: Band | null,
  about: {
    readonly brings: readonly ContributionPerGram[];
    readonly inBowl: ContributionPerGram;
    readonly inset: number;
  },
): Condition[] {
  if (!band) return [];
  const [top, bottom, scale] = sides[name];
  const margin = about.inset * (band.high - band.low);
  const [low, high] = [(band.low + margin) / scale, (band.high - margin) / scale];
  const weight = 1000 / Math.max(1e-6, high * Math.max(about.inBowl[bottom], 1e-3));
  const above = (b: ContributionPerGram): number => b[top] - low * b[bottom];
  const below = (b: ContributionPerGram): number => high * b[bottom] - b[top];
  return [above, below].map((of) => ({ a: about.brings.map(of), b: of(about.inBowl), weight }));
}
