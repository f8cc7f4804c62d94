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

export type ContainerWish = { readonly kind: ContainerKind; readonly count: number; readonly place: Shelf };

/** Containers of one kind, each with the same load. */
export type Load = ContainerWish & { readonly eachG: number };

export type ContainerIssue = {
  readonly code: "containers-too-small";
  readonly capacityG: number;
  readonly grams: number;
};

const sizeOf = (kind: ContainerKind): ContainerSize =>
  containerSizes.find((size) => size.kind === kind) ?? { kind, name: kind, ml: 0, places: [] };

/**
 * Divides a batch over containers in proportion to what each holds, so that none is a tiny last one.
 * Refuses containers that together cannot hold it.
 */
export function divideOver(
  grams: number,
  dish: Dish,
  wishes: readonly ContainerWish[],
): Result<Load[], ContainerIssue> {
  const holds = (wish: ContainerWish): number => capacityOf(sizeOf(wish.kind), dish, wish.place);
  const capacityG = wishes.reduce((total, wish) => total + holds(wish) * wish.count, 0);
  // A spoonful over the line goes in: refuse only what is more than one per cent over.
  if (grams > capacityG * 1.01) return refuse({ code: "containers-too-small", capacityG, grams });
  return accept(wishes.map((wish) => ({ ...wish, eachG: (grams * holds(wish)) / capacityG })));
}
