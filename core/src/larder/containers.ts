import type { DishKind } from "../recipes/index.ts";
import { accept, refuse, type Result } from "../measure/index.ts";

export type ContainerKind = "jar" | "tub" | "cube" | "bowl";

/** Containers a batch is stored in; `ml` brim to brim. Common practice, no source. */
export type ContainerSize = {
  readonly kind: ContainerKind;
  readonly name: string;
  readonly ml: number;
  readonly places: readonly ("fridge" | "freezer")[];
};

/** The containers a kitchen puts by in. Sizes in millilitres: common practice, no source. */
export const containerSizes: readonly ContainerSize[] = [
  { kind: "jar", name: "200 ml jar", ml: 200, places: ["fridge", "freezer"] },
  { kind: "tub", name: "500 ml tub", ml: 500, places: ["fridge", "freezer"] },
  { kind: "cube", name: "ice cube", ml: 20, places: ["freezer"] },
  { kind: "bowl", name: "serving bowl", ml: 3000, places: ["fridge"] },
];

/** Headspace: 5 % in the cold; a tenth for freezing, since water swells by about 9 %. Common practice, no source. */
export const fillFraction = { fridge: 0.95, freezer: 0.9 } as const;

type Dish = { readonly gramsPerMl: number };
type Shelf = "fridge" | "freezer";

/** Grams of a dish that one container holds with its headspace. */
export const capacityOf = (size: ContainerSize, dish: Dish, place: Shelf): number =>
  size.ml * dish.gramsPerMl * fillFraction[place];

/** Grams of a dish in `count` containers of a kind, headspace left: what is to be made to fill them. */
export const gramsToFill = (wish: ContainerWish, dish: Dish): number =>
  wish.count * capacityOf(sizeOf(wish.kind), dish, wish.place);

/** What is eaten now goes into a bowl, a dip into a tub, what keeps into jars: the first guess. */
const firstGuess: Readonly<Partial<Record<DishKind, ContainerKind>>> = {
  dip: "tub",
  pesto: "jar",
  "herb-sauce": "jar",
  dressing: "jar",
  preserve: "jar",
};
export const defaultContainer = (kind: DishKind): ContainerKind => firstGuess[kind] ?? "bowl";

/** More than this are not filled at once. Common practice, no source. */
const mostContainers = 500;

/** The fewest containers of one size that hold `grams` (> 0): one at least, five hundred at most. */
export const fewestFor = (grams: number, capacityG: number): number =>
  Math.min(mostContainers, Math.max(1, Math.ceil(grams / capacityG - 1e-9)));

/** `grams` is what goes into all of these together; null shares what is left of the batch by what each holds. */
export type ContainerWish = {
  readonly kind: ContainerKind;
  readonly count: number;
  readonly place: Shelf;
  readonly grams?: number | null;
};

/** Containers of one kind, each with the same load. */
export type Load<Wish extends ContainerWish = ContainerWish> = Wish & { readonly eachG: number };

export type ContainerIssue =
  | { readonly code: "containers-too-small"; readonly capacityG: number; readonly grams: number }
  /** More is to be stored than there is, or some of it has no place. */
  | { readonly code: "more-than-made"; readonly askedG: number; readonly grams: number }
  | { readonly code: "some-left-over"; readonly leftG: number };

const sizeOf = (kind: ContainerKind): ContainerSize =>
  containerSizes.find((size) => size.kind === kind) ?? { kind, name: kind, ml: 0, places: [] };

/** A spoonful over the line goes in, and a spoonful sticks to the pan: only what is more than one per cent is refused. */
export const spoonful = 0.01;

const total = <Item>(items: readonly Item[], of: (item: Item) => number): number =>
  items.reduce((sum, item) => sum + of(item), 0);

/**
 * Divides a batch over containers: what was said of some as it was said, the rest in proportion to what each of the others
 * holds, so that none is a tiny last one. Refuses containers that cannot hold it, more than there is, and a rest without
 * a place.
 */
