import type { Demand, Filling, Stock } from "./demand.ts";
import { fillByProgramme } from "./fill-programme.ts";
import { addArc, flowOn, pushFlow, type Network } from "./flow.ts";
import { isStrong, type AllowedFiller } from "./slots.ts";

const sink = "sink";
const lotNode = (s: Stock): string => `lot ${s.path ?? s.lotId}`;
const lineNode = (lineId: string): string => `line ${lineId}`;
const strongNode = (lineId: string): string => `strong ${lineId}`;
const fillerNode = (lineId: string, ingredient: string): string => `filler ${lineId} ${ingredient}`;

/**
 * Fills all lines at once from what is on hand, under every cap and leaving room for every floor, so that the total
 * worth of the grams used is the greatest possible. The amounts that lots can give together form a polymatroid (they
 * flow through a network of caps), so taking lots by falling worth and rerouting as needed is exact, not a heuristic
 * (Edmonds 1970). Lots of equal worth are taken in the order given. Where one ingredient replaces different amounts
 * in different lines the network does not carry it, and a linear programme is solved instead.
 */
export function fillLines(demands: readonly Demand[], stock: readonly Stock[]): Filling[] {
  const factors = factorsOf(demands);
  if (!factors) return fillByProgramme(demands, stock);
  const byWorth = worthTaking(demands, stock, factors);
  const network = networkOf(demands, byWorth, factors);
  for (const lot of byWorth) pushFlow(network, [lotNode(lot), sink], lot.grams / factorOf(factors, lot));
  return readFillings(demands, { stock: byWorth, factors }, network);
}

type Factors = ReadonlyMap<string, number>;
const factorOf = (factors: Factors, lot: Stock): number => factors.get(lot.ingredient) ?? 1;

/** Grams of each ingredient to one gram of line; undefined when lines disagree about one. */
function factorsOf(demands: readonly Demand[]): Factors | undefined {
  const factors = new Map<string, number>();
  for (const { ingredient, gramsPerGram } of demands.flatMap((d) => d.fillers)) {
    const known = factors.get(ingredient);
    if (known !== undefined && Math.abs(known - gramsPerGram) > 1e-9) return undefined;
    factors.set(ingredient, gramsPerGram);
  }
  return factors;
}

/**
 * The stock by falling worth of a gram of line filled, without what could never be reached: of one ingredient the
 * worthier lots are always taken first, so lots beyond all that the lines could take of it stay out of the network. A
 * lot that only some of the lines take leaves the others their room.
 */
function worthTaking(demands: readonly Demand[], stock: readonly Stock[], factors: Factors): Stock[] {
  const room = new Map<string, number>();
  for (const d of demands)
    for (const f of d.fillers)
      room.set(f.ingredient, (room.get(f.ingredient) ?? 0) + d.grams * f.maxShare * f.gramsPerGram);
  return [...stock]
    .filter((s) => s.grams > 0 && room.has(s.ingredient))
    .sort((a, b) => b.urgencyWeight * factorOf(factors, b) - a.urgencyWeight * factorOf(factors, a))
    .filter((s) => {
      const left = room.get(s.ingredient) ?? 0;
      if (s.isForAll ?? s.lines === undefined) room.set(s.ingredient, left - s.grams);
      return left > 0;
    });
}

const takes = (demand: Demand, { ingredient, lines }: Stock): boolean =>
  (lines?.has(demand.lineId) ?? true) && demand.fillers.some((f) => f.ingredient === ingredient);

function networkOf(demands: readonly Demand[], stock: readonly Stock[], factors: Factors): Network {
  const network: Network = new Map();
  for (const demand of demands) {
    const floors = demand.fillers.reduce((total, f) => total + f.minShare, 0);
    const strongFloors = demand.fillers.filter((f) => isStrong(f.facts)).reduce((t, f) => t + f.minShare, 0);
    addArc(network, [lineNode(demand.lineId), sink], demand.grams * Math.max(0, 1 - floors));
    addArc(
      network,
      [strongNode(demand.lineId), lineNode(demand.lineId)],
      demand.grams * Math.max(0, demand.maxStrongHerbShare - strongFloors),
    );
    for (const filler of demand.fillers) addFiller(network, demand, filler);
  }
  for (const lot of stock) {
    for (const demand of demands) {
      const room = lot.grams / factorOf(factors, lot);
      if (takes(demand, lot))
        addArc(network, [lotNode(lot), fillerNode(demand.lineId, lot.ingredient)], room);
    }
  }
  return network;
}

/** What a floor keeps for a filler goes to the sink on its own way: nobody else can take that room. */
function addFiller(network: Network, demand: Demand, filler: AllowedFiller): void {
  const node = fillerNode(demand.lineId, filler.ingredient);
  const into = isStrong(filler.facts) ? strongNode(demand.lineId) : lineNode(demand.lineId);
  addArc(network, [node, into], demand.grams * (filler.maxShare - filler.minShare));
  if (filler.minShare > 0) addArc(network, [node, sink], demand.grams * filler.minShare);
}

function readFillings(
  demands: readonly Demand[],
  { stock, factors }: { readonly stock: readonly Stock[]; readonly factors: Factors },
  network: Network,
): Filling[] {
  return demands.flatMap(({ lineId }) =>
    stock.flatMap((lot) => {
      const flow = flowOn(network, lotNode(lot), fillerNode(lineId, lot.ingredient));
      const grams = flow * factorOf(factors, lot);
      return grams > 1e-3 ? [{ lineId, lotId: lot.lotId, ingredient: lot.ingredient, grams }] : [];
    }),
  );
}
