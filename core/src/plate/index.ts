export { bySaltAndRest, dressByWeight, roastedG, type DressedByWeight } from "./dress-by-weight.ts";
export { layerNames, layersOf, rateFor, type Layer, type LayerName } from "./layers.ts";
export { saltBudget, usualSaltPercent, type SaltBudget, type Salted } from "./salt-budget.ts";
export { bowlFor, traysFor, type BowlFit } from "./vessels.ts";
export { voicesOf, type Clash, type Voices } from "./voices.ts";