export function divideOver<Wish extends ContainerWish>(
  grams: number,
  dish: Dish,
  wishes: readonly Wish[],
): Result<Load<Wish>[], ContainerIssue> {
  const holds = (wish: Wish): number => wish.count * capacityOf(sizeOf(wish.kind), dish, wish.place);
  const open = wishes.filter((wish) => wish.grams == null);
  const saidG = total(wishes, (wish) => wish.grams ?? 0);
  const restG = grams - saidG;
  const isTooMuch = restG < -grams * spoonful || (open.length > 0 && restG <= 0);
  if (isTooMuch) return refuse({ code: "more-than-made", askedG: saidG, grams });
  const capacityG = total(open, holds);
  const isAllSaid = wishes.length > 0 && open.length === 0;
  if (isAllSaid && restG > grams * spoonful) return refuse({ code: "some-left-over", leftG: restG });
  const tooFull = wishes.find((wish) => (wish.grams ?? 0) > holds(wish) * (1 + spoonful));
  if (tooFull)
    return refuse({ code: "containers-too-small", capacityG: holds(tooFull), grams: tooFull.grams ?? 0 });
  if (!isAllSaid && restG > capacityG * (1 + spoonful))
    return refuse({ code: "containers-too-small", capacityG, grams: restG });
  // What was said to the gram of all of it is all of it: the ledger closes.
  const asMade = isAllSaid ? grams / saidG : 1;
  return accept(
    wishes.map((wish) => {
      const mine = wish.grams == null ? (Math.max(0, restG) * holds(wish)) / capacityG : wish.grams * asMade;
      return { ...wish, eachG: mine / wish.count };
    }),
  );
}

export type StoreIssue = ContainerIssue | { readonly code: "nowhere-to-go" };

/** Where a batch goes: what was eaten at once, and what each container gets. */
export type Stored<Wish extends ContainerWish> = {
  readonly eatenG: number;
  readonly loads: readonly Load<Wish>[];
};

/** Divides a batch between the table and the containers; what is said to be all of it is all of it, to a spoonful. */
export function eatAndStore<Wish extends ContainerWish>(
  grams: number,
  dish: Dish,
  to: { readonly eatenG: number; readonly wishes: readonly Wish[] },
): Result<Stored<Wish>, StoreIssue> {
  const { eatenG, wishes } = to;
  if (wishes.length > 0) {
    const loads = divideOver(grams - eatenG, dish, wishes);
    return loads.ok ? accept({ eatenG, loads: loads.value }) : loads;
  }
  if (!(eatenG > 0)) return refuse({ code: "nowhere-to-go" });
  const leftG = grams - eatenG;
  if (leftG > grams * spoonful) return refuse({ code: "some-left-over", leftG });
  if (leftG < -grams * spoonful) return refuse({ code: "more-than-made", askedG: eatenG, grams });
  return accept({ eatenG: grams, loads: [] });
}

/** Containers as they are labelled. */
type Labelled = {
  readonly kind: ContainerKind | "plate";
  readonly place: Shelf;
  readonly useBy: string;
  readonly isPlain: boolean;
  readonly startG: number;
};

/** What one label is for: how many containers, and what went into all of them, grams. */
export type LabelledTogether = { readonly count: number; readonly grams: number };

/**
 * Cubes of one batch go into one bag with one label: those of one place and date, plain ones apart. Every other container has a
 * label of its own.
 */
export function labelledTogether(one: Labelled, ofBatch: readonly Labelled[]): LabelledTogether {
  if (one.kind !== "cube") return { count: 1, grams: one.startG };
  const bag = ofBatch.filter(
    ({ kind, place, useBy, isPlain }) =>
      kind === "cube" && place === one.place && useBy === one.useBy && isPlain === one.isPlain,
  );
  return { count: bag.length, grams: total(bag, ({ startG }) => startG) };
}
