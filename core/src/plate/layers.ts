import type { Catalogue } from "../catalogue/index.ts";
import {
  isHot,
  linesMentioned,
  writtenFiller,
  type DishKind,
  type Formula,
  type Line,
  type Role,
  type Step,
} from "../recipes/index.ts";
import { isMixing, isTossing } from "./mixing-words.ts";

/**
 * What goes on the plate as one: a part that is made apart ("For the cream"), another recipe, or lines that are tossed together.
 * `key` names it in the recipe's own order of layers; `isGuess`: the steps do not say where it goes.
 */
export type Layer = {
  readonly key: string;
  /** The part's own name; "" of plain lines, and of another recipe, which has one of its own. */
  readonly name: string;
  readonly lineIds: readonly string[];
  readonly isLast: boolean;
  readonly isGuess: boolean;
};

/** From the bottom up, where the steps say nothing: creamy under, then what it is made of, dressing, crunch and flowers last. */
const rankOfRole: Readonly<Record<Role, number>> = {
  ...{ creamy: 0, base: 1, body: 1, liquid: 1, green: 2, bright: 2, cheese: 2, salty: 2 },
  ...{ allium: 3, oil: 3, acid: 3, sweet: 3, salt: 3, crunch: 4, nut: 4, finish: 4 },
};
const lastRank = 4;

const isFlower = (line: Line, catalogue: Catalogue): boolean =>
  catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "")?.category === "flower";

/** Said of a line: it goes on at the end. */
const onLast = /\b(?:on top|to finish|to garnish|to serve|at the end|last)\b/i;

const isLastLine = (line: Line, catalogue: Catalogue): boolean =>
  onLast.test(line.preparation) || line.role === "finish" || isFlower(line, catalogue);

/** What goes on the plate together before the steps have their say: parts and other recipes whole, the rest line by line. */
type Unit = { readonly key: string; readonly name: string; readonly lines: readonly Line[] };

function unitsOf(formula: Formula): Unit[] {
  const units = new Map<string, Unit>();
  for (const line of formula.lines) {
    const isPart = line.group !== "" && line.recipe === null;
    const key = isPart ? `part:${line.group}` : line.recipe === null ? line.id : `recipe:${line.recipe}`;
    const before = units.get(key);
    units.set(key, { key, name: isPart ? line.group : "", lines: [...(before?.lines ?? []), line] });
  }
  return [...units.values()];
}

/** Where the steps last speak of a unit: the number of the step, and how far into its text; undefined where they do not. */
type Place = { readonly step: number; readonly at: number };

function placeOf(unit: Unit, formula: Formula, catalogue: Catalogue): Place | undefined {
  const found = formula.steps.flatMap(({ text }, step): Place[] => {
    const places = linesMentioned(text, formula.lines, catalogue)
      .filter(({ line }) => unit.lines.includes(line))
      .map(({ at }) => at);
    const named = unit.name === "" ? -1 : text.toLowerCase().indexOf(lastWord(unit.name));
    const at = [...places, ...(named >= 0 ? [named] : [])];
    return at.length > 0 ? [{ step, at: Math.min(...at) }] : [];
  });
  return found.at(-1);
}

/** "For the cream", "Cream:" are spoken of as "cream". */
const lastWord = (name: string): string =>
  name
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter(Boolean)
    .at(-1) ?? "";

type Placed = {
  readonly unit: Unit;
  readonly place: Place | undefined;
  readonly isLast: boolean;
  readonly rank: number;
};

function placed(unit: Unit, formula: Formula, catalogue: Catalogue): Placed {
  const [first] = unit.lines;
  const isLast = unit.name === "" && unit.lines.every((line) => isLastLine(line, catalogue));
  const rank = first === undefined || first.recipe !== null ? rankOfRole.oil : rankOfRole[first.role];
  return { unit, place: placeOf(unit, formula, catalogue), isLast, rank: isLast ? lastRank : rank };
}

/** Dishes that are one mixture whatever their steps say, but for what goes on top. */
const mixtures: readonly DishKind[] = ["pesto", "herb-sauce", "dip", "dressing", "preserve"];
/** Dishes whose parts stay apart on the plate though their steps dress them. */
const composed: readonly DishKind[] = ["composed-plate"];

/** The step that makes one thing of the dish: that tosses or dresses it; -1 where none does, or where it stays composed. */
const tossedAt = ({ kind, steps }: Formula): number =>
  composed.includes(kind) ? -1 : steps.findLastIndex(({ text }) => isTossing(text));

const isPoured = ({ unit }: Placed): boolean =>
  unit.lines.every(({ role, recipe }) => recipe === null && rankOfRole[role] === rankOfRole.oil);

