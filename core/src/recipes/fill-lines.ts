import { addArc, flowOn, pushFlow, type Network } from "./flow.ts";
import { isStrong, type AllowedFiller } from "./slots.ts";

/** Usable grams of a lot on hand; `worth` is what one gram used is worth (its urgency), ≥ 0. */
export type Stock = {
  readonly lotId: string;
  readonly ingredient: string;
  readonly grams: number;
  readonly worth: number;
};

/** One line to fill: grams wanted now and what may fill it. */
export type Demand = {
  readonly lineId: string;
  readonly grams: number;
  readonly fillers: readonly AllowedFiller[];
  readonly strongShare: number;
};

export type Filling = {
  readonly lineId: string;
  readonly lotId: string;
  readonly ingredient: string;
  readonly grams: number;
};

const sink = "sink";
const lotNode = (s: Stock): string => `lot ${s.lotId}`;
const lineNode = (lineId: string): string => `line ${lineId}`;
const strongNode = (lineId: string): string => `strong ${lineId}`;
const fillerNode = (lineId: string, ingredient: string): string => `filler ${lineId} ${ingredient}`;

/**
 * Fills all lines at once from what is on hand, under every cap, so that the total worth of the grams used is
 * the greatest possible. The amounts that lots can give together form a polymatroid (they flow through a
 * network of caps), so taking lots by falling worth and rerouting as needed is exact, not a heuristic
 * (Edmonds 1970). Lots of equal worth are taken in the order given.
 */
export function fillLines(demands: readonly Demand[], stock: readonly Stock[]): Filling[] {
  const byWorth = worthTaking(demands, stock);
  const network = networkOf(demands, byWorth);
  for (const lot of byWorth) pushFlow(network, [lotNode(lot), sink], lot.grams);
  return readFillings(demands, byWorth, network);
}

/**
 * The stock by falling worth, without what could never be reached: of one ingredient the worthier lots are
 * always taken first, so lots beyond all that the lines could take of it stay out of the network.
 */
function worthTaking(demands: readonly Demand[], stock: readonly Stock[]): Stock[] {
  const room = new Map<string, number>();
  for (const d of demands)
    for (const f of d.fillers) room.set(f.ingredient, (room.get(f.ingredient) ?? 0) + d.grams * f.maxShare);
  return [...stock]
    .filter((s) => s.grams > 0 && room.has(s.ingredient))
    .sort((a, b) => b.worth - a.worth)
    .filter((s) => {
      const left = room.get(s.ingredient) ?? 0;
      room.set(s.ingredient, left - s.grams);
      return left > 0;
    });
}

function networkOf(demands: readonly Demand[], stock: readonly Stock[]): Network {
  const network: Network = new Map();
  for (const demand of demands) {
    addArc(network, [lineNode(demand.lineId), sink], demand.grams);
    addArc(network, [strongNode(demand.lineId), lineNode(demand.lineId)], demand.grams * demand.strongShare);
    for (const filler of demand.fillers) addFiller(network, demand, filler);
  }
  for (const lot of stock) {
    for (const demand of demands) {
      const fits = demand.fillers.some((f) => f.ingredient === lot.ingredient);
      if (fits) addArc(network, [lotNode(lot), fillerNode(demand.lineId, lot.ingredient)], lot.grams);
    }
  }
  return network;
}

function addFiller(network: Network, demand: Demand, filler: AllowedFiller): void {
  const node = fillerNode(demand.lineId, filler.ingredient);
  const into = isStrong(filler.facts) ? strongNode(demand.lineId) : lineNode(demand.lineId);
  addArc(network, [node, into], demand.grams * filler.maxShare);
}

function readFillings(demands: readonly Demand[], stock: readonly Stock[], network: Network): Filling[] {
  return demands.flatMap(({ lineId }) =>
    stock.flatMap((lot) => {
      const grams = flowOn(network, lotNode(lot), fillerNode(lineId, lot.ingredient));
      return grams > 1e-3 ? [{ lineId, lotId: lot.lotId, ingredient: lot.ingredient, grams }] : [];
    }),
  );
}
