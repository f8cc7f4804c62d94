export { howSold, soldAmount, soldWords, wholeYield, type Sold } from "./how-sold.ts";
export { shoppingNeeds, withBought, type ShoppingFacts, type ShoppingNeed } from "./shopping-list.ts";
export { counterOf, counters, type Counter } from "./tables/usual-packs.ts";
