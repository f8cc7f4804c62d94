export { bySaltAndRest, dressByWeight, roastedG, type DressedByWeight } from "./dress-by-weight.ts";
export { rateFor } from "./dressing-rate-for.ts";
export { layersOf, type Layer } from "./layers.ts";
export { eatenGrams, perPlate } from "./per-plate.ts";
export { seasonedParts, type SeasonedPart } from "./seasoned-parts.ts";
export { saltBudget, type SaltBudget, type Salted } from "./salt-budget.ts";
export { defaultSaltPercent } from "./tables/salt-targets.ts";
export { bowlFor, traysFor, type BowlFit } from "./vessels.ts";
export { flavourBalanceOf, type Clash, type FlavourBalance } from "./flavour-balance.ts";
