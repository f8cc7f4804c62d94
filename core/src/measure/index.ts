export { dateWriter, numberWriter } from "./writers.ts";
export { addDays, dayIn, daysBetween, earliest, instantAt, showDays, isTimeZone, type Day } from "./day.ts";
export { decimalMark, localised, type Display, type DisplaySystem } from "./display.ts";
export { estimate, exactly, isExact, neededFor, product, sum, times, type Estimate } from "./estimate.ts";
export { toMilligram } from "./milligram.ts";
export { cutText } from "./cut-text.ts";
export { wordTable } from "./word-table.ts";
export { withoutAccents } from "./without-accents.ts";
export {
  parseAmount,
  type Amount,
  type AmountIssue,
  type AmountReading,
  type CountedPieces,
} from "./parse-amount.ts";
export { anyOf, frenchSpoons, measureWords, numberWords, packWords, pluralOf } from "./amount-words.ts";
export { takePrice, type LinePrice } from "./line-price.ts";
export { normaliseLine, wordsToNumber } from "./normalise-line.ts";
export { splitLine, type LineParts, type SizeWord } from "./split-line.ts";
export type { StatedAmount } from "./stated-amount.ts";
export type { LineRemarks } from "./line-remarks.ts";
export { accept, invariant, refuse, type Result } from "./result.ts";
export {
  roundForKitchen,
  roundToScale,
  type KitchenMeasure,
  type RoundedAmount,
} from "./round-for-kitchen.ts";
export {
  honestStep,
  showEstimate,
  showGrams,
  showPercent,
  showPortions,
  showYield,
  trimmedDecimals,
} from "./show.ts";
export { showQuantity, type ShownQuantity } from "./show-quantity.ts";
export {
  gramsPerOunce,
  customaryMl,
  findUnit,
  heaviestEntryG,
  lightestEntryG,
  unitsFor,
  type CupSystem,
  type Unit,
} from "./units.ts";
