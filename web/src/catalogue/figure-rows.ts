import type { IngredientDetail, OwnFigure } from "@apron/contract";
import { provenance } from "@apron/core/catalogue";
import { numberWriter } from "@apron/core/measure";

type Provenance = Parameters<typeof provenance>[0];
type Range = { readonly value: number; readonly low: number; readonly high: number };

/** One figure of the handbook as its page shows it, with the kitchen's own in front where there is one. */
export type FigureRow = Range & {
  readonly table: OwnFigure["table"];
  readonly key: string;
  readonly label: string;
  readonly about: string;
  readonly source: string;
  readonly own: boolean;
  /** The handbook's figure behind an own one; null where it has none. */
  readonly book: (Range & { readonly source: string }) | null;
};

export type FigureSection = {
  readonly table: OwnFigure["table"];
  readonly title: string;
  readonly unit: string;
  /** May a row of the cook's own naming be added? */
  readonly open: boolean;
  readonly rows: readonly FigureRow[];
};

/** Source, whether it was recalled, and how far it is trusted. */
const sourceOf = (from: Provenance): string =>
  from.confidence === "low" ? provenance(from) : `${provenance(from)}, ${from.confidence} confidence`;

const words = (key: string): string => key.replaceAll("-", " ");
const point = (value: number): Range => ({ value, low: value, high: value });

/** A figure as it stands in the catalogue, before it is known whether it is the kitchen's own. */
type Stated = Range & { readonly key: string; readonly label: string; readonly about: string } & Provenance;

function rowsOf(
  detail: IngredientDetail,
  table: OwnFigure["table"],
  stated: { readonly now: readonly Stated[]; readonly book: readonly Stated[] },
): FigureRow[] {
  return stated.now.map(({ key, label, about, value, low, high, ...from }) => {
    const own = detail.own.find((f) => f.table === table && f.key === key);
    const behind = stated.book.find((b) => b.key === key && b.about === about);
    return {
      ...{ table, key, label, about, value, low, high },
      source: own ? ["your own figure", own.note].filter(Boolean).join(": ") : sourceOf(from),
      own: own !== undefined,
      book: behind ? { ...behind, source: sourceOf(behind) } : null,
    };
  });
}

const measure = (m: IngredientDetail["measures"][number]): Stated => ({
  ...m,
  value: m.grams,
  key: m.measure,
  label: words(m.measure),
  about: m.state === "whole" ? "" : m.state,
});
const trim = (t: IngredientDetail["trims"][number]): Stated => ({
  ...t,
  value: t.mean,
  key: t.method,
  label: words(t.method),
  about: t.byProducts.map((b) => `${b.part}: ${b.use}`).join("; "),
});
function change(c: IngredientDetail["changes"][number]): Stated {
  const minutes = c.minutesLow === null ? "" : `${c.minutesLow}–${c.minutesHigh ?? c.minutesLow} min`;
  const heat = c.celsius === null ? "" : `${c.celsius} °C`;
  const about = [c.piece, heat, minutes, c.doneWhen].filter(Boolean).join(", ");
  return { ...c, value: c.factor, key: c.method, label: words(c.method), about };
}
const compositionNames = [
  ["waterG", "water"],
  ["saltG", "salt"],
  ["sugarsG", "sugars"],
  ["fatG", "fat"],
  ["titratableAcidG", "titratable acid"],
  ["gramsPerMl", "density, g per ml"],
] as const;
function composition(c: IngredientDetail["composition"]): Stated[] {
  if (!c) return [];
  return compositionNames.flatMap(([key, label]): Stated[] => {
    const value = c[key];
    if (value === null) return [];
    const range = key === "saltG" ? { low: c.saltLowG ?? value, high: c.saltHighG ?? value } : {};
    const about = key === "titratableAcidG" && c.acidAs ? `as ${c.acidAs} acid` : "";
    return [{ ...c, ...point(value), ...range, key, label, about }];
  });
}
const season = (s: IngredientDetail["season"]): Stated[] =>
  s
    ? [
        { ...s, ...point(s.fromMonth), key: "fromMonth", label: "harvest from month", about: "" },
        { ...s, ...point(s.toMonth), key: "toMonth", label: "harvest to month", about: "" },
      ]
    : [];
const keeping = (s: IngredientDetail["season"]): Stated[] =>
  s
    ? [{ ...s, ...point(s.daysWhole), key: "days", label: `whole, in the ${s.bestPlace}`, about: s.advice }]
    : [];
const strength = (value: number, from: Provenance): Stated[] => [
  { ...from, ...point(value), key: "strength", label: "strength of flavour", about: "0 mild, 1 like itself" },
];

const parts = [
  { table: "measure", title: "Weights of common measures", unit: "g", open: true },
  { table: "trim", title: "Trim yields", unit: "of the raw weight", open: true },
  { table: "cooking", title: "Cooking yields", unit: "of the weight before", open: true },
  { table: "composition", title: "What is in it", unit: "g in 100 g", open: false },
  { table: "keeping", title: "How long it keeps", unit: "days", open: false },
  { table: "season", title: "Its season", unit: "month", open: false },
  { table: "strength", title: "Strength", unit: "", open: false },
] as const satisfies readonly Omit<FigureSection, "rows">[];

/** Every figure of an ingredient, table by table, each with its source. */
export function sectionsOf(detail: IngredientDetail): FigureSection[] {
  const { handbook } = detail;
  const stated = {
    measure: { now: detail.measures.map(measure), book: handbook?.measures.map(measure) ?? [] },
    trim: { now: detail.trims.map(trim), book: handbook?.trims.map(trim) ?? [] },
    cooking: { now: detail.changes.map(change), book: handbook?.changes.map(change) ?? [] },
    composition: {
      now: composition(detail.composition),
      book: composition(handbook?.composition ?? null),
    },
    keeping: { now: keeping(detail.season), book: keeping(handbook?.season ?? null) },
    season: { now: season(detail.season), book: season(handbook?.season ?? null) },
    strength: {
      now: strength(detail.strength, detail),
      book: handbook ? strength(handbook.strength, detail) : [],
    },
  };
  return parts.map((part) => ({ ...part, rows: rowsOf(detail, part.table, stated[part.table]) }));
}

/** "350 (280–420)", or the bare figure where it has no range; as many digits as are known. */
export function showRange(range: Range, locale: string): string {
  const write = (value: number): string =>
    numberWriter(locale, { maximumSignificantDigits: 3 }).format(value);
  return range.low === range.high
    ? write(range.value)
    : `${write(range.value)} (${write(range.low)}–${write(range.high)})`;
}
