export { howSold, soldAmount, soldWords, wholeYield, type Sold } from "./how-sold.ts";
export {
  shoppingNeeds,
  totalMinor,
  withBought,
  type ShoppingFacts,
  type ShoppingNeed,
} from "./shopping-list.ts";
export { counterFor, counters, type Counter } from "./tables/usual-packs.ts";
