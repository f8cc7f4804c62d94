export { bySaltAndRest, dressByWeight, roastedG, type DressedByWeight } from "./dress-by-weight.ts";
export { layerNames, layersOf, rateFor, type Layer, type LayerName } from "./layers.ts";
export { saltBudget, type SaltBudget, type Salted } from "./salt-budget.ts";
export { defaultSaltPercent } from "./tables/salt-targets.ts";
export { bowlFor, traysFor, type BowlFit } from "./vessels.ts";
export { flavourBalanceOf, type Clash, type FlavourBalance } from "./flavour-balance.ts";