const tossed: readonly Role[] = ["base", "body", "liquid", "green", "bright"];
const isTossed = ({ unit }: Placed): boolean => unit.lines.every(({ role }) => tossed.includes(role));

const isOnePot = ({ text, tool }: Step): boolean => isMixing(text) || isHot(tool);

/**
 * The step in which plain lines become one with others: what is tossed or dressed together, with what was poured for it; what
 * one pot or one stirring has in it. Undefined of what stays by itself.
 */
function togetherAt(one: Placed, formula: Formula): number | undefined {
  const { place, unit, isLast } = one;
  if (isLast || unit.name !== "" || unit.lines.some(({ recipe }) => recipe !== null)) return undefined;
  if (mixtures.includes(formula.kind)) return formula.steps.length;
  const last = tossedAt(formula);
  if (last >= 0 && (place ? place.step <= last : isPoured(one) || isTossed(one))) return last;
  if (!place && isPoured(one) && !composed.includes(formula.kind)) {
    const pot = formula.steps.findIndex(isOnePot);
    return pot >= 0 ? pot : undefined;
  }
  const step = place && formula.steps[place.step];
  return place && step && isOnePot(step) ? place.step : undefined;
}

/** A layer with the lines of another in it. */
const withLinesOf = <Layered extends Placed>(layer: Layered, { unit }: Placed): Layered => ({
  ...layer,
  unit: { ...layer.unit, lines: [...layer.unit.lines, ...unit.lines] },
});

/** Plain lines that become one are one layer. */
function tossedTogether(all: readonly Placed[], formula: Formula): Placed[] {
  const layers: (Placed & { readonly together: number | undefined })[] = [];
  for (const one of all) {
    const together = togetherAt(one, formula);
    const same = layers.findIndex((other) => together !== undefined && other.together === together);
    const before = layers[same];
    const place = together === undefined ? one.place : { step: together, at: 0 };
    if (!before) layers.push({ ...one, place, together });
    else layers[same] = withLinesOf(before, one);
  }
  return layers;
}

/** What no step places joins its like: plain lines of one rank are one layer. */
function guessedTogether(all: readonly Placed[]): Placed[] {
  const layers: Placed[] = [];
  const isPlainGuess = ({ place, unit: { name, lines } }: Placed): boolean =>
    !place && name === "" && lines.every((line) => line.recipe === null);
  for (const one of all) {
    const same = layers.findIndex(
      (other) =>
        isPlainGuess(one) && isPlainGuess(other) && other.rank === one.rank && other.isLast === one.isLast,
    );
    const before = layers[same];
    if (!before) layers.push(one);
    else layers[same] = withLinesOf(before, one);
  }
  return layers;
}

/** As the steps go; what they do not place lies among the placed by its role, and what goes on last is last. */
function inOrder(layers: readonly Placed[]): Placed[] {
  const said = layers
    .filter(({ place, isLast }) => place && !isLast)
    .sort((a, b) => (a.place?.step ?? 0) - (b.place?.step ?? 0) || (a.place?.at ?? 0) - (b.place?.at ?? 0));
  const guessed = layers.filter(({ place, isLast }) => !place && !isLast).sort((a, b) => a.rank - b.rank);
  const last = layers.filter(({ isLast }) => isLast);
  const below = guessed.filter(({ rank }) => rank < rankOfRole.green);
  const above = guessed.filter(({ rank }) => rank >= rankOfRole.green);
  return [...below, ...said, ...above, ...last];
}

/** The recipe's own order of layers, bottom first, as far as it has one; what it does not name keeps its place after it. */
function asKept(layers: readonly Layer[], order: readonly string[]): Layer[] {
  const kept = order.flatMap((key) => layers.find((layer) => layer.key === key) ?? []);
  const rest = layers.filter((layer) => !kept.includes(layer));
  return [...kept.map((layer) => ({ ...layer, isGuess: false })), ...rest];
}

/**
 * The layers of a plate from the bottom up, as the recipe builds it: parts and other recipes stay whole, the order is that of its
 * steps, what is said to go on last does; what no step places is guessed by its role, and marked so. An order that the cook
 * has set (`formula.layers`) goes before all of it.
 */
export function layersOf(formula: Formula, catalogue: Catalogue): Layer[] {
  const units = unitsOf(formula).map((unit) => placed(unit, formula, catalogue));
  const layers = inOrder(guessedTogether(tossedTogether(units, formula)));
  const found = layers.map(({ unit, place, isLast }): Layer => ({
    key: unit.key,
    name: unit.name,
    lineIds: unit.lines.map(({ id }) => id),
    isLast,
    isGuess: place === undefined && !isLast,
  }));
  return asKept(found, formula.layers ?? []);
}
